import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { api, call, newId, type NewGarden } from "../api";
import { useAct } from "../api/queries";
import { Button } from "../ui/Button";
import { ChoiceField, NumberField, TextField } from "../ui/Fields";
import { Segmented } from "../ui/Segmented";
import { Trouble } from "../ui/States";
import { useDraft } from "../ui/useDraft";
import { useTheme } from "../ui/useTheme";
import { RestoreGarden } from "./garden/RestoreGarden";

type Water = "tap" | "rain" | "measured";
type Draft = NewGarden & { water: Water };

/** What rain water usually has; typical, and to be replaced by a measurement. */
const RAIN = { waterName: "Rain", waterEc: { text: "0.05", unit: "mS/cm" }, waterPh: { text: "6", unit: "pH" } };

const ZONES = Intl.supportedValuesOf("timeZone");

function blank(): Draft {
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const us = here.startsWith("America/") && navigator.language === "en-US";
  return {
    name: "",
    timeZone: ZONES.includes(here) ? here : "Europe/London",
    latitude: { text: "", unit: "°" },
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
  return water === "measured" ? { ...rest, waterName: "Tap", waterEc, waterPh } : { ...rest, waterName: "Tap" };
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
  return (
    <main className="mx-auto max-w-3xl px-3 pt-6">
      <p className="border-b-4 border-double border-rule-strong pb-2 text-xl font-semibold">Even Cistern</p>
      <h1 className="mt-4 text-3xl">Your garden</h1>
      <p className="mb-5 text-soft">
        Six short answers. Then take a bottle of feed in your hand, then a plant: in three minutes you have its dose and
        a date.
      </p>
      <form
        aria-label="Your garden"
        onSubmit={(e) => {
          e.preventDefault();
          make.mutate(sent(d));
        }}
      >
        <div className="gap-8 sm:grid sm:grid-cols-2">
          <div>
            <h2 className="head">Where</h2>
            <TextField
              label="What do you call it?"
              field="garden.name"
              faults={faults}
              value={d.name}
              placeholder="Back yard and kitchen"
              onChange={(name) => draft.change({ name })}
            />
            <NumberField
              label="Latitude, south of the equator with a minus"
              field="garden.latitude"
              faults={faults}
              value={d.latitude}
              placeholder="52.4"
              onChange={(latitude) => draft.change({ latitude })}
              hint="For the length of the day. A map tells it; the nearest degree will do."
            />
            <ChoiceField
              label="Time zone"
              field="garden.time_zone"
              faults={faults}
              value={d.timeZone}
              onChange={(timeZone) => draft.change({ timeZone })}
              options={ZONES.map((z) => ({ value: z, label: z.replaceAll("_", " ") }))}
            />
          </div>
          <div>
            <h2 className="head">With what</h2>
            <div className="mb-2 flex flex-wrap gap-2">
              <Segmented
                label="Units"
                value={d.unitHabit}
                onChange={(v) => draft.change({ unitHabit: v as Draft["unitHabit"] })}
                options={[
                  { value: "metric", label: "litres · cm" },
                  { value: "us", label: "gallons · in" },
                ]}
              />
              <Segmented
                label="Measure feed with"
                value={d.hand}
                onChange={(v) => draft.change({ hand: v as Draft["hand"] })}
                options={[
                  { value: "spoons", label: "spoons" },
                  { value: "scale", label: "gram scale" },
                ]}
              />
            </div>
            <NumberField
              label="Your can holds"
              field="can"
              faults={faults}
              value={d.can ?? { text: "", unit: "L" }}
              units={["L", "US gal", "imp gal"]}
              onChange={(can) => draft.change({ can })}
            />
            <ChoiceField
              label="You water with"
              field="water"
              faults={faults}
              value={d.water}
              onChange={(water) => draft.change({ water: water as Water })}
              options={[
                { value: "tap", label: "tap water, not measured" },
                { value: "rain", label: "rain water" },
                { value: "measured", label: "tap water, measured" },
              ]}
              hint="Softened water is unfit for plants: it is full of sodium."
            />
            {d.water === "measured" && (
              <div className="grid grid-cols-2 gap-2">
                <NumberField
                  label="EC"
                  field="water.ec"
                  faults={faults}
                  value={d.waterEc ?? { text: "", unit: "mS/cm" }}
                  units={["mS/cm", "µS/cm"]}
                  onChange={(waterEc) => draft.change({ waterEc })}
                />
                <NumberField
                  label="pH"
                  field="water.ph"
                  faults={faults}
                  value={d.waterPh ?? { text: "", unit: "pH" }}
                  shownUnit=""
                  onChange={(waterPh) => draft.change({ waterPh })}
                />
              </div>
            )}
          </div>
        </div>
        {make.isError && faults.length === 0 && <Trouble problem={make.error} />}
        <Button look="ink" type="submit" className="mt-3 min-h-11" disabled={make.isPending}>
          {make.isPending ? "Making it …" : make.error?.retry ? "Retry" : "On to the bottle"}
        </Button>
      </form>
      <details className="mt-8 max-w-md border-t border-rule pt-3">
        <summary className="note underline underline-offset-4">You have a garden file from before?</summary>
        <div className="mt-2">
          <RestoreGarden />
        </div>
      </details>
    </main>
  );
}
