import type { ReactNode } from "react";

/** What differs from a sound leaf: its colour, that of its veins and edge, and what lies on it. */
type Look = {
  fill?: string;
  veins?: string;
  edge?: string;
  tip?: string;
  dots?: { color: string; r: number; ring?: string; few?: boolean };
  film?: string;
  over?: ReactNode;
};

const SOUND = "#5b8a4a";
const PALE = "#d9d67c";
const BROWN = "#8a5a2b";
const DARK = "#3a2b22";
const LEAF = "M50 6 C84 22 92 62 50 112 C8 62 16 22 50 6 Z";
const TIP = "M50 112 C38 98 31 87 27 78 L73 78 C69 87 62 98 50 112 Z";
const VEINS = [
  "M50 10 V110",
  "M50 36 L24 26",
  "M50 36 L76 26",
  "M50 58 L20 48",
  "M50 58 L80 48",
  "M50 80 L28 72",
  "M50 80 L72 72",
];
const SPOTS = [
  [36, 34],
  [63, 42],
  [40, 60],
  [62, 68],
  [48, 86],
  [30, 50],
  [70, 56],
  [54, 24],
] as const;

const LOOKS: Record<string, Look> = {
  no_change: {},
  pale_all: { fill: PALE, veins: "#c3bf68" },
  between_veins: { fill: PALE, veins: SOUND },
  veins_pale: { veins: "#f0ecb0" },
  tip_brown: { tip: BROWN },
  edge_brown: { edge: BROWN },
  spots_dry: { dots: { color: BROWN, r: 5, ring: "#d8c477", few: true } },
  spots_wet: { dots: { color: "#24331f", r: 7, few: true } },
  stippled: { fill: "#87a35c", dots: { color: "#ece9b4", r: 1.6 } },
  silvered: {
    over: (
      <>
        <path d="M34 30 L44 66 M58 26 L66 70 M44 78 L56 98" stroke="#dfe3e0" strokeWidth="5" strokeLinecap="round" />
        <path d="M38 44 h.1 M61 50 h.1 M50 88 h.1 M64 60 h.1" stroke="#111" strokeWidth="3" strokeLinecap="round" />
      </>
    ),
  },
  bleached: { over: <path d="M54 20 C80 34 80 60 60 84 C52 66 50 40 54 20 Z" fill="#f1ecd6" /> },
  purple: { fill: "#6b3f66", veins: "#4d2c4a" },
  mosaic: {
    over: (
      <path d="M30 30 h14 v16 h-14 Z M56 44 h18 v14 h-18 Z M36 62 h16 v18 h-16 Z M54 74 h10 v14 h-10 Z" fill={PALE} />
    ),
  },
  corky: { dots: { color: "#b59a6a", r: 4 } },
  powdery: { film: "#f4f2ea" },
  pustules: { dots: { color: "#c25f1a", r: 3 } },
  grey_fur: { film: "#9a9b96" },
  black_film: { film: "#23221f" },
  holes: {
    over: (
      <path
        d="M34 36 a8 7 0 1 0 .1 0 M64 58 a9 8 0 1 0 .1 0 M44 82 a6 6 0 1 0 .1 0"
        fill="var(--leaf)"
        stroke={DARK}
        strokeWidth="1"
      />
    ),
  },
  trails: {
    over: (
      <path
        d="M32 34 C46 28 44 46 58 44 C72 42 60 62 48 62 C36 62 44 82 58 82"
        fill="none"
        stroke="#ece7c0"
        strokeWidth="4"
      />
    ),
  },
  blackened: { fill: "#2c332a", veins: "#1d221c" },
};

/** A leaf as the answer describes it, drawn for this; colours of a plant by day and by night. */
export function LeafDrawn({ pattern }: { pattern: string }) {
  const l = LOOKS[pattern] ?? {};
  const id = `leaf-${pattern}`;
  return (
    <svg viewBox="0 0 100 118" className="h-16 w-14 shrink-0" aria-hidden="true">
      <clipPath id={id}>
        <path d={LEAF} />
      </clipPath>
      <path d={LEAF} fill={l.fill ?? SOUND} stroke="var(--ink)" strokeWidth="2" />
      <g clipPath={`url(#${id})`}>
        {l.edge && <path d={LEAF} fill="none" stroke={l.edge} strokeWidth="18" />}
        {l.tip && <path d={TIP} fill={l.tip} />}
        {VEINS.map((v) => (
          <path key={v} d={v} stroke={l.veins ?? "#3f6a33"} strokeWidth="2.4" fill="none" />
        ))}
        {l.film && (
          <g fill={l.film} opacity="0.85">
            <ellipse cx="38" cy="42" rx="16" ry="13" />
            <ellipse cx="62" cy="66" rx="15" ry="14" />
            <ellipse cx="44" cy="86" rx="11" ry="8" />
          </g>
        )}
        {l.dots &&
          SPOTS.slice(0, l.dots.few ? 5 : 8).map(([x, y]) => (
            <circle
              key={`${x} ${y}`}
              cx={x}
              cy={y}
              r={l.dots!.r}
              fill={l.dots!.color}
              stroke={l.dots!.ring}
              strokeWidth="2.5"
            />
          ))}
        {l.over}
      </g>
    </svg>
  );
}

