import type { DoseAsk, Garden, Lot, RemedyAsk, Typed, Verdict } from "../api";
import { figures } from "../text/numbers";
import { say } from "../text";
import { keepDraft } from "../ui/useDraft";

/** What is asked on the page of the waters. */
export type WaterDraft = {
  kind: string;
  water: string;
  other: string;
  share: Typed;
  pot: Typed;
  target: Typed;
  product: string;
  litres: Typed;
};

export const WATER_BLANK: WaterDraft = {
  kind: "",
  water: "",
  other: "",
  share: { text: "50", unit: "%" },
  pot: { text: "1", unit: "L" },
  target: { text: "6.0", unit: "pH" },
  product: "citric",
  litres: { text: "", unit: "L" },
};

/** What is asked on the page of doses. */
export type DoseDraft = {
  feed: string;
  species: string;
  water: string;
  aim: DoseAsk["aim"];
  share: Typed;
  nitrogen: Typed;
  reading: Typed;
  amount: Typed;
  litres: Typed;
  labelDays: Typed;
  days: Typed;
};

export const DOSE_BLANK: DoseDraft = {
  feed: "",
  species: "",
  water: "",
  aim: "label",
  share: { text: "50", unit: "%" },
  nitrogen: { text: "100", unit: "mg/L" },
  reading: { text: "", unit: "mS/cm" },
  amount: { text: "", unit: "" },
  litres: { text: "", unit: "L" },
  labelDays: { text: "", unit: "d" },
  days: { text: "7", unit: "d" },
};

/** What is asked on the page of single nutrients. */
export type RemedyDraft = {
  remedy: string;
  species: string;
  mixPh: Typed;
  litres: Typed;
  leaf: RemedyAsk["leaf"];
  wetting: boolean;
  celsius: Typed;
  sun: boolean;
  own: Typed;
};

export const REMEDY_BLANK: RemedyDraft = {
  remedy: "epsom_drench",
  species: "",
  mixPh: { text: "", unit: "pH" },
  litres: { text: "2", unit: "L" },
  leaf: "thin",
  wetting: false,
  celsius: { text: "18", unit: "°C" },
  sun: false,
  own: { text: "", unit: "g/L" },
};

export const doseDraft = (garden: string) => `dose-bench:${garden}`;
export const waterDraft = (garden: string) => `water-bench:${garden}`;
export const remedyDraft = (garden: string) => `remedy:${garden}`;

/** Where an advice is carried out, and what is carried there of the reading and the lot; undefined where nowhere. */
export function whereTo(
  { action, remedy }: Verdict["advice"][number],
  garden: Garden,
  lot: Lot,
  verdict: Verdict,
): { to: "/g/$garden/feeds/water" | "/g/$garden/feeds/remedies"; label: string; begin: () => void } | undefined {
  switch (action) {
    case "correct_water":
    case "rain_share":
    case "raise_water_ph":
      return {
        to: "/g/$garden/feeds/water",
        label: say("parts.to_the_water"),
        begin: () =>
          keepDraft<WaterDraft>(waterDraft(garden.id), { ...WATER_BLANK, kind: lot.species, water: lot.waterId }),
      };
    case "iron_if_yellow":
    case "iron_sulfate":
      return {
        to: "/g/$garden/feeds/remedies",
        label: say("parts.how_much_iron"),
        begin: () =>
          keepDraft<RemedyDraft>(remedyDraft(garden.id), {
            ...REMEDY_BLANK,
            remedy: remedy ?? REMEDY_BLANK.remedy,
            species: lot.species,
            mixPh: { text: verdict.ph ? figures(verdict.ph.value, 2) : "", unit: "pH" },
          }),
      };
    default:
      return undefined;
  }
}
