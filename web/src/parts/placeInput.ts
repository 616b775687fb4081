import type { Place, PlaceInput, Typed } from "../api";
import { plain, type Shown } from "../text/numbers";

/** A place as its form holds it. */
export function placeInput(p: Place, shown: Shown): PlaceInput {
  const typed = (field: string, v: number | undefined, unit: string): Typed =>
    p.typed?.[field] ?? { text: v === undefined ? "" : plain(v), unit };
  const degrees = (field: string, c: number): Typed =>
    p.typed?.[field] ?? { text: shown.celsius(c, true), unit: shown.degree };
  return {
    id: p.id,
    name: p.name,
    kind: p.kind,
    lows: p.lows.map((t, m) => degrees(`low.${m + 1}`, t)),
    highs: p.highs.map((t, m) => degrees(`high.${m + 1}`, t)),
    humidity: typed("humidity", p.humidity, "%"),
    lightShare: typed("lightShare", p.lightShare * 100, "%"),
    sunshineMonths: p.lows.map((_, m) =>
      typed(`sun.${m + 1}`, Math.round((p.sunshineMonths?.[m] ?? p.sunshine) * 100), "%"),
    ),
    lampHours: typed("lampHours", p.lampHours, "h"),
    lampPpfd: typed("lampPpfd", p.lampPpfd, ""),
    air: p.air,
    rainShare: typed("rainShare", p.rainShare === undefined ? undefined : p.rainShare * 100, "%"),
    aspect: p.aspect,
    altitude: typed("altitude", p.altitudeM, "m"),
    firstFrost: p.firstFrost,
    lastFrost: p.lastFrost,
    version: p.version,
  };
}
