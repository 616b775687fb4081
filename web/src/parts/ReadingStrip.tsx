import type { Judgement } from "../api";
import { words, say } from "../text";
import { figures, percent } from "../text/numbers";

/** A value with its ± on a rule, the band it should lie in, and the chance of each side. */
export function ReadingStrip({ name, unit, j, digits }: { name: string; unit: string; j: Judgement; digits: number }) {
  const span = j.high - j.low;
  const from = Math.min(j.low - span * 0.7, j.value - j.plusMinus * 1.4);
  const to = Math.max(j.high + span * 0.7, j.value + j.plusMinus * 1.4);
  const x = (v: number) => 10 + ((v - from) / (to - from)) * 380;
  const off = j.finding.includes("above") || j.finding.includes("below");
  const show = (v: number) => figures(v, digits);
  return (
    <figure className="m-0 mb-3 print:max-w-[12cm]">
      <figcaption className="flex flex-wrap items-baseline justify-between gap-x-3">
        <span>
          {name}{" "}
          <b className="fig text-lg">
            {show(j.value)} ± {figures(j.plusMinus, 1)}
          </b>{" "}
          <span className="note">{unit}</span>
        </span>
        <span className={off ? "font-semibold text-stop" : ""}>
          {off ? "▲ " : ""}
          {words("findings", j.finding)}
        </span>
      </figcaption>
      <svg
        viewBox="0 0 400 46"
        className="w-full"
        role="img"
        aria-label={say("parts.band_to", {
          name,
          show: show(j.value),
          plusMinus: figures(j.plusMinus, 1),
          unit,
          show2: show(j.low),
          show3: show(j.high),
        })}
      >
        <rect
          x={x(j.low)}
          width={x(j.high) - x(j.low)}
          y="6"
          height="18"
          fill="var(--water-wash)"
          stroke="var(--water)"
        />
        <line x1="10" x2="390" y1="24" y2="24" stroke="var(--rule-strong)" />
        {[j.low, j.high].map((v) => (
          <text key={v} x={x(v)} y="40" textAnchor="middle" fontSize="12" className="fig" fill="var(--soft)">
            {show(v)}
          </text>
        ))}
        <line
          x1={x(j.value - j.plusMinus)}
          x2={x(j.value + j.plusMinus)}
          y1="15"
          y2="15"
          stroke="var(--ink)"
          strokeWidth="2"
        />
        <path d={`M${x(j.value)},8l5,7l-5,7l-5,-7z`} fill="var(--ink)" />
      </svg>
      <p className="note fig">
        {say("parts.below_inside_above", {
          percent: percent(j.below),
          percent2: percent(j.inside),
          percent3: percent(j.above),
        })}
      </p>
    </figure>
  );
}
