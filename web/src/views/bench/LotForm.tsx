import { Link } from "@tanstack/react-router";
import type { Catalogue, Fault, Feed, Garden, LotInput, PotInput, Typed } from "../../api";
import { words } from "../../text";
import { ChoiceField, DateField, NumberField, TextField } from "../../ui/Fields";
import { Segmented } from "../../ui/Segmented";

const LENGTHS = ["cm", "in", "mm"];
const VOLUMES = ["L", "mL", "US gal", "US qt"];
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

export function LotForm({ input, change, faults, garden, catalogue, feeds, share, setShare }: Props) {
  const pot = (part: Partial<PotInput>) => change({ pot: { ...input.pot, ...part } });
  const size = (label: string, field: "top" | "base" | "height") => (
    <NumberField
      row
      label={label}
      field={`pot.${field}`}
      faults={faults}
      value={input.pot[field]}
      units={LENGTHS}
      onChange={(v: Typed) => pot({ [field]: v })}
    />
  );
  const kind = catalogue.species.find((s) => s.key === input.species);
  const across = input.pot.shape === "round" ? "across" : "side";
  return (
    <>
      <div className="grid grid-cols-[1fr_4.5rem] gap-2">
        <TextField
          label="Name"
          field="lot.name"
          faults={faults}
          value={input.name}
          placeholder="Fern by the sink"
          onChange={(name) => change({ name })}
        />
        <NumberField
          label="Pots"
          field="lot.pots"
          faults={faults}
          value={input.pots}
          shownUnit=""
          onChange={(pots) => change({ pots })}
        />
      </div>
      <ChoiceField
        label="Plant"
        field="species"
        faults={faults}
        value={input.species}
        onChange={(species) => change({ species })}
        hint={
          kind && (
            <>
              <i>{kind.scientific}</i> · {words("toxicity", kind.toxicity)}
            </>
          )
        }
        options={catalogue.species.map((s) => ({ value: s.key, label: s.common, group: s.group }))}
      />
      <fieldset className="m-0 mb-2 border-0 p-0">
        <legend className="sr-only">Pot</legend>
        <div className="flex items-center justify-between">
          <span className="text-sm">Pot, inside</span>
          <Segmented
            label="Pot shape"
            value={input.pot.shape}
            onChange={(shape) => pot({ shape: shape as PotInput["shape"] })}
            options={[
              { value: "round", label: "round" },
              { value: "square", label: "square" },
            ]}
          />
        </div>
        <div className="mt-1">
          {size(`Top, ${across}`, "top")}
          {size(`Base, ${across}`, "base")}
          {size("Height", "height")}
          <NumberField
            row
            label="Mix, measured"
            field="pot.measured"
            faults={faults}
            value={input.pot.measured ?? { text: "", unit: "L" }}
            units={VOLUMES}
            placeholder="if you did"
            onChange={(measured) => pot({ measured })}
          />
        </div>
      </fieldset>
      <ChoiceField
        label="Mix"
        field="mix"
        faults={faults}
        value={input.mix}
        onChange={(mix) => change({ mix })}
        options={catalogue.mixes.map((m) => ({ value: m.key, label: words("mixes", m.key) }))}
      />
      <div>
        <ChoiceField
          row
          label="Place"
          field="lot.place"
          faults={faults}
          value={input.placeId}
          onChange={(placeId) => change({ placeId })}
          options={garden.places.map((p) => ({ value: p.id, label: p.name }))}
        />
        <ChoiceField
          row
          label="Water"
          field="lot.water"
          faults={faults}
          value={input.waterId}
          onChange={(waterId) => change({ waterId })}
          options={garden.waters.map((w) => ({ value: w.id, label: w.name }))}
        />
      </div>
      <ChoiceField
        label="Feed"
        field="lot.feed"
        faults={[...faults, ...faults.filter((f) => f.field === "feed").map((f) => ({ ...f, field: "lot.feed" }))]}
        value={input.feedId ?? NO_FEED}
        onChange={(v) => change({ feedId: v === NO_FEED ? undefined : v })}
        options={[
          ...feeds.map((f) => ({ value: f.id, label: `${f.name} ${f.n}-${f.p2o5}-${f.k2o}` })),
          { value: NO_FEED, label: "none, plain water" },
        ]}
        hint={
          feeds.length === 0 ? (
            <Link to="/g/$garden/feeds" params={{ garden: garden.id }}>
              Put a feed on the shelf first
            </Link>
          ) : undefined
        }
      />
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label="Share of top rate"
          field="share"
          faults={faults}
          value={{ text: share, unit: "%" }}
          placeholder="by appetite"
          onChange={(v) => setShare(v.text)}
        />
        <DateField
          label="Last repotted"
          field="lot.repotted"
          faults={faults}
          value={input.repottedOn}
          onChange={(repottedOn) => change({ repottedOn })}
        />
      </div>
    </>
  );
}
