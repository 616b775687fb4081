import {
  createRootRoute,
  createRoute,
  createRouter,
  lazyRouteComponent,
  Outlet,
  redirect,
} from "@tanstack/react-router";
import type { ReactNode } from "react";
import { LOT_STATES, type Look, type Small } from "./api/queries";
import { Frame } from "./views/Frame";
import { FirstGarden } from "./views/FirstGarden";
import { lotTab, type LotTab } from "./views/bench/tabs";
import { GARDEN_PARTS, type GardenPart } from "./views/garden/parts";
import { TodayView } from "./views/today/TodayView";
import { more, say } from "./text";
import { Nothing, Trouble } from "./ui/States";

/** A view that comes when it is asked for, with what it says. */
const lazyView = <V extends Record<string, () => ReactNode>, N extends keyof V>(load: () => Promise<V>, name: N) =>
  lazyRouteComponent(() => Promise.all([load(), more()]).then(([view]) => view), name);

const root = createRootRoute({
  component: Outlet,
  notFoundComponent: () => <Nothing title={say("frame.there_is_nothing_at_this_address")} />,
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

/** Of a page whose only further state is the open working. */
function workingOnly(s: Record<string, unknown>): { working?: string } {
  const working = text(s["working"]);
  return working ? { working } : {};
}

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
  component: lazyView(() => import("./views/bench/Bench"), "Bench"),
  validateSearch: (s: Record<string, unknown>): Look => {
    const find = text(s["find"]);
    const place = text(s["place"]);
    const state = LOT_STATES.find((x) => x === s["state"]);
    return { ...(find ? { find } : {}), ...(place ? { place } : {}), ...(state && state !== "all" ? { state } : {}) };
  },
});

const lot = createRoute({
  getParentRoute: () => bench,
  path: "$lot",
  component: lazyView(() => import("./views/bench/LotPage"), "LotPage"),
  validateSearch: (s: Record<string, unknown>): { tab?: LotTab; working?: string } => {
    const tab = lotTab(text(s["tab"]));
    const working = text(s["working"]);
    return {
      ...(tab && tab !== "now" ? { tab } : {}),
      ...(working ? { working } : {}),
    };
  },
});

const manyReadings = createRoute({
  getParentRoute: () => garden,
  path: "readings",
  component: lazyView(() => import("./views/bench/ManyReadings"), "ManyReadings"),
  validateSearch: (s: Record<string, unknown>): Look => {
    const find = text(s["find"]);
    const place = text(s["place"]);
    return { ...(find ? { find } : {}), ...(place ? { place } : {}) };
  },
});

const knownPots = createRoute({
  getParentRoute: () => garden,
  path: "known",
  component: lazyView(() => import("./views/bench/KnownPots"), "KnownPots"),
  validateSearch: (s: Record<string, unknown>): Pick<Look, "find"> => {
    const find = text(s["find"]);
    return find ? { find } : {};
  },
});

const smallReadings = createRoute({
  getParentRoute: () => garden,
  path: "readings/small",
  component: lazyView(() => import("./views/bench/SmallReadings"), "SmallReadings"),
  validateSearch: (s: Record<string, unknown>): Small => {
    const method = text(s["method"]);
    const place = text(s["place"]);
    const mix = text(s["mix"]);
    return { ...(method ? { method } : {}), ...(place ? { place } : {}), ...(mix ? { mix } : {}) };
  },
});

const whichAils = createRoute({
  getParentRoute: () => garden,
  path: "ails",
  component: lazyView(() => import("./views/bench/WhatAils"), "WhichAils"),
});

const whatAils = createRoute({
  getParentRoute: () => garden,
  path: "ails/$lot",
  component: lazyView(() => import("./views/bench/WhatAils"), "WhatAils"),
  validateSearch: (s: Record<string, unknown>): { seen?: string; passed?: string; ask?: string } => {
    const seen = text(s["seen"]);
    const passed = text(s["passed"]);
    const ask = text(s["ask"]);
    return { ...(seen ? { seen } : {}), ...(passed ? { passed } : {}), ...(ask ? { ask } : {}) };
  },
});

