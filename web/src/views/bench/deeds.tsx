import { useQuery } from "@tanstack/react-query";
import { type FormEvent, type ReactNode, useRef, useState } from "react";
import {
  api,
  call,
  newId,
  type Catalogue,
  type Chore,
  type Fault,
  type Garden,
  type Lot,
  type Problem,
  type Recorded,
  type Tended,
} from "../../api";
import { mixesQuery, useAct } from "../../api/queries";
import { words } from "../../text";
import { mixChoices } from "../../text/mixes";
import { TendedFields } from "../../parts/TendedFields";
import { Button } from "../../ui/Button";
import { ChoiceField, DateField, NumberField, TextField } from "../../ui/Fields";
import { Panel } from "../../ui/Panel";
import { Segmented } from "../../ui/Segmented";
import { Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";
import { PotFields } from "./PotFields";

/** What may be done to one lot or many, beside the day's round. */
export type Deed = "water" | "feed" | "tend" | "move" | "pot" | "note" | "retire" | "split" | "lose";

export const DEEDS: { id: Deed; label: string; one?: boolean }[] = [
  { id: "water", label: "Water" },
  { id: "feed", label: "Feed" },
  { id: "tend", label: "Care" },
  { id: "move", label: "Move" },
  { id: "pot", label: "Fresh mix" },
  { id: "note", label: "Note" },
  { id: "split", label: "Split", one: true },
  { id: "lose", label: "Lose some", one: true },
  { id: "retire", label: "Retire" },
];

type Props = { lots: Lot[]; garden: Garden; catalogue: Catalogue; close: () => void };

export function DeedPanel({ deed, ...p }: Props & { deed: Deed }) {
  switch (deed) {
    case "water":
    case "feed":
      return <Give {...p} feed={deed === "feed"} />;
    case "tend":
      return <Tend {...p} />;
    case "move":
      return <Move {...p} />;
    case "pot":
      return <PotOn {...p} />;
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

function named(lots: Lot[]): string {
  return lots.length === 1 ? lots[0]!.name : `${lots.length} lots`;
}

/** Sends a deed under one key until it is recorded, then says so with the way to undo it. */
function useDeed(garden: Garden, text: string, close: () => void, send: (key: string) => Promise<Recorded>) {
  const key = useRef(newId());
  const told = useTold(garden.id);
  return useAct<undefined, Recorded>(
    garden.id,
    () => send(key.current),
    (act) => {
      told(text, act.actId);
      close();
    },
  );
}

function Form({
  title,
  close,
  act,
  submit,
  label,
  wide,
  children,
}: {
  title: string;
  close: () => void;
  act: { isPending: boolean; error: Problem | null };
  submit: () => void;
  label: string;
  wide?: boolean;
  children: ReactNode;
}) {
  const own = act.error && (act.error.retry || act.error.faults.some((f) => !f.field.includes(".")));
  return (
    <Panel title={title} close={close} {...(wide ? { wide } : {})}>
      <form
        onSubmit={(e: FormEvent) => {
          e.preventDefault();
          submit();
        }}
      >
        {children}
        {own && <Trouble problem={act.error} />}
        <div className="mt-3 flex items-center gap-3">
          <Button look="ink" type="submit" disabled={act.isPending} className="min-h-11">
            {act.isPending ? "Recording …" : act.error?.retry ? "Retry" : label}
          </Button>
          <Button look="quiet" onClick={close}>
            Leave it
          </Button>
        </div>
      </form>
    </Panel>
  );
}

function On({
  value,
  change,
  faults,
  max,
}: {
  value: string;
  change: (v: string) => void;
  faults: Fault[];
  max?: string;
}) {
  return (
    <DateField label="On" field="occurred_at" faults={faults} value={value} onChange={(v) => change(v ?? max ?? "")} />
  );
}

function Give({ lots, garden, close, feed }: Props & { feed: boolean }) {
  const [on, setOn] = useState(garden.today);
  const [litres, setLitres] = useState({ text: "", unit: garden.unitHabit === "us" ? "US qt" : "L" });
  const without = feed ? lots.filter((l) => !l.feedId) : [];
  const given = lots.filter((l) => !feed || l.feedId);
  const act = useDeed(garden, `${named(given)}: recorded.`, close, (clientKey) =>
    call(
      api.POST("/api/gardens/{garden}/given", {
        params: { path: { garden: garden.id } },
        body: {
          clientKey,
          lotIds: given.map((l) => l.id),
          feed,
          on,
          litresEach: litres.text.trim() ? litres : undefined,
        },
      }),
    ),
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form
      title={`${feed ? "Fed" : "Watered"}: ${named(lots)}`}
      close={close}
      act={act}
      submit={() => act.mutate(undefined)}
      label="Record it"
    >
      <p className="note mb-2">For what was done outside the day's list, also some days ago.</p>
      {without.length > 0 && (
        <p className="mb-2 text-stop">
          ▲ {without.map((l) => l.name).join(", ")}: no feed is set, so nothing is recorded for{" "}
          {without.length === 1 ? "it" : "them"}.
        </p>
      )}
      <On value={on} change={setOn} faults={faults} max={garden.today} />
      <NumberField
        label="Each pot got"
        field="litres"
        faults={faults}
        value={litres}
        units={["L", "mL", "US qt", "US fl oz"]}
        placeholder="as planned"
        onChange={setLitres}
        hint={
          feed
            ? "The product follows: the planned strength in these litres."
            : "Empty: what the plan said for that day."
        }
      />
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
  const act = useDeed(garden, `${named(lots)}: recorded.`, close, (clientKey) =>
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
    <Form title={`Care: ${named(lots)}`} close={close} act={act} submit={() => act.mutate(undefined)} label="Record it">
      <ChoiceField
        label="What was done"
        field="chore"
        faults={faults}
        value={chore}
        onChange={(v) => setChore(CHORES.find((c) => c === v) ?? "LOOK_OVER")}
        options={CHORES.map((c) => ({ value: c, label: words("chores", c.toLowerCase()) }))}
        hint={words("chore_notes", chore.toLowerCase())}
      />
      <On value={on} change={setOn} faults={faults} max={garden.today} />
      <TendedFields look={look} tended={tended} change={setTended} faults={faults} />
      <TextField label="Note" field="note" faults={faults} value={note} onChange={setNote} />
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
    on > garden.today ? `${named(lots)}: planned.` : `${named(lots)}: moved.`,
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
      title={`Move ${named(lots)}`}
      close={close}
      act={act}
      submit={() => act.mutate(undefined)}
      label={on > garden.today ? "Plan it" : "Move"}
    >
      <ChoiceField
        label="To"
        field="lot.place"
        faults={faults}
        value={placeId}
        onChange={setPlace}
        options={places(garden)}
      />
      <On value={on} change={setOn} faults={faults} max={garden.today} />
      <p className="note mb-2">After today it is planned: it stands on the list of that day.</p>
      <div className="mb-2">
        <Segmented
          label="Coming back"
          value={back ? "back" : "stays"}
          onChange={(v) => setBack(v === "back")}
          options={[
            { value: "stays", label: "it stays there" },
            { value: "back", label: "comes back, as from a summer outdoors" },
          ]}
        />
      </div>
      {back && (
        <div className="grid grid-cols-2 gap-3">
          <ChoiceField
            label="Back to"
            field="move.back_to"
            faults={faults}
            value={backTo}
            onChange={setBackTo}
            options={places(garden)}
          />
          <DateField label="Back on" field="move.back_on" faults={faults} value={backOn} onChange={setBackOn} />
        </div>
      )}
    </Form>
  );
}

type Extent = "on" | "fresh" | "part" | "roots";

/** How far a mix is renewed. */
const EXTENTS: { value: Extent; label: string; note: string }[] = [
  { value: "on", label: "potted on", note: "Another pot, all of the mix fresh." },
  { value: "fresh", label: "the same pot", note: "All of the mix fresh." },
  {
    value: "part",
    label: "in part",
    note: "What is loose shaken out and filled up; the roots left alone. Feeding goes on.",
  },
  { value: "roots", label: "roots cut", note: "All of the mix fresh and roots cut back, in the same pot or tray." },
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
  const act = useDeed(garden, `${named(lots)}: fresh mix recorded.`, close, (clientKey) =>
    call(
      api.POST("/api/gardens/{garden}/deeds/pot-on", {
        params: { path: { garden: garden.id } },
        body: {
          clientKey,
          lotIds: lots.map((l) => l.id),
          pot: extent === "on" ? pot : undefined,
          mix,
          on,
          fresh: extent === "part" ? fresh : undefined,
          rootsCut: extent === "roots" ? roots : undefined,
        },
      }),
    ),
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form
      title={`Fresh mix: ${named(lots)}`}
      close={close}
      act={act}
      submit={() => act.mutate(undefined)}
      label="Record it"
    >
      <div className="mb-2">
        <Segmented
          label="How far"
          value={extent}
          onChange={(v) => setExtent(EXTENTS.find((e) => e.value === v)?.value ?? "fresh")}
          options={EXTENTS}
        />
        <p className="note mt-1">{EXTENTS.find((e) => e.value === extent)?.note}</p>
      </div>
      {extent === "on" && (
        <PotFields pot={pot} change={(part) => setPot({ ...pot, ...part })} faults={faults} catalogue={catalogue} />
      )}
      {extent === "part" && (
        <NumberField
          label="Fresh, of the whole"
          field="potting.fresh"
          faults={faults}
          value={fresh}
          onChange={setFresh}
        />
      )}
      {extent === "roots" && (
        <NumberField label="Roots cut away" field="potting.roots" faults={faults} value={roots} onChange={setRoots} />
      )}
      <ChoiceField
        label="Mix"
        field="mix"
        faults={faults}
        value={mix}
        onChange={setMix}
        options={mixChoices(mixes, mix)}
      />
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
  const act = useDeed(garden, "Note written.", close, (clientKey) =>
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
      title={`Note on ${named(lots)}`}
      close={close}
      act={act}
      submit={() => act.mutate(undefined)}
      label="Write it down"
    >
      <label htmlFor="note-text" className="block text-sm">
        What did you see?
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
  const act = useDeed(garden, `${named(lots)}: off the bench.`, close, (clientKey) =>
    call(
      api.POST("/api/gardens/{garden}/deeds/retire", {
        params: { path: { garden: garden.id } },
        body: { clientKey, lotIds: lots.map((l) => l.id), why, on },
      }),
    ),
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form title={`Retire ${named(lots)}`} close={close} act={act} submit={() => act.mutate(undefined)} label="Retire">
      <p className="note mb-2">
        Sold, given away, dead: it leaves the bench and every list. Its journal and readings stay, under “off the
        bench”.
      </p>
      <TextField
        label="Why"
        field="why"
        faults={faults}
        value={why}
        onChange={setWhy}
        placeholder="given to a neighbour"
      />
      <On value={on} change={setOn} faults={faults} max={garden.today} />
    </Form>
  );
}

function Split({ lot, garden, close }: Props & { lot: Lot }) {
  const fresh = useRef(newId());
  const [name, setName] = useState(`${lot.name}, second`);
  const [pots, setPots] = useState({ text: "", unit: "" });
  const [placeId, setPlace] = useState(lot.placeId);
  const act = useDeed(garden, `${lot.name}: split in two.`, close, (clientKey) =>
    call(
      api.POST("/api/gardens/{garden}/deeds/split", {
        params: { path: { garden: garden.id } },
        body: { clientKey, lotId: lot.id, newId: fresh.current, name, pots, placeId },
      }),
    ),
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form title={`Split ${lot.name}`} close={close} act={act} submit={() => act.mutate(undefined)} label="Split">
      {lot.pots < 2 && <p className="mb-2 text-stop">▲ One pot cannot be split. Duplicate it instead.</p>}
      <p className="note mb-2">
        {lot.pots} pots now. The new lot keeps pot, mix, water, feed, and when it was last watered and fed.
      </p>
      <NumberField
        label="Pots that go"
        field="lot.pots"
        faults={faults}
        value={pots}
        onChange={setPots}
        placeholder={String(Math.floor(lot.pots / 2))}
      />
      <TextField label="Name of the new lot" field="lot.name" faults={faults} value={name} onChange={setName} />
      <ChoiceField
        label="Its place"
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
  const act = useDeed(garden, `${lot.name}: loss recorded.`, close, (clientKey) =>
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
      title={`Losses of ${lot.name}`}
      close={close}
      act={act}
      submit={() => act.mutate(undefined)}
      label="Record it"
    >
      <NumberField
        label={`How many of ${lot.pots}`}
        field="lot.pots"
        faults={faults}
        value={pots}
        onChange={setPots}
        hint="Losing the last one retires the lot."
      />
      <TextField
        label="Why"
        field="why"
        faults={faults}
        value={why}
        onChange={setWhy}
        placeholder="rotted in the wet spell"
      />
      <On value={on} change={setOn} faults={faults} max={garden.today} />
    </Form>
  );
}
