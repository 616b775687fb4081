import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { useRef } from "react";
import { api, call, newId, type Due, type Entry, type Garden, type Lot, type Today } from "../../api";
import { catalogueQuery, gardenQuery, todayQuery, useAct, useGardenId } from "../../api/queries";
import { HandDrawn, HandWords } from "../../parts/Hand";
import { PotMark } from "../../parts/PotMark";
import { words } from "../../text";
import { clock, day, errorOf, figures, longDay, Shown } from "../../text/numbers";
import { Segmented } from "../../ui/Segmented";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { useTold, useUndo } from "../../ui/useUndo";

type Group = Today["groups"][number];

/** Each group in the smallest vessel that takes it. */
const FITTING = "fitting";

/** The work of the day, for wet hands: what goes into the can, then pot by pot, a tick each. */
export function TodayView() {
  const id = useGardenId();
  const { can } = useSearch({ from: "/g/$garden/today" });
  const navigate = useNavigate({ from: "/g/$garden/today" });
  const today = useQuery(todayQuery(id, can));
  const garden = useQuery(gardenQuery(id)).data;
  const catalogue = useQuery(catalogueQuery).data;
  if (!garden || !catalogue || today.isPending) return <Loading what="the work of today" />;
  if (today.isLoadingError) return <Trouble problem={today.error} again={() => void today.refetch()} />;
  const t = today.data;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const lots = t.groups.reduce((n, g) => n + g.due.length, 0);
  return (
    <div className="mx-auto max-w-4xl pt-4">
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-3xl">{longDay(t.date)}</h1>
          <p className="text-soft">
            {lots === 0 ? "Nothing is due." : `${lots} ${lots === 1 ? "lot is" : "lots are"} due.`}
            {t.done.length > 0 && ` ${t.done.length} done.`}
          </p>
        </div>
        <Segmented
          label="Mix in"
          value={can ?? FITTING}
          onChange={(v) => void navigate({ search: v === FITTING ? {} : { can: v } })}
          options={[
            { value: FITTING, label: "what fits" },
            ...garden.vessels
              .filter((v) => !v.retired && v.use === "can")
              .map((v) => ({ value: v.id, label: `${v.name}, ${shown.vessel(v.litres)}` })),
          ]}
        />
      </div>
      {t.groups.map((g) => (
        <GroupOfWork key={g.key} group={g} garden={garden} shown={shown} />
      ))}
      {t.moving.length > 0 && <Moving lots={t.moving} garden={garden} />}
      {lots === 0 && t.moving.length === 0 && t.done.length === 0 && (
        <Nothing title={t.nextDue ? `Next: ${day(t.nextDue)}.` : "No lots yet."}>
          <p>
            <Link to="/g/$garden/bench" params={{ garden: id }}>
              {t.nextDue ? "See the bench" : "Put the first lot on the bench"}
            </Link>
          </p>
        </Nothing>
      )}
      {t.done.length > 0 && <DoneList done={t.done} garden={garden} shown={shown} />}
    </div>
  );
}

function GroupOfWork({ group: g, garden, shown }: { group: Group; garden: Garden; shown: Shown }) {
  const meter = garden.meters[0];
  const scale = useQuery(catalogueQuery).data?.scales.find((s) => s.id === meter?.scale);
  return (
    <section className="mb-6" aria-label={g.feedName ?? "Plain water"}>
      <h2 className={`border-b-2 pb-1 text-xl ${g.feedName ? "border-feed" : "border-water"}`}>
        {g.feedName ?? "Plain water"}{" "}
        <span className="note">
          {g.feedName ? `in ${g.waterName.toLowerCase()} water` : `from the ${g.waterName.toLowerCase()}`} ·{" "}
          <span className="fig">{shown.litres(g.litres)}</span> in all,{" "}
          {g.cans === 1 ? `one ${g.vessel.name.toLowerCase()}` : `${g.cans} × ${g.vessel.name.toLowerCase()}`}
        </span>
      </h2>
      {g.dose && (
        <div className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-rule py-2">
          <HandDrawn m={g.dose.hand} />
          <p>
            <b className="fig text-2xl">
              <HandWords m={g.dose.hand} />
            </b>{" "}
            {g.dose.kind === "watered"
              ? `to each full ${g.vessel.name.toLowerCase()}, ${shown.vessel(g.vessel.litres)}`
              : "for each pot"}
            <span className="note block">
              {errorOf(g.dose.hand)}
              {g.dose.kind === "watered" && g.dose.meter !== undefined && g.dose.meterPlusMinus !== undefined && (
                <>
                  {" "}
                  · it should read{" "}
                  <span className="fig">
                    {figures(g.dose.meter)} ± {figures(g.dose.meterPlusMinus, 1)} mS/cm
                    {scale && `, ${figures(g.dose.meter * scale.ppmPerMsCm)} ppm on the ${scale.id.slice(3)} scale`}
                  </span>
                </>
              )}
            </span>
            <span className="note block">{words("cautions", "label_first")}</span>
          </p>
        </div>
      )}
      <ul className="list-none p-0">
        {g.due.map((d) => (
          <Row key={d.item + d.lot.id} due={d} garden={garden} shown={shown} vessel={g.vessel.id} />
        ))}
      </ul>
    </section>
  );
}

