import { useState } from "react";
import { api, edit, type Garden, type Place, type PlaceInput, type Typed } from "../../api";
import { words } from "../../text";
import { plain, type Shown } from "../../text/numbers";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { List, ThingForm } from "./things";

const PRESETS = ["north_window", "south_window", "lamp_shelf", "glasshouse", "tunnel", "open_bench"] as const;
type Preset = (typeof PRESETS)[number];
const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

/** 10-25 as 25 Oct. */
function dayOfYear(monthDay: string): string {
  const [month = "1", day = "1"] = monthDay.split("-");
  return `${Number(day)}\u00a0${MONTHS[Number(month) - 1] ?? ""}`;
}

export function Places({ garden, shown, find }: { garden: Garden; shown: Shown; find: string }) {
  return (
    <List
      title="Places"
      one="place"
      items={garden.places}
      find={find}
      line={(p) => (
        <>
          {p.name}
          <span className="note fig block">
            {shown.celsius(p.lows[0] ?? 0)}–{shown.celsius(p.highs[0] ?? 0)} {shown.degree} in January,{" "}
            {shown.celsius(p.lows[6] ?? 0)}–{shown.celsius(p.highs[6] ?? 0)} in July
          </span>
          <span className="note block">
            {plain(p.lightShare * 100)} % of the light outdoors
            {p.lampHours !== undefined && `, lamps ${plain(p.lampHours)}\u00a0h`}
            {p.firstFrost && `, frost from ${dayOfYear(p.firstFrost)}`}
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

function NewPlace({ garden, id, close }: { garden: Garden; id: string; close: () => void }) {
  const [name, setName] = useState("");
  const [preset, setPreset] = useState<Preset>("south_window");
  return (
    <ThingForm
      garden={garden}
      kind="place"
      input={{ id, name, preset, version: 0 }}
      send={({ version: _, ...body }: { id: string; name: string; preset: Preset; version: number }) =>
        edit(api.POST("/api/gardens/{garden}/places", { params: { path: { garden: garden.id } }, body }))
      }
      inputOf={(p: Place) => ({ name: p.name })}
      close={close}
    >
      {(faults) => (
        <>
          <TextField
            label="Name"
            field="place.name"
            faults={faults}
            value={name}
            onChange={setName}
            placeholder="Kitchen sill"
          />
          <ChoiceField
            label="What it is like"
            field="place.preset"
            faults={faults}
            value={preset}
            onChange={(v) => setPreset(v as Preset)}
            options={PRESETS.map((p) => ({ value: p, label: words("presets", p) }))}
            hint="An average year of such a place at your latitude; change it month by month afterwards."
          />
        </>
      )}
    </ThingForm>
  );
}

function inputOf(p: Place, shown: Shown): PlaceInput {
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

function PlaceForm({ garden, place, shown, close }: { garden: Garden; place: Place; shown: Shown; close: () => void }) {
  const [input, setInput] = useState<PlaceInput>(() => inputOf(place, shown));
  const set = (part: Partial<PlaceInput>) => setInput((i) => ({ ...i, ...part }));
  const month = (list: "lows" | "highs", m: number, text: string) =>
    set({ [list]: input[list].map((t, i) => (i === m ? { ...t, text } : t)) });
  return (
    <ThingForm
      garden={garden}
      kind="place"
      input={input}
      send={(body: PlaceInput) =>
        edit(api.PUT("/api/gardens/{garden}/places", { params: { path: { garden: garden.id } }, body }))
      }
      inputOf={(p: Place) => inputOf(p, shown) as unknown as Record<string, unknown>}
      close={close}
    >
      {(faults) => {
        const bad = (field: string) => faults.find((f) => f.field === field)?.detail;
        const trouble = bad("place.low") ?? bad("place.high") ?? bad("place.months");
        return (
          <>
            <TextField
              label="Name"
              field="place.name"
              faults={faults}
              value={input.name}
              onChange={(name) => set({ name })}
            />
            <ChoiceField
              label="It is"
              field="place.kind"
              faults={faults}
              value={input.kind}
              onChange={(kind) => set({ kind: kind as PlaceInput["kind"] })}
              options={["indoors", "under_glass", "outdoors"].map((k) => ({
                value: k,
                label: words("place_kinds", k),
              }))}
            />
            <table className="mb-1 text-sm">
              <thead>
                <tr className="note">
                  <th className="text-left font-semibold">{input.lows[0]?.unit}</th>
                  <th className="text-left font-semibold">night</th>
                  <th className="text-left font-semibold">day</th>
                </tr>
              </thead>
              <tbody>
                {MONTHS.map((name, m) => (
                  <tr key={name}>
                    <td className="pr-2">{name}</td>
                    {(["lows", "highs"] as const).map((list) => (
                      <td key={list} className="pr-1">
                        <input
                          aria-label={`${name}, ${list === "lows" ? "night" : "day"}`}
                          className="box !min-h-7 !w-16 !py-0"
                          value={input[list][m]?.text ?? ""}
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
            <NumberField
              label="Humidity"
              field="place.humidity"
              faults={faults}
              value={input.humidity}
              onChange={(humidity) => set({ humidity })}
            />
            <NumberField
              label="Light, of that outdoors"
              field="place.light"
              faults={faults}
              value={input.lightShare}
              onChange={(lightShare) => set({ lightShare })}
              hint="A north window about 15–20 %, a south window 40 %, a clean glasshouse 60 %."
            />
            <div className="grid grid-cols-2 gap-2">
              <ChoiceField
                label="Air"
                field="place.air"
                faults={faults}
                value={input.air ?? ""}
                onChange={(air) => set({ air: (air || undefined) as PlaceInput["air"] })}
                options={[
                  { value: "", label: "not told" },
                  ...(["STILL", "MOVING", "WINDY"] as const).map((a) => ({
                    value: a,
                    label: words("airs", a.toLowerCase()),
                  })),
                ]}
              />
              <ChoiceField
                label="Window looks"
                field="place.aspect"
                faults={faults}
                value={input.aspect ?? ""}
                onChange={(aspect) => set({ aspect: (aspect || undefined) as PlaceInput["aspect"] })}
                options={[
                  { value: "", label: "no window" },
                  ...(["NORTH", "EAST", "SOUTH", "WEST"] as const).map((a) => ({
                    value: a,
                    label: words("aspects", a.toLowerCase()),
                  })),
                ]}
              />
              <NumberField
                label="Rain that reaches it"
                field="place.rain"
                faults={faults}
                value={input.rainShare ?? { text: "", unit: "%" }}
                placeholder="none"
                onChange={(rainShare) => set({ rainShare })}
              />
              <NumberField
                label="Above the sea"
                field="place.altitude"
                faults={faults}
                value={input.altitude ?? { text: "", unit: "m" }}
                units={["m", "ft"]}
                placeholder="0"
                onChange={(altitude) => set({ altitude })}
              />
              <NumberField
                label="Lamps"
                field="place.lamp_hours"
                faults={faults}
                value={input.lampHours ?? { text: "", unit: "h" }}
                placeholder="none"
                onChange={(lampHours) => set({ lampHours })}
              />
              <NumberField
                label="µmol/m²/s"
                field="place.lamp_light"
                faults={faults}
                value={input.lampPpfd ?? { text: "", unit: "" }}
                shownUnit=""
                placeholder="none"
                onChange={(lampPpfd) => set({ lampPpfd })}
              />
              <TextField
                label="Last frost, MM-DD"
                field="place.frosts"
                faults={faults}
                value={input.lastFrost ?? ""}
                placeholder="none"
                onChange={(v) => set({ lastFrost: v || undefined })}
              />
              <TextField
                label="First frost, MM-DD"
                field="place.frosts"
                faults={[]}
                value={input.firstFrost ?? ""}
                placeholder="none"
                onChange={(v) => set({ firstFrost: v || undefined })}
              />
            </div>
          </>
        );
      }}
    </ThingForm>
  );
}
