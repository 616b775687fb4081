import { Command } from "cmdk";
import { Popover } from "radix-ui";
import { type ReactNode, useState } from "react";
import { say } from "../text";
import { Around, type Common, type Option } from "./Fields";

const CHOSEN =
  "flex min-h-9 cursor-pointer items-center px-2 data-[selected=true]:bg-ink data-[selected=true]:text-ground";

/** Whether all that is typed stands in a name, and how well: where words begin with it, that comes first. */
function found(name: string, typed: string, also: string[] = []): number {
  const whole = ` ${[name, ...also].join(" ").toLowerCase()}`;
  const parts = typed.toLowerCase().trim().split(/\s+/);
  if (!parts.every((part) => whole.includes(part))) return 0;
  return parts.every((part) => whole.includes(` ${part}`)) ? 1 : 0.5;
}

/** A box that opens a list with a search above it. */
export function SearchBox({
  show,
  invite,
  open,
  setOpen,
  find,
  setFind,
  filtered,
  none,
  foot,
  groups,
  choose,
  ...field
}: Common & {
  /** What is in the box while it is shut. */
  show: ReactNode;
  invite: string;
  open: boolean;
  setOpen: (open: boolean) => void;
  find: string;
  setFind: (text: string) => void;
  /** Whether the list was looked through already, where it is kept. */
  filtered?: { at: string; setAt: (value: string) => void };
  /** What the list says when nothing is found. */
  none: ReactNode;
  foot?: ReactNode;
  groups: { name: string | undefined; items: Option[] }[];
  choose: (value: string) => void;
}) {
  return (
    <Around {...field}>
      {(a) => (
        <Popover.Root modal open={open} onOpenChange={setOpen}>
          <Popover.Trigger
            {...a}
            role="combobox"
            className="box flex items-center justify-between gap-2 text-left !font-text"
          >
            <span className="min-w-0 flex-1 truncate">{show}</span>
            <span aria-hidden>▾</span>
          </Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              align="start"
              className="z-50 w-[max(var(--radix-popover-trigger-width),16rem)] border-2 border-ink bg-ground p-2"
            >
              <Command
                label={field.label}
                {...(filtered
                  ? { shouldFilter: false, value: filtered.at, onValueChange: filtered.setAt }
                  : { filter: found })}
              >
                <Command.Input
                  autoFocus
                  value={find}
                  onValueChange={setFind}
                  placeholder={invite}
                  className="box !font-text"
                />
                <Command.List className="mt-1 max-h-64 overflow-y-auto">
                  <Command.Empty className="note p-2">{none}</Command.Empty>
                  {groups.map((g, i) => (
                    <Command.Group
                      key={g.name ?? i}
                      {...(g.name ? { heading: <span className="note">{g.name}</span> } : {})}
                    >
                      {g.items.map((o) => (
                        <Command.Item
                          key={o.value}
                          value={filtered ? o.value : `${o.label} ${o.value}`}
                          {...(o.also ? { keywords: [o.also] } : {})}
                          onSelect={() => {
                            setOpen(false);
                            setFind("");
                            choose(o.value);
                          }}
                          className={CHOSEN}
                        >
                          {o.label}
                        </Command.Item>
                      ))}
                    </Command.Group>
                  ))}
                  {foot}
                </Command.List>
              </Command>
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      )}
    </Around>
  );
}

/** One of many, found by a part of its name. */
export function SearchField({
  value,
  onChange,
  options,
  invite,
  empty,
  ...field
}: Common & {
  value: string;
  onChange: (v: string) => void;
  options: Option[];
  invite: string;
  /** What the box says while nothing is chosen. */
  empty?: string;
}) {
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState("");
  const groups = [...new Set(options.map((o) => o.group))].map((name) => ({
    name,
    items: options.filter((o) => o.group === name),
  }));
  return (
    <SearchBox
      {...field}
      show={options.find((o) => o.value === value)?.label ?? <span className="text-soft">{empty ?? invite}</span>}
      invite={invite}
      open={open}
      setOpen={setOpen}
      find={find}
      setFind={setFind}
      none={say("frame.no_is_named_like_that", { one: "other" })}
      groups={open ? groups : []}
      choose={onChange}
    />
  );
}
