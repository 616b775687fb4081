import { useState } from "react";
import {
  api,
  call,
  edit,
  newId,
  type Edited,
  type Garden,
  type PlaceInput,
  type SheetAsk,
  type SheetRead,
  type Weather,
} from "../../api";
import { useAct } from "../../api/queries";
import { placeInput } from "../../parts/placeInput";
import { Retire } from "../../parts/Retire";
import { say, words } from "../../text";
import { dayAndYear, figures, monthNames, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Fields";
import { FileField } from "../../ui/FileField";
import { Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";

type Sheet = { name: string; text: string; degrees?: string };

/** Daily weather as a sheet: looked at first, then used; those in use, and the months they make. */
export function WeatherSheets({ garden, weather, shown }: { garden: Garden; weather: Weather; shown: Shown }) {
  const [sheet, setSheet] = useState<Sheet>();
  const [read, setRead] = useState<SheetRead>();
  const told = useTold(garden.id);
  const bring = useAct(
    garden.id,
    (body: SheetAsk) =>
      call(api.POST("/api/gardens/{garden}/weather/sheets", { params: { path: { garden: garden.id } }, body })),
    (answer: SheetRead, { apply, name }) => {
      setRead(answer);
      if (apply && answer.act) told(say("year_page.sheet_taken", { name }), answer.act);
    },
  );
  const look = (s: Sheet, apply = false) => {
    setSheet(s);
    bring.mutate({ ...s, apply, clientKey: newId() });
  };
  return (
    <section aria-labelledby="own-weather" className="mt-6 max-w-3xl">
      <h2 id="own-weather" className="head">
        {say("year_page.weather_of_your_own")}
      </h2>
      <p className="note mb-2">{say("year_page.weather_sheet_told")}</p>
      <ul className="m-0 list-none p-0">
        {weather.sheets.map((s) => (
          <li key={s.id} className="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-1">
            <b>{s.name}</b>
            <span className="note fig">
              {say("year_page.sheet_line_of", { from: dayAndYear(s.from), to: dayAndYear(s.to), days: s.days })}
            </span>
            <span className="ml-auto">
              <Retire kind="weather_sheet" thing={s} garden={garden} />
            </span>
          </li>
        ))}
      </ul>
      <FileField
        id="weather-file"
        label={say("year_page.choose_a_sheet")}
        kind="sheet"

        onChosen={(chosen) => {
          void chosen.text().then((text) => {
            setRead(undefined);
            look({ name: chosen.name, text });
          });
        }}
      />
      {bring.isPending && (
        <p className="note" role="status">
          {say("common.reading", { name: sheet?.name ?? "" })}
        </p>
      )}
      {bring.isError && <Trouble problem={bring.error} />}
      {sheet && read && (
        <div aria-live="polite" className="mt-2">
          <Found read={read} sheet={sheet} look={look} />
          {read.days > 0 && !read.act && !read.degreesDoubted && (
            <Button look="ink" disabled={bring.isPending} onClick={() => look(sheet, true)}>
              {say("year_page.sheet_take")}
            </Button>
          )}
          {read.days > 0 && !read.degreesDoubted && <Months read={read} garden={garden} shown={shown} />}
        </div>
      )}
    </section>
  );
}

/** What was found in a sheet, and what was not. */
function Found({ read, sheet, look }: { read: SheetRead; sheet: Sheet; look: (s: Sheet) => void }) {
  return (
    <>
      {read.from && read.to && (
        <p className="m-0">
          <b>
            {say("year_page.sheet_holds", { days: read.days, from: dayAndYear(read.from), to: dayAndYear(read.to) })}
          </b>{" "}
          {read.later > 0 && say("year_page.sheet_later", { later: read.later })}{" "}
          {read.snowed > 0 && say("year_page.sheet_snowed", { snowed: read.snowed })}
        </p>
      )}
      <ul className="note m-0 list-none p-0">
        {read.columns.map((c) => (
          <li key={c.column}>
            “{c.said}”: {words("weather_columns", c.column)}
            {c.unit && `, ${c.unit}`}
          </li>
        ))}
      </ul>
      {read.ignored.length > 0 && (
        <p className="note m-0">{say("year_page.sheet_ignored", { columns: read.ignored.join(", ") })}</p>
      )}
      {read.estimated.length > 0 && (
        <p className="note m-0">
          {say("year_page.sheet_estimated", {
            what: read.estimated.map((w) => words("weather_columns", w)).join(", "),
          })}
        </p>
      )}
      {read.degreesDoubted && (
        <p role="alert" className="m-0 text-stop">
          ▲ {say("year_page.sheet_degrees_doubted")}
        </p>
      )}
      {!read.degreesSaid && (
        <div className="max-w-60">
          <ChoiceField
            row
            label={say("year_page.sheet_degrees")}
            field="weather.degrees"
            faults={[]}
            value={read.degreesDoubted ? "" : read.degrees}
            onChange={(degrees) => look({ ...sheet, degrees: degrees || undefined })}
            options={[
              ...(read.degreesDoubted ? [{ value: "", label: say("common.not_told") }] : []),
              ...["°C", "°F"].map((d) => ({ value: d, label: d })),
            ]}
          />
        </div>
      )}
      {read.faulty > 0 && (
        <details className="mb-2">
          <summary className="text-stop">▲ {say("year_page.sheet_faulty", { faulty: read.faulty })}</summary>
          <ul className="note m-0 list-none p-0">
            {read.faults.map((f) => (
              <li key={f.line}>{say("year_page.sheet_line", { line: f.line, detail: f.fault.detail })}</li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

/** The average months of a sheet, and the place in the open that is to have them. */
function Months({ read, garden, shown }: { read: SheetRead; garden: Garden; shown: Shown }) {
  const [place, setPlace] = useState("");
  const told = useTold(garden.id);
  const change = useAct(
    garden.id,
    (body: PlaceInput) =>
      edit(api.PUT("/api/gardens/{garden}/places", { params: { path: { garden: garden.id } }, body })),
    ({ act }: Edited<Garden>, { name }) => told(say("year_page.sheet_months_done", { place: name }), act),
  );
  const names = monthNames();
  const missing = names.filter((_, m) => !read.months[m]);
  const open = garden.places.filter((p) => p.kind === "outdoors" && !p.retired);
  const give = () => {
    const to = open.find((p) => p.id === place);
    const months = read.months.flatMap((m) => (m ? [m] : []));
    if (!to || read.humidity === undefined) return;
    const degrees = (c: number) => ({ text: shown.celsius(c, true), unit: shown.degree });
    const percent = (share: number) => ({ text: String(Math.round(share)), unit: "%" });
    change.mutate({
      ...placeInput(to, shown),
      lows: months.map((m) => degrees(m.lowC)),
      highs: months.map((m) => degrees(m.highC)),
      humidity: percent(read.humidity),
      sunshineMonths: months.map((m) => percent(100 * m.sunshine)),
    });
  };
  return (
    <>
      <table className="my-2 w-full border-collapse text-left text-sm">
        <caption className="head text-left">{say("year_page.sheet_months")}</caption>
        <thead>
          <tr className="note border-b border-rule-strong">
            <th className="py-1 font-normal" />
            <th className="font-normal">
              {say("shelf_page.night")}, {shown.degree}
            </th>
            <th className="font-normal">
              {say("common.day_2")}, {shown.degree}
            </th>
            <th className="font-normal">{say("common.humidity")}</th>
            <th className="font-normal">{say("year_page.sheet_sun_share")}</th>
            <th className="font-normal">{say("year_page.sheet_rain_30")}</th>
          </tr>
        </thead>
        <tbody>
          {read.months.map((m, i) => (
            <tr key={names[i]} className="border-b border-rule">
              <th scope="row" className="text-left font-normal">
                {names[i]}
              </th>
              {m ? (
                <>
                  <td className="fig">{shown.celsius(m.lowC)}</td>
                  <td className="fig">{shown.celsius(m.highC)}</td>
                  <td className="fig">{figures(m.humidity, 2)} %</td>
                  <td className="fig">{figures(100 * m.sunshine, 2)} %</td>
                  <td className="fig">{figures(m.rainMm, 2)}</td>
                </>
              ) : (
                <td colSpan={5}>–</td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
      {missing.length > 0 && (
        <p className="note">{say("year_page.sheet_month_missing", { months: missing.join(", ") })}</p>
      )}
      {missing.length === 0 && open.length > 0 && (
        <div className="flex max-w-xl flex-wrap items-end gap-3">
          <ChoiceField
            label={say("year_page.sheet_months_for")}
            field="place"
            faults={[]}
            value={place}
            onChange={setPlace}
            options={[
              { value: "", label: say("year_page.sheet_months_choose") },
              ...open.map((p) => ({ value: p.id, label: p.name })),
            ]}
          />
          <Button disabled={!place || change.isPending} onClick={give}>
            {say("common.save")}
          </Button>
        </div>
      )}
      {change.isError && <Trouble problem={change.error} />}
    </>
  );
}
