import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import type { Garden, Today } from "../../api";
import { catalogueQuery } from "../../api/queries";
import { record } from "../../api/outbox";
import { HandDrawn, HandWords, OtherWays } from "../../parts/Hand";
import { words } from "../../text";
import { figures, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { useGrowing } from "../../ui/useGrowing";
import { WorkRow } from "./WorkRow";

type Group = Today["groups"][number];

function title(g: Group): string {
  const what = g.feedName ?? (g.kind === "flush" ? "Flush with plain water" : "Plain water");
  return g.sick ? `${what}: the sick ones, last` : what;
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
          {g.feedName ? `in ${g.waterName.toLowerCase()} water` : `from the ${g.waterName.toLowerCase()}`} ·{" "}
          <span className="fig">{shown.litres(g.litres)}</span> in all,{" "}
          {c.cans === 1 ? `one ${can}` : `${c.cans} × ${can}, ${c.trips} ${c.trips === 1 ? "trip" : "trips"} with two`}
        </span>
      </h2>
      <TooMany group={g} garden={garden} shown={shown} />
      {g.dose && <Mixed group={g} garden={garden} shown={shown} />}
      {g.sick && (
        <p className="note py-1">Wash hands and can afterwards; what ran through these goes to no other plant.</p>
      )}
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
          All {g.due.length} of these done
        </Button>
      )}
    </section>
  );
}

/** What would spare the carrying, where the cans are too many. */
function TooMany({ group: g, garden, shown }: { group: Group; garden: Garden; shown: Shown }) {
  const c = g.carrying;
  if (c.tankLitres === undefined || c.stockLitres === undefined) return null;
  return (
    <p className="border-b border-rule py-1 text-sm">
      ▲ {c.cans} cans is about {figures(c.minutes)} minutes of carrying. Instead: a tank of{" "}
      <b className="fig">{shown.litres(c.tankLitres)}</b> with a pump
      {c.stockPerLitre !== undefined && g.dose && (
        <>
          ; an injector at 1:100 with <b className="fig">{shown.litres(c.stockLitres)}</b> of stock at{" "}
          {shown.strength(c.stockPerLitre, g.dose.hand.measure)}, if it dissolves so strong (
          <Link to="/g/$garden/feeds/tank" params={{ garden: garden.id }}>
            look in Tanks and injectors
          </Link>
          )
        </>
      )}
      ; {g.feedName ? "or a sprayer on the hose that draws the same share" : "or a hose"}. A house tap needs a backflow
      preventer for that: see your local plumbing code.
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
          ? `to each full ${g.vessel.name.toLowerCase()}, ${shown.vessel(g.vessel.litres)}`
          : "for each pot"}
        <span className="note block">
          {shown.rounding(dose.hand)}
          {dose.kind === "watered" && dose.meter !== undefined && dose.meterPlusMinus !== undefined && (
            <>
              {" "}
              · it should read{" "}
              <span className="fig">
                {figures(dose.meter)} ± {figures(dose.meterPlusMinus, 1)} mS/cm
                {scale && `, ${figures(dose.meter * scale.ppmPerMsCm)} ppm on the ${scale.id.slice(3)} scale`}
              </span>{" "}
              ·{" "}
              <Link to="/g/$garden/feeds/dose" params={{ garden: garden.id }}>
                check the can
              </Link>
            </>
          )}
        </span>
        <span className="note block">{words("cautions", "label_first")}</span>
        <OtherWays dose={dose} most={1} />
      </div>
    </div>
  );
}
