import { kindName } from "../../text/plants";
import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useLayoutEffect, useRef, useState } from "react";
import { flushSync } from "react-dom";
import { newId, type Garden, type Lot } from "../../api";
import {
  benchQuery,
  catalogueQuery,
  gardenQuery,
  LOT_STATES,
  type LotState,
  useGardenId,
  guideQuery,
} from "../../api/queries";
import { PotMark } from "../../parts/PotMark";
import { words, say, rich } from "../../text";
import { day, dayFrom } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Segmented } from "../../ui/Segmented";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { type Deed, DeedPanel, DEEDS } from "./deeds";
import { Labels } from "../../parts/Labels";
import { ofLots } from "../../parts/labelled";

const ROW = 52;
const EVERYWHERE = "everywhere";

/** The bench as a person sees it: place by place, searched, filtered, many chosen at once. */
export function BenchList() {
  const id = useGardenId();
  const look = useSearch({ from: "/g/$garden/bench" });
  const navigate = useNavigate({ from: "/g/$garden/bench" });
  const garden = useQuery(gardenQuery(id)).data;
  const catalogue = useQuery(catalogueQuery).data;
  const pages = useInfiniteQuery(benchQuery(id, look));
  const [chosen, setChosen] = useState<Map<string, Lot>>(new Map());
  const [deed, setDeed] = useState<Deed>();
  const [labels, setLabels] = useState(false);
  if (!garden || !catalogue || pages.isPending) return <Loading what={say("bench_page.the_bench")} />;
  if (pages.isLoadingError) return <Trouble problem={pages.error} again={() => void pages.refetch()} />;
  const lots = pages.data.pages.flatMap((p) => p.lots);
  const counts = pages.data.pages[0]!.counts!;
  const add = () => void navigate({ to: "/g/$garden/bench/$lot", params: { garden: id, lot: `new-${newId()}` } });
  const set = (part: typeof look) => void navigate({ to: ".", search: (s) => ({ ...s, ...part }), replace: true });
  if (counts.all === 0 && counts.retired === 0) {
    return (
      <Nothing title={say("bench_page.the_bench_is_empty")}>
        <p className="mb-3">{say("bench_page.a_lot_is_one_plant_or")}</p>
        <Button look="ink" onClick={add}>
          {say("bench_page.add_the_first_lot")}
        </Button>
      </Nothing>
    );
  }
  const number: Record<LotState, number> = {
    all: counts.all,
    due: counts.due,
    thirsty: counts.thirsty,
    over: counts.overBand,
    retired: counts.retired,
  };
  const choose = (lot: Lot) =>
    setChosen((c) => {
      const next = new Map(c);
      if (!next.delete(lot.id)) next.set(lot.id, lot);
      return next;
    });
  const all = lots.length > 0 && lots.every((l) => chosen.has(l.id));
  return (
    <div className="mx-auto max-w-5xl pt-4">
      <div className="no-print mb-3 flex flex-wrap items-center gap-x-3 gap-y-2">
        <h1 className="mr-2 text-3xl">{say("common.bench")}</h1>
        <input
          type="search"
          aria-label={say("common.find_a_lot")}
          placeholder={say("bench_page.name_plant_or_place")}
          className="box !w-56 !font-text"
          value={look.find ?? ""}
          onChange={(e) => set({ find: e.target.value || undefined })}
        />
        <Segmented
          label={say("bench_page.which_lots")}
          value={look.state ?? "all"}
          onChange={(v) => set({ state: v === "all" ? undefined : (v as LotState) })}
          options={LOT_STATES.map((s) => ({ value: s, label: `${words("states", s)} ${number[s]}` }))}
        />
        <select
          aria-label={say("bench_page.in_which_place")}
          className="box !w-auto !font-text"
          value={look.place ?? EVERYWHERE}
          onChange={(e) => set({ place: e.target.value === EVERYWHERE ? undefined : e.target.value })}
        >
          <option value={EVERYWHERE}>{say("bench_page.all_places")}</option>
          {garden.places.map((p) => (
            <option key={p.id} value={p.id}>
              {p.name}
            </option>
          ))}
        </select>
        <Button onClick={add} className="ml-auto">
          {say("bench_page.add_a_lot")}
        </Button>
      </div>
      {lots.length === 0 ? (
        <p className="note p-6">{say("bench_page.no_lot_is_like_that_clear")}</p>
      ) : (
        <>
          <div className="flex flex-wrap items-center justify-between gap-x-4">
            <label className="note flex min-h-8 items-center gap-2">
              <input
                type="checkbox"
                className="size-5"
                checked={all}
                onChange={() => setChosen(all ? new Map() : new Map(lots.map((l) => [l.id, l])))}
              />
              {counts.looked === 1
                ? say("bench_page.choose_it")
                : say("bench_page.choose_all", {
                    value: lots.length < counts.looked ? say("bench_page.shown_of", { count: lots.length }) : "",
                    looked: counts.looked,
                  })}
            </label>
            <span className="no-print flex flex-wrap gap-x-4 text-sm">
              <Link
                to="/g/$garden/readings"
                params={{ garden: id }}
                search={look.place ? { place: look.place } : {}}
                className="inline-block leading-8 underline underline-offset-4"
              >
                {say("bench_page.read_many")}
              </Link>
              <Link
                to="/g/$garden/readings/small"
                params={{ garden: id }}
                search={look.place ? { place: look.place } : {}}
                className="inline-block leading-8 underline underline-offset-4"
              >
                {say("bench_page.readings_side_by_side")}
              </Link>
              <Link
                to="/g/$garden/known"
                params={{ garden: id }}
                search={look.find ? { find: look.find } : {}}
                className="inline-block leading-8 underline underline-offset-4"
              >
                {say("bench_page.how_well_it_knows")}
              </Link>
            </span>
          </div>
          <Rows
            lots={lots}
            garden={garden}
            chosen={chosen}
            choose={choose}
            more={() => {
              if (pages.hasNextPage && !pages.isFetchingNextPage) void pages.fetchNextPage();
            }}
          />
          {pages.isFetchingNextPage && <Loading what={say("bench_page.more_of_the_bench")} />}
        </>
      )}
      {chosen.size > 0 && (
        <div
          role="group"
          aria-label={say("bench_page.what_to_do_with_those_chosen")}
          className="no-print sticky bottom-14 z-10 mt-2 flex flex-wrap items-center gap-2 border-2 border-ink bg-leaf p-2 sm:bottom-2"
        >
          <span className="px-1">
            {rich("bench_page.chosen", { b: (c) => <b className="fig">{c}</b>, size: chosen.size })}
          </span>
          {DEEDS.filter((d) => !d.one).map((d) => (
            <Button key={d.id} onClick={() => setDeed(d.id)}>
              {say(d.label)}
            </Button>
          ))}
          <Button onClick={() => setLabels(true)}>{say("bench_page.labels")}</Button>
          <Button look="quiet" onClick={() => setChosen(new Map())}>
            {say("bench_page.choose_none")}
          </Button>
        </div>
      )}
      {deed && (
        <DeedPanel
          deed={deed}
          lots={[...chosen.values()]}
          garden={garden}
          catalogue={catalogue}
          close={() => setDeed(undefined)}
        />
      )}
      {labels && <Labels of={ofLots([...chosen.values()])} garden={garden} close={() => setLabels(false)} />}
    </div>
  );
}

