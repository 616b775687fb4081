import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import type { Garden, Today } from "../../api";
import { catalogueQuery } from "../../api/queries";
import { record } from "../../api/outbox";
import { HandDrawn, HandWords, OtherWays } from "../../parts/Hand";
import { words, say, rich } from "../../text";
import { figures, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { useGrowing } from "../../ui/useGrowing";
import { WorkRow } from "./WorkRow";

type Group = Today["groups"][number];

function title(g: Group): string {
  const what =
    g.feedName ?? (g.kind === "flush" ? say("today_page.flush_with_plain_water") : say("today_page.plain_water"));
  if (g.by !== "can") return say("today_page.by_hand_or_line", { by: g.by, what });
  return g.sick ? say("today_page.the_sick_ones_last", { what }) : what;
}

/** Work done from the same can: what goes in, then pot by pot in the order of the walk. */
export function GroupOfWork({ group: g, garden, shown }: { group: Group; garden: Garden; shown: Shown }) {
  const c = g.carrying;
  const can = g.vessel.name.toLowerCase();
  const rows = useGrowing(g.due);
  const all = () =>
    g.due.forEach((d) =>
      record(garden.id, { lotId: d.lot.id, lotName: d.lot.name, item: d.item, vesselId: g.vessel.id }),
    );
  return (
    <section className="mb-6" aria-label={title(g)}>
      <h2 className={`border-b-2 pb-1 text-xl ${g.feedName ? "border-feed" : "border-water"}`}>
        {title(g)}{" "}
        <span className="note">
          {g.kind === "strewn"
            ? say(
                g.due[0]?.beside?.way === "mixed_in"
                  ? "today_page.worked_into_the_fresh_mix"
                  : "today_page.strewn_on_the_moist_mix",
              )
            : g.kind === "sprayed"
              ? say("today_page.sprayed_on_leaves", { litres: shown.litres(g.litres) })
              : rich("today_page.in_all", {
                  value: g.feedName
                    ? say("today_page.in_water", { waterName: g.waterName.toLowerCase() })
                    : say("today_page.from_the", { waterName: g.waterName.toLowerCase() }),
                  part: (c) => <span className="fig">{c}</span>,
                  litres: shown.litres(g.litres),
                  value2:
                    g.by !== "can"
                      ? ""
                      : c.cans === 1
                        ? say("today_page.one", { can })
                        : say("today_page.trips_with_two", { cans: c.cans, can, trips: c.trips }),
                })}
        </span>
      </h2>
      {g.by === "line" && <p className="note py-1">{say("today_page.the_line_brings_it")}</p>}
      <TooMany group={g} garden={garden} shown={shown} />
      {g.dose && <Mixed group={g} garden={garden} shown={shown} />}
      {g.sick && <p className="note py-1">{say("today_page.wash_hands_and_can_afterwards_what")}</p>}
      {g.notes.map((n) => (
        <p key={n} className="note py-0.5">
          → {words("care_notes", n)}
        </p>
      ))}
      <ul className="list-none p-0">
        {rows.map((d) => (
          <WorkRow key={d.item + d.lot.id} due={d} garden={garden} shown={shown} vessel={g.vessel.id} />
        ))}
      </ul>
      {g.due.length > 2 && (
        <Button className="no-print mt-2 min-h-11" onClick={all}>
          {say("today_page.all_of_these_done", { count: g.due.length })}
        </Button>
      )}
    </section>
  );
}

/** What would spare the carrying, where the cans are too many. */
function TooMany({ group: g, garden, shown }: { group: Group; garden: Garden; shown: Shown }) {
  const c = g.carrying;
  if (g.by !== "can" || g.kind === "sprayed" || c.tankLitres === undefined || c.stockLitres === undefined) return null;
  return (
    <p className="border-b border-rule py-1 text-sm">
      {rich("today_page.cans_is_about_minutes_of_carrying", {
        cans: c.cans,
        minutes: figures(c.minutes),
        b: (c) => <b className="fig">{c}</b>,
        tankLitres: shown.litres(c.tankLitres),
        value: c.stockPerLitre !== undefined && g.dose && (
          <>
            {rich("today_page.an_injector_at_1_100_with", {
              b: (c) => <b className="fig">{c}</b>,
              stockLitres: shown.litres(c.stockLitres),
              strength: shown.strength(c.stockPerLitre, g.dose.hand.measure),
              link: (c) => (
                <Link to="/g/$garden/feeds/tank" params={{ garden: garden.id }}>
                  {c}
                </Link>
              ),
            })}
          </>
        ),
        which: g.feedName ? "yes" : "no",
      })}
    </p>
  );
}

function Mixed({ group: g, garden, shown }: { group: Group; garden: Garden; shown: Shown }) {
  const meter = garden.meters[0];
  const scale = useQuery(catalogueQuery).data?.scales.find((s) => s.id === meter?.scale);
  const dose = g.dose!;
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-rule py-2">
      <HandDrawn m={dose.hand} />
      <div className="min-w-0 flex-1">
        <b className="fig text-2xl">
          <HandWords m={dose.hand} />
        </b>{" "}
        {dose.kind === "watered"
          ? say("today_page.to_each_full", { name: g.vessel.name.toLowerCase(), vessel: shown.vessel(g.vessel.litres) })
          : dose.kind === "sprayed"
            ? say("today_page.to_mix_for_spraying", { vessel: shown.vessel(dose.canLitres ?? 0) })
            : say("today_page.for_each_pot")}
        <span className="note block">
          {shown.rounding(dose.hand)}
          {dose.kind === "watered" && dose.meter !== undefined && dose.meterPlusMinus !== undefined && (
            <>
              {" "}
              {rich("today_page.it_should_read_ms_cm", {
                part: (c) => <span className="fig">{c}</span>,
                meter: figures(dose.meter),
                meterPlusMinus: figures(dose.meterPlusMinus, 1),
                value:
                  scale &&
                  say("today_page.ppm_on_the_scale", {
                    value: figures(dose.meter * scale.ppmPerMsCm),
                    id: scale.id.slice(3),
                  }),
              })}{" "}
              <Link to="/g/$garden/feeds/dose" params={{ garden: garden.id }}>
                {say("today_page.check_the_can")}
              </Link>
            </>
          )}
        </span>
        <span className="note block">{words("cautions", "label_first")}</span>
        {dose.kind === "sprayed" && <span className="note block">▲ {words("cautions", "spray_drift")}</span>}
        <OtherWays dose={dose} most={1} />
      </div>
    </div>
  );
}
