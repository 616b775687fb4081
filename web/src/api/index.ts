import createClient, { type Middleware } from "openapi-fetch";
import { heard } from "./away";
import { early } from "./early";
import { locale, words } from "../text";
import type { components, paths } from "./schema.gen";

type Schemas = components["schemas"];
export type Garden = Schemas["GardenWire"];
export type SettingsInput = Schemas["SettingsInput"];
export type Vessel = Schemas["VesselWire"];
export type VesselInput = Schemas["VesselInput"];
export type Water = Schemas["WaterWire"];
export type WaterInput = Schemas["WaterInput"];
export type PlaceInput = Schemas["PlaceInput"];
export type Stock = Schemas["StockWire"];
export type StockInput = Schemas["StockInput"];
export type Done = Schemas["DoneWire"];
export type Counts = Schemas["Counts"];
export type NewGarden = Schemas["NewGarden"];
export type Place = Schemas["PlaceWire"];
export type MeterInput = Schemas["MeterInput"];
export type Meter = Schemas["MeterWire"];
export type Lot = Schemas["LotWire"];
export type LotInput = Schemas["LotInput"];
export type Course = Schemas["LotCourse"];
export type Programme = Schemas["ProgrammeWire"];
export type Pattern = Schemas["PatternWire"];
export type Season = Schemas["SeasonNeedWire"];
export type ProgrammeAsk = Schemas["ProgrammeAsk"];
export type PotInput = Schemas["PotInput"];
export type Typed = Schemas["Typed"];
export type Feed = Schemas["FeedWire"];
export type FeedInput = Schemas["FeedInput"];
export type Answer = Schemas["Answer"];
export type Care = Schemas["CareWire"];
export type TryAsk = Schemas["TryAsk"];
export type Dose = Schemas["DoseWire"];
export type Layer = Schemas["LayerWire"];
export type Measured = Schemas["MeasuredWire"];
export type Step = Schemas["StepWire"];
export type LabelAsk = Schemas["LabelAsk"];
export type LabelAnswer = Schemas["LabelAnswer"];
export type FoundOnLabel = Schemas["FoundWire"];
export type WholeLabelAnswer = Schemas["WholeLabelAnswer"];
export type Verdict = Schemas["VerdictWire"];
export type VerdictAsk = Schemas["VerdictAsk"];
export type LastVerdict = Schemas["LastVerdict"];
export type Todo = Schemas["TodoWire"];
export type CurveAnswer = Schemas["CurveAnswer"];
export type SiphonAnswer = Schemas["SiphonAnswer"];
export type Treatment = Schemas["TreatmentWire"];
export type Cure = Schemas["CureWire"];
export type Trend = Schemas["TrendWire"];
export type Overview = Schemas["Overview"];
export type Known = Schemas["KnownWire"];
export type SheetProgress = Schemas["SheetProgress"];
export type NewReading = Schemas["NewReading"];
export type Band = Schemas["BandWire"];
export type Reading = Schemas["ReadingWire"];
export type Procedure = Schemas["ProcedureWire"];
export type MeterLog = Schemas["MeterLogWire"];
export type Calibration = Schemas["CalibrationWire"];
export type CalibrationInput = Schemas["CalibrationInput"];
export type Judgement = Schemas["JudgementWire"];
export type Series = Schemas["Series"];
export type Entry = Schemas["EntryWire"];
export type EntryKind = Entry["event"]["kind"];
/** What a line of the journal tells, of one kind. */
export type Happened<K extends EntryKind> = Extract<Entry["event"], { kind: K }>;
export type Due = Schemas["DueWire"];
export type Today = Schemas["Today"];
export type Catalogue = Schemas["Catalogue"];
export type Mixes = Schemas["MixesWire"];
export type Recipe = Schemas["RecipeWire"];
export type RecipeInput = Schemas["RecipeInput"];
export type Component = Schemas["ComponentWire"];
export type ComponentInput = Schemas["ComponentInput"];
export type MixAsk = Schemas["MixAsk"];
export type MixBenchAsk = Schemas["MixBenchAsk"];
export type MixAnswer = Schemas["MixAnswer"];
export type MixInPot = Schemas["MixInPot"];
export type Batch = Schemas["BatchWire"];
export type BatchCourse = Schemas["BatchCourseWire"];
export type BatchInput = Schemas["BatchInput"];
export type BatchAsk = Schemas["BatchAsk"];
export type BatchAnswer = Schemas["BatchAnswer"];
export type FillAsk = Schemas["FillAsk"];
export type SoakAsk = Schemas["SoakAsk"];
export type WishesAsk = Schemas["WishesAsk"];
export type WishesAnswer = Schemas["WishesAnswer"];
export type WishOffer = Schemas["OfferWire"];
export type Wish = Schemas["WishWire"];
export type Quality = Schemas["RangeWire"]["quality"];
export type School = NonNullable<WishesAsk["school"]>;
export type RecipesRead = Schemas["RecipesRead"];
export type Made = Schemas["MadeWire"];
export type SaltAccount = Schemas["SaltAccountWire"];
export type MixAge = Schemas["AgeWire"];
export type Sign = MixAge["advice"][number]["because"][number];
export type Soak = Schemas["SoakWire"];
export type AnalysisAnswer = Schemas["AnalysisAnswer"];
export type Declared =
  | "N"
  | "NITRATE_N"
  | "AMMONIUM_N"
  | "UREA_N"
  | "SLOW_N"
  | "P2O5"
  | "P"
  | "K2O"
  | "K"
  | "CAO"
  | "CA"
  | "MGO"
  | "MG"
  | "SO3"
  | "S"
  | "SIO2"
  | "SI"
  | "FE"
  | "MN"
  | "ZN"
  | "CU"
  | "B"
  | "MO"
  | "NI"
  | "CL"
  | "NA";
