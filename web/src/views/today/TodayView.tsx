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
import { say, rich } from "../../text";
import { Todos } from "./Todos";
import { TreatmentsDue } from "./TreatmentsDue";

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
  if (!garden || !catalogue || today.isPending) return <Loading what={say("today_page.the_work_of_today")} />;
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
              ? say("today_page.nothing_is_due")
              : further > 0
                ? say("today_page.lots_on_this_leg_about_minutes", { lots, ceil: Math.ceil(minutes), further })
                : say("today_page.lots_are_due_about_minutes", { lots, ceil: Math.ceil(minutes) })}
            {done > 0 && say("today_page.done_done", { done })}
            {box.waiting.length > 0 && <b> {say("today_page.waiting_to_be_sent", { count: box.waiting.length })}</b>}
          </p>
        </div>
        <Segmented
          label={say("today_page.mix_in")}
          value={can ?? FITTING}
          onChange={(v) => void navigate({ search: v === FITTING ? {} : { can: v } })}
          options={[
            { value: FITTING, label: say("today_page.what_fits") },
            ...garden.vessels
              .filter((v) => !v.retired && v.use === "can")
              .map((v) => ({ value: v.id, label: `${v.name}, ${shown.vessel(v.litres)}` })),
          ]}
        />
      </div>
      {t.recalculating && (
        <p role="status" className="note mb-3">
          {say("today_page.recalculating_after_a_change_of_lots", {
            done: t.recalculating.done,
            lots: t.recalculating.lots,
          })}
        </p>
      )}
      {(t.changedByRules.length > 0 || t.movedPlaces.length > 0) && (
        <ChangedByRules changed={t.changedByRules} places={t.movedPlaces} garden={id} shown={shown} />
      )}
      {groups.map((g) => (
        <GroupOfWork key={g.key} group={g} garden={garden} shown={shown} />
      ))}
      {chores.length > 0 && <OtherCare groups={chores} garden={garden} shown={shown} />}
      {t.treatments.length > 0 && <TreatmentsDue due={t.treatments} garden={garden} />}
      {t.todos.length > 0 && <Todos due={t.todos} garden={garden} shown={shown} />}
      {t.pensDue.length > 0 && (
        <p className="mb-4">
          {say("today_page.to_be_calibrated", { pensDue: t.pensDue.join(", ") })}{" "}
          <Link
            to="/g/$garden/shelf"
            params={{ garden: id }}
            className="inline-block leading-8 underline underline-offset-4"
          >
            {say("today_page.to_the_shelf")}
          </Link>
        </p>
      )}
      {t.moving.length > 0 && <Moving lots={t.moving} garden={garden} />}
      {lots === 0 &&
        chores.length === 0 &&
        t.todos.length === 0 &&
        t.treatments.length === 0 &&
        t.moving.length === 0 &&
        done === 0 && (
          <Nothing title={t.nextDue ? say("today_page.next", { day: day(t.nextDue) }) : say("today_page.no_lots_yet")}>
            <p>
              <Link to="/g/$garden/bench" params={{ garden: id }}>
                {t.nextDue ? say("today_page.see_the_bench") : say("today_page.put_the_first_lot_on_the")}
              </Link>
            </p>
          </Nothing>
        )}
      {(lots > 0 || chores.length > 0) && (
        <p className="no-print mb-4">
          {rich("today_page.on_paper_round_sheet_pdf", {
            a: (c) => (
              <a
                href={paper("pdf")}
                target="_blank"
                rel="noreferrer"
                className="inline-block leading-8 underline underline-offset-4"
              >
                {c}
              </a>
            ),
          })}{" "}
          <a href={paper("csv")} download className="inline-block leading-8 underline underline-offset-4">
            {say("today_page.as_a_table_csv")}
          </a>
        </p>
      )}
      {(done > 0 || box.refused.length > 0) && <DoneList done={t.done} box={box} garden={garden} shown={shown} />}
      <p className="note no-print mt-4">
        {say("today_page.ticks_are_kept_on_this_device", { which: keepsPage() ? "yes" : "no" })}
      </p>
    </div>
  );
}
