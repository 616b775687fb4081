import { createRootRoute, createRoute, createRouter, Outlet, redirect } from "@tanstack/react-router";
import { Frame } from "./views/Frame";
import { Bench } from "./views/bench/Bench";
import { LotPage } from "./views/bench/LotPage";
import { Feeds } from "./views/feeds/Feeds";
import { FeedPage } from "./views/feeds/FeedPage";
import { FirstGarden } from "./views/FirstGarden";
import type { LotTab } from "./views/bench/tabs";
import { ShelfView } from "./views/shelf/ShelfView";
import { TodayView } from "./views/today/TodayView";
import { Nothing, Trouble } from "./ui/States";

const root = createRootRoute({
  component: Outlet,
  notFoundComponent: () => <Nothing title="There is nothing at this address." />,
});

const start = createRoute({ getParentRoute: () => root, path: "/", component: FirstGarden });

const garden = createRoute({ getParentRoute: () => root, path: "/g/$garden", component: Frame });

const gardenStart = createRoute({
  getParentRoute: () => garden,
  path: "/",
  beforeLoad: ({ params }) => {
    throw redirect({ to: "/g/$garden/today", params });
  },
});

const text = (value: unknown): string | undefined => (typeof value === "string" && value ? value : undefined);

const today = createRoute({
  getParentRoute: () => garden,
  path: "today",
  component: TodayView,
  validateSearch: (s: Record<string, unknown>): { can?: string } => {
    const can = text(s["can"]);
    return can ? { can } : {};
  },
});

const bench = createRoute({
  getParentRoute: () => garden,
  path: "bench",
  component: Bench,
  validateSearch: (s: Record<string, unknown>): { find?: string } => {
    const find = text(s["find"]);
    return find ? { find } : {};
  },
});

const lot = createRoute({
  getParentRoute: () => bench,
  path: "$lot",
  component: LotPage,
  validateSearch: (s: Record<string, unknown>): { tab?: LotTab; working?: string } => {
    const tab = text(s["tab"]);
    const working = text(s["working"]);
    return {
      ...(tab === "readings" || tab === "journal" ? { tab } : {}),
      ...(working ? { working } : {}),
    };
  },
});

const shelf = createRoute({ getParentRoute: () => garden, path: "shelf", component: ShelfView });
const feeds = createRoute({ getParentRoute: () => garden, path: "feeds", component: Feeds });
const feed = createRoute({ getParentRoute: () => feeds, path: "$feed", component: FeedPage });

export const router = createRouter({
  routeTree: root.addChildren([
    start,
    garden.addChildren([gardenStart, today, bench.addChildren([lot]), feeds.addChildren([feed]), shelf]),
  ]),
  defaultPreload: "intent",
  defaultErrorComponent: ({ error }) => <Trouble problem={error} again={() => location.reload()} />,
});

declare module "@tanstack/react-router" {
  interface Register {
    router: typeof router;
  }
}
