import type { Dose, Measured } from "../api";
import { words, say } from "../text";
import { plain, spoonNumber } from "../text/numbers";

/** A spoon, its bowl filled as far as it is to be filled. */
function Spoon({ size, fill }: { size: number; fill: number }) {
  const rx = 8 * size;
  const ry = 11 * size;
  const cy = 34 - ry;
  const top = cy + ry - fill * 2 * ry;
  const clip = `spoon-${size}-${fill}`;
  return (
    <svg viewBox="0 0 30 66" width="24" height="53" aria-hidden="true">
      <clipPath id={clip}>
        <rect x="0" y={top} width="30" height={70} />
      </clipPath>
      <ellipse cx="15" cy={cy} rx={rx} ry={ry} fill="var(--feed)" fillOpacity="0.8" clipPath={`url(#${clip})`} />
      <ellipse cx="15" cy={cy} rx={rx} ry={ry} fill="none" stroke="var(--ink)" strokeWidth="1.6" />
      <path d="M15,34V62" stroke="var(--ink)" strokeWidth="3" strokeLinecap="round" />
    </svg>
  );
}

const MOST_DRAWN = 6;

/** How large each spoon is drawn. */
const SPOONS: Record<string, number> = {
  tablespoon: 1.35,
  teaspoon: 0.95,
  half_teaspoon: 0.75,
  quarter_teaspoon: 0.6,
  eighth_teaspoon: 0.48,
};

function Drawn({ size, count }: { size: number; count: number }) {
  const full = Math.floor(count + 1e-9);
  const part = count - full;
  if (full > MOST_DRAWN) return <Spoon size={size} fill={1} />;
  return (
    <>
      {Array.from({ length: full }, (_, i) => (
        <Spoon key={i} size={size} fill={1} />
      ))}
      {part > 0.01 && <Spoon size={size} fill={part} />}
    </>
  );
}

function Count({ count }: { count: number }) {
  const n = spoonNumber(count);
  return (
    <>
      {n.whole}
      {n.part && <span className="frac">{n.whole ? `\u200a${n.part}` : n.part}</span>}
    </>
  );
}

/** The words of an amount as a person would say it: 1 tbsp + 1½ tsp, or 12.5 g. */
export function HandWords({ m }: { m: Measured }) {
  if (m.pieces.length === 0) return <>{say("parts.less_than_the_smallest_measure")}</>;
  return (
    <>
      {m.pieces.map((p, i) => (
        <span key={p.tool} className="whitespace-nowrap">
          {i > 0 && " + "}
          {p.tool === "scale" || p.tool === "syringe" ? plain(p.count) : <Count count={p.count} />}
          {"\u00a0"}
          {words("tools", p.tool)}
        </span>
      ))}
    </>
  );
}

/** The same as plain text, for the label of a choice. */
export function handText(m: Measured): string {
  if (m.pieces.length === 0) return say("parts.less_than_the_smallest_measure");
  return m.pieces
    .map((p) => {
      const n = spoonNumber(p.count);
      const count =
        p.tool === "scale" || p.tool === "syringe"
          ? plain(p.count)
          : n.whole && n.part
            ? `${n.whole}\u200a${n.part}`
            : n.whole + n.part;
      return `${count}\u00a0${words("tools", p.tool)}`;
    })
    .join(" + ");
}

/** The amount drawn as spoons; a scale or a syringe says its number in words only. */
export function HandDrawn({ m }: { m: Measured }) {
  return (
    <span className="flex items-end">
      {m.pieces
        .filter((p) => p.tool in SPOONS)
        .map((p) => (
          <Drawn key={p.tool} size={SPOONS[p.tool] ?? 1} count={p.count} />
        ))}
    </span>
  );
}

/** What else measures a dose that is too little for the tools: a stock in a bottle, a syringe, drops. */
export function OtherWays({ dose, most = 3 }: { dose: Dose; most?: number }) {
  if (dose.otherwise.length === 0) return null;
  return (
    <ul aria-label={say("parts.other_ways_to_measure_it")} className="note m-0 list-none p-0">
      {dose.otherwise.slice(0, most).map((o) => (
        <li key={o.way}>
          {say("parts.or", {
            small_ways: words("small_ways", o.way, {
              take: plain(o.take),
              bottle: plain(o.bottleMl),
              error: o.errorPercent > -1 ? say("parts.exact") : `${Math.round(o.errorPercent)} %`.replace("-", "−"),
            }),
          })}
        </li>
      ))}
    </ul>
  );
}
