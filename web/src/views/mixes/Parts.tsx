import type { Component, Fault, Garden, MixAnswer, Mixes, RecipeInput } from "../../api";
import { words, say } from "../../text";
import { componentName, keyOf } from "../../text/mixes";
import { figures, type Shown } from "../../text/numbers";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { SearchField } from "../../ui/SearchField";
import { measureLitres } from "./ownMeasure";
import { PartMark, Trough } from "./Trough";

const MEASURES: RecipeInput["measure"][] = ["parts", "percent", "litres", "shovels", "handfuls"];

/** Old mix beyond this share of a mix is told of, %. */
const MUCH_OLD = 50;

/** What one part may be counted in by itself, where the others are counted in litres. */
const ALONE = { shovels: "shovel", handfuls: "handful" } as const;

type Part = RecipeInput["parts"][number];

/** A part counted by itself, in litres like the others; as it is where its amount is no plain number. */
function inLitres(p: Part): Part {
  const count = Number(p.amount.replace(",", "."));
  return p.counted && Number.isFinite(count)
    ? { component: p.component, amount: figures(count * p.counted.litres, 3) }
    : p;
}

type Does = NonNullable<MixAnswer["does"][number]>;

/** What a part does here, against the mix without it: to a point of air or water. */
function told({ air, water }: Does): string {
  const points = (by: number) => Math.abs(Math.round(by));
  const what = [
    points(air) > 0 && say(air > 0 ? "mixes_page.raises_air" : "mixes_page.lowers_air", { points: points(air) }),
    points(water) > 0 &&
      say(water > 0 ? "mixes_page.raises_water" : "mixes_page.lowers_water", { points: points(water) }),
  ].filter((w) => w !== false);
  return what.length > 0 ? say("mixes_page.it_does", { what: what.join(", ") }) : say("mixes_page.it_does_little");
}

type Props = {
  input: RecipeInput;
  change: (part: Partial<RecipeInput>) => void;
  faults: Fault[];
  mixes: Mixes;
  garden: Garden;
  shown: Shown;
  answer: MixAnswer | undefined;
};

