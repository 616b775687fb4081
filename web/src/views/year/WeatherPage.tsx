import { useQuery } from "@tanstack/react-query";
import { api, call, type Weather } from "../../api";
import { catalogueQuery, gardenQuery, useAct, useGardenId, weatherQuery } from "../../api/queries";
import { clock, day, figures, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { say } from "../../text";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { WeatherPicture } from "./WeatherPicture";
import { WeatherSheets } from "./WeatherSheets";

/** The weather of the last weeks and the days to come, and whether the plan goes by it. */
export function WeatherPage() {
  const id = useGardenId();
  const weather = useQuery(weatherQuery(id));
  const garden = useQuery(gardenQuery(id)).data;
  const units = useQuery(catalogueQuery).data?.units;
  const fetchNow = useAct(id, () =>
    call(api.POST("/api/gardens/{garden}/weather/fetch", { params: { path: { garden: id } } })),
  );
  const use = useAct(id, (inUse: boolean) =>
    call(api.PUT("/api/gardens/{garden}/weather", { params: { path: { garden: id } }, body: { inUse } })),
  );
  if (weather.isPending || !garden || !units) return <Loading what={say("year_page.the_weather")} />;
  if (weather.isLoadingError) return <Trouble problem={weather.error} again={() => void weather.refetch()} />;
  const w = weather.data;
  const shown = new Shown(units, garden.unitHabit);
  return (
    <div className="min-w-0">
      <h1 className="text-2xl">{say("frame.weather")}</h1>
      <p className="note mb-2 max-w-3xl">{say("year_page.told_by_a_simulated_service_that")}</p>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <label className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={w.inUse}
            disabled={use.isPending}
            onChange={(e) => use.mutate(e.target.checked)}
          />
          {say("year_page.plan_by_this_weather")}
        </label>
        <Button onClick={() => fetchNow.mutate(undefined)} disabled={fetchNow.isPending}>
          {fetchNow.isPending ? say("year_page.asking") : say("year_page.ask_again_now")}
        </Button>
        <p className="note">
          {w.toldAt
            ? say("year_page.told", { day: day(w.toldAt.slice(0, 10)), clock: clock(w.toldAt, garden.timeZone) })
            : say("year_page.never_told_yet")}
        </p>
      </div>
      {use.isPending && <p className="note">{say("year_page.working_out_every_plan_again")}</p>}
      {(use.error ?? fetchNow.error) && <Trouble problem={(use.error ?? fetchNow.error)!} />}
      {w.failedAt && (
        <p role="status" className="stamp mb-3 px-3 py-1">
          <span className="bg-ground px-1">
            {say("year_page.the_service_did_not_answer_at", { clock: clock(w.failedAt, garden.timeZone) })}
          </span>
        </p>
      )}
      {w.days.length === 0 ? (
        <Nothing title={say("year_page.no_weather_yet_ask_for_it")} />
      ) : (
        <>
          <WeatherPicture weather={w} shown={shown} today={garden.today} />
          <details>
            <summary className="min-h-8 cursor-pointer">{say("year_page.every_day_as_a_table")}</summary>
            <Table weather={w} shown={shown} today={garden.today} />
          </details>
        </>
      )}
      <WeatherSheets garden={garden} weather={w} shown={shown} />
    </div>
  );
}

function Table({ weather, shown, today }: { weather: Weather; shown: Shown; today: string }) {
  const low = Math.min(...weather.days.map((d) => d.lowC));
  const high = Math.max(...weather.days.map((d) => d.highC));
  const at = (c: number) => ((c - low) / (high - low)) * 100;
  return (
    <table className="w-full border-collapse text-left text-sm">
      <thead>
        <tr className="note border-b border-rule-strong">
          <th className="py-1 font-normal">{say("common.day")}</th>
          <th className="font-normal">{shown.degree}</th>
          <th className="hidden w-1/3 font-normal sm:table-cell" aria-hidden="true" />
          <th className="font-normal">{say("year_page.rain_mm")}</th>
          <th className="hidden font-normal sm:table-cell">{say("year_page.sun_mj_m")}</th>
          <th className="hidden font-normal md:table-cell">{say("common.humidity")}</th>
          <th className="hidden font-normal md:table-cell">{say("year_page.wind_m_s")}</th>
          <th className="font-normal">{say("year_page.takes_mm")}</th>
          <th className="hidden font-normal md:table-cell">{say("year_page.daylight")}</th>
        </tr>
      </thead>
      <tbody>
        {[...weather.days].reverse().map((d) => (
          <tr key={d.day} className={`border-b border-rule ${d.day === today ? "font-semibold" : ""}`}>
            <td className="py-0.5 whitespace-nowrap">
              {day(d.day)}
              {d.forecast && <i className="note"> {say("year_page.forecast")}</i>}
              {d.noted && <i className="note"> {say("year_page.recorded")}</i>}
            </td>
            <td className="fig whitespace-nowrap">
              {shown.celsius(d.lowC)}–{shown.celsius(d.highC)}
            </td>
            <td className="hidden sm:table-cell" aria-hidden="true">
              <svg viewBox="0 0 100 6" preserveAspectRatio="none" className="h-3 w-full">
                <line
                  x1={at(d.lowC)}
                  x2={at(d.highC)}
                  y1="3"
                  y2="3"
                  stroke="currentColor"
                  strokeWidth="3"
                  strokeDasharray={d.forecast ? "2 1.5" : undefined}
                />
              </svg>
            </td>
            <td className="fig text-water">{d.rainMm > 0 ? figures(d.rainMm) : "–"}</td>
            <td className="fig hidden sm:table-cell">{figures(d.sunMj)}</td>
            <td className="fig hidden md:table-cell">{figures(d.humidity)} %</td>
            <td className="fig hidden md:table-cell">{figures(d.windMs)}</td>
            <td className="fig">{figures(d.referenceMm)}</td>
            <td className="fig hidden md:table-cell">{figures(d.daylightHours)} h</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
