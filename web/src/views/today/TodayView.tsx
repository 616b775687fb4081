import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { keepsPage } from "../../api/away";
import { takenSince, useOutbox } from "../../api/outbox";
import { catalogueQuery, gardenQuery, todayQuery, useGardenId } from "../../api/queries";
import { day, longDay, Shown } from "../../text/numbers";
import { Segmented } from "../../ui/Segmented";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { DoneList } from "./DoneList";
import { ChangedByRules } from "./ChangedByRules";
import { GroupOfWork } from "./GroupOfWork";
import { Moving } from "./Moving";
import { OtherCare } from "./OtherCare";
import { Todos } from "./Todos";

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
  const box = useOutbox(id);
  if (!garden || !catalogue || today.isPending) return <Loading what="the work of today" />;
  if (today.isLoadingError) return <Trouble problem={today.error} again={() => void today.refetch()} />;
  const t = today.data;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const waits = new Set(box.waiting.map((w) => w.lotId + w.item));
  const open = (d: { lot: { id: string }; item: string }) =>
    !waits.has(d.lot.id + d.item) && !takenSince(id, { lotId: d.lot.id, item: d.item }, today.dataUpdatedAt);
  const groups = t.groups.map((g) => ({ ...g, due: g.due.filter(open) })).filter((g) => g.due.length > 0);
  const chores = t.chores.map((c) => ({ ...c, due: c.due.filter(open) })).filter((c) => c.due.length > 0);
  const lots = groups.reduce((n, g) => n + g.due.length, 0);
  const further = t.dueInAll - t.groups.reduce((n, g) => n + g.due.length, 0);
  const done = t.done.length + box.waiting.length;
  const paper = (form: "pdf" | "csv") => `/api/gardens/${id}/round.${form}${can ? `?vessel=${can}` : ""}`;
  const minutes = groups.reduce((n, g) => n + g.carrying.minutes, 0);
  return (
    <div className="mx-auto max-w-4xl pt-4">
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-3xl">{longDay(t.date)}</h1>
          <p className="text-soft">
            {lots === 0
              ? "Nothing is due."
              : further > 0
                ? `${lots} lots on this leg, about ${Math.ceil(minutes)} minutes; ${further} more are due and come as these are done.`
                : `${lots} ${lots === 1 ? "lot is" : "lots are"} due, about ${Math.ceil(minutes)} minutes.`}
            {done > 0 && ` ${done} done.`}
            {box.waiting.length > 0 && <b> {box.waiting.length} waiting to be sent.</b>}
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
      {t.recalculating && (
        <p role="status" className="note mb-3">
          Recalculating after a change: {t.recalculating.done} of {t.recalculating.lots} lots. What is shown here is
          current.
        </p>
      )}
      {t.changedByRules.length > 0 && <ChangedByRules changed={t.changedByRules} garden={id} shown={shown} />}
      {groups.map((g) => (
        <GroupOfWork key={g.key} group={g} garden={garden} shown={shown} />
      ))}
      {chores.length > 0 && <OtherCare groups={chores} garden={garden} shown={shown} />}
      {t.todos.length > 0 && <Todos due={t.todos} garden={garden} shown={shown} />}
      {t.pensDue.length > 0 && (
        <p className="mb-4">
          ▲ To be calibrated: {t.pensDue.join(", ")}.{" "}
          <Link
            to="/g/$garden/shelf"
            params={{ garden: id }}
            className="inline-block leading-8 underline underline-offset-4"
          >
            To the shelf
          </Link>
        </p>
      )}
      {t.moving.length > 0 && <Moving lots={t.moving} garden={garden} />}
      {lots === 0 && chores.length === 0 && t.todos.length === 0 && t.moving.length === 0 && done === 0 && (
        <Nothing title={t.nextDue ? `Next: ${day(t.nextDue)}.` : "No lots yet."}>
          <p>
            <Link to="/g/$garden/bench" params={{ garden: id }}>
              {t.nextDue ? "See the bench" : "Put the first lot on the bench"}
            </Link>
          </p>
        </Nothing>
      )}
      {(lots > 0 || chores.length > 0) && (
        <p className="no-print mb-4">
          On paper:{" "}
          <a
            href={paper("pdf")}
            target="_blank"
            rel="noreferrer"
            className="inline-block leading-8 underline underline-offset-4"
          >
            round sheet (PDF)
          </a>{" "}
          ·{" "}
          <a href={paper("csv")} download className="inline-block leading-8 underline underline-offset-4">
            as a table (CSV)
          </a>
        </p>
      )}
      {(done > 0 || box.refused.length > 0) && <DoneList done={t.done} box={box} garden={garden} shown={shown} />}
      <p className="note no-print mt-4">
        Ticks are kept on this device until the server has them.{" "}
        {keepsPage()
          ? "This page also opens while the server is away."
          : "Opened over plain http from another machine, keep this page open while the server is away: a reload would not find it."}
      </p>
    </div>
  );
}
