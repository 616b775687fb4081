import { Link, useNavigate } from "@tanstack/react-router";
import { DropdownMenu } from "radix-ui";
import { useState } from "react";
import type { Catalogue, Garden, Lot } from "../../api";
import { PotMark } from "../../parts/PotMark";
import { day } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { type Deed, DeedPanel, DEEDS } from "./deeds";
import { Labels } from "../../parts/Labels";
import { ofLots } from "../../parts/labelled";
import { say, rich, type Key } from "../../text";
import { duplicate } from "./lotInput";

/** Which lot this is, where it stands and is to go, and what can be done to it. */
export function LotHead({ lot, garden, catalogue }: { lot: Lot; garden: Garden; catalogue: Catalogue }) {
  const [deed, setDeed] = useState<Deed>();
  const [labels, setLabels] = useState(false);
  const navigate = useNavigate();
  const place = (id: string) => garden.places.find((p) => p.id === id)?.name;
  const more: { label: Key; does: () => void }[] = [
    ...DEEDS.filter((d) => !d.first).map((d) => ({ label: d.label, does: () => setDeed(d.id) })),
    {
      label: "bench_page.duplicate",
      does: () => void navigate({ to: "/g/$garden/bench/$lot", params: { garden: garden.id, lot: duplicate(lot) } }),
    },
    { label: "bench_page.label", does: () => setLabels(true) },
  ];
  return (
    <header className="mb-2">
      <div className="flex items-center gap-3">
        <PotMark left={lot.left} shape={lot.pot.shape} />
        <h1 className="min-w-0 text-2xl">{lot.name}</h1>
        <p className="note">
          {place(lot.placeId)}
          {lot.pots > 1 && say("common.pots", { pots: lot.pots })}
          {lot.moves
            .map((m) => say("bench_page.to_place_on_day", { place: place(m.placeId), day: day(m.on) }))
            .join("")}
        </p>
      </div>
      {lot.retired ? (
        <p className="stamp mt-2 px-3 py-1">
          <span className="bg-ground px-1">
            {rich("bench_page.off_the_bench_to_bring_it", {
              value: lot.retiredOn && say("bench_page.since_day", { day: day(lot.retiredOn) }),
              value2: lot.retiredWhy && `: ${lot.retiredWhy}`,
              link: (c) => (
                <Link to="/g/$garden/garden" params={{ garden: garden.id }} search={{ part: "done" }}>
                  {c}
                </Link>
              ),
            })}
          </span>
        </p>
      ) : (
        <div
          role="group"
          aria-label={say("bench_page.what_to_do_with_this_lot")}
          className="no-print -ml-1 mt-1 mb-2 flex flex-wrap gap-2"
        >
          {DEEDS.filter((d) => d.first).map((d) => (
            <Button key={d.id} className="min-h-11" onClick={() => setDeed(d.id)}>
              {say(d.label)}
            </Button>
          ))}
          <DropdownMenu.Root>
            <DropdownMenu.Trigger asChild>
              <Button look="quiet" className="min-h-11">
                {say("frame.more")} ▾
              </Button>
            </DropdownMenu.Trigger>
            <DropdownMenu.Portal>
              <DropdownMenu.Content align="start" className="z-30 min-w-48 border-2 border-ink bg-ground py-1">
                {more.map((m) => (
                  <DropdownMenu.Item
                    key={m.label}
                    onSelect={m.does}
                    className="flex min-h-11 cursor-pointer items-center px-4 data-[highlighted]:bg-ink data-[highlighted]:text-ground"
                  >
                    {say(m.label)}
                  </DropdownMenu.Item>
                ))}
              </DropdownMenu.Content>
            </DropdownMenu.Portal>
          </DropdownMenu.Root>
        </div>
      )}
      {deed && (
        <DeedPanel deed={deed} lots={[lot]} garden={garden} catalogue={catalogue} close={() => setDeed(undefined)} />
      )}
      {labels && <Labels of={ofLots([lot])} garden={garden} close={() => setLabels(false)} />}
    </header>
  );
}