/** What goes in, in the measure a person counts by; the trough above it is dragged. */
export function Parts({ input, change, faults, mixes, garden, shown, answer }: Props) {
  const named = (key: string) => {
    const c = mixes.components.find((x) => keyOf(x) === key);
    return c ? componentName(c) : key;
  };
  const set = (at: number, part: Partial<Part>) =>
    change({ parts: input.parts.map((p, i) => (i === at ? { ...p, ...part } : p)) });
  const count = (at: number, by: string) =>
    set(at, {
      counted: by === "shovels" || by === "handfuls" ? { by, litres: measureLitres(garden, ALONE[by]) } : undefined,
    });
  const shares = answer?.shares.length === input.parts.length ? answer.shares : undefined;
  const does = answer?.does.length === input.parts.length ? answer.does : undefined;
  const fault = faults.find((f) => f.field === "mix.parts" || f.field === "mix.component");
  const offered = mixes.components.filter((c) => !c.retired && !input.parts.some((p) => p.component === keyOf(c)));
  const on = fieldsOf(input, change, faults);
  return (
    <>
      <TextField
        label={say("common.name")}
        placeholder={say("mixes_page.for_the_tall_terracotta")}
        {...on("name", "recipe.name")}
      />
      <div className="mb-2">
        {shares && input.parts.length > 1 ? (
          <Trough
            names={input.parts.map((p) => named(p.component))}
            shares={shares}
            change={(next) =>
              change({
                measure: "percent",
                parts: input.parts.map((p, i) => ({ component: p.component, amount: String(next[i]) })),
              })
            }
          />
        ) : (
          <div className="h-12 border-x-[2.5px] border-b-[2.5px] border-ink" />
        )}
        <p className="note">{say("mixes_page.drag_the_posts_or_type_below")}</p>
      </div>
      <ChoiceField
        row
        label={say("mixes_page.counted_in")}
        options={MEASURES.map((m) => ({ value: m, label: words("measures", m) }))}
        field="recipe.measure"
        faults={faults}
        value={input.measure}
        onChange={(m) =>
          change({
            measure: m as RecipeInput["measure"],
            parts: m === "litres" ? input.parts : input.parts.map(inLitres),
          })
        }
      />
      <ul className="m-0 list-none border-t border-rule p-0">
        {input.parts.map((p, i) => (
          <li key={p.component} className="flex items-center gap-2 border-b border-rule py-1">
            <PartMark at={i} />
            <span className="min-w-0 flex-1 text-sm leading-tight">
              {named(p.component)}
              {p.counted && (
                <span className="note block">
                  {say("mixes_page.one_takes", { by: p.counted.by, litres: shown.litres(p.counted.litres) })}
                </span>
              )}
              {does?.[i] && <span className="note block">{told(does[i])}</span>}
              <Used
                component={mixes.components.find((c) => keyOf(c) === p.component)}
                share={shares?.[i]}
                alone={input.parts.length === 1}
              />
            </span>
            <span className="w-24 shrink-0">
              <input
                aria-label={`${named(p.component)}: ${words("measures", p.counted?.by ?? input.measure)}`}
                className="box text-right"
                value={p.amount}
                onChange={(e) => set(i, { amount: e.target.value })}
              />
              {input.measure === "litres" && (
                <select
                  aria-label={say("mixes_page.counted_in_named", { named: named(p.component) })}
                  className="box !font-text text-sm"
                  value={p.counted?.by ?? "litres"}
                  onChange={(e) => count(i, e.target.value)}
                >
                  {["litres" as const, ...(Object.keys(ALONE) as (keyof typeof ALONE)[])].map((m) => (
                    <option key={m} value={m}>
                      {words("measures", m)}
                    </option>
                  ))}
                </select>
              )}
            </span>
            <span className="note fig w-10 text-right">{shares ? `${figures(shares[i]!, 2)} %` : ""}</span>
            <button
              type="button"
              aria-label={say("mixes_page.take_out_named", { named: named(p.component) })}
              className="min-h-8 min-w-6"
              onClick={() => change({ parts: input.parts.filter((_, j) => j !== i) })}
            >
              ×
            </button>
          </li>
        ))}
      </ul>
      {fault && (
        <p role="alert" className="note !text-stop">
          ▲ {fault.detail}
        </p>
      )}
      <div className="mt-2">
        <SearchField
          row
          label={say("mixes_page.add")}
          field="mix.component"
          faults={[]}
          value=""
          invite={say("mixes_page.a_component")}
          onChange={(component) => change({ parts: [...input.parts, { component, amount: "1" }] })}
          options={offered.map((c) => ({
            value: keyOf(c),
            label: componentName(c),
            group: words("families", c.family),
          }))}
        />
      </div>
      <NumberField
        row
        label={say("mixes_page.comes_out")}
        term="yield"
        placeholder={answer ? figures(100 - answer.shrinkage, 2) : ""}
        hint={
          answer
            ? say("mixes_page.fine_parts_fall_between_coarse_ones", {
                value: figures(10 / answer.litresPut),
                which: input.yield?.text ? "yes" : "no",
              })
            : undefined
        }
        {...on.typed("yield", "mix.yield", "%")}
      />
      <label className="block text-sm" htmlFor="recipe-notes">
        {say("mixes_page.notes")}
      </label>
      <textarea
        id="recipe-notes"
        className="box min-h-16 !font-text text-sm"
        value={input.notes}
        onChange={(e) => change({ notes: e.target.value })}
      />
    </>
  );
}

/** What is said of a part that stood in a pot before: its age, and where it is too much of the mix. */
function Used({
  component,
  share,
  alone,
}: {
  component: Component | undefined;
  share: number | undefined;
  alone: boolean;
}) {
  if (component?.spent === undefined) return null;
  return (
    <>
      <span className="note block">{say("used_page.age_short", { spent: figures(component.spent, 1) })}</span>
      {component.heldBack && <span className="block text-stop">▲ {words("used_uses", component.heldBack)}</span>}
      {(alone || (share ?? 0) > MUCH_OLD) && <span className="block text-stop">▲ {say("used_page.share_much")}</span>}
    </>
  );
}
