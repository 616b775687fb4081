import { useState } from "react";
import type { Garden, SettingsInput } from "../../api";
import { useAct } from "../../api/queries";
import { ZoneField } from "../../parts/ZoneField";
import { words, say } from "../../text";
import { Button } from "../../ui/Button";
import { NumberField, TextField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { Segmented } from "../../ui/Segmented";
import { Trouble } from "../../ui/States";
import { useTheme } from "../../ui/useTheme";
import { useTold } from "../../ui/useUndo";
import { saveSettings, settingsOf } from "./settings";

const SPOONS: Garden["spoons"] = ["TABLESPOON", "TEASPOON", "HALF", "QUARTER", "EIGHTH"];

export function Settings({ garden }: { garden: Garden }) {
  const [input, setInput] = useState<SettingsInput>(() => settingsOf(garden));
  const set = (part: Partial<SettingsInput>) => setInput((i) => ({ ...i, ...part }));
  const { theme, turn } = useTheme();
  const told = useTold(garden.id);
  const save = useAct(
    garden.id,
    (body: SettingsInput) => saveSettings(garden.id, body),
    ({ act }) => told(say("common.saved_2"), act),
  );
  const faults = save.error?.faults ?? [];
  const spoonFault = faults.find((f) => f.field === "spoons")?.detail;
  const whole = save.error && (save.error.retry || faults.some((f) => f.code === "stale"));
  const on = fieldsOf(input, set, faults);
  return (
    <form
      aria-label={say("frame.settings")}
      className="max-w-3xl gap-8 sm:grid sm:grid-cols-2"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate(input);
      }}
    >
      <div>
        <h2 className="head">{say("common.where")}</h2>
        <TextField label={say("common.name")} {...on("name", "garden.name")} />
        <NumberField
          label={say("common.latitude_south_of_the_equator_with")}
          hint={say("garden_page.used_for_places_that_you_add")}
          {...on("latitude", "garden.latitude")}
        />
        <ZoneField faults={faults} value={input.timeZone} onChange={(timeZone) => set({ timeZone })} />
      </div>
      <div>
        <h2 className="head">{say("common.with_what")}</h2>
        <div className="mb-2">
          <p className="text-sm">{say("garden_page.language")}</p>
          <Segmented
            label={say("garden_page.language")}
            value={input.language}
            onChange={(v) => set({ language: v as Garden["language"] })}
            options={[
              { value: "en-GB", label: say("garden_page.british_english") },
              { value: "en-US", label: say("garden_page.american_english") },
            ]}
          />
          <p className="note mt-1">{say("garden_page.for_the_page_paper_and_calendar")}</p>
        </div>
        <div className="mb-2">
          <p className="text-sm">{say("garden_page.show_amounts_in")}</p>
          <Segmented
            label={say("garden_page.show_amounts_in")}
            value={input.unitHabit}
            onChange={(v) => set({ unitHabit: v as Garden["unitHabit"] })}
            options={[
              { value: "metric", label: say("common.litres_cm") },
              { value: "us", label: say("garden_page.us_gallons_in") },
            ]}
          />
          <p className="note mt-1">{say("garden_page.only_what_is_shown_every_field")}</p>
        </div>
        <div className="mb-2">
          <p className="text-sm">{say("common.measure_feed_with")}</p>
          <Segmented
            label={say("common.measure_feed_with")}
            value={input.hand}
            onChange={(v) => set({ hand: v as Garden["hand"] })}
            options={[
              { value: "spoons", label: say("common.spoons") },
              { value: "scale", label: say("garden_page.gram_scale_and_syringe") },
            ]}
          />
        </div>
        <fieldset className="m-0 mb-2 border-0 p-0">
          <legend className="text-sm">{say("garden_page.spoons_you_own_level")}</legend>
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
          <p className="note">{say("garden_page.no_dose_asks_for_less_than")}</p>
        </fieldset>
        <label className="mb-1 flex items-start gap-2">
          <input
            type="checkbox"
            className="mt-1 size-5 shrink-0"
            checked={input.trade === true}
            onChange={(e) => set({ trade: e.target.checked })}
          />
          <span>
            {say("garden_page.this_is_a_trade_growers_garden")}
            <span className="note block">{say("garden_page.shows_strong_acids_and_hydroxides_local")}</span>
          </span>
        </label>
        <div className="mb-2">
          <p className="text-sm">{say("garden_page.theme")}</p>
          <Segmented
            label={say("garden_page.theme")}
            value={theme}
            onChange={(v) => v !== theme && turn()}
            options={[
              { value: "light", label: say("garden_page.light_theme") },
              { value: "dark", label: say("garden_page.dark_theme") },
            ]}
          />
          <p className="note mt-1">{say("garden_page.on_this_device")}</p>
        </div>
        {whole && <Trouble problem={save.error} />}
        <Button look="ink" type="submit" disabled={save.isPending}>
          {save.isPending ? say("common.saving") : save.error?.retry ? say("common.retry") : say("common.save")}
        </Button>
      </div>
    </form>
  );
}
