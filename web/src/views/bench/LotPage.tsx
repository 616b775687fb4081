import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams, useSearch } from "@tanstack/react-router";
import { Tabs } from "radix-ui";
import { useMemo } from "react";
import { catalogueQuery, feedsQuery, gardenQuery, lotQuery, useGardenId } from "../../api/queries";
import { Shown } from "../../text/numbers";
import { Loading, Trouble } from "../../ui/States";
import { Journal } from "./Journal";
import { LotFood } from "./LotFood";
import { LotHead } from "./LotHead";
import { blank, inputOf } from "./lotInput";
import { LotDose } from "./LotDose";
import { LotPlant } from "./LotPlant";
import { LotMix } from "./LotMix";
import { Readings } from "./Readings";
import { say } from "../../text";
import { LOT_TABS, type LotTab } from "./tabs";

export function LotPage() {
  const garden = useGardenId();
  const { lot: id } = useParams({ from: "/g/$garden/bench/$lot" });
  const isNew = id.startsWith("new-");
  const { tab } = useSearch({ from: "/g/$garden/bench/$lot" });
  const navigate = useNavigate({ from: "/g/$garden/bench/$lot" });
  const lot = useQuery({ ...lotQuery(garden, id), enabled: !isNew });
  const { data: g, dataUpdatedAt: gardenAt } = useQuery(gardenQuery(garden));
  const catalogue = useQuery(catalogueQuery).data;
  const feeds = useQuery(feedsQuery(garden));
  const saved = useMemo(() => {
    if (isNew) return g && catalogue && feeds.data ? blank(id.slice(4), g, feeds.data) : undefined;
    return lot.data ? inputOf(lot.data) : undefined;
  }, [isNew, id, g, catalogue, feeds.data, lot.data]);
  if (lot.isLoadingError) return <Trouble problem={lot.error} again={() => void lot.refetch()} />;
  if (feeds.isLoadingError) return <Trouble problem={feeds.error} again={() => void feeds.refetch()} />;
  if (!saved || !g || !catalogue || !feeds.data) return <Loading what={say("bench_page.the_lot")} />;
  const shown = new Shown(catalogue.units, g.unitHabit);
  const dose = (
    <LotDose
      key={id}
      saved={saved}
      lot={lot.data}
      garden={g}
      catalogue={catalogue}
      feeds={feeds.data}
      shown={shown}
      restingOn={Math.max(lot.dataUpdatedAt, gardenAt, feeds.dataUpdatedAt)}
    />
  );
  return (
    <div className="min-w-0">
      <Link to="/g/$garden/bench" params={{ garden }} className="note lg:hidden">
        {say("bench_page.all_lots")}
      </Link>
      {lot.data && <LotHead lot={lot.data} garden={g} catalogue={catalogue} />}
      {!lot.data ? (
        dose
      ) : (
        <Tabs.Root
          value={tab ?? "dose"}
          onValueChange={(v) => void navigate({ search: (s) => ({ ...s, tab: v as LotTab, working: undefined }) })}
        >
          <Tabs.List
            aria-label={say("bench_page.parts_of_this_lot")}
            className="no-print mb-3 flex flex-wrap gap-x-1 border-b border-rule-strong"
          >
            {LOT_TABS.map((t) => (
              <Tabs.Trigger
                key={t.id}
                value={t.id}
                className="-mb-px min-h-9 border border-transparent px-2 data-[state=active]:border-rule-strong sm:px-3 data-[state=active]:border-b-ground data-[state=active]:font-semibold"
              >
                {say(t.label)}
              </Tabs.Trigger>
            ))}
          </Tabs.List>
          <Tabs.Content value="dose">{dose}</Tabs.Content>
          <Tabs.Content value="plant">
            <LotPlant lot={lot.data} garden={g} />
          </Tabs.Content>
          <Tabs.Content value="food">
            <LotFood lot={lot.data} garden={g} shown={shown} />
          </Tabs.Content>
          <Tabs.Content value="readings">
            <Readings lot={lot.data} garden={g} catalogue={catalogue} shown={shown} />
          </Tabs.Content>
          <Tabs.Content value="mix">
            <LotMix lot={lot.data} garden={g} catalogue={catalogue} />
          </Tabs.Content>
          <Tabs.Content value="journal">
            <Journal lot={lot.data} garden={g} catalogue={catalogue} shown={shown} />
          </Tabs.Content>
        </Tabs.Root>
      )}
    </div>
  );
}
