import { api, call, type LotInput, type Pattern, type Programme, type ProgrammeAsk } from "../../api";
import { useLive } from "../../api/useLive";
import { say, words } from "../../text";
import { dayFrom, figures, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Loading } from "../../ui/States";
import { tell } from "./lotInput";
import { courseInWords, month } from "./programme";
import type { LotWork } from "./useLotWork";

/** What all feeds of a lot come to in the year ahead, month by month, and what would suit it; as the form stands. */
export function FeedYear({ work }: { work: LotWork }) {
  const { garden, input, begun, shown, change } = work;
  const asked = useLive<ProgrammeAsk, Programme>(begun ? { draft: input } : undefined, (body, signal) =>
    call(
      api.POST("/api/gardens/{garden}/lots/{lot}/programme", {
        params: { path: { garden: garden.id, lot: input.id } },
        body,
        signal,
      }),
    ),
  );
  const p = asked.answer;
  if (!begun || asked.problem) return null;
  if (!p) return <Loading what={say("bench_page.the_year_of_its_feeds")} />;
  const take = (courses: LotInput["courses"]) => change({ ...tell(input, "feed"), courses });
  return (
    <section aria-label={say("bench_page.the_feeds_of_its_year")} className="mt-6 max-w-3xl">
      <h2 className="head !border-feed">{say("bench_page.the_feeds_of_its_year")}</h2>
      {input.courses.length > 1 && <Table programme={p} work={work} take={take} />}
      {input.courses.length > 0 && <Months programme={p} work={work} />}
      <TooMuch months={p.months} />
      {input.courses.length > 0 && <Brings programme={p} shown={shown} />}
      <Patterns patterns={p.patterns} work={work} take={take} />
    </section>
  );
}