function PlaceName({ garden, lot }: { garden: Garden; lot: Lot }) {
  return (
    <h2 className="border-b-2 border-rule-strong pt-3 pb-0.5 text-lg">
      {garden.places.find((p) => p.id === lot.placeId)?.name}
    </h2>
  );
}

/** Whether the page is being made ready for paper, which wants every row and not only those in sight. */
function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const before = () => flushSync(() => setPrinting(true));
    const after = () => setPrinting(false);
    window.addEventListener("beforeprint", before);
    window.addEventListener("afterprint", after);
    return () => {
      window.removeEventListener("beforeprint", before);
      window.removeEventListener("afterprint", after);
    };
  }, []);
  return printing;
}

/** Only the rows in sight are drawn, however many there are. */
function Rows({
  lots,
  garden,
  chosen,
  choose,
  more,
}: {
  lots: Lot[];
  garden: Garden;
  chosen: Map<string, Lot>;
  choose: (lot: Lot) => void;
  more: () => void;
}) {
  const list = useRef<HTMLDivElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), []);
  const rows = useWindowVirtualizer({
    count: lots.length,
    estimateSize: (i) => (i === 0 || lots[i]!.placeId !== lots[i - 1]!.placeId ? ROW + 36 : ROW),
    overscan: 8,
    scrollMargin: top,
    getItemKey: (i) => lots[i]!.id,
  });
  const printing = usePrinting();
  const items = rows.getVirtualItems();
  const last = items[items.length - 1]?.index ?? 0;
  useEffect(() => {
    if (last >= lots.length - 20) more();
  }, [last, lots.length, more]);
  if (printing) {
    return (
      <div role="list" aria-label={say("common.lots")}>
        {lots.map((lot, i) => (
          <div key={lot.id} role="listitem" className="break-inside-avoid">
            {(i === 0 || lots[i - 1]!.placeId !== lot.placeId) && <PlaceName garden={garden} lot={lot} />}
            <Row lot={lot} garden={garden} chosen={false} choose={() => undefined} />
          </div>
        ))}
      </div>
    );
  }
  return (
    <div
      ref={list}
      role="list"
      aria-label={say("common.lots")}
      className="relative"
      style={{ height: rows.getTotalSize() }}
    >
      {items.map((v) => {
        const lot = lots[v.index]!;
        const first = v.index === 0 || lots[v.index - 1]!.placeId !== lot.placeId;
        return (
          <div
            key={v.key}
            ref={rows.measureElement}
            data-index={v.index}
            role="listitem"
            className="absolute inset-x-0 top-0"
            style={{ transform: `translateY(${v.start - top}px)` }}
          >
            {first && <PlaceName garden={garden} lot={lot} />}
            <Row lot={lot} garden={garden} chosen={chosen.has(lot.id)} choose={() => choose(lot)} />
          </div>
        );
      })}
    </div>
  );
}

