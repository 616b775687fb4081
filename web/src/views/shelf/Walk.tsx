import { api, edit, type Edited, type Garden } from "../../api";
import { useAct } from "../../api/queries";
import { Trouble } from "../../ui/States";
import { say } from "../../text";
import { useTold } from "../../ui/useUndo";

/** The order in which the places are walked by on the round. */
export function Walk({ garden }: { garden: Garden }) {
  const told = useTold(garden.id);
  const places = garden.places.filter((p) => !p.retired);
  const save = useAct<string[], Edited<Garden>>(
    garden.id,
    (order) =>
      edit(api.PUT("/api/gardens/{garden}/walk", { params: { path: { garden: garden.id } }, body: { places: order } })),
    (done) => {
      if (done.act) told(say("shelf_page.the_walk_is_changed"), done.act);
    },
  );
  if (places.length < 2) return null;
  const sooner = (i: number) => {
    const order = places.map((p) => p.id);
    order.splice(i - 1, 2, order[i]!, order[i - 1]!);
    save.mutate(order);
  };
  return (
    <section aria-label={say("shelf_page.the_walk")} className="no-print mt-4">
      <h2 className="head">{say("shelf_page.the_walk")}</h2>
      <p className="note">{say("shelf_page.in_this_order_the_round_and")}</p>
      <ol className="m-0 list-decimal pl-6">
        {places.map((p, i) => (
          <li key={p.id} className="border-b border-rule">
            <span className="flex min-h-9 items-center justify-between gap-2">
              {p.name}
              {i > 0 && (
                <button
                  type="button"
                  disabled={save.isPending}
                  onClick={() => sooner(i)}
                  aria-label={say("shelf_page.sooner_on_the_walk", { name: p.name })}
                  className="min-h-9 min-w-9"
                >
                  ↑
                </button>
              )}
            </span>
          </li>
        ))}
      </ol>
      {save.isError && <Trouble problem={save.error} />}
    </section>
  );
}