function Table({
  programme: p,
  work: { input, garden, shown },
  take,
}: {
  programme: Programme;
  work: LotWork;
  take: (courses: LotInput["courses"]) => void;
}) {
  const other = p.courses.some((c) => c.proposed !== c.share);
  return (
    <>
      <table className="w-full border-collapse">
        <thead>
          <tr className="note border-b border-rule-strong">
            <th className="pr-3 text-left font-normal">{say("common.feed")}</th>
            <th className="pr-3 text-left font-normal">{say("bench_page.next")}</th>
            <th className="pr-3 text-right font-normal">{say("bench_page.times_a_year")}</th>
            <th className="pr-3 text-right font-normal">{say("bench_page.one_pot_gets_in_the_year")}</th>
            <th className="text-right font-normal">{say("bench_page.its_share")}</th>
          </tr>
        </thead>
        <tbody>
          {p.courses.map((c) => (
            <tr key={c.feedId} className="border-b border-rule">
              <th scope="row" className="py-1 pr-3 text-left font-normal">
                {c.name}
              </th>
              <td className="pr-3">{c.next ? dayFrom(c.next, garden.today) : say("bench_page.not_in_this_year")}</td>
              <td className="fig pr-3 text-right">{c.times}</td>
              <td className="fig pr-3 text-right whitespace-nowrap">{shown.product(c.product, c.measure)}</td>
              <td className="fig text-right whitespace-nowrap">
                {c.share} %{c.proposed !== c.share && <span className="note block">→ {c.proposed} %</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {other && (
        <p className="my-2 border-l-4 border-feed pl-3">
          {say("bench_page.together_they_give_more_than_it_needs")}{" "}
          <Button
            look="quiet"
            className="min-h-9"
            onClick={() =>
              take(
                input.courses.flatMap((c) => {
                  const proposed = p.courses.find((x) => x.feedId === c.feedId)?.proposed ?? c.share;
                  return proposed > 0 ? [{ ...c, share: proposed }] : [];
                }),
              )
            }
          >
            {say("bench_page.take_what_is_proposed")}
          </Button>
        </p>
      )}
      <p className="note">{say("bench_page.one_product_at_a_time")}</p>
    </>
  );
}

const FILLS = [
  "var(--feed)",
  "url(#year-lines)",
  "url(#year-dots)",
  "var(--leaf)",
  "var(--rule-strong)",
  "var(--soft)",
];
const WIDE = 600;
const HIGH = 110;

/** A bar for each month, of what every feed gives, with a stroke where the need is. */
function Months({ programme: p, work: { feeds } }: { programme: Programme; work: LotWork }) {
  const most = Math.max(...p.months.map((m) => Math.max(m.mostMg, m.totalMg)), 1e-9);
  const step = WIDE / p.months.length;
  const y = (mg: number) => HIGH - (mg / most) * (HIGH - 12);
  const sources = [...new Set(p.months.flatMap((m) => m.given.map((g) => g.feedId ?? "")))].filter((id) =>
    p.months.some((m) => m.given.some((g) => (g.feedId ?? "") === id && g.mg > 0)),
  );
  const name = (id: string) => feeds.find((f) => f.id === id)?.name ?? say("bench_page.in_the_mix_already");
  return (
    <figure className="m-0 mt-3">
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH + 18}`}
        className="block w-full"
        role="img"
        aria-label={say("bench_page.nitrogen_month_by_month", {
          months: p.months
            .map((m) =>
              say("bench_page.month_gets_of_need", {
                month: month(Number(m.from.slice(5, 7))),
                totalMg: figures(m.totalMg),
                needMg: figures(m.needMg),
              }),
            )
            .join("; "),
        })}
      >
        <defs>
          <pattern id="year-lines" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="5" height="5" fill="var(--ground)" />
            <rect width="2.4" height="5" fill="var(--feed)" />
          </pattern>
          <pattern id="year-dots" width="6" height="6" patternUnits="userSpaceOnUse">
            <rect width="6" height="6" fill="var(--ground)" />
            <circle cx="3" cy="3" r="1.9" fill="var(--feed)" />
          </pattern>
        </defs>
        <line x1="0" x2={WIDE} y1={HIGH} y2={HIGH} stroke="var(--ink)" strokeWidth="1.2" />
        {p.months.map((m, i) => {
          const parts = sources.map((id) => m.given.find((g) => (g.feedId ?? "") === id)?.mg ?? 0);
          return (
            <g key={m.from}>
              {parts.map((mg, s) => {
                const under = parts.slice(0, s).reduce((a, b) => a + b, 0);
                return mg > 0 ? (
                  <rect
                    key={s}
                    x={i * step + 6}
                    width={step - 12}
                    y={y(under + mg)}
                    height={y(under) - y(under + mg)}
                    fill={FILLS[s % FILLS.length]}
                    stroke="var(--ink)"
                    strokeWidth="0.7"
                  />
                ) : null;
              })}
              <line
                x1={i * step + 1}
                x2={(i + 1) * step - 1}
                y1={y(m.needMg)}
                y2={y(m.needMg)}
                stroke="var(--ink)"
                strokeWidth="3"
              />
              {m.mostMg > 0 && (
                <line
                  x1={i * step + 1}
                  x2={(i + 1) * step - 1}
                  y1={y(m.mostMg)}
                  y2={y(m.mostMg)}
                  stroke="var(--stop)"
                  strokeWidth="1.4"
                  strokeDasharray="4 3"
                />
              )}
              <text x={i * step + step / 2} y={HIGH + 14} fontSize="11" fill="var(--soft)" textAnchor="middle">
                {month(Number(m.from.slice(5, 7))).slice(0, 3)}
              </text>
            </g>
          );
        })}
      </svg>
      <figcaption className="note">
        {sources.map((id, s) => (
          <span key={id} className="mr-4 inline-block">
            <svg viewBox="0 0 14 10" width="14" height="10" aria-hidden="true" className="mr-1 inline-block">
              <rect x="0.5" y="0.5" width="13" height="9" fill={FILLS[s % FILLS.length]} stroke="var(--ink)" />
            </svg>
            {name(id)}
          </span>
        ))}
        {say("bench_page.the_stroke_is_what_it_can_use")}
      </figcaption>
    </figure>
  );
}

/** The months in which the feeds bring more than it can bear, by name. */
function TooMuch({ months }: { months: Programme["months"] }) {
  const over = months.filter((m) => m.tooMuch);
  if (over.length === 0) return null;
  return (
    <p className="my-1 border-l-4 border-stop pl-3">
      {say("bench_page.more_than_suits_it_in", {
        months: over
          .map((m) =>
            say("bench_page.month_gets_of_at_most", {
              month: month(Number(m.from.slice(5, 7))),
              totalMg: figures(m.totalMg),
              mostMg: figures(m.mostMg),
            }),
          )
          .join("; "),
      })}
    </p>
  );
}

/** What the year brings to one pot, of nitrogen against the need, and of salt. */
function Brings({ programme: p, shown }: { programme: Programme; shown: Shown }) {
  const over = p.totalMg > p.mostMg;
  return (
    <p className={`my-1 border-l-4 pl-3 ${over ? "border-stop" : "border-ink"}`}>
      {over && "▲ "}
      {say("bench_page.in_the_year_nitrogen_and_salt", {
        nitrogen: shown.grams(p.totalMg / 1000),
        need: shown.grams(p.needMg / 1000),
        salt: shown.grams(p.saltGrams),
      })}{" "}
      <span className="note">± 40 %</span>
      <span className="note block">
        {p.elements
          .filter((e) => !e.nutrient.endsWith("_n") && e.feed >= LEAST_GRAMS)
          .map((e) => `${words("nutrients", e.nutrient)} ${shown.grams(e.feed)}`)
          .join(" · ")}
      </span>
    </p>
  );
}

/** Less of an element than this is not worth a figure. */
const LEAST_GRAMS = 0.01;

/** Programmes growers of such plants are used to, from what is on the shelf, each with its reason. */
function Patterns({
  patterns,
  work: { feeds },
  take,
}: {
  patterns: Pattern[];
  work: LotWork;
  take: (courses: LotInput["courses"]) => void;
}) {
  if (patterns.length === 0) return null;
  const name = (id: string) => feeds.find((f) => f.id === id)?.name ?? "";
  return (
    <details className="mt-3">
      <summary className="min-h-9 py-1">{say("bench_page.other_programmes")}</summary>
      <ul className="m-0 list-none p-0">
        {patterns.map((pattern) => (
          <li key={pattern.id} className="border-b border-rule py-2">
            <b>{words("patterns", pattern.id)}</b>
            {pattern.usual && <span className="note"> {say("bench_page.usual_for_such_plants")}</span>}
            <span className="note block">{words("pattern_reasons", pattern.id)}</span>
            {pattern.lacking.length > 0 ? (
              <span className="note block">
                {say("bench_page.your_shelf_lacks", {
                  what: pattern.lacking.map((l) => words("feed_types", l)).join(", "),
                })}
              </span>
            ) : (
              <>
                <ul className="m-0 list-none p-0 text-sm">
                  {pattern.courses.map((c) => (
                    <li key={c.feedId}>{courseInWords(c, name(c.feedId))}</li>
                  ))}
                </ul>
                <Button look="quiet" className="min-h-9" onClick={() => take(pattern.courses)}>
                  {say("bench_page.take_this_programme")}
                </Button>
              </>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
}
