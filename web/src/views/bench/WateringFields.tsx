import type { Care, LotInput, Typed } from "../../api";
import { WayMark } from "../../parts/WayMark";
import { say, words, type Key } from "../../text";
import { figures } from "../../text/numbers";
import { ChoiceField, NumberField } from "../../ui/Fields";
import type { LotWork } from "./useLotWork";

type Watering = NonNullable<LotInput["watering"]>;
type Told = Exclude<keyof Watering, "way">;

const WAYS: Watering["way"][] = [
  "TOP",
  "FROM_BELOW",
  "STANDING",
  "RESERVOIR",
  "CLAY_BALLS",
  "DUNKED",
  "MISTED",
  "DRIP",
  "OVERHEAD",
];

/** What runs through a pot may stay below it only where water comes from above. */
const FROM_ABOVE: Watering["way"][] = ["TOP", "DRIP", "OVERHEAD"];

type Asked = { field: Told; label: Key; units: string[]; us: string; metric: string };

const HOLDS: Asked = {
  field: "holds",
  label: "bench_page.it_holds",
  units: ["L", "mL", "US qt", "US gal"],
  us: "US qt",
  metric: "L",
};
const MINUTES: Asked = {
  field: "minutes",
  label: "bench_page.minutes_in_water",
  units: ["min", "h"],
  us: "min",
  metric: "min",
};

/** What is asked of each way beside its name. */
const ASKED: Partial<Record<Watering["way"], Asked[]>> = {
  FROM_BELOW: [MINUTES],
  STANDING: [HOLDS],
  RESERVOIR: [HOLDS],
  CLAY_BALLS: [HOLDS],
  DUNKED: [MINUTES],
  DRIP: [
    {
      field: "emitter",
      label: "bench_page.emitters_give_an_hour",
      units: ["L", "US gal"],
      us: "US gal",
      metric: "L",
    },
  ],
  OVERHEAD: [
    { field: "rate", label: "bench_page.sprinklers_give_an_hour", units: ["mm", "in"], us: "in", metric: "mm" },
    { field: "spacing", label: "bench_page.spacing_of_pots", units: ["cm", "m", "in"], us: "in", metric: "cm" },
  ],
};

/** How the pots get their water, and what is to be known of the vessel or the line. */
export function WateringFields({ work, care }: { work: LotWork; care: Care | undefined }) {
  const { input, change, faults, garden, shown } = work;
  const answered = care?.water.way;
  const way = input.watering?.way ?? WAYS.find((w) => w.toLowerCase() === answered?.id) ?? "TOP";
  const usual: Partial<Record<Told, string>> = answered
    ? {
        holds: shown.litres(answered.besideLitres),
        ...(answered.minutes === undefined ? {} : { minutes: figures(answered.minutes) }),
      }
    : {};
  const tell = (part: Partial<Watering>) => change({ watering: { ...input.watering, way, ...part } });
  return (
    <fieldset className="m-0 border-0 p-0">
      <legend className="sr-only">{say("bench_page.how_it_is_watered")}</legend>
      <div className="flex items-center gap-2">
        <WayMark way={way.toLowerCase()} />
        <div className="min-w-0 flex-1">
          <ChoiceField
            row
            label={say("bench_page.how_it_is_watered")}
            field="lot.way"
            faults={faults}
            value={way}
            assumed={input.watering === undefined && answered !== undefined}
            onChange={(to) => tell({ way: to as Watering["way"] })}
            options={WAYS.map((w) => ({ value: w, label: words("trait_words", `way.${w.toLowerCase()}`) }))}
          />
        </div>
      </div>
      {(ASKED[way] ?? []).map((a) => {
        const value: Typed = input.watering?.[a.field] ?? {
          text: "",
          unit: garden.unitHabit === "us" ? a.us : a.metric,
        };
        const taken = usual[a.field];
        return (
          <NumberField
            key={a.field}
            row
            label={say(a.label)}
            field={`lot.${a.field}`}
            faults={faults}
            units={a.units}
            value={value}
            assumed={taken !== undefined && !value.text.trim()}
            {...(taken ? { placeholder: taken } : {})}
            onChange={(v: Typed) => tell({ [a.field]: v })}
          />
        );
      })}
      <NumberField
        row
        label={say("bench_page.lasts_from_wet_to_dry")}
        field="lot.lasts"
        faults={faults}
        units={["d", "wk"]}
        value={input.lasts ?? { text: "", unit: "d" }}
        {...(care && !input.lasts?.text.trim()
          ? { placeholder: `${care.water.daysShort}–${care.water.daysLong}` }
          : {})}
        onChange={(lasts: Typed) => change({ lasts })}
      />
      {FROM_ABOVE.includes(way) && (
        <label className="flex min-h-9 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-5"
            checked={input.undrained ?? false}
            onChange={(e) => change({ undrained: e.target.checked })}
          />
          {say("bench_page.stands_in_a_cachepot_or_tray")}
        </label>
      )}
    </fieldset>
  );
}
