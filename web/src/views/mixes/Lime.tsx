import type { Fault, MixLive, RecipeInput, Typed } from "../../api";
import { Worked } from "../../parts/Worked";
import { words } from "../../text";
import { figures, type Shown } from "../../text/numbers";
import { ChoiceField, NumberField } from "../../ui/Fields";
import type { Jar } from "./jar";

const MATERIALS: RecipeInput["lime"][] = ["DOLOMITE", "CALCITE", "SHELL", "HYDRATED"];
const FINENESS: RecipeInput["fineness"][] = ["POWDER", "GROUND", "COARSE"];

const SIEVES = { POWDER: "under 0.25 mm", GROUND: "0.25–0.85 mm", COARSE: "0.85–2 mm" };

type Props = {
  input: RecipeInput;
  change: (part: Partial<RecipeInput>) => void;
  jar: Jar;
  setJar: (jar: Jar) => void;
  /** What the plant it is for likes. */
  likes: string | undefined;
  answer: MixLive;
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
  return (
    <div>
      <h2 className="head mt-4 xl:mt-0">pH and lime</h2>
      <NumberField
        row
        label="pH wanted"
        field="lime.target"
        faults={faults}
        value={input.target ?? { text: "", unit: "pH" }}
        hint={p.likes}
        placeholder={l ? l.target.toFixed(1) : "none: used as it comes"}
        onChange={(target) => change({ target })}
      />
      <ChoiceField
        row
        label="Lime at hand"
        field="lime.material"
        faults={faults}
        value={input.lime}
        onChange={(lime) => change({ lime: lime as RecipeInput["lime"] })}
        options={MATERIALS.map((m) => ({ value: m, label: words("limes", m) }))}
      />
      <ChoiceField
        row
        label="How fine"
        field="lime.fineness"
        faults={faults}
        value={input.fineness}
        onChange={(f) => change({ fineness: f as RecipeInput["fineness"] })}
        options={FINENESS.map((f) => ({ value: f, label: words("fineness", f) }))}
        hint={SIEVES[input.fineness]}
      />
      <details open={Boolean(input.neutralising?.text || jar.after.text)}>
        <summary className="note mb-1 underline decoration-rule-strong underline-offset-4">
          Its bag’s neutralising value; a jar test of the mix
        </summary>
        <NumberField
          row
          label="On the bag"
          field="lime.neutralising"
          faults={faults}
          value={input.neutralising ?? { text: "", unit: "%" }}
          placeholder="of CaCO₃"
          onChange={(neutralising) => change({ neutralising })}
        />
        <p className="note">
          Two jars of moist mix, one with fine lime; keep both closed and warm for a week; measure both.
        </p>
        <div className="grid grid-cols-3 gap-2">
          <NumberField label="Without" field="jar.before" faults={faults} value={jar.before} onChange={set("before")} />
          <NumberField
            label="Lime, as CaCO₃"
            field="jar.grams"
            faults={faults}
            value={jar.grams}
            onChange={set("grams")}
          />
          <NumberField label="With" field="jar.after" faults={faults} value={jar.after} onChange={set("after")} />
        </div>
      </details>
      {answer.limingRefused.map((f) => (
        <p key={f.code} role="alert" className="my-2 border-l-4 border-stop pl-3">
          ▲ {f.detail}
        </p>
      ))}
      {l?.kind === "nothing" && (
        <p className="my-2 border-l-4 border-ink pl-3">Near enough as it is: stir in nothing.</p>
      )}
      {l && l.kind !== "nothing" && (
        <div className="my-2 border-l-4 border-ink pl-3">
          <p>
            Stir in{" "}
            <Worked step={l.kind === "lime" ? "media.lime" : "media.sulfur"} open={p.open} big>
              {figures(l.gramsPerLitre)} g
            </Worked>{" "}
            of {l.kind === "lime" ? words("limes", input.lime).toLowerCase() : "elemental sulfur"} per litre of mix, for
            pH{" "}
            <b className="fig">
              {l.target.toFixed(1)} ± {l.plusMinus.toFixed(1)}
            </b>
            .
          </p>
          <p className="note">
            {l.kind === "lime"
              ? `Adds ${figures(l.calcium)} mg calcium${l.magnesium > 0 ? ` and ${figures(l.magnesium)} mg magnesium` : ""} per litre of mix.`
              : "Needs warm, moist weeks to act. Never in a fruiting pot in a short season: the shock costs more than the pH."}{" "}
            Keep it moist and measure again after {l.measureAgainDays.join(", ")} days, before adding more.
            {l.bufferMeasured
              ? " By your jar."
              : ` By the tables; a jar test would narrow the ± ${l.plusMinus.toFixed(1)}.`}
          </p>
        </div>
      )}
    </div>
  );
}
