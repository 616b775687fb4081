import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import type { Overview } from "../../api";
import { gardenQuery, mixesQuery, overviewQuery, useGardenId } from "../../api/queries";
import { words, say } from "../../text";
import { keyOf, recipeName } from "../../text/mixes";
import { bandName } from "../../text/bands";
import { course } from "../../text/readings";
import { figures } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Fields";
import { Loading, Nothing, Trouble } from "../../ui/States";

const METHODS = ["runoff", "pour_through", "extract", "paste", "soak"];
const ALL = "all";

/** The readings of a bench, or of a batch of mix, lot by lot in small: who is off, who is heading there, who differs. */
export function SmallReadings() {
  const id = useGardenId();
  const look = useSearch({ from: "/g/$garden/readings/small" });
  const navigate = useNavigate({ from: "/g/$garden/readings/small" });
  const garden = useQuery(gardenQuery(id)).data;
  const mixes = useQuery(mixesQuery(id)).data;
  const pages = useInfiniteQuery(overviewQuery(id, look));
  if (!garden || !mixes || pages.isPending) return <Loading what={say("bench_page.the_readings")} />;
  if (pages.isLoadingError) return <Trouble problem={pages.error} again={() => void pages.refetch()} />;
  const lots = pages.data.pages.flatMap((p) => p.lots);
  const set = (part: typeof look) => void navigate({ to: ".", search: (s) => ({ ...s, ...part }), replace: true });
  const chosen = (v: string) => (v === ALL ? undefined : v);
  return (
    <div className="pt-4">
      <h1 className="mb-2 text-3xl">{say("common.readings_side_by_side")}</h1>
      <div className="no-print mb-3 grid max-w-4xl grid-cols-2 gap-x-4 sm:grid-cols-4">
        <ChoiceField
          label={say("bench_page.taken_as")}
          field="reading.method"
          faults={[]}
          value={look.method ?? "runoff"}
          onChange={(method) => set({ method })}
          options={METHODS.map((m) => ({ value: m, label: words("methods", m) }))}
        />
        <ChoiceField
          label={say("common.in")}
          field="place"
          faults={[]}
          value={look.place ?? ALL}
          onChange={(v) => set({ place: chosen(v) })}
          options={[
            { value: ALL, label: say("bench_page.all_places") },
            ...garden.places.filter((p) => !p.retired).map((p) => ({ value: p.id, label: p.name })),
          ]}
        />
        <ChoiceField
          label={say("bench_page.standing_in")}
          field="mix"
          faults={[]}
          value={look.mix ?? ALL}
          onChange={(v) => set({ mix: chosen(v) })}
          options={[
            { value: ALL, label: say("bench_page.any_mix") },
            ...mixes.made.map((m) => ({
              value: m.id,
              label: say("bench_page.batch", { number: m.number, recipeName: m.recipeName }),
              group: say("common.batches"),
            })),
            ...mixes.recipes
              .filter((r) => !r.retired)
              .map((r) => ({ value: keyOf(r), label: recipeName(r), group: say("common.mixes") })),
          ]}
        />
        <p className="self-center">
          <Link
            to="/g/$garden/readings"
            params={{ garden: id }}
            className="inline-block leading-8 underline underline-offset-4"
          >
            {say("bench_page.read_many")}
          </Link>
        </p>
      </div>
      {lots.length === 0 ? (
        <Nothing title={say("bench_page.nothing_was_read_so_yet")}>
          <p>{say("bench_page.choose_another_method_place_or_mix")}</p>
        </Nothing>
      ) : (
        <ul
          aria-label={say("bench_page.lots_in_small")}
          className="m-0 grid list-none grid-cols-1 gap-4 p-0 sm:grid-cols-2 lg:grid-cols-4"
        >
          {lots.map((l) => (
            <Card key={l.lotId} lot={l} garden={id} />
          ))}
        </ul>
      )}
      {pages.hasNextPage && (
        <Button className="mt-3" disabled={pages.isFetchingNextPage} onClick={() => void pages.fetchNextPage()}>
          {pages.isFetchingNextPage ? say("bench_page.fetching") : say("bench_page.more_of_them")}
        </Button>
      )}
      <p className="note mt-4">{say("bench_page.shaded_each_lots_own_band_unlike")}</p>
    </div>
  );
}

