import { useRef } from "react";
import { api, call, newId, type Garden, type Lot } from "../../api";
import { useAct } from "../../api/queries";
import { day } from "../../text/numbers";
import { Trouble } from "../../ui/States";
import { say } from "../../text";
import { useTold } from "../../ui/useUndo";

/** Lots whose day to move has come. */
export function Moving({ lots, garden }: { lots: Lot[]; garden: Garden }) {
  return (
    <section className="mb-6" aria-label={say("today_page.to_move")}>
      <h2 className="border-b-2 border-rule-strong pb-1 text-xl">{say("today_page.to_move")}</h2>
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
    (act) => told(say("today_page.moved", { name: lot.name }), act.actId),
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
            {next && say("today_page.planned_for", { day: day(next.on) })}
          </p>
        </div>
        <button
          type="button"
          disabled={move.isPending || move.isSuccess}
          onClick={() => move.mutate(undefined)}
          aria-label={say("today_page.name_moved", { name: lot.name })}
          className="min-h-14 min-w-16 rounded-[2px] border-2 border-ink bg-leaf px-2 text-lg hover:bg-ink hover:text-ground"
        >
          {move.isPending ? "…" : say("today_page.moved_2")}
        </button>
      </div>
      {move.isError && (
        <Trouble problem={move.error} {...(move.error.retry ? { again: () => move.mutate(undefined) } : {})} />
      )}
    </li>
  );
}
