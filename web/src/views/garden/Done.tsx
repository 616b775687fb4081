import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Done as Act, Garden } from "../../api";
import { actsQuery } from "../../api/queries";
import { words, say } from "../../text";
import { moment } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { useUndo } from "../../ui/useUndo";

const PAGE = 50;
const MOST = 200;

/** What an act was about: its lots, or the things it changed. */
function about(a: Act): string {
  if (a.lots) return a.lots;
  return (a.things ?? "")
    .split(", ")
    .filter(Boolean)
    .map((t) => {
      const colon = t.indexOf(":");
      return `${words("things", t.slice(0, colon))} ${t.slice(colon + 1)}`.trim();
    })
    .join(", ");
}

/** Everything that was done, newest first, each act with its undo. */
export function Done({ garden }: { garden: Garden }) {
  const [limit, setLimit] = useState(PAGE);
  const [find, setFind] = useState("");
  const acts = useQuery(actsQuery(garden.id, limit));
  const undo = useUndo(garden.id);
  if (acts.isPending) return <Loading what={say("garden_page.what_was_done")} />;
  if (acts.isLoadingError) return <Trouble problem={acts.error} again={() => void acts.refetch()} />;
  if (acts.data.length === 0) return <Nothing title={say("garden_page.nothing_has_been_done_yet")} />;
  const listed = acts.data.filter((a) =>
    `${words("acts", a.kind)} ${about(a)}`.toLowerCase().includes(find.toLowerCase()),
  );
  return (
    <section aria-label={say("common.what_was_done")} className="max-w-4xl">
      <input
        type="search"
        aria-label={say("garden_page.find_in_what_was_done")}
        placeholder={say("garden_page.find_in_what_was_done")}
        className="box mb-2 !w-64 !font-text"
        value={find}
        onChange={(e) => setFind(e.target.value)}
      />
      <ul className="m-0 list-none p-0">
        {listed.map((a) => (
          <li
            key={a.actId}
            className={`flex items-center gap-3 border-b border-rule py-1 ${a.undone ? "text-soft line-through" : ""}`}
          >
            <span className="fig w-40 shrink-0 text-sm">{moment(a.recordedAt, garden.timeZone)}</span>
            <span className="min-w-0 flex-1 truncate" title={about(a)}>
              <b>{words("acts", a.kind)}</b> {about(a)}
            </span>
            {!a.undone && a.undoes === undefined && (
              <Button
                look="quiet"
                onClick={() => undo(a.actId)}
                aria-label={say("garden_page.undo", { acts: words("acts", a.kind), about: about(a) })}
              >
                {say("common.undo")}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {listed.length === 0 && <p className="note p-3">{say("garden_page.no_act_is_like_that_among")}</p>}
      {acts.data.length === limit && limit < MOST && (
        <Button className="mt-2" onClick={() => setLimit(limit + PAGE)}>
          {say("garden_page.older_acts")}
        </Button>
      )}
    </section>
  );
}
