import { Link } from "@tanstack/react-router";
import type { Lot } from "../../api";
import { ToWater } from "../../parts/Carried";
import { say, words } from "../../text";
import { BARE } from "../../text/mixes";
import { figures } from "../../text/numbers";
import { Loading } from "../../ui/States";
import { TraitTable } from "../../parts/TraitTable";
import { Answer } from "./Answer";
import { LotForm } from "./LotForm";
import { LotFields } from "./LotSave";
import { MixAge } from "./MixAge";
import { PotDrawn, PotNumbers } from "./PotNumbers";
import type { LotWork } from "./useLotWork";
import { WaterAnswer } from "./WaterAnswer";

const CONDITIONS = [
  "FLOWERING",
  "FRUIT_SET",
  "SEEDLING",
  "GRAFTED",
  "SICK",
  "DRIED_OUT",
  "RESTING",
  "CRUST",
  "MOULD",
] as const;

/** What stands in what, and where: inputs on the left in the order the hand thinks, on the right what follows. */
export function PotAndPlant({ work, lot }: { work: LotWork; lot: Lot }) {
  return (
    <>
      <LotFields work={work} label={say("bench_page.lot")}>
        <div className="gap-6 md:grid md:grid-cols-[17.5rem_minmax(0,1fr)]">
          <div>
            <LotForm work={work} />
          </div>
          <Answer work={work}>
            {(care) => (
              <div className="gap-6 xl:grid xl:grid-cols-[minmax(0,1fr)_22rem]">
                <div>
                  <PotDrawn care={care} work={work} planted />
                  <PotNumbers care={care} work={work} />
                </div>
                <div>
                  <WaterAnswer care={care} work={work} />
                  <p className="mt-2">
                    <ToWater
                      garden={work.garden.id}
                      from={{
                        water: work.input.waterId,
                        kind: work.input.species,
                        ...(care.water.way.bare ? {} : { pot: { text: figures(care.water.mixLitres, 2), unit: "L" } }),
                      }}
                    />
                  </p>
                </div>
              </div>
            )}
          </Answer>
        </div>
        <OwnWays work={work} />
      </LotFields>
      {lot.mix !== BARE && <MixAge lot={lot} garden={work.garden} catalogue={work.catalogue} />}
    </>
  );
}

/** What this lot goes through, and where it is unlike its kind. */
function OwnWays({ work }: { work: LotWork }) {
  const { input, change, faults, garden, guide, kind } = work;
  if (!guide || !kind) return <Loading what={say("common.the_plant")} />;
  const conditions = input.conditions ?? {};
  const since = (c: (typeof CONDITIONS)[number], day: string | undefined) => {
    const { [c]: _gone, ...rest } = conditions;
    change({ conditions: day ? { ...rest, [c]: day } : rest });
  };
  return (
    <>
      <section aria-label={say("bench_page.goes_through")} className="mt-6 mb-4">
        <h2 className="head">{say("bench_page.what_it_goes_through")}</h2>
        <ul className="m-0 list-none gap-x-8 p-0 md:columns-2">
          {CONDITIONS.map((c) => (
            <li
              key={c}
              className="flex min-h-11 break-inside-avoid items-center justify-between gap-2 border-b border-rule"
            >
              <label className="flex items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5 shrink-0"
                  checked={conditions[c] !== undefined}
                  onChange={(e) => since(c, e.target.checked ? garden.today : undefined)}
                />
                {words("conditions", c.toLowerCase())}
              </label>
              {conditions[c] !== undefined && (
                <span className="flex w-52 shrink-0 items-center gap-2">
                  {say("bench_page.since_2")}
                  <input
                    type="date"
                    className="box"
                    aria-label={say("bench_page.conditions_since", {
                      conditions: words("conditions", c.toLowerCase()),
                    })}
                    value={conditions[c]}
                    onChange={(e) => since(c, e.target.value || undefined)}
                  />
                </span>
              )}
            </li>
          ))}
        </ul>
        {faults
          .filter((f) => f.field === "lot.condition")
          .map((f) => (
            <p key={f.detail} role="alert" className="note text-stop">
              ▲ {f.detail}
            </p>
          ))}
      </section>
      <details>
        <summary className="mb-1 min-h-9 cursor-pointer text-xl underline decoration-rule-strong underline-offset-4">
          {say("bench_page.unlike_other_plants_of_its_kind")}
        </summary>
        <p>
          <Link to="/g/$garden/plants/$kind" params={{ garden: garden.id, kind: kind.key }}>
            {say("bench_page.in_the_guide", { name: kind.name })}
          </Link>
        </p>
        <TraitTable
          guide={guide}
          kind={kind}
          lot={input.traits ?? {}}
          typed={input.traits ?? {}}
          change={(traits) => change({ traits })}
          faults={faults}
        />
      </details>
    </>
  );
}