const shelf = createRoute({
  getParentRoute: () => garden,
  path: "shelf",
  component: lazyView(() => import("./views/shelf/ShelfView"), "ShelfView"),
});
const meter = createRoute({
  getParentRoute: () => garden,
  path: "shelf/meter/$meter",
  component: lazyView(() => import("./views/shelf/MeterPage"), "MeterPage"),
});
const settings = createRoute({
  getParentRoute: () => garden,
  path: "garden",
  component: lazyView(() => import("./views/garden/GardenView"), "GardenView"),
  validateSearch: (s: Record<string, unknown>): { part?: GardenPart } => {
    const part = GARDEN_PARTS.find((p) => p.id === s["part"])?.id;
    return part ? { part } : {};
  },
});
const feeds = createRoute({
  getParentRoute: () => garden,
  path: "feeds",
  component: lazyView(() => import("./views/feeds/Feeds"), "Feeds"),
});
const feed = createRoute({
  getParentRoute: () => feeds,
  path: "$feed",
  component: lazyView(() => import("./views/feeds/FeedPage"), "FeedPage"),
});

const dose = createRoute({
  getParentRoute: () => feeds,
  path: "dose",
  component: lazyView(() => import("./views/feeds/DoseBench"), "DoseBench"),
  validateSearch: workingOnly,
});
const waterBench = createRoute({
  getParentRoute: () => feeds,
  path: "water",
  component: lazyView(() => import("./views/feeds/WaterBench"), "WaterBench"),
  validateSearch: workingOnly,
});
const tank = createRoute({
  getParentRoute: () => feeds,
  path: "tank",
  component: lazyView(() => import("./views/feeds/TankBench"), "TankBench"),
  validateSearch: workingOnly,
});
const blend = createRoute({
  getParentRoute: () => feeds,
  path: "blend",
  component: lazyView(() => import("./views/feeds/BlendBench"), "BlendBench"),
});
const remedies = createRoute({
  getParentRoute: () => feeds,
  path: "remedies",
  component: lazyView(() => import("./views/feeds/Remedies"), "Remedies"),
  validateSearch: workingOnly,
});

const year = createRoute({
  getParentRoute: () => garden,
  path: "year",
  component: lazyView(() => import("./views/year/Year"), "Year"),
});
const yearStart = createRoute({
  getParentRoute: () => year,
  path: "/",
  beforeLoad: ({ params }) => {
    throw redirect({ to: "/g/$garden/year/ribbons", params });
  },
});
const ribbons = createRoute({
  getParentRoute: () => year,
  path: "ribbons",
  component: lazyView(() => import("./views/year/YearAhead"), "YearAhead"),
  validateSearch: (s: Record<string, unknown>): { place?: string } => {
    const place = text(s["place"]);
    return place ? { place } : {};
  },
});
const workToCome = createRoute({
  getParentRoute: () => year,
  path: "work",
  component: lazyView(() => import("./views/year/WorkToCome"), "WorkToCome"),
});
const weather = createRoute({
  getParentRoute: () => year,
  path: "weather",
  component: lazyView(() => import("./views/year/WeatherPage"), "WeatherPage"),
});
const plants = createRoute({
  getParentRoute: () => garden,
  path: "plants",
  component: lazyView(() => import("./views/plants/PlantsView"), "PlantsView"),
});
const guide = createRoute({
  getParentRoute: () => plants,
  path: "/",
  component: lazyView(() => import("./views/plants/Plants"), "Plants"),
});
const plant = createRoute({
  getParentRoute: () => plants,
  path: "$kind",
  component: lazyView(() => import("./views/plants/PlantPage"), "PlantPage"),
});
/** Where the plants were before they had a view of their own. */
const plantsBefore = createRoute({
  getParentRoute: () => garden,
  path: "year/plants/{-$kind}",
  beforeLoad: ({ params }) => {
    throw params.kind
      ? redirect({ to: "/g/$garden/plants/$kind", params: { garden: params.garden, kind: params.kind } })
      : redirect({ to: "/g/$garden/plants", params: { garden: params.garden } });
  },
});

