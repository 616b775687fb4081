import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Command } from "cmdk";
import { Popover } from "radix-ui";
import { useState } from "react";
import type { Lot } from "../api";
import { lotsQuery } from "../api/queries";
import { say } from "../text";
import { Around } from "../ui/Fields";

/** One of the garden's lots, however many there are: what is typed is looked for where they are kept. */
export function LotField({
  garden,
  label,
  invite,
  onChange,
}: {
  garden: string;
  label: string;
  invite: string;
  onChange: (lot: Lot) => void;
}) {
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState("");
  const [chosen, setChosen] = useState("");
  const { data } = useQuery({
    ...lotsQuery(garden, find ? { find } : {}),
    enabled: open,
    placeholderData: keepPreviousData,
  });
  const lots = data?.lots ?? [];
  // what stood first before something was typed need not be in the list any more
  const at = lots.some((l) => l.id === chosen) ? chosen : (lots[0]?.id ?? "");
  const more = (data?.counts?.looked ?? 0) - lots.length;
  const choose = (lot: Lot) => {
    setOpen(false);
    setFind("");
    onChange(lot);
  };
  return (
    <Around row label={label} field="lot" faults={[]}>
      {(a) => (
        <Popover.Root modal open={open} onOpenChange={setOpen}>
          <Popover.Trigger {...a} className="box flex items-center justify-between !font-text">
            {invite} <span aria-hidden>▾</span>
          </Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              align="start"
              className="z-50 w-[max(var(--radix-popover-trigger-width),16rem)] border-2 border-ink bg-ground p-2"
            >
              <Command shouldFilter={false} label={label} value={at} onValueChange={setChosen}>
                <Command.Input
                  autoFocus
                  value={find}
                  onValueChange={setFind}
                  placeholder={say("common.find_a_lot")}
                  className="box !font-text"
                />
                <Command.List className="mt-1 max-h-64 overflow-y-auto">
                  {data && lots.length === 0 && <p className="note p-2">{say("parts.no_lot_is_named_like_that")}</p>}
                  {lots.map((l) => (
                    <Command.Item
                      key={l.id}
                      value={l.id}
                      onSelect={() => choose(l)}
                      className="flex min-h-9 cursor-pointer items-center px-2 data-[selected=true]:bg-ink data-[selected=true]:text-ground"
                    >
                      {l.name}
                    </Command.Item>
                  ))}
                  {more > 0 && <p className="note p-2">{say("parts.and_more_type_a_part_of", { more })}</p>}
                </Command.List>
              </Command>
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      )}
    </Around>
  );
}
