import { useQuery } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { Command } from "cmdk";
import { useState } from "react";
import { feedsQuery, guideQuery, lotsQuery, mixesQuery } from "../api/queries";
import { keyOf, recipeName } from "../text/mixes";
import { say, words } from "../text";
import { namesOf } from "../text/plants";
import { Panel } from "../ui/Panel";

const MOST_LOTS = 12;
const MOST_PLANTS = 6;

export type Order = { id: string; label: string; key?: string; run: () => void };

/** One field that finds lots, feeds, pages and commands. */
export default function Palette({ garden, orders, close }: { garden: string; orders: Order[]; close: () => void }) {
  const [find, setFind] = useState("");
  const [chosen, setChosen] = useState("");
  const navigate = useNavigate();
  const found = useQuery(lotsQuery(garden, find ? { find } : {}));
  // those of the text before are not what is sought, and Enter would open one
  const lots = found.isPlaceholderData ? [] : (found.data?.lots ?? []);
  const feeds = useQuery(feedsQuery(garden)).data ?? [];
  const recipes = useQuery(mixesQuery(garden)).data?.recipes ?? [];
  const kinds = useQuery(guideQuery(garden)).data?.kinds ?? [];
  const sought = find.trim().toLowerCase();
  const named = (name: string) => name.toLowerCase().includes(sought);
  // a page is found by what it is for, too: by the beginning of a word, once that says something
  const serves = (id: string) =>
    sought.length > 2 &&
    sought.split(/\s+/).every((part) =>
      words("finder", id)
        .toLowerCase()
        .split(/\s+/)
        .some((word) => word.startsWith(part)),
    );
  const commands = {
    heading: say("frame.pages_and_commands"),
    items: orders
      .filter((o) => named(o.label) || serves(o.id))
      .map((o) => ({ value: `order ${o.id}`, label: o.label, hint: o.key, run: o.run })),
  };
  const things = [
    {
      heading: say("common.lots"),
      items: lots.slice(0, MOST_LOTS).map((l) => ({
        value: `lot ${l.id}`,
        label: l.name,
        hint: undefined,
        run: () => void navigate({ to: "/g/$garden/bench/$lot", params: { garden, lot: l.id } }),
      })),
    },
    {
      heading: say("common.feeds"),
      items: feeds
        .filter((f) => !f.retired && named(f.name))
        .map((f) => ({
          value: `feed ${f.id}`,
          label: f.name,
          hint: undefined,
          run: () => void navigate({ to: "/g/$garden/feeds/$feed", params: { garden, feed: f.id } }),
        })),
    },
  ];
  things.push({
    heading: say("frame.plants"),
    items: !find
      ? []
      : kinds
          .filter((k) => !k.retired && namesOf(k).some(named))
          .slice(0, MOST_PLANTS)
          .map((k) => ({
            value: `plant ${k.key}`,
            label: k.name,
            hint: undefined,
            run: () => void navigate({ to: "/g/$garden/plants/$kind", params: { garden, kind: k.key } }),
          })),
  });
  things.push({
    heading: say("common.mixes"),
    items: recipes
      .filter((r) => !r.retired && named(recipeName(r)))
      .map((r) => ({
        value: `mix ${r.id}`,
        label: recipeName(r),
        hint: undefined,
        run: () => void navigate({ to: "/g/$garden/mixes/$mix", params: { garden, mix: keyOf(r) } }),
      })),
  });
  // once something is typed it is most often the name of a thing, and Enter must not fall on a command
  const groups = (find ? [...things, commands] : [commands, ...things]).filter((g) => g.items.length > 0);
  const all = groups.flatMap((g) => g.items);
  const at = all.some((i) => i.value === chosen) ? chosen : (all[0]?.value ?? "");
  return (
    <Panel title={say("frame.find_anything")} close={close}>
      <Command shouldFilter={false} label={say("frame.find_anything")} value={at} onValueChange={setChosen}>
        <Command.Input
          autoFocus
          value={find}
          onValueChange={setFind}
          placeholder={say("frame.a_lot_a_feed_a_page")}
          className="box !font-text"
        />
        <Command.List className="max-h-[60vh] overflow-y-auto">
          {all.length === 0 && <p className="note p-2">{say("frame.nothing_is_named_like_that")}</p>}
          {groups.map((g) => (
            <Command.Group
              key={g.heading}
              heading={g.heading}
              className="[&_[cmdk-group-heading]]:mt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-soft"
            >
              {g.items.map((i) => (
                <Command.Item
                  key={i.value}
                  value={i.value}
                  onSelect={() => {
                    close();
                    i.run();
                  }}
                  className="flex min-h-9 cursor-pointer items-center justify-between gap-3 px-2 data-[selected=true]:bg-ink data-[selected=true]:text-ground"
                >
                  {i.label}
                  {i.hint && <kbd className="fig text-sm">{i.hint}</kbd>}
                </Command.Item>
              ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </Panel>
  );
}
