import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { api, call, newId, type NewGarden } from "../api";
import { useAct } from "../api/queries";
import { ZoneField, ZONES } from "../parts/ZoneField";
import { Button } from "../ui/Button";
import { ChoiceField, NumberField, TextField } from "../ui/Fields";
import { fieldsOf } from "../ui/fieldsOf";
import { Segmented } from "../ui/Segmented";
import { Trouble } from "../ui/States";
import { useDraft } from "../ui/useDraft";
import { useTheme } from "../ui/useTheme";
import { preferred, say } from "../text";
import { RestoreGarden } from "./garden/RestoreGarden";

type Water = "tap" | "rain" | "measured";
type Draft = NewGarden & { water: Water };

/** What rain water usually has; typical, and to be replaced by a measurement. */
const RAIN = {
  get waterName() {
    return say("frame.rain");
  },
  waterEc: { text: "0.05", unit: "mS/cm" },
  waterPh: { text: "6", unit: "pH" },
};

function blank(): Draft {
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const us = here.startsWith("America/") && navigator.language === "en-US";
  return {
    name: "",
    timeZone: ZONES.includes(here) ? here : "Europe/London",
    latitude: { text: "", unit: "°" },
    language: preferred() === "en-US" ? "en-US" : "en-GB",
    unitHabit: us ? "us" : "metric",
    hand: "spoons",
    can: { text: us ? "1½" : "5", unit: us ? "US gal" : "L" },
    water: "tap",
    waterEc: { text: "", unit: "mS/cm" },
    waterPh: { text: "", unit: "pH" },
  };
}

const EMPTY = blank();

function sent({ water, waterEc, waterPh, ...rest }: Draft): NewGarden {
  if (water === "rain") return { ...rest, ...RAIN };
  return water === "measured"
    ? { ...rest, waterName: say("frame.tap"), waterEc, waterPh }
    : { ...rest, waterName: say("frame.tap") };
}

/** The first page of an empty installation: six short answers, then the bottle, then the plant. */
export default function FirstStart() {
  useTheme();
  const draft = useDraft<Draft>("first-garden", EMPTY);
  const navigate = useNavigate();
  const client = useQueryClient();
  const make = useAct(
    "",
    (body: NewGarden) => call(api.POST("/api/gardens", { body })),
    (garden) => {
      draft.drop();
      // the list of gardens only once this page is left: with a garden in it, it would lead to that one's day
      void navigate({ to: "/g/$garden/feeds/$feed", params: { garden: garden.id, feed: `new-${newId()}` } }).then(() =>
        client.invalidateQueries({ queryKey: ["gardens"] }),
      );
    },
  );
  const d = draft.value;
  const faults = make.error?.faults ?? [];
  const on = fieldsOf(d, draft.change, faults);
  return (
    <main className="mx-auto max-w-3xl px-3 pt-6">
      <p className="border-b-4 border-double border-rule-strong pb-2 text-xl font-semibold">
        {say("frame.even_cistern")}
      </p>
      <h1 className="mt-4 text-3xl">{say("frame.your_garden")}</h1>
      <p className="mb-5 text-soft">{say("frame.six_short_answers_then_take_a")}</p>
      <form
        aria-label={say("frame.your_garden")}
        onSubmit={(e) => {
          e.preventDefault();
          make.mutate(sent(d));
        }}
      >
        <div className="gap-8 sm:grid sm:grid-cols-2">
          <div>
            <h2 className="head">{say("common.where")}</h2>
            <TextField
              label={say("frame.what_do_you_call_it")}
              placeholder={say("frame.back_yard_and_kitchen")}
              {...on("name", "garden.name")}
            />
            <NumberField
              label={say("common.latitude_south_of_the_equator_with")}
              placeholder="52.4"
              hint={say("frame.for_the_length_of_the_day")}
              {...on("latitude", "garden.latitude")}
            />
            <ZoneField faults={faults} value={d.timeZone} onChange={(timeZone) => draft.change({ timeZone })} />
          </div>
          <div>
            <h2 className="head">{say("common.with_what")}</h2>
            <div className="mb-2 flex flex-wrap gap-2">
              <Segmented
                label={say("frame.units")}
                value={d.unitHabit}
                onChange={(v) => draft.change({ unitHabit: v as Draft["unitHabit"] })}
                options={[
                  { value: "metric", label: say("common.litres_cm") },
                  { value: "us", label: say("frame.gallons_in") },
                ]}
              />
              <Segmented
                label={say("common.measure_feed_with")}
                value={d.hand}
                onChange={(v) => draft.change({ hand: v as Draft["hand"] })}
                options={[
                  { value: "spoons", label: say("common.spoons") },
                  { value: "scale", label: say("frame.gram_scale") },
                ]}
              />
            </div>
            <NumberField
              label={say("frame.your_can_holds")}
              units={["L", "US gal", "imp gal"]}
              {...on.typed("can", "can", "L")}
            />
            <ChoiceField
              label={say("frame.you_water_with")}
              options={[
                { value: "tap", label: say("frame.tap_water_not_measured") },
                { value: "rain", label: say("frame.rain_water") },
                { value: "measured", label: say("frame.tap_water_measured") },
              ]}
              hint={say("frame.softened_water_is_unfit_for_plants")}
              {...on.choice("water", "water")}
            />
            {d.water === "measured" && (
              <div className="grid grid-cols-2 gap-2">
                <NumberField label="EC" units={["mS/cm", "µS/cm"]} {...on.typed("waterEc", "water.ec", "mS/cm")} />
                <NumberField label="pH" shownUnit="" {...on.typed("waterPh", "water.ph", "pH")} />
              </div>
            )}
          </div>
        </div>
        {make.isError && faults.length === 0 && <Trouble problem={make.error} />}
        <Button look="ink" type="submit" className="mt-3 min-h-11" disabled={make.isPending}>
          {make.isPending
            ? say("frame.making_it")
            : make.error?.retry
              ? say("common.retry")
              : say("frame.on_to_the_bottle")}
        </Button>
      </form>
      <details className="mt-8 max-w-md border-t border-rule pt-3">
        <summary className="note underline underline-offset-4">{say("frame.you_have_a_garden_file_from")}</summary>
        <div className="mt-2">
          <RestoreGarden />
        </div>
      </details>
    </main>
  );
}
