import type { Typed, Water, WaterInput } from "../api";

/** What a report on a water may tell, by the key of its line. */
export const DISSOLVED = ["CA", "MG", "NA", "CL", "S", "K", "NITRATE_N", "P", "FE", "B", "F"] as const;
export type Dissolved = (typeof DISSOLVED)[number];

/** A water as its form holds it, as typed; a new one where there is none. */
export function waterInput(water: Water | undefined, id: string): WaterInput {
  const field = (key: string, value: number | undefined, unit: string): Typed =>
    water?.typed?.[key] ?? { text: value === undefined ? "" : String(Number(value.toPrecision(4))), unit };
  return {
    id,
    name: water?.name ?? "",
    kind: water?.kind ?? "tap",
    ec: field("ec", water?.ec, "mS/cm"),
    ph: field("ph", water?.ph, "pH"),
    alkalinity: field("alkalinity", water?.alkalinity, "mg/L CaCO₃"),
    contents: Object.fromEntries(
      DISSOLVED.flatMap((d) => {
        const typed = field(d, water?.contents?.[d], "mg/L");
        return typed.text ? [[d, typed]] : [];
      }),
    ) as WaterInput["contents"],
    version: water?.version ?? 0,
  };
}
