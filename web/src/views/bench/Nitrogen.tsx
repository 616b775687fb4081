import { useState } from "react";
import { useQuery } from "@tanstack/react-query";

import type { Food, Garden, Lot } from "../../api";
import { foodQuery } from "../../api/queries";
import { Worked } from "../../parts/Worked";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { words, say, rich } from "../../text";
import { day, figures, type Shown } from "../../text/numbers";
import { Loading, Trouble } from "../../ui/States";

const FILLS: Record<string, string> = {
  can: "var(--feed)",
  coated: "url(#food-dots)",
  quick: "url(#food-lines)",
  meal: "url(#food-cross)",
};

/** The nitrogen one pot of the lot gets in the coming week from everything, against what it can use. */
export function Nitrogen({ lot, garden, shown }: { lot: Lot; garden: Garden; shown: Shown }) {
  const food = useQuery(foodQuery(garden.id, lot.id));
  const [working, open] = useState<string>();
  if (food.isLoadingError) return <Trouble problem={food.error} again={() => void food.refetch()} />;
  if (!food.data) return <Loading what={say("bench_page.the_food_of_this_lot")} />;
  const f = food.data;
  return (
    <section aria-label={say("bench_page.nitrogen_in_the_coming_week")} className="mt-6 max-w-3xl">
      <h2 className="head !border-feed">{say("bench_page.nitrogen_for_one_pot_in_the")}</h2>
      <p>
        {rich("bench_page.it_gets_and_can_use_about", {
          worked: (
            <Worked step="plan.nitrogen_can" open={open} big>
              {shown.grams(f.totalMg / 1000)}
            </Worked>
          ),
          worked2: (
            <Worked step="plan.nitrogen_need" open={open} big>
              {shown.grams(f.needMg / 1000)}
            </Worked>
          ),
        })}{" "}
        <span className="note">± 40 %</span>
      </p>
      <p className={`my-1 border-l-4 pl-3 ${f.standing === "over" ? "border-stop" : "border-ink"}`}>
        {f.standing === "over" && "▲ "}
        {words("food_standings", f.standing)}
        {f.canShare !== undefined &&
          (f.canShare < 5
            ? say("bench_page.leave_the_can_plain_until_what")
            : say("bench_page.mix_the_can_at_of_its", { canShare: figures(f.canShare) }))}
      </p>
      {f.against.map((fault) => (
        <p key={fault.code} role="alert" className="my-1 border-l-4 border-stop pl-3 text-stop">
          {say("bench_page.in_its_mix", { detail: fault.detail })}
        </p>
      ))}
      <Bar food={f} />
      {f.sources.length === 0 ? (
        <p className="note">{say("bench_page.nothing_feeds_it_just_now_no")}</p>
      ) : (
        <table className="w-full border-collapse">
          <thead>
            <tr className="note border-b border-rule-strong">
              <th className="text-left font-normal">{say("bench_page.from")}</th>
              <th className="text-left font-normal">{say("bench_page.how_it_acts")}</th>
              <th className="text-right font-normal">{say("bench_page.n_in_the_week")}</th>
              <th className="text-right font-normal">{say("bench_page.left_of_it_today")}</th>
            </tr>
          </thead>
          <tbody>
            {f.sources.map((s, i) => (
              <tr key={i} className="border-b border-rule">
                <th scope="row" className="py-1 text-left font-normal">
                  {s.amendment ? words("amendments", s.name) : s.name}
                </th>
                <td className="note">{words("food_kinds", s.kind)}</td>
                <td className="fig text-right">{shown.grams(s.weekMg / 1000)}</td>
                <td className="fig text-right">{s.leftPercent === undefined ? "" : `${figures(s.leftPercent)} %`}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Curves food={f} today={garden.today} />
      <p className="note mt-2">{say("bench_page.coated_feed_gives_itself_away_by")}</p>
      {working && <WorkingPanel steps={f.working} at={working} close={() => open(undefined)} />}
    </section>
  );
}

/** The sources laid end to end, with the need as a stroke. */
function Bar({ food: f }: { food: Food }) {
  const most = Math.max(f.needMg * 1.5, f.totalMg, 1e-9);
  const placed = f.sources.map((s, i) => ({
    ...s,
    from: f.sources.slice(0, i).reduce((sum, x) => sum + x.weekMg, 0),
  }));
  const x = (mg: number) => (mg / most) * 600;
  return (
    <svg
      viewBox="0 0 600 34"
      className="my-2 block h-9 w-full"
      preserveAspectRatio="none"
      role="img"
      aria-label={say("bench_page.gets_mg_can_use_mg", { totalMg: figures(f.totalMg), needMg: figures(f.needMg) })}
    >
      <defs>
        <pattern id="food-dots" width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill="var(--leaf)" />
          <circle cx="3" cy="3" r="1.8" fill="var(--feed)" />
        </pattern>
        <pattern id="food-lines" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="5" height="5" fill="var(--leaf)" />
          <rect width="2" height="5" fill="var(--feed)" />
        </pattern>
        <pattern id="food-cross" width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill="var(--leaf)" />
          <path d="M0,3H6M3,0V6" stroke="var(--feed)" strokeWidth="1" />
        </pattern>
      </defs>
      <rect x="0.5" y="6" width="599" height="20" fill="none" stroke="var(--rule-strong)" />
      {placed.map((s, i) => (
        <rect
          key={i}
          x={x(s.from)}
          y="6"
          width={x(s.weekMg)}
          height="20"
          fill={FILLS[s.kind]}
          stroke="var(--ink)"
          strokeWidth="0.7"
        />
      ))}
      <path d={`M${x(f.needMg)},0V34`} stroke="var(--ink)" strokeWidth="3" />
    </svg>
  );
}

/** What will be left of each dressing over the year to come, at the warmth of this place. */
function Curves({ food, today }: { food: Food; today: string }) {
  const dressings = food.sources.filter((s) => s.leftByMonth.length > 0);
  if (dressings.length === 0) return null;
  const months = dressings[0]!.leftByMonth.length - 1;
  const at = (m: number, left: number) => `${30 + (m / months) * 560},${10 + (1 - left / 100) * 100}`;
  const name = (s: Food["sources"][number]) => (s.amendment ? words("amendments", s.name) : s.name);
  return (
    <figure className="m-0 mt-3">
      <svg
        viewBox="0 0 600 130"
        className="block w-full"
        role="img"
        aria-label={say("bench_page.what_will_be_left_month_by")}
      >
        <path d="M30,10V110H590" fill="none" stroke="var(--rule-strong)" />
        {[0, 3, 6, 9, 12].map((m) => (
          <text
            key={m}
            x={30 + (m / months) * 560}
            y="125"
            fontSize="11"
            fill="var(--soft)"
            textAnchor={m === months ? "end" : "middle"}
          >
            {m === 0 ? say("common.today_2") : say("bench_page.m_months", { m })}
          </text>
        ))}
        <text x="24" y="14" fontSize="11" fill="var(--soft)" textAnchor="end">
          100
        </text>
        <text x="24" y="112" fontSize="11" fill="var(--soft)" textAnchor="end">
          0 %
        </text>
        {dressings.map((s, i) => (
          <polyline
            key={i}
            points={s.leftByMonth.map((left, m) => at(m, left)).join(" ")}
            fill="none"
            stroke="var(--feed)"
            strokeWidth="2"
            strokeDasharray={i === 0 ? undefined : `${2 + 3 * i} 3`}
          />
        ))}
      </svg>
      <figcaption className="note">
        {say("bench_page.left_of_what_was_given_from", {
          day: day(today),
          dressings: dressings
            .map((s) =>
              say("bench_page.in_3_months_in_6", {
                name: name(s),
                leftByMonth: figures(s.leftByMonth[3] ?? 0),
                leftByMonth2: figures(s.leftByMonth[6] ?? 0),
              }),
            )
            .join("; "),
        })}
      </figcaption>
    </figure>
  );
}
