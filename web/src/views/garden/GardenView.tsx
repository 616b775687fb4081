import { useQuery } from "@tanstack/react-query";
import { useNavigate, useSearch } from "@tanstack/react-router";
import { Tabs } from "radix-ui";
import { gardenQuery, useGardenId } from "../../api/queries";
import { TabBar } from "../../ui/TabBar";
import { Loading } from "../../ui/States";
import { About } from "./About";
import { Done } from "./Done";
import { Files } from "./Files";
import { GARDEN_PARTS, type GardenPart } from "./parts";
import { say } from "../../text";
import { Settings } from "./Settings";

/** The garden itself: its settings, what was done in it, its files, and about this program. */
export function GardenView() {
  const garden = useQuery(gardenQuery(useGardenId())).data;
  const { part } = useSearch({ from: "/g/$garden/garden" });
  const navigate = useNavigate({ from: "/g/$garden/garden" });
  if (!garden) return <Loading what={say("common.the_garden")} />;
  return (
    <Tabs.Root
      value={part ?? "settings"}
      onValueChange={(v) => void navigate({ search: { part: v as GardenPart } })}
      className="pt-4"
    >
      <TabBar label={say("garden_page.parts_of_the_garden")} parts={GARDEN_PARTS} />
      <Tabs.Content value="settings">
        <Settings key={garden.version} garden={garden} />
      </Tabs.Content>
      <Tabs.Content value="done">
        <Done garden={garden} />
      </Tabs.Content>
      <Tabs.Content value="files">
        <Files garden={garden} />
      </Tabs.Content>
      <Tabs.Content value="about">
        <About />
      </Tabs.Content>
    </Tabs.Root>
  );
}
