import type { Fault, MixAnswer, RecipeInput, Typed } from "../../api";
import { Worked } from "../../parts/Worked";
import { words, say, rich } from "../../text";
import { figures, type Shown } from "../../text/numbers";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import type { Jar } from "./jar";

const MATERIALS: RecipeInput["lime"][] = ["DOLOMITE", "CALCITE", "SHELL", "EGGSHELL", "ASH", "HYDRATED"];
const FINENESS: RecipeInput["fineness"][] = ["POWDER", "GROUND", "COARSE"];

const SIEVES = {
  get POWDER() {
    return say("mixes_page.under_0_25_mm");
  },
  GROUND: "0.25–0.85 mm",
  COARSE: "0.85–2 mm",
};

type Props = {
  input: RecipeInput;
  change: (part: Partial<RecipeInput>) => void;
  jar: Jar;
  setJar: (jar: Jar) => void;
  /** What the plant it is for likes. */
  likes: string | undefined;
  answer: MixAnswer;
  faults: Fault[];
  shown: Shown;
  open: (step: string) => void;
  meterPlusMinus: number | undefined;
};

/** The pH wanted, what to stir in for it, what that adds, and when to measure again. */
export function Lime(p: Props) {
  const { input, change, answer, faults, jar, setJar } = p;
  const l = answer.liming;
  const set = (field: keyof Jar) => (v: Typed) =>
    setJar({ ...jar, plusMinus: { text: String(p.meterPlusMinus ?? 0.1), unit: "pH" }, [field]: v });
  const on = fieldsOf(input, change, faults);
  return (
    <div>
      <h2 className="head mt-4 xl:mt-0">{say("mixes_page.ph_and_lime")}</h2>
      <NumberField
        row
        label={say("common.ph_wanted")}
        hint={p.likes}
        placeholder={l ? l.target.toFixed(1) : say("mixes_page.none_used_as_it_comes")}
        {...on.typed("target", "lime.target", "pH")}
      />
      <ChoiceField
        row
        label={say("mixes_page.lime_at_hand")}
        options={MATERIALS.map((m) => ({ value: m, label: words("limes", m) }))}
        hint={
          input.lime === "ASH"
            ? say("mixes_page.ash_note")
            : input.lime === "EGGSHELL"
              ? say("mixes_page.eggshell_note")
              : undefined
        }
        {...on.choice("lime", "lime.material")}
      />
      <ChoiceField
        row
        label={say("mixes_page.how_fine")}
        options={FINENESS.map((f) => ({ value: f, label: words("fineness", f) }))}
        hint={SIEVES[input.fineness]}
        {...on.choice("fineness", "lime.fineness")}
      />
      <details open={Boolean(input.neutralising?.text || jar.after.text)}>
        <summary className="note mb-1 underline decoration-rule-strong underline-offset-4">
          {say("mixes_page.its_bags_neutralising_value_a_jar")}
        </summary>
        <NumberField
          row
          label={say("mixes_page.on_the_bag")}
          placeholder={say("mixes_page.of_caco")}
          {...on.typed("neutralising", "lime.neutralising", "%")}
        />
        <p className="note">{say("mixes_page.two_jars_of_moist_mix_one")}</p>
        <div className="grid grid-cols-3 gap-2">
          <NumberField
            label={say("mixes_page.without")}
            field="jar.before"
            faults={faults}
            value={jar.before}
            onChange={set("before")}
          />
          <NumberField
            label={say("mixes_page.lime_as_caco")}
            field="jar.grams"
            faults={faults}
            value={jar.grams}
            onChange={set("grams")}
          />
          <NumberField
            label={say("common.with")}
            field="jar.after"
            faults={faults}
            value={jar.after}
            onChange={set("after")}
          />
        </div>
      </details>
      {answer.limingRefused.map((f) => (
        <p key={f.code} role="alert" className="my-2 border-l-4 border-stop pl-3">
          ▲ {f.detail}
        </p>
      ))}
      {l?.kind === "nothing" && (
        <p className="my-2 border-l-4 border-ink pl-3">{say("mixes_page.near_enough_as_it_is_stir")}</p>
      )}
      {l && l.kind !== "nothing" && (
        <div className="my-2 border-l-4 border-ink pl-3">
          <p>
            {rich("mixes_page.stir_in_of_per_litre_of", {
              worked: (
                <Worked step={l.kind === "lime" ? "media.lime" : "media.sulfur"} open={p.open} big>
                  {figures(l.gramsPerLitre)} g
                </Worked>
              ),
              limes: l.kind === "lime" ? words("limes", input.lime).toLowerCase() : say("mixes_page.elemental_sulfur"),
              b: (c) => <b className="fig">{c}</b>,
              target: l.target.toFixed(1),
              plusMinus: l.plusMinus.toFixed(1),
            })}
          </p>
          <p className="note">
            {say("mixes_page.keep_it_moist_and_measure_again", {
              value:
                l.kind === "lime"
                  ? say("mixes_page.adds_mg_calcium_per_litre_of", {
                      calcium: figures(l.calcium),
                      value: [
                        l.magnesium > 0 ? say("mixes_page.and_mg_magnesium", { magnesium: figures(l.magnesium) }) : "",
                        l.potassium > 0 ? say("mixes_page.adds_potassium", { potassium: figures(l.potassium, 2) }) : "",
                      ].join(""),
                    })
                  : say("mixes_page.needs_warm_moist_weeks_to_act"),
              measureAgainDays: l.measureAgainDays.join(", "),
              value2: l.bufferMeasured
                ? say("mixes_page.by_your_jar")
                : say("mixes_page.by_the_tables_a_jar_test", { plusMinus: l.plusMinus.toFixed(1) }),
            })}
          </p>
          <p className="note">
            {say("mixes_page.lime_course", {
              points: l.course
                .filter((p) => p.day > 0)
                .map((p) =>
                  say("mixes_page.lime_course_at", { low: p.low.toFixed(1), high: p.high.toFixed(1), day: p.day }),
                )
                .join(", "),
            })}
          </p>
          {l.later !== undefined && (
            <p className="note font-semibold">{say("mixes_page.lime_later", { later: l.later.toFixed(1) })}</p>
          )}
        </div>
      )}
    </div>
  );
}
