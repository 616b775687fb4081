import { Link } from "@tanstack/react-router";
import { api, call, type Today } from "../../api";
import { useAct } from "../../api/queries";
import { words, say, rich } from "../../text";
import { day, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";

type Changed = Today["changedByRules"];

/** Plans that a new version of the rules has moved: told once, with the old and the new, and why. */
export function ChangedByRules({
  changed,
  places,
  garden,
  shown,
}: {
  changed: Changed;
  places: string[];
  garden: string;
  shown: Shown;
}) {
  const seen = useAct<undefined, undefined>(
    garden,
    () => call(api.POST("/api/gardens/{garden}/today/rules-seen", { params: { path: { garden } } })),
    () => undefined,
  );
  return (
    <section aria-label={say("today_page.plans_changed_by_new_rules")} className="mb-4 border-l-4 border-ink pl-3">
      {places.length > 0 && (
        <p className="m-0 mb-2 text-sm">
          {say("today_page.places_moved_over", { count: places.length, places: places.join(", ") })}
        </p>
      )}
      {changed.length > 0 && (
        <h2 className="head">{say("today_page.the_rules_have_changed_and_with", { count: changed.length })}</h2>
      )}
      <ul className="m-0 max-h-80 list-none overflow-y-auto p-0 text-sm">
        {changed.map((c) => (
          <li key={c.lotId} className="border-b border-rule py-1">
            <Link to="/g/$garden/bench/$lot" params={{ garden, lot: c.lotId }} className="font-semibold">
              {c.name}
            </Link>
            {c.water !== c.waterBefore && (
              <span>
                {" "}
                {say("today_page.water", { day: day(c.waterBefore) })} <b>{day(c.water)}</b>
              </span>
            )}
            {c.feed !== c.feedBefore && (
              <span>
                {" "}
                {say("today_page.feed", { day: c.feedBefore ? day(c.feedBefore) : say("common.none") })}{" "}
                <b>{c.feed ? day(c.feed) : say("common.none")}</b>
              </span>
            )}
            {c.perWeek !== c.perWeekBefore && c.measure && (
              <span>
                {" "}
                {rich("today_page.a_week_for_each_pot", {
                  product: shown.product(c.perWeekBefore, c.measure),
                  b: (c) => <b>{c}</b>,
                  product2: shown.product(c.perWeek, c.measure),
                })}
              </span>
            )}
            {c.binding && <span className="note"> ({words("bindings", c.binding)})</span>}
          </li>
        ))}
      </ul>
      <Button look="quiet" disabled={seen.isPending} onClick={() => seen.mutate(undefined)}>
        {say("today_page.seen")}
      </Button>
    </section>
  );
}
