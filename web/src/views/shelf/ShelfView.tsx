import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { catalogueQuery, gardenQuery, useGardenId } from "../../api/queries";
import { Shown } from "../../text/numbers";
import { Loading } from "../../ui/States";
import { Meters } from "./Meters";
import { Places } from "./Places";
import { SeasonNeed } from "./SeasonNeed";
import { StockList } from "./StockList";
import { Vessels } from "./Vessels";
import { Walk } from "./Walk";
import { say } from "../../text";
import { Waters } from "./Waters";

/** What stands beside the plants: feeds and mixes in stock, vessels, waters, meters, and the places themselves. */
export function ShelfView() {
  const garden = useQuery(gardenQuery(useGardenId())).data;
  const catalogue = useQuery(catalogueQuery).data;
  const [find, setFind] = useState("");
  if (!garden || !catalogue) return <Loading what={say("shelf_page.the_shelf")} />;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  return (
    <div className="pt-4">
      <div className="no-print mb-3 flex flex-wrap items-center gap-3">
        <h1 className="mr-2 text-3xl">{say("common.shelf")}</h1>
        <input
          type="search"
          aria-label={say("shelf_page.find_on_the_shelf")}
          placeholder={say("shelf_page.find_on_the_shelf")}
          className="box !w-56 !font-text"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
      </div>
      <StockList garden={garden} shown={shown} find={find} />
      <SeasonNeed garden={garden} shown={shown} find={find} />
      <div className="gap-x-8 md:columns-2 lg:grid lg:grid-cols-4">
        <Vessels garden={garden} shown={shown} find={find} />
        <Waters garden={garden} find={find} />
        <Meters garden={garden} catalogue={catalogue} find={find} />
        <div>
          <Places garden={garden} shown={shown} find={find} />
          <Walk garden={garden} />
        </div>
      </div>
    </div>
  );
}
