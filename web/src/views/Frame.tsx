import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Link, Outlet, useNavigate } from "@tanstack/react-router";
import { Fragment, lazy, Suspense, useCallback, useEffect, useRef, useState } from "react";
import { newId, Problem, type Garden, type Recorded, type SettingsInput } from "../api";
import { useSending, type Work } from "../api/outbox";
import { useAway } from "../api/away";
import { actsQuery, feedsQuery, lotsQuery, useAct, useGarden } from "../api/queries";
import { day } from "../text/numbers";
import { KEYS, useKeys } from "../ui/keys";
import { useNotices } from "../ui/notices";
import { Panel } from "../ui/Panel";
import { Loading, Trouble } from "../ui/States";
import { useTheme } from "../ui/useTheme";
import { useTold, useUndo } from "../ui/useUndo";
import { GARDEN_PARTS } from "./garden/parts";
import { MIX_PAGES } from "./mixes/pages";
import { YEAR_PAGES } from "./year/pages";
import { FEED_PAGES } from "./feeds/pages";
import { saveSettings, settingsOf } from "./garden/settings";
import { follow, more, rich, say } from "../text";
import type { Order } from "./Palette";

const Palette = lazy(() => Promise.all([import("./Palette"), more()]).then(([palette]) => palette));

const VIEWS = [
  { to: "/g/$garden/today", id: "today", key: "t", label: "common.today", thumb: true },
  { to: "/g/$garden/bench", id: "bench", key: "b", label: "common.bench", thumb: true },
  { to: "/g/$garden/plants", id: "plants", key: "p", label: "frame.plants", thumb: false },
  { to: "/g/$garden/mixes", id: "mixes", key: "m", label: "common.mixes", thumb: false },
  { to: "/g/$garden/feeds", id: "feeds", key: "f", label: "common.feeds", thumb: true },
  { to: "/g/$garden/year", id: "year", key: "y", label: "frame.year", thumb: false },
  { to: "/g/$garden/shelf", id: "shelf", key: "s", label: "common.shelf", thumb: true },
] as const;

/** What is for one press from any page, and found besides: the units and the language. */
function useHabits(garden: Garden | undefined) {
  const { notify } = useNotices();
  const change = useAct(garden?.id ?? "", (part: Partial<SettingsInput>) =>
    saveSettings(garden!.id, { ...settingsOf(garden!), ...part }),
  );
  return (part: Partial<SettingsInput>) =>
    change.mutate(part, { onError: (e) => notify({ text: e.detail, bad: true }) });
}

/** Sends the work that was ticked, and says so with the way to take it back. */
function useTicks(garden: string) {
  const client = useQueryClient();
  const told = useTold(garden);
  const tell = useRef(told);
  useEffect(() => {
    tell.current = told;
  });
  const sent = useCallback(
    (work: Work, act: Recorded) => {
      tell.current(say("frame.recorded", { lotName: work.lotName }), act.actId);
      void client.invalidateQueries({ queryKey: ["garden", garden] });
    },
    [client, garden],
  );
  useSending(garden, sent);
}

/** Takes back the last act that has not been taken back. */
function useUndoLast(garden: string) {
  const client = useQueryClient();
  const { notify } = useNotices();
  const undo = useUndo(garden);
  return () =>
    void client
      .fetchQuery({ ...actsQuery(garden, 20), staleTime: 0 })
      .then((acts) => {
        const last = acts.find((a) => !a.undone && a.undoes === undefined);
        if (last) undo(last.actId);
        else notify({ text: say("frame.there_is_nothing_to_take_back") });
      })
      .catch((e: unknown) => notify({ text: e instanceof Problem ? e.detail : String(e), bad: true }));
}

/** Until the first lot stands on the bench: what is done, and what comes next. */
function FirstSteps({ garden }: { garden: string }) {
  const lots = useQuery(lotsQuery(garden)).data;
  const feeds = useQuery(feedsQuery(garden)).data;
  if (!lots || !feeds || lots.counts!.all + lots.counts!.retired > 0) return null;
  const params = { garden };
  return (
    <p role="note" className="border-b border-rule py-2">
      {say("frame.the_garden", { which: feeds.length > 0 ? "yes" : "no" })}
      {feeds.length > 0 ? (
        <Link to="/g/$garden/bench/$lot" params={{ ...params, lot: `new-${newId()}` }} className="font-semibold">
          {say("frame.next_the_first_plant")}
        </Link>
      ) : (
        <>
          {rich("frame.now_the_bottle_or_box_of", { b: (c) => <b>{c}</b> })}{" "}
          <Link to="/g/$garden/bench/$lot" params={{ ...params, lot: `new-${newId()}` }}>
            {say("frame.or_go_on_without_feed")}
          </Link>
        </>
      )}
    </p>
  );
}