/** Lots whose day to move has come. */
function Moving({ lots, garden }: { lots: Lot[]; garden: Garden }) {
  return (
    <section className="mb-6" aria-label="To move">
      <h2 className="border-b-2 border-rule-strong pb-1 text-xl">To move</h2>
      <ul className="list-none p-0">
        {lots.map((l) => (
          <MovingRow key={l.id + l.version} lot={l} garden={garden} />
        ))}
      </ul>
    </section>
  );
}

function MovingRow({ lot, garden }: { lot: Lot; garden: Garden }) {
  const key = useRef(newId());
  const told = useTold(garden.id);
  const move = useAct(
    garden.id,
    () =>
      call(
        api.POST("/api/gardens/{garden}/deeds/move-as-planned", {
          params: { path: { garden: garden.id } },
          body: { clientKey: key.current, lotIds: [lot.id] },
        }),
      ),
    (act) => told(`${lot.name}: moved.`, act.actId),
  );
  const name = (id: string | undefined) => garden.places.find((p) => p.id === id)?.name;
  const next = lot.moves[0];
  return (
    <li className="border-b border-rule py-2">
      <div className="flex items-center gap-3">
        <div className="min-w-0 flex-1">
          <span className="text-lg">{lot.name}</span>
          <p className="note">
            {name(lot.placeId)} → <b>{name(next?.placeId)}</b>
            {next && ` · planned for ${day(next.on)}`}
          </p>
        </div>
        <button
          type="button"
          disabled={move.isPending || move.isSuccess}
          onClick={() => move.mutate(undefined)}
          aria-label={`${lot.name}: moved`}
          className="min-h-14 min-w-16 rounded-[2px] border-2 border-ink bg-leaf px-2 text-lg hover:bg-ink hover:text-ground"
        >
          {move.isPending ? "…" : "Moved"}
        </button>
      </div>
      {move.isError && (
        <Trouble problem={move.error} {...(move.error.retry ? { again: () => move.mutate(undefined) } : {})} />
      )}
    </li>
  );
}

/** One lot of the round. Its key stays the same however often the tick is pressed, so that it is recorded once. */
function Row({ due: d, garden, shown, vessel }: { due: Due; garden: Garden; shown: Shown; vessel: string }) {
  const key = useRef(newId());
  const told = useTold(garden.id);
  const tick = useAct(
    garden.id,
    () =>
      call(
        api.POST("/api/gardens/{garden}/ticks", {
          params: { path: { garden: garden.id } },
          body: { clientKey: key.current, items: [{ lotId: d.lot.id, item: d.item }], vesselId: vessel },
        }),
      ),
    (act) => told(`${d.lot.name}: recorded.`, act.actId),
  );
  const place = garden.places.find((p) => p.id === d.lot.placeId);
  const done = tick.isSuccess;
  return (
    <li className="border-b border-rule py-2">
      <div className="flex items-center gap-3">
        <PotMark left={d.care.water.leftShare} shape={d.lot.pot.shape} />
        <div className="min-w-0 flex-1">
          <Link
            to="/g/$garden/bench/$lot"
            params={{ garden: garden.id, lot: d.lot.id }}
            className="text-lg no-underline hover:underline"
          >
            {d.lot.name}
          </Link>
          <p className="note">
            {place?.name}
            {d.lot.pots > 1 && ` · ${d.lot.pots} pots`}
            {d.overdueDays > 0 && (
              <b className="text-stop">
                {" "}
                · ▲ {d.overdueDays} {d.overdueDays === 1 ? "day" : "days"} late
              </b>
            )}
          </p>
        </div>
        <p className="text-right">
          <b className="fig text-2xl whitespace-nowrap">{shown.litres(d.litresEach)}</b>
          <span className="note block">{d.lot.pots > 1 ? "each pot" : "to this pot"}</span>
        </p>
        <button
          type="button"
          disabled={tick.isPending || done}
          onClick={() => tick.mutate(undefined)}
          aria-label={`${d.lot.name}: done`}
          className="min-h-14 min-w-16 rounded-[2px] border-2 border-ink bg-leaf text-lg hover:bg-ink hover:text-ground"
        >
          {tick.isPending ? "…" : "Done"}
        </button>
      </div>
      {tick.isError && (
        <div className="mt-2">
          <Trouble problem={tick.error} {...(tick.error.retry ? { again: () => tick.mutate(undefined) } : {})} />
        </div>
      )}
    </li>
  );
}

function DoneList({ done, garden, shown }: { done: Entry[]; garden: Garden; shown: Shown }) {
  const undo = useUndo(garden.id);
  return (
    <section aria-label="Done today">
      <h2 className="head">Done today</h2>
      <ul className="list-none p-0">
        {done.map((e) => (
          <li key={e.id} className="flex items-center gap-3 border-b border-rule py-1">
            <span aria-hidden="true">✓</span>
            <span className="flex-1">
              {e.lotName}{" "}
              <span className="note">
                {words("entries", e.kind)} · <span className="fig">{shown.litres(e.litresEach ?? 0)}</span> each ·{" "}
                {clock(e.recordedAt, garden.timeZone)}
              </span>
            </span>
            <button
              type="button"
              onClick={() => undo(e.actId)}
              className="min-h-11 px-2 underline underline-offset-4"
              aria-label={`Undo ${e.lotName}`}
            >
              Undo
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
