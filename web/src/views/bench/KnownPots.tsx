import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import type { Known } from "../../api";
import { gardenQuery, knownQuery, useGardenId } from "../../api/queries";
import { rich, say } from "../../text";
import { dayFrom, figures } from "../../text/numbers";
import { Loading, Nothing, Trouble } from "../../ui/States";

/** What is surer than this, between the thirstiest and the thriftiest of four in five, one weighing makes little surer. */
const WELL = 1.5;
const WIDTH = 240;
/** The drawing reaches from a third of the plan to three times it, and a little beyond. */
const BEYOND = 3.4;

/** How well the plan knows the pots of a garden: planned against learned, and what one weighing would bring. */
export function KnownPots() {
  const id = useGardenId();
  const look = useSearch({ from: "/g/$garden/known" });
  const navigate = useNavigate({ from: "/g/$garden/known" });
  const today = useQuery(gardenQuery(id)).data?.today;
  const known = useQuery(knownQuery(id, look.find ?? ""));
  if (known.isPending || !today) return <Loading what={say("bench_page.the_bench")} />;
  if (known.isLoadingError) return <Trouble problem={known.error} again={() => void known.refetch()} />;
  const { lots, looked } = known.data;
  return (
    <div className="mx-auto max-w-5xl pt-4">
      <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="text-3xl">{say("bench_page.how_well_it_knows")}</h1>
        <input
          type="search"
          aria-label={say("common.find_a_lot")}
          placeholder={say("common.find_a_lot")}
          className="box !w-56 !font-text"
          value={look.find ?? ""}
          onChange={(e) => void navigate({ to: ".", search: { find: e.target.value || undefined }, replace: true })}
        />
      </div>
      <p className="note mb-3 max-w-3xl">
        {say("bench_page.known_is_explained")} {say("bench_page.range_drawn")}
      </p>
      {lots.length === 0 ? (
        <Nothing title={say("bench_page.no_lot_is_like_that_clear")} />
      ) : (
        <ul aria-label={say("common.lots")} className="m-0 list-none p-0">
          {lots.map((k) => (
            <li
              key={k.lotId}
              className="flex flex-wrap items-center justify-between gap-x-5 gap-y-1 border-b border-rule py-2"
            >
              <p className="min-w-0 flex-1 basis-64">
                <Link to="/g/$garden/bench/$lot" params={{ garden: id, lot: k.lotId }} className="text-lg">
                  {k.name}
                </Link>
                <span className="note fig block">
                  {rich("bench_page.drinks_times_the_plan", {
                    from: k.from,
                    factor: figures(k.factor, 2),
                    b: (c) => <b>{c}</b>,
                  })}
                </span>
              </p>
              <Range known={k} />
              <p className="note fig w-64">
                {say("bench_page.lies_between", { low: figures(k.low, 2), high: figures(k.high, 2) })}
                <span className="block">
                  {k.high / k.low > WELL
                    ? say("bench_page.weigh_it_on", {
                        day: dayFrom(k.weighOn, today),
                        low: figures(k.weighedLow, 2),
                        high: figures(k.weighedHigh, 2),
                      })
                    : say("bench_page.known_well")}
                </span>
              </p>
            </li>
          ))}
        </ul>
      )}
      {looked > lots.length && (
        <p className="note mt-2">{say("bench_page.only_the_least_known_are_shown", { count: lots.length, looked })}</p>
      )}
    </div>
  );
}

/** Where the use lies against the plan, on a scale on which twice and half as much are as far. */
function Range({ known: k }: { known: Known }) {
  const x = (of: number) =>
    (0.5 + Math.log(Math.min(BEYOND, Math.max(1 / BEYOND, of))) / (2 * Math.log(BEYOND))) * WIDTH;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 34`}
      width={WIDTH}
      height="34"
      role="img"
      aria-label={say("bench_page.weighed_between", { low: figures(k.weighedLow, 2), high: figures(k.weighedHigh, 2) })}
    >
      <rect
        x={x(k.low)}
        width={x(k.high) - x(k.low)}
        y="5"
        height="12"
        fill="var(--water-wash)"
        stroke="var(--water)"
      />
      <rect x={x(k.weighedLow)} width={x(k.weighedHigh) - x(k.weighedLow)} y="8" height="6" fill="var(--water)" />
      <line x1={x(1)} x2={x(1)} y1="1" y2="21" stroke="var(--ink)" strokeWidth="2" />
      {[1 / 3, 1, 3].map((at, i) => (
        <text key={at} x={x(at)} y="32" fontSize="11" textAnchor="middle" className="fig" fill="var(--soft)">
          {say(TICKS[i]!)}
        </text>
      ))}
    </svg>
  );
}

const TICKS = ["bench_page.a_third", "bench_page.the_plan", "bench_page.three_times"] as const;
