import { Link } from "@tanstack/react-router";
import { useState } from "react";
import { api, call, type AwayAnswer, type AwayAsk, type Garden } from "../../api";
import { useLive } from "../../api/useLive";
import { figures, type Shown } from "../../text/numbers";
import { say, rich } from "../../text";
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
    <section aria-label={say("year_page.going_away")} aria-live="polite">
      <h2 className="head mt-4 xl:mt-2">{say("year_page.going_away_2")}</h2>
      <NumberField
        row
        label={say("year_page.for_so_long")}
        field="away.days"
        faults={faults}
        value={days}
        onChange={setDays}
      />
      <NumberField
        row
        label={say("year_page.tank_on_drip")}
        field="away.tank"
        faults={faults}
        value={tank}
        units={["L", "US gal", "imp gal"]}
        placeholder={say("common.none")}
        onChange={setTank}
      />
      {!a && <p className="note">{say("year_page.all_watered_on_the_day_you")}</p>}
      {a && (
        <>
          <p className="my-1">
            {a.thirsty.length === 0
              ? say("year_page.all_lots_last", { lasting: a.lasting })
              : say("year_page.these_want_meanwhile_a_day", {
                  value: say("year_page.lots_last", { lasting: a.lasting }),
                  neededLitres: shown.litres(a.neededLitres),
                  dailyLitres: shown.litres(a.dailyLitres),
                })}
          </p>
          {a.tankDays !== undefined && (
            <p className="border-l-4 border-water pl-3">
              {rich("year_page.the_tank_keeps_them_days", {
                b: (c) => <b className="fig text-xl">{c}</b>,
                tankDays: figures(a.tankDays),
              })}
              <span className="note block">{say("year_page.by_drip_as_they_drink_on")}</span>
            </p>
          )}
          <ul className="m-0 list-none p-0">
            {a.thirsty.map((t) => (
              <li key={t.lotId} className="border-b border-rule py-1">
                <Link to="/g/$garden/bench/$lot" params={{ garden: garden.id, lot: t.lotId }}>
                  {t.name}
                </Link>
                {t.pots > 1 && <span className="note"> {say("year_page.pots", { pots: t.pots })}</span>}
                <span className={`block text-sm ${t.dry ? "text-stop" : "text-soft"}`}>
                  {say("year_page.may_be_dry_after_days", { which: t.dry ? "yes" : "no", daysLikely: t.daysLikely })}
                  {t.daysShort < t.daysLikely && say("year_page.perhaps", { daysShort: t.daysShort })}
                </span>
              </li>
            ))}
          </ul>
          {a.thirsty.length > 0 && <p className="note mt-1">{say("year_page.before_you_leave_water_all_of")}</p>}
        </>
      )}
    </section>
  );
}
