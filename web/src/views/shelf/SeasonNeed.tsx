import { useQuery } from "@tanstack/react-query";
import type { Garden, Season } from "../../api";
import { seasonQuery } from "../../api/queries";
import { say } from "../../text";
import { day, figures, type Shown } from "../../text/numbers";
import { Loading, Trouble } from "../../ui/States";

/** What all lots will take of each feed in the year ahead, until when it lasts, and what to buy. */
export function SeasonNeed({ garden, shown, find }: { garden: Garden; shown: Shown; find: string }) {
  const season = useQuery(seasonQuery(garden.id));
  if (season.isLoadingError) return <Trouble problem={season.error} again={() => void season.refetch()} />;
  if (!season.data) return <Loading what={say("shelf_page.what_the_season_needs")} />;
  const feeds = season.data.feeds.filter((f) => f.name.toLowerCase().includes(find.toLowerCase()));
  if (find && feeds.length === 0) return null;
  return (
    <section aria-label={say("shelf_page.what_the_season_needs")} className="mb-6">
      <h2 className="head">{say("shelf_page.what_the_season_needs")}</h2>
      {feeds.length === 0 ? (
        <p className="note">{say("shelf_page.no_lot_is_fed")}</p>
      ) : (
        <>
          <table className="w-full border-collapse text-left">
            <thead>
              <tr className="note border-b border-rule-strong">
                <th className="py-1 pr-3 font-semibold">{say("common.feed")}</th>
                <th className="pr-3 text-right font-semibold">{say("shelf_page.needed_in_the_year")}</th>
                <th className="pr-3 text-right font-semibold">{say("shelf_page.left")}</th>
                <th className="pr-3 font-semibold">{say("shelf_page.lasts_until")}</th>
                <th className="text-right font-semibold">{say("shelf_page.to_buy")}</th>
              </tr>
            </thead>
            <tbody>
              {feeds.map((f) => (
                <tr key={f.feedId} className="border-b border-rule">
                  <th scope="row" className="py-1 pr-3 font-normal">
                    {f.name}
                    <span className="note block">{say("shelf_page.for_lots", { lots: f.lots })}</span>
                  </th>
                  <td className="fig pr-3 text-right whitespace-nowrap">{amount(shown, f.unit, f.needed)}</td>
                  <td className="fig pr-3 text-right whitespace-nowrap">
                    {f.left === undefined ? say("shelf_page.not_counted") : amount(shown, f.unit, f.left)}
                  </td>
                  <td className="pr-3">{until(f)}</td>
                  <td className="fig text-right whitespace-nowrap">
                    {f.toBuy > 0 ? amount(shown, f.unit, f.toBuy) : say("shelf_page.nothing_to_buy")}
                    {f.packs !== undefined && f.packs > 0 && (
                      <span className="note block">
                        {say("shelf_page.packs", { packs: f.packs, count: figures(f.packs) })}
                      </span>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="note">
            {say("shelf_page.the_plan_of_every_lot")}{" "}
            <a href={`/api/gardens/${garden.id}/season.csv`} download className="inline-block leading-8">
              {say("shelf_page.as_a_sheet")}
            </a>
          </p>
        </>
      )}
    </section>
  );
}

function until(f: Season["feeds"][number]): string {
  if (f.left === undefined) return "–";
  return f.runsOutOn ? day(f.runsOutOn) : say("shelf_page.over_the_year");
}

function amount(shown: Shown, unit: string, value: number): string {
  return unit === "g" ? shown.grams(value) : shown.litres(value / 1000);
}
