import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams, useSearch } from "@tanstack/react-router";
import { Tabs } from "radix-ui";
import { useMemo } from "react";
import type { Catalogue, Feed, Garden, Lot, LotInput } from "../../api";
import { catalogueQuery, feedsQuery, gardenQuery, lotQuery, useGardenId } from "../../api/queries";
import { Cautions } from "../../parts/Cautions";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { Shown } from "../../text/numbers";
import { TabBar } from "../../ui/TabBar";
import { Loading, Trouble } from "../../ui/States";
import { Answer } from "./Answer";
import { FeedAnswer, Minded } from "./FeedAnswer";
import { Feeding } from "./Feeding";
import { Health } from "./Health";
import { Journal } from "./Journal";
import { NewLotForm } from "./LotForm";
import { LotHead } from "./LotHead";
import { blank, inputOf } from "./lotInput";
import { Now } from "./Now";
import { PotAndPlant } from "./PotAndPlant";
import { PotDrawn, PotNumbers } from "./PotNumbers";
import { say } from "../../text";
import { LOT_TABS, type LotTab } from "./tabs";
import { useLotWork, type LotWork } from "./useLotWork";
import { WaterAnswer } from "./WaterAnswer";

export function LotPage() {
  const garden = useGardenId();
  const { lot: id } = useParams({ from: "/g/$garden/bench/$lot" });
  const isNew = id.startsWith("new-");
  const lot = useQuery({ ...lotQuery(garden, id), enabled: !isNew });
  const { data: g, dataUpdatedAt: gardenAt } = useQuery(gardenQuery(garden));
  const catalogue = useQuery(catalogueQuery).data;
  const feeds = useQuery(feedsQuery(garden));
  const saved = useMemo(() => {
    if (isNew) return g && feeds.data ? blank(id.slice(4), g, feeds.data) : undefined;
    return lot.data ? inputOf(lot.data) : undefined;
  }, [isNew, id, g, feeds.data, lot.data]);
  if (lot.isLoadingError) return <Trouble problem={lot.error} again={() => void lot.refetch()} />;
  if (feeds.isLoadingError) return <Trouble problem={feeds.error} again={() => void feeds.refetch()} />;
  if (!saved || !g || !catalogue || !feeds.data) return <Loading what={say("bench_page.the_lot")} />;
  return (
    <div className="min-w-0">
      <Link to="/g/$garden/bench" params={{ garden }} className="note lg:hidden">
        {say("bench_page.all_lots")}
      </Link>
      <OneLot
        key={id}
        saved={saved}
        lot={lot.data}
        garden={g}
        catalogue={catalogue}
        feeds={feeds.data}
        restingOn={Math.max(lot.dataUpdatedAt, gardenAt, feeds.dataUpdatedAt)}
      />
    </div>
  );
}

function OneLot(p: {
  saved: LotInput;
  lot: Lot | undefined;
  garden: Garden;
  catalogue: Catalogue;
  feeds: Feed[];
  restingOn: number;
}) {
  const { lot, garden, catalogue } = p;
  const shown = useMemo(() => new Shown(catalogue.units, garden.unitHabit), [catalogue.units, garden.unitHabit]);
  const work = useLotWork({ ...p, shown });
  const { tab } = useSearch({ from: "/g/$garden/bench/$lot" });
  const navigate = useNavigate({ from: "/g/$garden/bench/$lot" });
  const at = tab ?? "now";
  return (
    <>
      {lot ? (
        <>
          <LotHead lot={lot} garden={garden} catalogue={catalogue} />
          <Tabs.Root
            value={at}
            onValueChange={(v) => void navigate({ search: (s) => ({ ...s, tab: v as LotTab, working: undefined }) })}
          >
            <TabBar label={say("bench_page.parts_of_this_lot")} parts={LOT_TABS} />
            <Tabs.Content value="now">
              <Now work={work} lot={lot} />
            </Tabs.Content>
            <Tabs.Content value="pot">
              <PotAndPlant work={work} lot={lot} />
            </Tabs.Content>
            <Tabs.Content value="feeding">
              <Feeding work={work} lot={lot} />
            </Tabs.Content>
            <Tabs.Content value="health">
              <Health lot={lot} garden={garden} catalogue={catalogue} shown={shown} saved={work.savedBeside} />
            </Tabs.Content>
            <Tabs.Content value="journal">
              <Journal lot={lot} garden={garden} catalogue={catalogue} shown={shown} />
            </Tabs.Content>
          </Tabs.Root>
        </>
      ) : (
        <NewLot work={work} />
      )}
      {work.working !== undefined && (
        <WorkingPanel
          steps={work.live.answer?.working}
          at={work.working}
          assumed={work.blankSizes}
          close={() => work.open(undefined)}
        />
      )}
    </>
  );
}

/** A lot that is not there yet: the form, and beside it the dose and the date as soon as they can be told. */
function NewLot({ work }: { work: LotWork }) {
  return (
    <div className="gap-6 md:grid md:grid-cols-[17.5rem_1fr]">
      <NewLotForm work={work} />
      <Answer work={work}>
        {(care) => (
          <div className="gap-6 xl:grid xl:grid-cols-[1fr_20rem]">
            <div>
              <WaterAnswer care={care} work={work} />
              <PotDrawn care={care} work={work} />
              <PotNumbers care={care} work={work} />
            </div>
            <div>
              <FeedAnswer care={care} work={work} />
              <Minded care={care} work={work} />
              <Cautions ids={care.cautions} />
            </div>
          </div>
        )}
      </Answer>
    </div>
  );
}