const SHAPES: Record<string, ReactNode> = {
  normal: <path d="M20 66 C30 30 70 30 80 66" />,
  wilted: <path d="M50 20 C60 24 74 40 76 74 M50 20 C40 24 26 40 24 74" />,
  curled_down: <path d="M14 62 C22 26 78 26 86 62 C80 74 70 70 70 62 M14 62 C20 74 30 70 30 62" />,
  cupped_up: <path d="M14 34 C22 74 78 74 86 34 C80 24 72 28 72 36 M14 34 C20 24 28 28 28 36" />,
  small_new: <path d="M50 80 V40 M50 40 l-9 -8 M50 40 l9 -8 M50 52 l-8 -5 M50 52 l8 -5" />,
  twisted: <path d="M30 82 C70 70 20 54 56 44 C82 36 36 28 62 14" />,
  stretched: <path d="M50 86 V12 M50 62 l-10 -6 M50 40 l10 -6 M50 18 l-10 -6" />,
  stunted: <path d="M50 84 V66 M50 66 l-16 -6 M50 66 l16 -6 M50 72 l-12 2 M50 72 l12 2" />,
  dropping: <path d="M50 84 V20 M50 30 l14 -8 M26 60 c-6 10 4 18 10 8 M74 66 c6 10 -4 18 -10 8" />,
};

/** The shape of a leaf or shoot in one stroke. */
export function ShapeDrawn({ shape }: { shape: string }) {
  return (
    <svg
      viewBox="0 0 100 96"
      className="h-14 w-14 shrink-0"
      aria-hidden="true"
      fill="none"
      stroke="var(--ink)"
      strokeWidth="4"
    >
      {SHAPES[shape]}
    </svg>
  );
}

/** Where on the plant a part is: the circle around it. */
const AT: Record<string, readonly [number, number, number]> = {
  growing_point: [100, 22, 13],
  new_leaves: [128, 52, 17],
  flowers: [62, 44, 15],
  fruit: [146, 96, 13],
  old_leaves: [60, 122, 22],
  stem: [100, 108, 11],
  surface: [72, 167, 11],
  roots: [100, 204, 19],
};

/** A plant with its parts to be pointed at; each part is a button in the list beside it, too. */
export function PlantDrawn({ chosen, choose }: { chosen: string | undefined; choose: (part: string) => void }) {
  return (
    <svg viewBox="0 0 200 232" className="h-72 w-60" aria-hidden="true">
      <g stroke="var(--ink)" strokeWidth="2" fill="none">
        <path d="M100 166 V26" strokeWidth="4" />
        <path d="M100 30 C92 20 96 12 100 8 C104 12 108 20 100 30 Z" fill={SOUND} />
        <path d="M100 62 C112 40 130 38 144 44 C138 58 120 66 100 62 Z" fill="#7fae62" />
        <path d="M100 74 C88 58 80 56 74 54" />
        <circle cx="62" cy="44" r="10" fill="var(--feed-wash)" />
        <circle cx="62" cy="44" r="3.5" fill="var(--feed)" />
        <path d="M100 86 C118 80 132 82 142 88" />
        <circle cx="146" cy="96" r="9" fill="#b8432f" />
        <path d="M100 132 C86 104 58 104 34 118 C48 138 78 146 100 132 Z" fill={SOUND} />
        <path d="M100 140 C118 116 144 118 164 132 C148 150 120 152 100 140 Z" fill={SOUND} />
        <path d="M46 166 H154 L142 226 H58 Z" fill="var(--leaf)" />
        <path d="M46 166 H154" strokeWidth="4" />
        <path d="M100 168 C96 186 84 196 76 214 M100 168 C102 190 104 200 102 220 M100 168 C106 184 118 196 126 212" />
      </g>
      {Object.entries(AT).map(([part, [x, y, r]]) => (
        <circle
          key={part}
          cx={x}
          cy={y}
          r={r}
          className="cursor-pointer fill-transparent hover:stroke-[3]"
          stroke={chosen === part ? "var(--stop)" : "var(--rule-strong)"}
          strokeWidth={chosen === part ? 4 : 1.5}
          strokeDasharray={chosen === part ? undefined : "3 3"}
          onClick={() => choose(part)}
        />
      ))}
    </svg>
  );
}
