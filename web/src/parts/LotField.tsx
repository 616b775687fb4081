import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Lot } from "../api";
import { lotsQuery } from "../api/queries";
import { say } from "../text";
import { SearchBox } from "../ui/SearchField";

/** One of the garden's lots, however many there are: what is typed is looked for where they are kept. */
export function LotField({
  garden,
  label,
  invite,
  onChange,
  retired = false,
}: {
  garden: string;
  label: string;
  invite: string;
  onChange: (lot: Lot) => void;
  /** Those that have left the bench instead. */
  retired?: boolean;
}) {
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState("");
  const [chosen, setChosen] = useState("");
  const { data } = useQuery({
    ...lotsQuery(garden, { ...(find ? { find } : {}), ...(retired ? { state: "retired" } : {}) }),
    enabled: open,
    placeholderData: keepPreviousData,
  });
  const lots = data?.lots ?? [];
  const more = (data?.counts?.looked ?? 0) - lots.length;
  return (
    <SearchBox
      row
      label={label}
      field="lot"
      faults={[]}
      show={invite}
      invite={say("common.find_a_lot")}
      open={open}
      setOpen={setOpen}
      find={find}
      setFind={setFind}
      // what stood first before something was typed need not be in the list any more
      filtered={{ at: lots.some((l) => l.id === chosen) ? chosen : (lots[0]?.id ?? ""), setAt: setChosen }}
      none={data && say("parts.no_lot_is_named_like_that")}
      groups={[{ name: undefined, items: lots.map((l) => ({ value: l.id, label: l.name })) }]}
      choose={(id) => {
        const lot = lots.find((l) => l.id === id);
        if (lot) onChange(lot);
      }}
      {...(more > 0 ? { foot: <p className="note p-2">{say("parts.and_more_type_a_part_of", { more })}</p> } : {})}
    />
  );
}