export type DoseAsk = Schemas["DoseAsk"];
export type DoseBench = Schemas["DoseAnswer"];
export type CanAsk = Schemas["CanAsk"];
export type CanAnswer = Schemas["CanAnswer"];
export type WaterAsk = Schemas["WaterAsk"];
export type WaterAnswer = Schemas["WaterAnswer"];
export type DropsAsk = Schemas["DropsAsk"];
export type DropsAnswer = Schemas["DropsAnswer"];
export type TankAsk = Schemas["TankAsk"];
export type TankAnswer = Schemas["TankAnswer"];
export type FlowAnswer = Schemas["FlowAnswer"];
export type RunAnswer = Schemas["RunAnswer"];
export type BlendAsk = Schemas["BlendAsk"];
export type BlendAnswer = Schemas["BlendAnswer"];
export type StockTank = Schemas["TankWire"];
export type Food = Schemas["FoodWire"];
export type Potting = Schemas["Potting"];
export type FeedInPot = Schemas["GoesInWire"];
export type Diagnosis = Schemas["DiagnosisWire"];
export type Likely = Schemas["LikelyWire"];
export type SignAsked = Schemas["SignWire"];
export type TreatmentMeans = Schemas["MeansWire"];
export type RemedyAsk = Schemas["RemedyAsk"];
export type RemedyAnswer = Schemas["RemedyAnswer"];
export type Guide = Schemas["GuideWire"];
export type Kind = Schemas["KindWire"];
export type KindInput = Schemas["KindInput"];
export type KindAsk = Schemas["KindAsk"];
export type Trait = Schemas["TraitWire"];
export type Year = Schemas["YearWire"];
export type Calendar = Schemas["CalendarWire"];
export type AwayAnswer = Schemas["AwayWire"];
export type AwayAsk = Schemas["AwayAsk"];
export type Weather = Schemas["WeatherWire"];
export type SheetRead = Schemas["WeatherSheetRead"];
export type SheetAsk = Schemas["WeatherSheetAsk"];
export type Seen = Schemas["Seen"];
export type Tended = Schemas["Tended"];
export type Chore = Schemas["Tending"]["chore"];
export type SkipReason = Schemas["Skip"]["reason"];
export type UsedMix = Schemas["UsedListed"];
export type UsedAdvice = Schemas["UsedAdvice"];
export type UsedStep = UsedMix["used"]["steps"][number]["step"];
export type LastPlant = UsedMix["used"]["lastPlant"];
export type Recorded = Schemas["Recorded"];
export type Fault = Schemas["FaultWire"];

/** What the server says when it refuses: one sentence, and one entry per field. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly faults: Fault[],
    /** Of an edit from an older version: the thing as it is now. */
    readonly present?: unknown,
  ) {
    super(detail);
  }
  /** Whether the same request may simply be sent again. */
  get retry() {
    return this.status === 0 || this.status >= 500;
  }
}

/** An id for a new thing or an act. Not crypto.randomUUID, which plain http on a network does not have. */
export function newId(): string {
  const b = crypto.getRandomValues(new Uint8Array(16));
  b[6] = (b[6]! & 0x0f) | 0x40;
  b[8] = (b[8]! & 0x3f) | 0x80;
  const hex = Array.from(b, (x) => x.toString(16).padStart(2, "0")).join("");
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join("-");
}

const token: Middleware = {
  onRequest({ request }) {
    request.headers.set("Accept-Language", locale());
    const cookie = document.cookie.split("; ").find((c) => c.startsWith("XSRF-TOKEN="));
    if (cookie) request.headers.set("X-XSRF-TOKEN", decodeURIComponent(cookie.slice("XSRF-TOKEN=".length)));
  },
  onResponse({ response }) {
    heard(response);
  },
};

export const api = createClient<paths>({ baseUrl: "", fetch: early });
api.use(token);

type Result<T> = { data?: T; error?: unknown; response: Response };

/** What an edit made: the thing as it is now, and the act to take it back by, unless nothing changed. */
export type Edited<T> = { now: T; act: string | undefined };

/** The result of a call that went well, or a thrown {@link Problem}. */
async function result<T>(request: Promise<Result<T>>): Promise<{ data: T; response: Response }> {
  let r: Result<T>;
  try {
    r = await request;
  } catch (e) {
    if (e instanceof DOMException && e.name === "AbortError") throw e;
    throw new Problem(0, words("problems", "server_away"), []);
  }
  if (r.response.ok && r.data !== undefined) return { data: r.data, response: r.response };
  const body = (r.error ?? {}) as { detail?: string; faults?: Fault[]; present?: unknown };
  throw new Problem(r.response.status, body.detail ?? words("problems", "unexpected"), body.faults ?? [], body.present);
}

/** The data of a call with its answer's head. */
export const answer = result;

/** The data of a call. */
export async function call<T>(request: Promise<Result<T>>): Promise<T> {
  return (await result(request)).data;
}

/** The data of a call that edits, with its act. */
export async function edit<T>(request: Promise<Result<T>>): Promise<Edited<T>> {
  const { data, response } = await result(request);
  return { now: data, act: response.headers.get("Act-Id") ?? undefined };
}
