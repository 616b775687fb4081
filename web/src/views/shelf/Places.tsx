import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, edit, type Garden, type Place, type PlaceInput, type Typed } from "../../api";
import { catalogueQuery } from "../../api/queries";
import { words, say, rich } from "../../text";
import { dayOfYear, monthNames, plain, type Shown } from "../../text/numbers";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { placeInput } from "../../parts/placeInput";
import { List, ThingForm } from "../../parts/things";
import { SearchField } from "../../ui/SearchField";

const PRESETS = [
  "north_window",
  "south_window",
  "lamp_shelf",
  "glasshouse",
  "cold_glasshouse",
  "lean_to",
  "tunnel",
  "open_bench",
  "shade_net",
  "balcony",
] as const;
type Preset = (typeof PRESETS)[number];
export function Places({ garden, shown, find }: { garden: Garden; shown: Shown; find: string }) {
  return (
    <List
      title={say("shelf_page.places")}
      one="place"
      items={garden.places}
      find={find}
      line={(p) => (
        <>
          {p.name}
          <span className="note fig block">
            {say("shelf_page.in_january_in_july", {
              celsius: shown.celsius(p.lows[0] ?? 0),
              celsius2: shown.celsius(p.highs[0] ?? 0),
              degree: shown.degree,
              celsius3: shown.celsius(p.lows[6] ?? 0),
              celsius4: shown.celsius(p.highs[6] ?? 0),
            })}
          </span>
          <span className="note block">
            {rich("shelf_page.of_the_light_outdoors", {
              value: plain(p.lightShare * 100),
              value2: p.lampHours !== undefined && say("shelf_page.lamps_h", { lampHours: plain(p.lampHours) }),
              value3: p.firstFrost && say("shelf_page.frost_from", { dayOfYear: dayOfYear(p.firstFrost) }),
            })}
          </span>
        </>
      )}
      form={(p, id, close) =>
        p ? (
          <PlaceForm garden={garden} place={p} shown={shown} close={close} />
        ) : (
          <NewPlace garden={garden} id={id} close={close} />
        )
      }
    />
  );
}

/** What has its own warmth, whatever the year is like outside. */
const ROOMS: Preset[] = ["north_window", "south_window", "lamp_shelf"];

function NewPlace({ garden, id, close }: { garden: Garden; id: string; close: () => void }) {
  const [name, setName] = useState("");
  const [preset, setPreset] = useState<Preset>("south_window");
  const degrees = garden.unitHabit === "us" ? "°F" : "°C";
  const [outside, setOutside] = useState<Partial<Record<"coldestNight" | "hottestDay" | "higher", Typed>>>({});
  const [station, setStation] = useState("");
  const stations = useQuery(catalogueQuery).data?.stations ?? [];
  const told = Object.fromEntries(Object.entries(outside).filter(([, t]) => t.text.trim() !== ""));
  return (
    <ThingForm
      garden={garden}
      kind="place"
      input={{ id, name, preset, ...(station ? { station } : told), version: 0 }}
      send={({ version: _, ...body }: { id: string; name: string; preset: Preset; version: number }) =>
        edit(api.POST("/api/gardens/{garden}/places", { params: { path: { garden: garden.id } }, body }))
      }
      inputOf={(p: Place) => ({ name: p.name })}
      close={close}
    >
      {(faults) => (
        <>
          <TextField
            label={say("common.name")}
            field="place.name"
            faults={faults}
            value={name}
            onChange={setName}
            placeholder={say("shelf_page.kitchen_sill")}
          />
          <ChoiceField
            label={say("shelf_page.what_it_is_like")}
            field="place.preset"
            faults={faults}
            value={preset}
            onChange={(v) => setPreset(v as Preset)}
            options={PRESETS.map((p) => ({ value: p, label: words("presets", p) }))}
            hint={say("shelf_page.an_average_year_of_such_a")}
          />
          {!ROOMS.includes(preset) && (
            <>
              <p className="note mb-1">{say("shelf_page.the_year_outside_is_taken_from")}</p>
              <SearchField
                label={say("shelf_page.a_year_like_that_of")}
                field="place.station"
                faults={faults}
                value={station}
                onChange={setStation}
                invite={say("shelf_page.find_a_station")}
                options={[
                  { value: "", label: say("shelf_page.this_part_of_the_world") },
                  ...stations.map((s) => ({ value: s, label: s })),
                ]}
              />
            </>
          )}
          {!ROOMS.includes(preset) && !station && (
            <>
              <NumberField
                row
                label={say("shelf_page.coldest_months_night")}
                field="place.coldest_night"
                faults={faults}
                units={["°C", "°F"]}
                placeholder={say("shelf_page.as_usual_here")}
                value={outside.coldestNight ?? { text: "", unit: degrees }}
                onChange={(coldestNight) => setOutside((o) => ({ ...o, coldestNight }))}
              />
              <NumberField
                row
                label={say("shelf_page.hottest_months_day")}
                field="place.hottest_day"
                faults={faults}
                units={["°C", "°F"]}
                placeholder={say("shelf_page.as_usual_here")}
                value={outside.hottestDay ?? { text: "", unit: degrees }}
                onChange={(hottestDay) => setOutside((o) => ({ ...o, hottestDay }))}
              />
              <NumberField
                row
                label={say("shelf_page.higher_than_around")}
                field="place.higher"
                faults={faults}
                units={["m", "ft"]}
                placeholder="0"
                value={outside.higher ?? { text: "", unit: garden.unitHabit === "us" ? "ft" : "m" }}
                onChange={(higher) => setOutside((o) => ({ ...o, higher }))}
              />
            </>
          )}
        </>
      )}
    </ThingForm>
  );
}

