import { useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import {
  api,
  call,
  newId,
  type Catalogue,
  type Chore,
  type Garden,
  type Lot,
  type Potting,
  type Tended,
} from "../../api";
import { feedsQuery, mixesQuery } from "../../api/queries";
import { words, say, type Key } from "../../text";
import { mixChoices, usedMix } from "../../text/mixes";
import { TendedFields } from "../../parts/TendedFields";
import { ChoiceField, DateField, NumberField, TextField } from "../../ui/Fields";
import { Segmented } from "../../ui/Segmented";
import { Form, named, On, useDeed } from "./deedForm";
import { productUnits } from "./productUnits";
import { FeedIn, NO_FEED, type FedIn } from "./FeedIn";
import { PotFields } from "../../parts/PotFields";
import { PutOnProgramme } from "./PutOnProgramme";
import { Wrong } from "./Wrong";

/** What may be done to one lot or many, beside the day's round. */
export type Deed =
  "water" | "feed" | "wrong" | "tend" | "move" | "pot" | "programme" | "note" | "retire" | "split" | "lose";

/** `first` those that stand beside each other on a lot; `one` those that are of one lot only. */
export const DEEDS: { id: Deed; label: Key; first?: boolean; one?: boolean }[] = [
  {
    id: "water",
    label: "common.water",
    first: true,
  },
  {
    id: "feed",
    label: "common.feed",
    first: true,
  },
  {
    id: "wrong",
    label: "bench_page.something_is_wrong",
    first: true,
    one: true,
  },
  {
    id: "note",
    label: "common.note",
    first: true,
  },
  {
    id: "tend",
    label: "bench_page.care",
  },
  {
    id: "move",
    label: "bench_page.move",
  },
  {
    id: "pot",
    label: "bench_page.fresh_mix",
  },
  {
    id: "programme",
    label: "bench_page.programme",
  },
  {
    id: "split",
    label: "bench_page.split",
    one: true,
  },
  {
    id: "lose",
    label: "bench_page.lose_some",
    one: true,
  },
  {
    id: "retire",
    label: "bench_page.retire",
  },
];

type Props = { lots: Lot[]; garden: Garden; catalogue: Catalogue; close: () => void };

export function DeedPanel({ deed, ...p }: Props & { deed: Deed }) {
  switch (deed) {
    case "water":
    case "feed":
      return <Give {...p} feed={deed === "feed"} />;
    case "wrong":
      return <Wrong lot={p.lots[0]!} garden={p.garden} close={p.close} />;
    case "tend":
      return <Tend {...p} />;
    case "move":
      return <Move {...p} />;
    case "pot":
      return <PotOn {...p} />;
    case "programme":
      return <PutOnProgramme {...p} />;
    case "note":
      return <Note {...p} />;
    case "retire":
      return <Retire {...p} />;
    case "split":
      return <Split {...p} lot={p.lots[0]!} />;
    case "lose":
      return <Lose {...p} lot={p.lots[0]!} />;
  }
}

function Give({ lots, garden, close, feed }: Props & { feed: boolean }) {
  const [on, setOn] = useState(garden.today);
  const [litres, setLitres] = useState({ text: "", unit: garden.unitHabit === "us" ? "US qt" : "L" });
  const [amount, setAmount] = useState({ text: "", unit: "g" });
  const [pots, setPots] = useState({ text: "", unit: "" });
  const several = lots.length === 1 && lots[0]!.pots > 1 ? lots[0]!.pots : undefined;
  const [feedId, setFeedId] = useState("");
  const feeds = useQuery({ ...feedsQuery(garden.id), enabled: feed }).data ?? [];
  const fedWith = feeds.find((f) => f.id === (feedId || lots[0]!.courses[0]?.feedId));
  const without = feed && !feedId ? lots.filter((l) => l.courses.length === 0) : [];
  const given = lots.filter((l) => !without.includes(l));
  const act = useDeed(garden, say("bench_page.recorded", { named: named(given) }), close, (clientKey) =>
    call(
      api.POST("/api/gardens/{garden}/given", {
        params: { path: { garden: garden.id } },
        body: {
          clientKey,
          lotIds: given.map((l) => l.id),
          feed,
          ...(feedId ? { feedId } : {}),
          on,
          litresEach: litres.text.trim() ? litres : undefined,
          ...(amount.text.trim() ? { amountEach: amount } : {}),
          ...(pots.text.trim() ? { pots } : {}),
        },
      }),
    ),
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form
      title={`${feed ? say("bench_page.fed") : say("bench_page.watered")}: ${named(lots)}`}
      close={close}
      act={act}
      label={say("bench_page.record_it")}
    >
      <p className="note mb-2">{say("bench_page.for_what_was_done_outside_the")}</p>
      {without.length > 0 && (
        <p className="mb-2 text-stop">
          {say("bench_page.no_feed_is_set_so_nothing", {
            without: without.map((l) => l.name).join(", "),
            count: without.length,
          })}
        </p>
      )}
      {feed && (
        <ChoiceField
          label={say("bench_page.with_which_feed")}
          field="lot.feed"
          faults={faults}
          value={feedId}
          onChange={setFeedId}
          options={[
            { value: "", label: say("bench_page.the_one_that_comes_next") },
            ...feeds.filter((f) => !f.retired).map((f) => ({ value: f.id, label: f.name })),
          ]}
        />
      )}
      <On value={on} change={setOn} faults={faults} max={garden.today} />
      <NumberField
        label={say("bench_page.each_pot_got")}
        field="litres"
        faults={faults}
        value={litres}
        units={["L", "mL", "US qt", "US fl oz"]}
        placeholder={say("bench_page.as_planned")}
        onChange={setLitres}
        hint={
          feed
            ? say("bench_page.the_product_follows_the_planned_strength")
            : say("bench_page.empty_what_the_plan_said_for")
        }
      />
      {several !== undefined && (
        <NumberField
          label={say("bench_page.how_many_of_its_pots")}
          field="lot.pots"
          faults={faults}
          value={pots}
          shownUnit={say("bench_page.of_pots", { pots: several })}
          placeholder={say("bench_page.all_of_them")}
          onChange={setPots}
          hint={say("bench_page.for_some_the_lot_stays_due")}
        />
      )}
      {feed && (
        <NumberField
          label={say("bench_page.product_in_each_pot")}
          field="amount"
          faults={faults}
          value={amount}
          units={productUnits(garden, fedWith)}
          placeholder={say("bench_page.as_planned")}
          onChange={setAmount}
          hint={say("bench_page.strewn_feed_is_told_in_spoons")}
        />
      )}
    </Form>
  );
}

const CHORES: Chore[] = ["LOOK_OVER", "PINCH", "DEADHEAD", "TURN", "STAKE", "WRAP", "UNWRAP", "BRING_IN"];

function Tend({ lots, garden, close }: Props) {
  const [chore, setChore] = useState<Chore>("LOOK_OVER");
  const [on, setOn] = useState(garden.today);
  const [tended, setTended] = useState<Tended>({});
  const [note, setNote] = useState("");
  const look = chore === "LOOK_OVER";
  const act = useDeed(garden, say("bench_page.recorded", { named: named(lots) }), close, (clientKey) =>
    call(
      api.POST("/api/gardens/{garden}/deeds/tend", {
        params: { path: { garden: garden.id } },
        body: {
          clientKey,
          lotIds: lots.map((l) => l.id),
          chore,
          on,
          tended: { ...tended, found: look ? (tended.found ?? "nothing") : undefined },
          note: note.trim() || undefined,
        },
      }),
    ),
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form
      title={say("bench_page.care_named", { named: named(lots) })}
      close={close}
      act={act}
      label={say("bench_page.record_it")}
    >
      <ChoiceField
        label={say("common.what_was_done")}
        field="chore"
        faults={faults}
        value={chore}
        onChange={(v) => setChore(CHORES.find((c) => c === v) ?? "LOOK_OVER")}
        options={CHORES.map((c) => ({ value: c, label: words("chores", c.toLowerCase()) }))}
        hint={words("chore_notes", chore.toLowerCase())}
      />
      <On value={on} change={setOn} faults={faults} max={garden.today} />
      <TendedFields look={look} tended={tended} change={setTended} faults={faults} />
      <TextField label={say("common.note")} field="note" faults={faults} value={note} onChange={setNote} />
    </Form>
  );
}

function places(garden: Garden) {
  return garden.places.filter((p) => !p.retired).map((p) => ({ value: p.id, label: p.name }));
}

function Move({ lots, garden, close }: Props) {
  const here = lots[0]!.placeId;
  const [placeId, setPlace] = useState(places(garden).find((p) => p.value !== here)?.value ?? here);
  const [on, setOn] = useState(garden.today);
  const [back, setBack] = useState(false);
  const [backTo, setBackTo] = useState(here);
  const [backOn, setBackOn] = useState<string>();
  const act = useDeed(
    garden,
    on > garden.today
      ? say("bench_page.planned", { named: named(lots) })
      : say("bench_page.moved", { named: named(lots) }),
    close,
    (clientKey) =>
      call(
        api.POST("/api/gardens/{garden}/deeds/move", {
          params: { path: { garden: garden.id } },
          body: {
            clientKey,
            lotIds: lots.map((l) => l.id),
            placeId,
            on,
            ...(back ? { backTo, backOn } : {}),
          },
        }),
      ),
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form
      title={say("bench_page.move_named", { named: named(lots) })}
      close={close}
      act={act}
      label={on > garden.today ? say("bench_page.plan_it") : say("bench_page.move")}
    >
      <ChoiceField
        label={say("common.to")}
        field="lot.place"
        faults={faults}
        value={placeId}
        onChange={setPlace}
        options={places(garden)}
      />
      <On value={on} change={setOn} faults={faults} max={garden.today} />
      <p className="note mb-2">{say("bench_page.after_today_it_is_planned_it")}</p>
      <div className="mb-2">
        <Segmented
          label={say("bench_page.coming_back")}
          value={back ? "back" : "stays"}
          onChange={(v) => setBack(v === "back")}
          options={[
            { value: "stays", label: say("bench_page.it_stays_there") },
            { value: "back", label: say("bench_page.comes_back_as_from_a_summer") },
          ]}
        />
      </div>
      {back && (
        <div className="grid grid-cols-2 gap-3">
          <ChoiceField
            label={say("bench_page.back_to")}
            field="move.back_to"
            faults={faults}
            value={backTo}
            onChange={setBackTo}
            options={places(garden)}
          />
          <DateField
            label={say("bench_page.back_on")}
            field="move.back_on"
            faults={faults}
            value={backOn}
            onChange={setBackOn}
          />
        </div>
      )}
    </Form>
  );
}

type Extent = "on" | "fresh" | "part" | "roots";

/** How far a mix is renewed. */
const EXTENTS: { value: Extent; label: Key; note: Key }[] = [
  {
    value: "on",
    label: "bench_page.potted_on",
    note: "bench_page.another_pot_all_of_the_mix",
  },
  {
    value: "fresh",
    label: "bench_page.the_same_pot",
    note: "bench_page.all_of_the_mix_fresh",
  },
  {
    value: "part",
    label: "bench_page.in_part",
    note: "bench_page.what_is_loose_shaken_out_and",
  },
  {
    value: "roots",
    label: "bench_page.roots_cut",
    note: "bench_page.all_of_the_mix_fresh_and",
  },
];

function PotOn({ lots, garden, catalogue, close }: Props) {
  const first = lots[0]!;
  const [extent, setExtent] = useState<Extent>(lots.length > 1 ? "fresh" : "on");
  const [fresh, setFresh] = useState({ text: "30", unit: "%" });
  const [roots, setRoots] = useState({ text: "20", unit: "%" });
  const [pot, setPot] = useState(first.pot);
  const [mix, setMix] = useState(first.mix);
  const mixes = useQuery(mixesQuery(garden.id)).data;
  const [on, setOn] = useState(garden.today);
  const [share, setShare] = useState({ text: "33", unit: "%" });
  const [rest, setRest] = useState(first.mix);
  const blended = useRef(newId());
  const [fed, setFed] = useState<FedIn>(NO_FEED);
  const old = usedMix(mixes, mix);
  const part = old !== undefined && share.text.trim() !== "100";
  const potting = (clientKey: string): Potting => ({
    clientKey,
    lotIds: lots.map((l) => l.id),
    pot: extent === "on" ? pot : undefined,
    mix,
    on,
    fresh: extent === "part" ? fresh : undefined,
    rootsCut: extent === "roots" ? roots : undefined,
    ...(fed.feedId ? { feed: { ...fed, feedId: fed.feedId } } : {}),
  });
  const act = useDeed(
    garden,
    say("bench_page.fresh_mix_recorded", { named: named(lots) }),
    close,
    async (clientKey) => {
      const blend = part
        ? await call(
            api.POST("/api/gardens/{garden}/used-mixes/{used}/blend", {
              params: { path: { garden: garden.id, used: old.id } },
              body: { clientKey: blended.current, id: blended.current, with: rest, share },
            }),
          )
        : undefined;
      return call(
        api.POST("/api/gardens/{garden}/deeds/pot-on", {
          params: { path: { garden: garden.id } },
          body: { ...potting(clientKey), mix: blend?.id ?? mix },
        }),
      );
    },
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form
      title={say("bench_page.fresh_mix_named", { named: named(lots) })}
      close={close}
      act={act}
      label={say("bench_page.record_it")}
    >
      <div className="mb-2">
        <Segmented
          label={say("bench_page.how_far")}
          value={extent}
          onChange={(v) => setExtent(EXTENTS.find((e) => e.value === v)?.value ?? "fresh")}
          options={EXTENTS.map((e) => ({ value: e.value, label: say(e.label) }))}
        />
        <p className="note mt-1">{say(EXTENTS.find((e) => e.value === extent)!.note)}</p>
      </div>
      {extent === "on" && (
        <PotFields pot={pot} change={(part) => setPot({ ...pot, ...part })} faults={faults} catalogue={catalogue} />
      )}
      {extent === "part" && (
        <NumberField
          label={say("bench_page.fresh_of_the_whole")}
          field="potting.fresh"
          faults={faults}
          value={fresh}
          onChange={setFresh}
        />
      )}
      {extent === "roots" && (
        <NumberField
          label={say("bench_page.roots_cut_away")}
          field="potting.roots"
          faults={faults}
          value={roots}
          onChange={setRoots}
        />
      )}
      <ChoiceField
        label={say("bench_page.mix")}
        field="mix"
        faults={faults}
        value={mix}
        onChange={setMix}
        options={mixChoices(mixes, mix)}
      />
      {old && (
        <>
          <NumberField
            label={say("used_page.potting_share")}
            field="used.share"
            faults={faults}
            value={share}
            onChange={setShare}
            hint={say("used_page.potting_note")}
          />
          {part && (
            <ChoiceField
              label={say("used_page.potting_rest")}
              field="mix"
              faults={faults}
              value={rest}
              onChange={setRest}
              options={mixChoices(mixes, rest).filter((o) => o.value !== mix)}
            />
          )}
        </>
      )}
      <FeedIn garden={garden} value={fed} change={setFed} potting={potting("")} faults={faults} />
      <On value={on} change={setOn} faults={faults} max={garden.today} />
      <ul className="note m-0 list-none p-0">
        <li>▲ {words("cautions", "potting_mix")}</li>
      </ul>
    </Form>
  );
}

function Note({ lots, garden, close }: Props) {
  const [text, setText] = useState("");
  const [on, setOn] = useState(garden.today);
  const act = useDeed(garden, say("bench_page.note_written"), close, (clientKey) =>
    call(
      api.POST("/api/gardens/{garden}/deeds/note", {
        params: { path: { garden: garden.id } },
        body: { clientKey, lotIds: lots.map((l) => l.id), text, on },
      }),
    ),
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form
      title={say("bench_page.note_on", { named: named(lots) })}
      close={close}
      act={act}
      label={say("bench_page.write_it_down")}
    >
      <label htmlFor="note-text" className="block text-sm">
        {say("bench_page.what_did_you_see")}
      </label>
      <textarea
        id="note-text"
        className="box mb-2 min-h-24 !font-text"
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <On value={on} change={setOn} faults={faults} max={garden.today} />
    </Form>
  );
}

function Retire({ lots, garden, close }: Props) {
  const [why, setWhy] = useState("");
  const [on, setOn] = useState(garden.today);
  const act = useDeed(garden, say("bench_page.named_off_the_bench", { named: named(lots) }), close, (clientKey) =>
    call(
      api.POST("/api/gardens/{garden}/deeds/retire", {
        params: { path: { garden: garden.id } },
        body: { clientKey, lotIds: lots.map((l) => l.id), why, on },
      }),
    ),
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form
      title={say("bench_page.retire_named", { named: named(lots) })}
      close={close}
      act={act}
      label={say("bench_page.retire")}
    >
      <p className="note mb-2">{say("bench_page.sold_given_away_dead_it_leaves")}</p>
      <TextField
        label={say("bench_page.why")}
        field="why"
        faults={faults}
        value={why}
        onChange={setWhy}
        placeholder={say("bench_page.given_to_a_neighbour")}
      />
      <On value={on} change={setOn} faults={faults} max={garden.today} />
    </Form>
  );
}

function Split({ lot, garden, close }: Props & { lot: Lot }) {
  const fresh = useRef(newId());
  const [name, setName] = useState(say("bench_page.second", { name: lot.name }));
  const [pots, setPots] = useState({ text: "", unit: "" });
  const [placeId, setPlace] = useState(lot.placeId);
  const act = useDeed(garden, say("bench_page.split_in_two", { name: lot.name }), close, (clientKey) =>
    call(
      api.POST("/api/gardens/{garden}/deeds/split", {
        params: { path: { garden: garden.id } },
        body: { clientKey, lotId: lot.id, newId: fresh.current, name, pots, placeId },
      }),
    ),
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form
      title={say("bench_page.split_name", { name: lot.name })}
      close={close}
      act={act}
      label={say("bench_page.split")}
    >
      {lot.pots < 2 && <p className="mb-2 text-stop">{say("bench_page.one_pot_cannot_be_split_duplicate")}</p>}
      <p className="note mb-2">{say("bench_page.pots_now_the_new_lot_keeps", { pots: lot.pots })}</p>
      <NumberField
        label={say("bench_page.pots_that_go")}
        field="lot.pots"
        faults={faults}
        value={pots}
        onChange={setPots}
        placeholder={String(Math.floor(lot.pots / 2))}
      />
      <TextField
        label={say("bench_page.name_of_the_new_lot")}
        field="lot.name"
        faults={faults}
        value={name}
        onChange={setName}
      />
      <ChoiceField
        label={say("bench_page.its_place")}
        field="lot.place"
        faults={faults}
        value={placeId}
        onChange={setPlace}
        options={places(garden)}
      />
    </Form>
  );
}

function Lose({ lot, garden, close }: Props & { lot: Lot }) {
  const [pots, setPots] = useState({ text: "1", unit: "" });
  const [why, setWhy] = useState("");
  const [on, setOn] = useState(garden.today);
  const act = useDeed(garden, say("bench_page.loss_recorded", { name: lot.name }), close, (clientKey) =>
    call(
      api.POST("/api/gardens/{garden}/deeds/lose", {
        params: { path: { garden: garden.id } },
        body: { clientKey, lotId: lot.id, pots, why, on },
      }),
    ),
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form
      title={say("bench_page.losses_of", { name: lot.name })}
      close={close}
      act={act}
      label={say("bench_page.record_it")}
    >
      <NumberField
        label={say("bench_page.how_many_of", { pots: lot.pots })}
        field="lot.pots"
        faults={faults}
        value={pots}
        onChange={setPots}
        hint={say("bench_page.losing_the_last_one_retires_the")}
      />
      <TextField
        label={say("bench_page.why")}
        field="why"
        faults={faults}
        value={why}
        onChange={setWhy}
        placeholder={say("bench_page.rotted_in_the_wet_spell")}
      />
      <On value={on} change={setOn} faults={faults} max={garden.today} />
    </Form>
  );
}
