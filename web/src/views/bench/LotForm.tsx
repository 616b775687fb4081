import { PlantField } from "../../parts/PlantField";
import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import type { Catalogue, Fault, Feed, Garden, LotInput } from "../../api";
import { mixesQuery } from "../../api/queries";
import { mixChoices } from "../../text/mixes";
import { ChoiceField, DateField, NumberField, TextField } from "../../ui/Fields";
import { say } from "../../text";
import { PotFields } from "./PotFields";

const NO_FEED = "none";

type Props = {
  input: LotInput;
  change: (part: Partial<LotInput>) => void;
  faults: Fault[];
  garden: Garden;
  catalogue: Catalogue;
  feeds: Feed[];
  share: string;
  setShare: (v: string) => void;
};

/** What may be chosen: everything but what was put away, unless it is the one chosen already. */
function offered<T extends { id: string; retired: boolean }>(things: T[], chosen: string | undefined): T[] {
  return things.filter((t) => !t.retired || t.id === chosen);
}

export function LotForm({ input, change, faults, garden, catalogue, feeds, share, setShare }: Props) {
  const mixes = useQuery(mixesQuery(garden.id)).data;
  return (
    <>
      <div className="grid grid-cols-[1fr_4.5rem] gap-2">
        <TextField
          label={say("common.name")}
          field="lot.name"
          faults={faults}
          value={input.name}
          placeholder={say("bench_page.fern_by_the_sink")}
          onChange={(name) => change({ name })}
        />
        <NumberField
          label={say("bench_page.pots_2")}
          field="lot.pots"
          faults={faults}
          value={input.pots}
          shownUnit=""
          onChange={(pots) => change({ pots })}
        />
      </div>
      <PlantField
        garden={garden.id}
        label={say("common.plant")}
        faults={faults}
        value={input.species}
        onChange={(species) => change({ species })}
        hinted
      />
      <PotFields
        pot={input.pot}
        change={(part) => change({ pot: { ...input.pot, ...part } })}
        faults={faults}
        catalogue={catalogue}
      />
      <ChoiceField
        label={say("bench_page.mix")}
        field="mix"
        faults={faults}
        value={input.mix}
        onChange={(mix) => change({ mix })}
        options={mixChoices(mixes, input.mix)}
      />
      <div>
        <ChoiceField
          row
          label={say("common.place")}
          field="lot.place"
          faults={faults}
          value={input.placeId}
          onChange={(placeId) => change({ placeId })}
          options={offered(garden.places, input.placeId).map((p) => ({ value: p.id, label: p.name }))}
        />
        <ChoiceField
          row
          label={say("common.water")}
          field="lot.water"
          faults={faults}
          value={input.waterId}
          onChange={(waterId) => change({ waterId })}
          options={offered(garden.waters, input.waterId).map((w) => ({ value: w.id, label: w.name }))}
        />
      </div>
      <ChoiceField
        label={say("common.feed")}
        field="lot.feed"
        faults={[...faults, ...faults.filter((f) => f.field === "feed").map((f) => ({ ...f, field: "lot.feed" }))]}
        value={input.feedId ?? NO_FEED}
        onChange={(v) => change({ feedId: v === NO_FEED ? undefined : v })}
        options={[
          ...offered(feeds, input.feedId).map((f) => ({ value: f.id, label: `${f.name} ${f.n}-${f.p2o5}-${f.k2o}` })),
          { value: NO_FEED, label: say("bench_page.none_plain_water") },
        ]}
        hint={
          feeds.length === 0 ? (
            <Link to="/g/$garden/feeds" params={{ garden: garden.id }}>
              {say("bench_page.put_a_feed_on_the_shelf")}
            </Link>
          ) : undefined
        }
      />
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label={say("bench_page.share_of_top_rate")}
          field="share"
          faults={faults}
          value={{ text: share, unit: "%" }}
          placeholder={say("bench_page.by_appetite")}
          onChange={(v) => setShare(v.text)}
        />
        <DateField
          label={say("bench_page.last_repotted")}
          field="lot.repotted"
          faults={faults}
          value={input.repottedOn}
          onChange={(repottedOn) => change({ repottedOn })}
        />
      </div>
      <NumberField
        label={say("bench_page.how_tall_it_stands")}
        field="lot.tall"
        faults={faults}
        value={input.tall ?? { text: "", unit: garden.unitHabit === "us" ? "ft" : "cm" }}
        units={["cm", "m", "in", "ft"]}
        placeholder={say("bench_page.for_labels_by_height")}
        onChange={(tall) => change({ tall })}
      />
      <NumberField
        label={say("bench_page.warmth_of_the_mix")}
        field="lot.mix_warmth"
        faults={faults}
        value={input.mixWarmth ?? { text: "", unit: garden.unitHabit === "us" ? "°F" : "°C" }}
        units={["°C", "°F"]}
        placeholder={say("bench_page.as_the_air")}
        onChange={(mixWarmth) => change({ mixWarmth })}
      />
      <div className="grid grid-cols-2 gap-2">
        <DateField
          label={say("bench_page.watered_last_before_this")}
          field="lot.watered_before"
          faults={faults}
          value={input.wateredBefore}
          onChange={(wateredBefore) => change({ wateredBefore })}
        />
        <DateField
          label={say("bench_page.fed_last_before_this")}
          field="lot.fed_before"
          faults={faults}
          value={input.fedBefore}
          onChange={(fedBefore) => change({ fedBefore })}
        />
      </div>
    </>
  );
}