/** What a place has of each month. */
const MONTHLY = [
  { list: "lows", head: "shelf_page.night" },
  { list: "highs", head: "common.day_2" },
  { list: "sunshineMonths", head: "shelf_page.sunshine_of_the_possible" },
] as const;

function PlaceForm({ garden, place, shown, close }: { garden: Garden; place: Place; shown: Shown; close: () => void }) {
  const [input, setInput] = useState<PlaceInput>(() => placeInput(place, shown));
  const set = (part: Partial<PlaceInput>) => setInput((i) => ({ ...i, ...part }));
  const month = (list: (typeof MONTHLY)[number]["list"], m: number, text: string) =>
    set({ [list]: (input[list] ?? []).map((t, i) => (i === m ? { ...t, text } : t)) });
  return (
    <ThingForm
      garden={garden}
      kind="place"
      input={input}
      send={(body: PlaceInput) =>
        edit(api.PUT("/api/gardens/{garden}/places", { params: { path: { garden: garden.id } }, body }))
      }
      inputOf={(p: Place) => placeInput(p, shown) as unknown as Record<string, unknown>}
      close={close}
    >
      {(faults) => {
        const on = fieldsOf(input, set, faults);
        const bad = (field: string) => faults.find((f) => f.field === field)?.detail;
        const trouble = bad("place.low") ?? bad("place.high") ?? bad("place.sunshine") ?? bad("place.months");
        return (
          <>
            <TextField label={say("common.name")} {...on("name", "place.name")} />
            <ChoiceField
              label={say("shelf_page.it_is")}
              options={["indoors", "under_glass", "outdoors"].map((k) => ({
                value: k,
                label: words("place_kinds", k),
              }))}
              {...on.choice("kind", "place.kind")}
            />
            <table className="mb-1 text-sm">
              <thead>
                <tr className="note">
                  <th className="text-left font-semibold">{input.lows[0]?.unit}</th>
                  {MONTHLY.map((c) => (
                    <th key={c.list} className="text-left font-semibold">
                      {say(c.head)}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {monthNames().map((name, m) => (
                  <tr key={name}>
                    <td className="pr-2">{name}</td>
                    {MONTHLY.map(({ list, head }) => (
                      <td key={list} className="pr-1">
                        <input
                          aria-label={`${name}, ${say(head)}`}
                          className="box !min-h-7 !w-16 !py-0"
                          value={input[list]?.[m]?.text ?? ""}
                          onChange={(e) => month(list, m, e.target.value)}
                        />
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
            {trouble && (
              <p role="alert" className="text-sm text-stop">
                ▲ {trouble}
              </p>
            )}
            <p className="note mb-1">{say("shelf_page.sunshine_usual")}</p>
            <NumberField label={say("common.humidity")} {...on("humidity", "place.humidity")} />
            <NumberField
              label={say("shelf_page.light_of_that_outdoors")}
              hint={say("shelf_page.share_of_light_by_window")}
              {...on("lightShare", "place.light")}
            />
            <div className="grid grid-cols-2 gap-2">
              <ChoiceField
                label={say("common.air")}
                field="place.air"
                faults={faults}
                value={input.air ?? ""}
                onChange={(air) => set({ air: (air || undefined) as PlaceInput["air"] })}
                options={[
                  { value: "", label: say("common.not_told") },
                  ...(["STILL", "MOVING", "WINDY"] as const).map((a) => ({
                    value: a,
                    label: words("airs", a.toLowerCase()),
                  })),
                ]}
              />
              <ChoiceField
                label={say("shelf_page.window_looks")}
                field="place.aspect"
                faults={faults}
                value={input.aspect ?? ""}
                onChange={(aspect) => set({ aspect: (aspect || undefined) as PlaceInput["aspect"] })}
                options={[
                  { value: "", label: say("shelf_page.no_window") },
                  ...(["NORTH", "EAST", "SOUTH", "WEST"] as const).map((a) => ({
                    value: a,
                    label: words("aspects", a.toLowerCase()),
                  })),
                ]}
              />
              <NumberField
                label={say("shelf_page.rain_that_reaches_it")}
                placeholder={say("common.none")}
                {...on.typed("rainShare", "place.rain", "%")}
              />
              <NumberField
                label={say("shelf_page.above_the_sea")}
                units={["m", "ft"]}
                placeholder="0"
                {...on.typed("altitude", "place.altitude", "m")}
              />
              <NumberField
                label={say("shelf_page.lamps")}
                placeholder={say("common.none")}
                {...on.typed("lampHours", "place.lamp_hours", "h")}
              />
              <NumberField
                label={say("shelf_page.mol_m_s")}
                shownUnit=""
                placeholder={say("common.none")}
                {...on.typed("lampPpfd", "place.lamp_light", "")}
              />
              <TextField
                label={say("shelf_page.last_frost_mm_dd")}
                field="place.frosts"
                faults={faults}
                value={input.lastFrost ?? ""}
                placeholder={say("common.none")}
                onChange={(v) => set({ lastFrost: v || undefined })}
              />
              <TextField
                label={say("shelf_page.first_frost_mm_dd")}
                field="place.frosts"
                faults={[]}
                value={input.firstFrost ?? ""}
                placeholder={say("common.none")}
                onChange={(v) => set({ firstFrost: v || undefined })}
              />
            </div>
          </>
        );
      }}
    </ThingForm>
  );
}