const mixes = createRoute({
  getParentRoute: () => garden,
  path: "mixes",
  component: lazyView(() => import("./views/mixes/Mixes"), "Mixes"),
});
const mixStart = createRoute({
  getParentRoute: () => mixes,
  path: "/",
  component: () => <p className="note hidden p-6 lg:block">{say("frame.open_a_mix_to_see_what")}</p>,
});
const mix = createRoute({
  getParentRoute: () => mixes,
  path: "$mix",
  component: lazyView(() => import("./views/mixes/RecipePage"), "RecipePage"),
  validateSearch: workingOnly,
});
const making = createRoute({
  getParentRoute: () => mixes,
  path: "$mix/batch",
  component: lazyView(() => import("./views/mixes/MakeBatch"), "MakeBatch"),
});
const batch = createRoute({
  getParentRoute: () => mixes,
  path: "batches/$batch",
  component: lazyView(() => import("./views/mixes/BatchCard"), "BatchCard"),
});
const batches = createRoute({
  getParentRoute: () => mixes,
  path: "batches",
  component: lazyView(() => import("./views/mixes/Batches"), "Batches"),
});
const usedMixes = createRoute({
  getParentRoute: () => mixes,
  path: "used",
  component: lazyView(() => import("./views/mixes/UsedMixes"), "UsedMixes"),
  validateSearch: (s: Record<string, unknown>): { lot?: string } => {
    const lot = text(s["lot"]);
    return lot ? { lot } : {};
  },
});
const usedMix = createRoute({
  getParentRoute: () => mixes,
  path: "used/$used",
  component: lazyView(() => import("./views/mixes/UsedMixPage"), "UsedMixPage"),
});
const wishes = createRoute({
  getParentRoute: () => mixes,
  path: "wishes",
  component: lazyView(() => import("./views/mixes/FromWishes"), "FromWishes"),
});
const compare = createRoute({
  getParentRoute: () => mixes,
  path: "compare",
  component: lazyView(() => import("./views/mixes/Compare"), "Compare"),
  validateSearch: (s: Record<string, unknown>): { one?: string; other?: string } => {
    const one = text(s["one"]);
    const other = text(s["other"]);
    return { ...(one ? { one } : {}), ...(other ? { other } : {}) };
  },
});
const recipeFiles = createRoute({
  getParentRoute: () => mixes,
  path: "files",
  component: lazyView(() => import("./views/mixes/RecipeFiles"), "RecipeFiles"),
});
const components = createRoute({
  getParentRoute: () => mixes,
  path: "components",
  component: lazyView(() => import("./views/mixes/Components"), "Components"),
  validateSearch: (s: Record<string, unknown>): { open?: string } => {
    const open = text(s["open"]);
    return open ? { open } : {};
  },
});

export const router = createRouter({
  routeTree: root.addChildren([
    start,
    garden.addChildren([
      gardenStart,
      today,
      bench.addChildren([lot]),
      manyReadings,
      smallReadings,
      knownPots,
      whichAils,
      whatAils,
      mixes.addChildren([
        mixStart,
        wishes,
        compare,
        recipeFiles,
        components,
        batches,
        batch,
        usedMixes,
        usedMix,
        making,
        mix,
      ]),
      feeds.addChildren([dose, blend, waterBench, tank, remedies, feed]),
      year.addChildren([yearStart, ribbons, workToCome, weather]),
      plants.addChildren([guide, plant]),
      plantsBefore,
      shelf,
      meter,
      settings,
    ]),
  ]),
  defaultPreload: "intent",
  defaultErrorComponent: ({ error }) => <Trouble problem={error} again={() => location.reload()} />,
});

declare module "@tanstack/react-router" {
  interface Register {
    router: typeof router;
  }
}
