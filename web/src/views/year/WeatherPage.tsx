import { useQuery } from "@tanstack/react-query";
import { api, call, type Weather } from "../../api";
import { catalogueQuery, gardenQuery, useAct, useGardenId, weatherQuery } from "../../api/queries";
import { clock, day, figures, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Loading, Nothing, Trouble } from "../../ui/States";

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
  if (weather.isPending || !garden || !units) return <Loading what="the weather" />;
  if (weather.isLoadingError) return <Trouble problem={weather.error} again={() => void weather.refetch()} />;
  const w = weather.data;
  const shown = new Shown(units, garden.unitHabit);
  return (
    <div className="min-w-0">
      <h1 className="text-2xl">Weather</h1>
      <p className="note mb-2 max-w-3xl">
        Told by a simulated service that ships with the program: its weather is invented, the same for the same
        latitude. Days to come are a forecast, and less sure the further off they are. Outdoors the plan can go by it:
        heat brings a watering forward, rain puts it off; indoors only the sun counts.
      </p>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <label className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={w.inUse}
            disabled={use.isPending}
            onChange={(e) => use.mutate(e.target.checked)}
          />
          Plan by this weather
        </label>
        <Button onClick={() => fetchNow.mutate(undefined)} disabled={fetchNow.isPending}>
          {fetchNow.isPending ? "Asking …" : "Ask again now"}
        </Button>
        <p className="note">
          {w.toldAt ? `Told ${day(w.toldAt.slice(0, 10))}, ${clock(w.toldAt, garden.timeZone)}` : "Never told yet"}
        </p>
      </div>
      {use.isPending && <p className="note">Working out every plan again …</p>}
      {(use.error ?? fetchNow.error) && <Trouble problem={(use.error ?? fetchNow.error)!} />}
      {w.failedAt && (
        <p role="status" className="stamp mb-3 px-3 py-1">
          <span className="bg-ground px-1">
            ▲ The service did not answer at {clock(w.failedAt, garden.timeZone)}. What it told before is kept; days it
            told nothing of are average ones.
          </span>
        </p>
      )}
      {w.days.length === 0 ? (
        <Nothing title="No weather yet: ask for it." />
      ) : (
        <Table weather={w} shown={shown} today={garden.today} />
      )}
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
          <th className="py-1 font-normal">Day</th>
          <th className="font-normal">{shown.degree}</th>
          <th className="hidden w-1/3 font-normal sm:table-cell" aria-hidden="true" />
          <th className="font-normal">Rain, mm</th>
          <th className="hidden font-normal sm:table-cell">Sun, MJ/m²</th>
          <th className="hidden font-normal md:table-cell">Humidity</th>
          <th className="hidden font-normal md:table-cell">Wind, m/s</th>
          <th className="font-normal">Takes, mm</th>
          <th className="hidden font-normal md:table-cell">Daylight</th>
        </tr>
      </thead>
      <tbody>
        {[...weather.days].reverse().map((d) => (
          <tr key={d.day} className={`border-b border-rule ${d.day === today ? "font-semibold" : ""}`}>
            <td className="py-0.5 whitespace-nowrap">
              {day(d.day)}
              {d.forecast && <i className="note"> forecast</i>}
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
