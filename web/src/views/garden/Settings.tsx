import { useState } from "react";
import type { Garden, SettingsInput } from "../../api";
import { useAct } from "../../api/queries";
import { words } from "../../text";
import { Button } from "../../ui/Button";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { Segmented } from "../../ui/Segmented";
import { Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";
import { saveSettings, settingsOf } from "./settings";

const ZONES = Intl.supportedValuesOf("timeZone");
const SPOONS: Garden["spoons"] = ["TABLESPOON", "TEASPOON", "HALF", "QUARTER", "EIGHTH"];

export function Settings({ garden }: { garden: Garden }) {
  const [input, setInput] = useState<SettingsInput>(() => settingsOf(garden));
  const set = (part: Partial<SettingsInput>) => setInput((i) => ({ ...i, ...part }));
  const told = useTold(garden.id);
  const save = useAct(
    garden.id,
    (body: SettingsInput) => saveSettings(garden.id, body),
    ({ act }) => told("Saved.", act),
  );
  const faults = save.error?.faults ?? [];
  const spoonFault = faults.find((f) => f.field === "spoons")?.detail;
  const whole = save.error && (save.error.retry || faults.some((f) => f.code === "stale"));
  return (
    <form
      aria-label="Settings"
      className="max-w-3xl gap-8 sm:grid sm:grid-cols-2"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate(input);
      }}
    >
      <div>
        <h2 className="head">Where</h2>
        <TextField
          label="Name"
          field="garden.name"
          faults={faults}
          value={input.name}
          onChange={(name) => set({ name })}
        />
        <NumberField
          label="Latitude, south of the equator with a minus"
          field="garden.latitude"
          faults={faults}
          value={input.latitude}
          onChange={(latitude) => set({ latitude })}
          hint="Used for places that you add from now on."
        />
        <ChoiceField
          label="Time zone"
          field="garden.time_zone"
          faults={faults}
          value={input.timeZone}
          onChange={(timeZone) => set({ timeZone })}
          options={(ZONES.includes(input.timeZone) ? ZONES : [input.timeZone, ...ZONES]).map((z) => ({
            value: z,
            label: z.replaceAll("_", " "),
          }))}
        />
      </div>
      <div>
        <h2 className="head">With what</h2>
        <div className="mb-2">
          <Segmented
            label="Show amounts in"
            value={input.unitHabit}
            onChange={(v) => set({ unitHabit: v as Garden["unitHabit"] })}
            options={[
              { value: "metric", label: "litres · cm" },
              { value: "us", label: "US gallons · in" },
            ]}
          />
          <p className="note mt-1">
            Only what is shown. Every field takes any unit: “2 imp gal”, “4¾ in”, “250 mL”, and keeps what you typed.
          </p>
        </div>
        <div className="mb-2">
          <Segmented
            label="Measure feed with"
            value={input.hand}
            onChange={(v) => set({ hand: v as Garden["hand"] })}
            options={[
              { value: "spoons", label: "spoons" },
              { value: "scale", label: "gram scale and syringe" },
            ]}
          />
        </div>
        <fieldset className="m-0 mb-2 border-0 p-0">
          <legend className="text-sm">Spoons you own, level</legend>
          {SPOONS.map((s) => (
            <label key={s} className="mr-4 inline-flex min-h-8 items-center gap-2">
              <input
                type="checkbox"
                className="size-5"
                checked={input.spoons.includes(s)}
                onChange={(e) =>
                  set({ spoons: SPOONS.filter((x) => (x === s ? e.target.checked : input.spoons.includes(x))) })
                }
              />
              {words("spoons", s)}
            </label>
          ))}
          {spoonFault && (
            <p role="alert" className="text-sm text-stop">
              ▲ {spoonFault}
            </p>
          )}
          <p className="note">No dose asks for less than your smallest spoon.</p>
        </fieldset>
        <label className="mb-1 flex items-start gap-2">
          <input
            type="checkbox"
            className="mt-1 size-5 shrink-0"
            checked={input.trade === true}
            onChange={(e) => set({ trade: e.target.checked })}
          />
          <span>
            This is a trade grower’s garden
            <span className="note block">
              Shows strong acids and hydroxides. Local law says who may buy and keep them.
            </span>
          </span>
        </label>
        {whole && <Trouble problem={save.error} />}
        <Button look="ink" type="submit" disabled={save.isPending}>
          {save.isPending ? "Saving …" : save.error?.retry ? "Retry" : "Save"}
        </Button>
      </div>
    </form>
  );
}