function Row({ lot, garden, chosen, choose }: { lot: Lot; garden: Garden; chosen: boolean; choose: () => void }) {
  const guide = useQuery(guideQuery(garden.id)).data;
  const off = [
    lot.phOff && lot.state.phFinding && `pH ${words("findings", lot.state.phFinding)}`,
    lot.saltsOff &&
      lot.state.ecFinding &&
      say("bench_page.salts", { findings: words("findings", lot.state.ecFinding) }),
  ].filter(Boolean);
  const late = lot.state.dueOn < garden.today;
  const move = lot.moves[0];
  return (
    <div className={`flex items-center gap-3 border-b border-rule py-1 ${chosen ? "bg-leaf" : ""}`}>
      <label className="no-print flex min-h-11 min-w-8 items-center justify-center">
        <input
          type="checkbox"
          className="size-5"
          checked={chosen}
          onChange={choose}
          aria-label={say("bench_page.choose", { name: lot.name })}
        />
      </label>
      <PotMark left={lot.retired ? 0 : lot.left} shape={lot.pot.shape} />
      <div className="min-w-0 flex-1">
        <Link
          to="/g/$garden/bench/$lot"
          params={{ garden: garden.id, lot: lot.id }}
          search={(s) => s}
          className="no-underline hover:underline"
        >
          {lot.name}
        </Link>
        <span className="note block truncate">
          {guide && kindName(guide, lot.species)}
          {lot.pots > 1 && say("common.pots", { pots: lot.pots })}
          {move &&
            say("bench_page.to_on", {
              name: garden.places.find((p) => p.id === move.placeId)?.name,
              day: day(move.on),
            })}
        </span>
        {off.length > 0 && <span className="block text-sm text-stop sm:hidden">▲ {off.join(", ")}</span>}
      </div>
      {off.length > 0 && <span className="hidden text-right text-sm text-stop sm:inline">▲ {off.join(", ")}</span>}
      <span className="fig w-28 shrink-0 text-right text-sm">
        {lot.retired ? (
          say("bench_page.left", { day: lot.retiredOn ? day(lot.retiredOn) : "" })
        ) : (
          <b className={late ? "text-stop" : ""}>
            {late ? say("bench_page.since") : ""}
            {dayFrom(lot.state.dueOn, garden.today)}
          </b>
        )}
      </span>
    </div>
  );
}
