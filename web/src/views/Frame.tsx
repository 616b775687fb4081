import { useQuery } from "@tanstack/react-query";
import { Link, Outlet } from "@tanstack/react-router";
import { api, call, newId, type Garden } from "../api";
import { feedsQuery, lotsQuery, useAct, useGarden } from "../api/queries";
import { longDay } from "../text/numbers";
import { Segmented } from "../ui/Segmented";
import { Loading, Trouble } from "../ui/States";
import { useTheme } from "../ui/useTheme";

const VIEWS = [
  { to: "/g/$garden/today", label: "Today" },
  { to: "/g/$garden/bench", label: "Bench" },
  { to: "/g/$garden/feeds", label: "Feeds" },
  { to: "/g/$garden/shelf", label: "Shelf" },
] as const;

function Habits({ garden }: { garden: Garden }) {
  const change = useAct(garden.id, (body: Pick<Garden, "unitHabit" | "hand" | "version">) =>
    call(api.PUT("/api/gardens/{garden}/habits", { params: { path: { garden: garden.id } }, body })),
  );
  const set = (part: Partial<Pick<Garden, "unitHabit" | "hand">>) =>
    change.mutate({ unitHabit: garden.unitHabit, hand: garden.hand, version: garden.version, ...part });
  return (
    <>
      <Segmented
        label="Units"
        value={garden.unitHabit}
        onChange={(v) => set({ unitHabit: v as Garden["unitHabit"] })}
        options={[
          { value: "metric", label: "L · cm" },
          { value: "us", label: "gal · in" },
        ]}
      />
      <Segmented
        label="Measure feed with"
        value={garden.hand}
        onChange={(v) => set({ hand: v as Garden["hand"] })}
        options={[
          { value: "spoons", label: "spoons" },
          { value: "scale", label: "gram scale" },
        ]}
      />
    </>
  );
}

/** Until the first lot stands on the bench: what is done, and what comes next. */
function FirstSteps({ garden }: { garden: string }) {
  const lots = useQuery(lotsQuery(garden)).data;
  const feeds = useQuery(feedsQuery(garden)).data;
  if (!lots || !feeds || lots.total > 0) return null;
  const params = { garden };
  return (
    <p role="note" className="border-b border-rule py-2">
      ✓ The garden. {feeds.length > 0 ? "✓ The bottle. " : ""}
      {feeds.length > 0 ? (
        <Link to="/g/$garden/bench/$lot" params={{ ...params, lot: `new-${newId()}` }} className="font-semibold">
          Next: the first plant →
        </Link>
      ) : (
        <>
          <b>Now the bottle or box of feed:</b> its three numbers and its label's sentence.{" "}
          <Link to="/g/$garden/bench/$lot" params={{ ...params, lot: `new-${newId()}` }}>
            Or go on without feed
          </Link>
        </>
      )}
    </p>
  );
}

/** The running head of every page, and the page beneath it. */
export function Frame() {
  const { id, garden, catalogue } = useGarden();
  const { theme, turn } = useTheme();
  const failed = garden.isLoadingError ? garden : catalogue.isLoadingError ? catalogue : undefined;
  return (
    <div className="mx-auto flex min-h-screen max-w-[84rem] flex-col px-3 sm:px-6">
      <a href="#page" className="sr-only focus:not-sr-only">
        Skip to the page
      </a>
      <header className="no-print border-b-4 border-double border-rule-strong pt-3 pb-2">
        <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
          <p className="flex items-baseline gap-3">
            <span className="text-xl font-semibold">Even Cistern</span>
            <span className="note hidden md:inline">
              {garden.data?.name}
              {garden.data && ` · ${longDay(garden.data.today)}`}
            </span>
          </p>
          <nav
            aria-label="Views"
            className="fixed inset-x-0 bottom-0 z-20 flex border-t-2 border-ink bg-ground sm:static sm:border-0"
          >
            {VIEWS.map((v) => (
              <Link
                key={v.to}
                to={v.to}
                params={{ garden: id }}
                className="flex min-h-14 flex-1 items-center justify-center px-2 text-lg sm:min-h-9 sm:px-3"
                activeProps={{ className: "font-semibold underline decoration-2 underline-offset-8" }}
              >
                {v.label}
              </Link>
            ))}
          </nav>
          <div className="flex flex-wrap items-center gap-2">
            {garden.data && <Habits garden={garden.data} />}
            <button type="button" onClick={turn} className="min-h-8 px-2 text-sm underline underline-offset-4">
              {theme === "light" ? "Night" : "Day"}
            </button>
          </div>
        </div>
      </header>
      {garden.isRefetchError && (
        <p role="status" className="stamp px-3 py-1">
          <span className="bg-ground px-1">▲ No answer just now. What you see may be old; what you type is kept.</span>
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
          <Loading what="the garden" />
        )}
      </main>
    </div>
  );
}
