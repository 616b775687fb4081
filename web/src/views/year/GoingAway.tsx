import { Link } from "@tanstack/react-router";
import { useState } from "react";
import { api, call, type AwayAnswer, type AwayAsk, type Garden } from "../../api";
import { useLive } from "../../api/useLive";
import { figures, type Shown } from "../../text/numbers";
import { NumberField } from "../../ui/Fields";

/** Which lots last while nobody is there, and how long a tank keeps the others. */
export function GoingAway({ garden, shown }: { garden: Garden; shown: Shown }) {
  const [days, setDays] = useState({ text: "", unit: "d" });
  const [tank, setTank] = useState({ text: "", unit: garden.unitHabit === "us" ? "US gal" : "L" });
  const ask: AwayAsk | undefined = days.text.trim() ? { days, ...(tank.text.trim() ? { tank } : {}) } : undefined;
  const live = useLive<AwayAsk, AwayAnswer>(ask, (body, signal) =>
    call(api.POST("/api/gardens/{garden}/away", { params: { path: { garden: garden.id } }, body, signal })),
  );
  const faults = live.problem?.faults ?? [];
  const a = ask ? live.answer : undefined;
  return (
    <section aria-label="Going away" aria-live="polite">
      <h2 className="head mt-4 xl:mt-2">Going away?</h2>
      <NumberField row label="For so long" field="away.days" faults={faults} value={days} onChange={setDays} />
      <NumberField
        row
        label="Tank on drip"
        field="away.tank"
        faults={faults}
        value={tank}
        units={["L", "US gal", "imp gal"]}
        placeholder="none"
        onChange={setTank}
      />
      {!a && <p className="note">All watered on the day you leave: which will last, and which will not?</p>}
      {a && (
        <>
          <p className="my-1">
            {a.thirsty.length === 0
              ? `All ${a.lasting} lots last.`
              : `${a.lasting === 0 ? "No lot lasts" : a.lasting === 1 ? "1 lot lasts" : `${a.lasting} lots last`}; these want ${shown.litres(a.neededLitres)} meanwhile, ${shown.litres(a.dailyLitres)} a day:`}
          </p>
          {a.tankDays !== undefined && (
            <p className="border-l-4 border-water pl-3">
              The tank keeps them <b className="fig text-xl">{figures(a.tankDays)} days</b>
              <span className="note block">by drip, as they drink on average; a hot week takes more.</span>
            </p>
          )}
          <ul className="m-0 list-none p-0">
            {a.thirsty.map((t) => (
              <li key={t.lotId} className="border-b border-rule py-1">
                <Link to="/g/$garden/bench/$lot" params={{ garden: garden.id, lot: t.lotId }}>
                  {t.name}
                </Link>
                {t.pots > 1 && <span className="note"> · {t.pots} pots</span>}
                <span className={`block text-sm ${t.dry ? "text-stop" : "text-soft"}`}>
                  {t.dry ? "▲ dry" : "may be dry"} after {t.daysLikely} {t.daysLikely === 1 ? "day" : "days"}
                  {t.daysShort < t.daysLikely && `, perhaps ${t.daysShort}`}
                </span>
              </li>
            ))}
          </ul>
          {a.thirsty.length > 0 && (
            <p className="note mt-1">
              Before you leave: water all of them, move those out of sun and wind, group small pots, and ask a neighbour
              where no drip reaches.
            </p>
          )}
        </>
      )}
    </section>
  );
}