type Small = Overview["lots"][number];

function Card({ lot: l, garden }: { lot: Small; garden: string }) {
  return (
    <li className="break-inside-avoid border-t border-rule-strong pt-1">
      <Link
        to="/g/$garden/bench/$lot"
        params={{ garden, lot: l.lotId }}
        search={{ tab: "health" }}
        className="inline-block leading-8 font-semibold no-underline hover:underline"
      >
        {l.name}
      </Link>
      <span className="note block truncate" title={bandName(l.band)}>
        {bandName(l.band)}
      </span>
      <Spark lot={l} of="ph" name="pH" unit="" low={l.band.phLow} high={l.band.phHigh} />
      {l.band.method !== "soak" && (
        <Spark lot={l} of="ec" name="EC" unit="mS/cm" low={l.band.ecLow} high={l.band.ecHigh} />
      )}
    </li>
  );
}

const W = 200;
const H = 44;

type SparkProps = { lot: Small; of: "ph" | "ec"; name: string; unit: string; low: number; high: number };

/** One quantity of one lot in small: the band, the readings, the last figure and what it says. */
function Spark({ lot, of, name, unit, low, high }: SparkProps) {
  const points = lot.points.flatMap((p) => (p[of] === undefined ? [] : [{ at: Date.parse(p.at), value: p[of] }]));
  const last = points.at(-1);
  if (!last) return null;
  const finding = of === "ph" ? lot.phFinding : lot.ecFinding;
  const trend = of === "ph" ? lot.phTrend : lot.ecTrend;
  const differs = of === "ph" ? lot.phDiffers : lot.ecDiffers;
  const off = finding?.includes("above") || finding?.includes("below");
  const span = high - low;
  const bottom = Math.min(low - span * 0.3, ...points.map((p) => p.value));
  const top = Math.max(high + span * 0.3, ...points.map((p) => p.value));
  const y = (v: number) => H - 4 - ((v - bottom) / (top - bottom)) * (H - 8);
  const from = points[0]!.at;
  const x = (at: number) => (last.at === from ? W - 8 : 8 + ((at - from) / (last.at - from)) * (W - 16));
  const heading = trend?.moves ? course(trend, name, unit || "pH") : "";
  return (
    <figure className="m-0 mb-1">
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="w-full"
        role="img"
        aria-label={say("bench_page.readings_last_band_to", {
          name,
          count: points.length,
          value: figures(last.value),
          unit,
          low: figures(low),
          high: figures(high),
          heading,
        })}
      >
        <rect x="0" width={W} y={y(high)} height={y(low) - y(high)} fill="var(--water-wash)" />
        <path
          d={points.map((p, i) => `${i ? "L" : "M"}${x(p.at)},${y(p.value)}`).join("")}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
        {points.map((p) => (
          <circle key={p.at} cx={x(p.at)} cy={y(p.value)} r="2.2" fill="var(--ink)" />
        ))}
      </svg>
      <figcaption className="text-sm">
        {name} <b className="fig">{figures(last.value)}</b> {unit}{" "}
        <span className={off ? "text-stop" : "text-soft"}>
          {off && "▲ "}
          {finding && words("findings", finding)}
        </span>
        {heading && <span className="note block">{heading}</span>}
        {differs && (
          <span className="block text-stop">
            {say("bench_page.unlike_its_neighbours_whose_middle_is", { median: figures(differs.median) })}
          </span>
        )}
      </figcaption>
    </figure>
  );
}