/** A view that the bar beneath a small page has no room for. */
function More(at: {
  to: (typeof VIEWS)[number]["to"] | "/g/$garden/garden";
  garden: string;
  label: string;
  close: () => void;
}) {
  return (
    <li className="border-b border-rule">
      <Link
        to={at.to}
        params={{ garden: at.garden }}
        onClick={at.close}
        className="flex min-h-14 items-center text-lg no-underline"
      >
        {at.label}
      </Link>
    </li>
  );
}

/** The running head of every page, and the page beneath it. */
export function Frame() {
  const { id, garden, catalogue } = useGarden();
  const { theme, turn } = useTheme();
  const away = useAway();
  const language = garden.data?.language;
  useEffect(() => {
    if (language) follow(language);
  }, [language]);
  useTicks(id);
  const navigate = useNavigate();
  const [panel, setPanel] = useState<"find" | "keys" | "more">();
  const undoLast = useUndoLast(id);
  const habits = useHabits(garden.data);
  const params = { garden: id };
  const newLot = () => void navigate({ to: "/g/$garden/bench/$lot", params: { ...params, lot: `new-${newId()}` } });
  const us = garden.data?.unitHabit === "us";
  const american = garden.data?.language === "en-US";
  const orders: Order[] = [
    ...VIEWS.map((v) => ({
      id: v.id,
      label: say(v.label),
      key: v.key,
      run: () => void navigate({ to: v.to, params }),
    })),
    {
      id: "garden",
      label: say("frame.garden"),
      key: "g",
      run: () => void navigate({ to: "/g/$garden/garden", params }),
    },
    { id: "new_lot", label: say("frame.a_new_lot_2"), key: "n", run: newLot },
    {
      id: "new_feed",
      label: say("frame.a_new_feed"),
      run: () => void navigate({ to: "/g/$garden/feeds/$feed", params: { ...params, feed: `new-${newId()}` } }),
    },
    {
      id: "readings",
      label: say("common.readings_pot_by_pot"),
      run: () => void navigate({ to: "/g/$garden/readings", params }),
    },
    {
      id: "small_readings",
      label: say("common.readings_side_by_side"),
      run: () => void navigate({ to: "/g/$garden/readings/small", params }),
    },
    ...[...YEAR_PAGES, ...FEED_PAGES, ...MIX_PAGES].map((page) => ({
      id: page.to.split("/").slice(-2).join("_"),
      label: say(page.label),
      run: () => void navigate({ to: page.to, params }),
    })),
    {
      id: "ails",
      label: say("frame.what_ails_a_plant"),
      run: () => void navigate({ to: "/g/$garden/ails", params }),
    },
    { id: "undo", label: say("frame.undo_what_was_done_last_2"), key: "u", run: undoLast },
    ...GARDEN_PARTS.map((p) => ({
      id: p.id,
      label: say(p.label),
      run: () => void navigate({ to: "/g/$garden/garden", params, search: { part: p.id } }),
    })),
    {
      id: "units",
      label: us ? say("frame.show_metric_units") : say("frame.show_us_units"),
      run: () => habits({ unitHabit: us ? "metric" : "us" }),
    },
    {
      id: "language",
      label: american ? say("frame.speak_british_english") : say("frame.speak_american_english"),
      run: () => habits({ language: american ? "en-GB" : "en-US" }),
    },
    { id: "theme", label: theme === "light" ? say("frame.night_colours") : say("frame.day_colours"), run: turn },
    { id: "print", label: say("frame.print_this_page"), run: () => window.print() },
    { id: "keys", label: say("frame.keys"), key: "?", run: () => setPanel("keys") },
  ];
  useKeys({
    ...Object.fromEntries(orders.flatMap((o) => (o.key ? [[o.key, o.run]] : []))),
    "/": () => document.querySelector<HTMLInputElement>("main input[type=search]")?.focus(),
    "Ctrl K": () => setPanel("find"),
  });
  const failed = garden.isLoadingError ? garden : catalogue.isLoadingError ? catalogue : undefined;
  return (
    <div className="mx-auto flex min-h-screen max-w-[84rem] flex-col px-3 sm:px-6">
      <a href="#page" className="sr-only focus:not-sr-only">
        {say("frame.skip_to_the_page")}
      </a>
      <header className="no-print border-b-4 border-double border-rule-strong pt-3 pb-2">
        <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
          <p className="flex items-baseline gap-3">
            <span className="text-xl font-semibold">{say("frame.even_cistern")}</span>
            <span className="note">
              <Link
                to="/g/$garden/garden"
                params={params}
                className="inline-flex min-h-6 items-center underline underline-offset-4"
                activeProps={{ className: "font-semibold" }}
              >
                {garden.data?.name ?? say("frame.garden")}
              </Link>
              <span className="hidden sm:inline">{garden.data && ` · ${day(garden.data.today)}`}</span>
            </span>
          </p>
          <nav
            aria-label={say("frame.views")}
            className="fixed inset-x-0 bottom-0 z-20 flex border-t-2 border-ink bg-ground sm:static sm:border-0"
          >
            {VIEWS.map((v) => (
              <Link
                key={v.to}
                to={v.to}
                params={params}
                className={`min-h-14 flex-1 items-center justify-center px-0.5 text-[0.95rem] sm:min-h-9 sm:px-3 sm:text-lg ${v.thumb ? "flex" : "hidden sm:flex"}`}
                activeProps={{ className: "font-semibold underline decoration-2 underline-offset-8" }}
              >
                {say(v.label)}
              </Link>
            ))}
            <button
              type="button"
              onClick={() => setPanel("more")}
              className="min-h-14 flex-1 px-0.5 text-[0.95rem] underline underline-offset-8 sm:hidden"
            >
              {say("frame.more")}
            </button>
          </nav>
          <div className="flex flex-wrap items-center gap-2">
            <button
              type="button"
              onClick={() => setPanel("find")}
              className="min-h-8 px-2 text-sm underline underline-offset-4"
            >
              {rich("frame.find_ctrl_k", {
                kbd: (c) => <kbd className="fig hidden text-xs text-soft no-underline lg:inline">{c}</kbd>,
              })}
            </button>
            <button
              type="button"
              aria-label={say("frame.keys")}
              onClick={() => setPanel("keys")}
              className="min-h-8 px-2 text-sm underline underline-offset-4"
            >
              ?
            </button>
          </div>
        </div>
      </header>
      {away && (
        <p role="status" className="stamp px-3 py-1">
          <span className="bg-ground px-1">{say("frame.the_server_does_not_answer_you")}</span>
        </p>
      )}
      {!away && garden.isRefetchError && (
        <p role="status" className="stamp px-3 py-1">
          <span className="bg-ground px-1">{say("frame.no_answer_just_now_what_you")}</span>
        </p>
      )}
      <main id="page" className="flex-1 pb-24 sm:pb-6">
        {failed ? (
          <Trouble problem={failed.error} again={() => void failed.refetch()} />
        ) : garden.data && catalogue.data ? (
          <>
            <FirstSteps garden={id} />
            <Outlet />
          </>
        ) : (
          <Loading what={say("common.the_garden")} />
        )}
      </main>
      {panel === "keys" && (
        <Panel title={say("frame.keys")} close={() => setPanel(undefined)}>
          <dl className="m-0 grid grid-cols-[5rem_1fr] gap-y-1">
            {KEYS.map((k) => (
              <Fragment key={k.key}>
                <dt>
                  <kbd className="fig border border-rule-strong px-1.5">{k.key}</kbd>
                </dt>
                <dd className="m-0">{say(k.does)}</dd>
              </Fragment>
            ))}
          </dl>
        </Panel>
      )}
      {panel === "more" && (
        <Panel title={say("frame.more")} close={() => setPanel(undefined)}>
          <ul className="m-0 list-none p-0">
            {VIEWS.filter((v) => !v.thumb).map((v) => (
              <More key={v.to} to={v.to} garden={id} label={say(v.label)} close={() => setPanel(undefined)} />
            ))}
            <More to="/g/$garden/garden" garden={id} label={say("frame.garden")} close={() => setPanel(undefined)} />
          </ul>
        </Panel>
      )}
      {panel === "find" && (
        <Suspense fallback={null}>
          <Palette garden={id} orders={orders} close={() => setPanel(undefined)} />
        </Suspense>
      )}
    </div>
  );
}
