import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate } from "@tanstack/react-router";
import { useState } from "react";
import { newId, type Guide, type Kind } from "../../api";
import { guideQuery, useGardenId } from "../../api/queries";
import { words, say } from "../../text";
import { poisonOf, namesOf } from "../../text/plants";
import { Button } from "../../ui/Button";
import { Loading, Nothing, Trouble } from "../../ui/States";

/** Every plant of the guide, group by group. */
export function Plants() {
  const id = useGardenId();
  const guide = useQuery(guideQuery(id));
  const [find, setFind] = useState("");
  const navigate = useNavigate();
  if (guide.isPending) return <Loading what={say("plants_page.the_guide")} />;
  if (guide.isLoadingError) return <Trouble problem={guide.error} again={() => void guide.refetch()} />;
  const sought = find.toLowerCase();
  const found = guide.data.kinds.filter(
    (k) => !k.retired && [...namesOf(k), words("groups", k.group)].some((n) => n.toLowerCase().includes(sought)),
  );
  const groups = guide.data.groups
    .map((g) => ({ key: g.key, kinds: found.filter((k) => k.group === g.key) }))
    .filter((g) => g.kinds.length > 0);
  return (
    <div className="min-w-0">
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <h1 className="text-2xl">{say("plants_page.plants")}</h1>
        <input
          type="search"
          aria-label={say("plants_page.find_a_plant_or_a_group")}
          placeholder={say("plants_page.find_a_plant_or_a_group")}
          className="box !w-64 !font-text"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
        <Button
          onClick={() =>
            void navigate({ to: "/g/$garden/plants/$kind", params: { garden: id, kind: `new-${newId()}` } })
          }
        >
          {say("common.add_a", { one: "plant" })}
        </Button>
        <p className="note">{say("plants_page.in_the_guide_may_kill_harmful", { count: guide.data.kinds.length })}</p>
      </div>
      {groups.length === 0 && <Nothing title={say("plants_page.no_plant_is_named_like_that")} />}
      <div className="gap-x-6 sm:columns-2 lg:columns-3 xl:columns-4">
        {groups.map((g) => (
          <section key={g.key} aria-label={words("groups", g.key)} className="mb-3 break-inside-avoid">
            <h2 className="head">{words("groups", g.key)}</h2>
            <ul className="m-0 list-none p-0">
              {g.kinds.map((k) => (
                <Line key={k.key} kind={k} guide={guide.data} garden={id} />
              ))}
            </ul>
          </section>
        ))}
      </div>
    </div>
  );
}

const POISON: Record<string, string> = { may_kill: "▲▲", harmful: "▲", irritant: "△", unknown: "?" };

function Line({ kind: k, guide, garden }: { kind: Kind; guide: Guide; garden: string }) {
  const poison = poisonOf(guide, k);
  return (
    <li className="border-b border-rule">
      <Link
        to="/g/$garden/plants/$kind"
        params={{ garden, kind: k.key }}
        className="flex min-h-8 items-baseline justify-between gap-2 no-underline hover:underline"
      >
        <span className="min-w-0">
          {k.name} <i className="note">{k.scientific}</i>
          {k.lots > 0 && <b className="note"> · {k.lots}</b>}
        </span>
        <span className="note shrink-0" title={poison.said}>
          {POISON[poison.worst]}
          <span className="sr-only">{poison.said}</span>
        </span>
      </Link>
    </li>
  );
}
