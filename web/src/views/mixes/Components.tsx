import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { useState } from "react";
import { newId, type Component } from "../../api";
import { catalogueQuery, gardenQuery, mixesQuery, useGardenId } from "../../api/queries";
import { say, worded, words } from "../../text";
import { componentName, keyOf } from "../../text/mixes";
import { figures, plain, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { blankComponent, ComponentForm } from "./ComponentForm";

/** Where the numbers of a component are from. */
function sourceOf(c: Component): string {
  if (c.measuredOn) return say("mixes_page.source_measured");
  return c.name ? say("mixes_page.source_yours") : say("mixes_page.source_typical");
}

/** Everything there is to mix with, and what each holds when drained in a column 15 cm deep. */
export function Components() {
  const id = useGardenId();
  const mixes = useQuery(mixesQuery(id));
  const garden = useQuery(gardenQuery(id)).data;
  const units = useQuery(catalogueQuery).data?.units;
  const { open } = useSearch({ from: "/g/$garden/mixes/components" });
  const navigate = useNavigate({ from: "/g/$garden/mixes/components" });
  const [find, setFind] = useState("");
  const [fresh, setFresh] = useState(newId);
  if (mixes.isPending || !garden || !units) return <Loading what={say("mixes_page.the_components")} />;
  if (mixes.isLoadingError) return <Trouble problem={mixes.error} again={() => void mixes.refetch()} />;
  const shown = new Shown(units, garden.unitHabit);
  const listed = mixes.data.components.filter(
    (c) => !c.retired && componentName(c).toLowerCase().includes(find.toLowerCase()),
  );
  const show = (key: string | undefined) => {
    setFresh(newId());
    void navigate({ search: key ? { open: key } : {} });
  };
  const one =
    open === "new" ? blankComponent(fresh) : mixes.data.components.find((c) => open !== undefined && keyOf(c) === open);
  return (
    <div className="min-w-0">
      <Link to="/g/$garden/mixes" params={{ garden: id }} className="note lg:hidden">
        {say("mixes_page.all_mixes")}
      </Link>
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <h1 className="text-2xl">{say("common.components")}</h1>
        <input
          type="search"
          aria-label={say("mixes_page.find_a_component")}
          placeholder={say("mixes_page.find_a_component")}
          className="box !w-56 !font-text"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
        <Button onClick={() => show("new")}>{say("mixes_page.add_a_component")}</Button>
      </div>
      {listed.length === 0 ? (
        <Nothing title={say("mixes_page.no_component_is_named_like_that")} />
      ) : (
        <table className="w-full border-collapse text-left">
          <thead>
            <tr className="note border-b border-rule-strong">
              <th className="py-1 font-normal">{say("mixes_page.component")}</th>
              <th className="font-normal">{say("common.water")}</th>
              <th className="font-normal">{say("common.air")}</th>
              <th className="hidden font-normal sm:table-cell">{say("common.ph")}</th>
              <th className="hidden font-normal md:table-cell">{say("mixes_page.a_litre_dry")}</th>
              <th className="hidden font-normal md:table-cell">{say("mixes_page.grain")}</th>
              <th className="hidden font-normal lg:table-cell">{say("mixes_page.lasts_wet_and_dry")}</th>
              <th className="hidden font-normal lg:table-cell">{say("mixes_page.figures")}</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {listed.map((c) => (
              <tr key={c.id} className="border-b border-rule align-top">
                <td className="py-1 pr-2">
                  {componentName(c)}
                  {c.shipped && worded("component_notes", c.shipped) && (
                    <span className="note block">{words("component_notes", c.shipped)}</span>
                  )}
                </td>
                <td className="fig pr-2 whitespace-nowrap text-water">{figures(c.capacity)} %</td>
                <td className="fig pr-2 whitespace-nowrap">{figures(c.porosity - c.capacity)} %</td>
                <td className="fig hidden pr-2 sm:table-cell">{c.ph.toFixed(1)}</td>
                <td className="fig hidden pr-2 whitespace-nowrap md:table-cell">{shown.grams(c.density * 1000)}</td>
                <td className="fig hidden pr-2 whitespace-nowrap md:table-cell">
                  {say("mixes_page.mm", { grainFrom: plain(c.grainFrom), grainTo: plain(c.grainTo) })}
                </td>
                <td className="fig hidden pr-2 whitespace-nowrap lg:table-cell">
                  {c.cycledYears > 40
                    ? say("common.for_ever")
                    : say("mixes_page.years", { cycledYears: figures(c.cycledYears) })}
                </td>
                <td className="note hidden pr-2 lg:table-cell">{sourceOf(c)}</td>
                <td className="text-right">
                  <Button
                    look="quiet"
                    onClick={() => show(keyOf(c))}
                    aria-label={say("mixes_page.change", { componentName: componentName(c) })}
                  >
                    {say("common.change")}
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {one && (
        <Panel title={componentName(one) || say("mixes_page.a_new_component")} close={() => show(undefined)} wide>
          <ComponentForm key={one.id} component={one} garden={garden} close={() => show(undefined)} />
        </Panel>
      )}
    </div>
  );
}
