import { Link, useParams } from "@tanstack/react-router";
import type { ReactNode } from "react";
import { say, type Key } from "../text";
import { Button } from "./Button";

type Props<T> = {
  label: string;
  /** What one of them is called: lot, feed. */
  one: string;
  /** Those that are found. */
  items: T[];
  find: string;
  setFind: (v: string) => void;
  link: (item: T) => ReactNode;
  add: () => void;
  /** On a narrow page the list makes room for what is open. */
  hidden: boolean;
  foot?: ReactNode;
};

/** How an entry of the list is drawn, and how the open one is told from the rest. */
export const ENTRY = {
  className: "block border-l-4 border-transparent py-1.5 pl-2 no-underline hover:border-rule-strong",
  activeProps: { className: "!border-ink font-semibold" },
};

/** The pages that belong to a view besides its list. */
export function FootLinks({ links }: { links: readonly { to: string; label: Key }[] }) {
  const { garden } = useParams({ strict: false });
  return links.map(({ to, label }) => (
    <Link
      key={to}
      to={to as "/g/$garden/feeds"}
      params={{ garden: garden! }}
      className="flex min-h-8 items-center underline underline-offset-4"
      activeProps={{ className: "font-semibold" }}
      activeOptions={{ exact: true }}
    >
      {say(label)}
      {"\u00a0"}→
    </Link>
  ));
}

/** The list at the side of a view, with its search and the way to add one. */
export function SideList<T extends { id: string }>({
  label,
  one,
  items,
  find,
  setFind,
  link,
  add,
  hidden,
  foot,
}: Props<T>) {
  return (
    <aside aria-label={label} className={`no-print ${hidden ? "hidden lg:block" : ""}`}>
      <input
        type="search"
        aria-label={say("frame.find_a", { one })}
        placeholder={say("frame.find_a", { one })}
        className="box !font-text"
        value={find}
        onChange={(e) => setFind(e.target.value)}
      />
      <ul className="my-2 list-none p-0">
        {items.map((i) => (
          <li key={i.id} className="border-b border-rule">
            {link(i)}
          </li>
        ))}
      </ul>
      {find && items.length === 0 && <p className="note">{say("frame.no_is_named_like_that", { one })}</p>}
      <Button onClick={add}>{say("common.add_a", { one })}</Button>
      {foot && <div className="mt-2">{foot}</div>}
    </aside>
  );
}
