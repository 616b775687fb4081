import { useState } from "react";
import type { Garden, MixAnswer, Mixes, RecipeInput, Soak } from "../../api";
import { say } from "../../text";
import { askOf, componentName, keyOf } from "../../text/mixes";
import { day, figures, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { SoakTest } from "./SoakTest";

/** How sure the mix's water and air are, and the way to measure them at one height or two. */
export function Measured({
  input,
  change,
  changed,
  mixes,
  answer,
  garden,
  shown,
}: {
  input: RecipeInput;
  change: (part: Partial<RecipeInput>) => void;
  changed: boolean;
  mixes: Mixes;
  answer: MixAnswer;
  garden: Garden;
  shown: Shown;
}) {
  const [soaking, setSoaking] = useState(false);
  const mix = askOf(mixes, { key: keyOf(input), parts: input.parts, yield: input.yield });
  const { soaked } = input;
  const counts = soaked && answer.soaked;
  const take = (s: Soak) => {
    const column = { columnCm: s.columnCm, air: s.air, capacity: s.capacity, plusMinus: s.capacityPlusMinus };
    const others = counts ? soaked.columns.filter((c) => c.columnCm !== s.columnCm) : [];
    change({ soaked: { on: garden.today, of: s.of ?? [], columns: [...others, column] } });
    setSoaking(false);
  };
  const plusMinus = figures(answer.plusMinus, 1);
  const named = (key: string) => {
    const c = mixes.components.find((x) => keyOf(x) === key);
    return c ? componentName(c).toLowerCase() : key;
  };
  if (soaking && mix)
    return (
      <section className="mt-3">
        <h2 className="head">{say("mixes_page.measure_this_mix")}</h2>
        <SoakTest
          of={{ mix }}
          name={say("mixes_page.this_mix")}
          garden={garden}
          take={take}
          leave={() => setSoaking(false)}
        />
      </section>
    );
  return (
    <div className="mt-1">
      {!soaked && <p className="note m-0">{say("mixes_page.from_typical_values_of_each_component", { plusMinus })}</p>}
      {counts && (
        <>
          <p className="note m-0">{say("mixes_page.measured_on_counts", { on: day(soaked.on), plusMinus })}</p>
          <ul className="note m-0 list-none p-0">
            {counts.map((t) => (
              <li key={t.columnCm}>
                {say("mixes_page.measured_here_expected", {
                  height: shown.centimetres(t.columnCm),
                  air: figures(t.air, 2),
                  capacity: figures(t.capacity, 2),
                  expectedAir: figures(t.expectedAir, 2),
                  expectedCapacity: figures(t.expectedCapacity, 2),
                })}
              </li>
            ))}
          </ul>
          {changed && <p className="note m-0 font-semibold">{say("mixes_page.measured_keep")}</p>}
        </>
      )}
      {soaked && !counts && (
        <p className="note m-0">
          {say("mixes_page.measured_of_other_parts", {
            on: day(soaked.on),
            parts: soaked.of.map((s) => `${figures(s.share, 2)} % ${named(s.component)}`).join(", "),
          })}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        {mix && (!counts || soaked.columns.length < 2) && (
          <Button look="quiet" onClick={() => setSoaking(true)}>
            {say(counts ? "mixes_page.measure_at_another_height" : "mixes_page.measure_this_mix")}
          </Button>
        )}
        {soaked && (
          <Button look="quiet" onClick={() => change({ soaked: undefined })}>
            {say("mixes_page.no_longer_so")}
          </Button>
        )}
      </div>
    </div>
  );
}
