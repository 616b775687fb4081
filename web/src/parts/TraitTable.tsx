import type { Fault, Guide, Trait } from "../api";
import { say, words } from "../text";
import { TRAIT_GROUPS, told, traitText, type Teller } from "../text/plants";

type Props = {
  guide: Guide;
  kind: { group: string; differs: Record<string, string>; traits: Record<string, string> };
  /** What is told of one lot; where given, that is what is changed here. */
  lot?: Record<string, string>;
  /** What is told here, as typed so far. */
  typed: Record<string, string>;
  change: (typed: Record<string, string>) => void;
  faults: Fault[];
};

const MARKS: Record<Teller, string> = { group: "", species: "·", garden: "✎", lot: "✎" };

/** Every trait with its value, who says so, and a field to say otherwise; a blank field leaves it as it is. */
export function TraitTable(p: Props) {
  return (
    <div className="gap-x-8 md:columns-2">
      {TRAIT_GROUPS.map((g) => (
        <fieldset key={g.title} className="m-0 mb-3 break-inside-avoid border-0 p-0">
          <legend className="head w-full">{say(g.title)}</legend>
          {g.traits.map((id) => {
            const trait = p.guide.traits.find((t) => t.id === id);
            return trait && <Row key={id} trait={trait} {...p} />;
          })}
        </fieldset>
      ))}
    </div>
  );
}

function Row({ trait, guide, kind, lot, typed, change, faults }: Props & { trait: Trait }) {
  const before = told(guide, lot ? kind : { ...kind, traits: {} }, trait.id);
  const own = typed[trait.id] ?? "";
  const teller: Teller = own ? (lot ? "lot" : "garden") : before.teller;
  const label = words("traits", trait.id);
  const fault = faults.find((f) => f.field === `species.${trait.id}`)?.detail;
  const set = (text: string) => change({ ...typed, [trait.id]: text });
  return (
    <div className="border-b border-rule py-0.5">
      <div className="grid grid-cols-[1fr_10.5rem_4.5rem] items-center gap-2">
        <label htmlFor={`trait-${trait.id}`} className="text-sm">
          {label}
        </label>
        {trait.many ? (
          <span className="text-sm">{traitText(trait, own || before.text)}</span>
        ) : trait.number ? (
          <span className="flex items-center gap-1">
            <input
              id={`trait-${trait.id}`}
              className="box min-w-0 !min-h-8 !py-0 placeholder:text-ink"
              autoComplete="off"
              aria-invalid={fault !== undefined}
              placeholder={before.text}
              value={own}
              onChange={(e) => set(e.target.value)}
            />
            <span className="fig note w-14 shrink-0 text-xs">{trait.unit}</span>
          </span>
        ) : (
          <select
            id={`trait-${trait.id}`}
            className="box !min-h-8 !py-0 !font-text text-sm"
            value={own}
            onChange={(e) => set(e.target.value)}
          >
            <option value="">{traitText(trait, before.text)}</option>
            {trait.words
              .filter((w) => w !== before.text)
              .map((w) => (
                <option key={w} value={w}>
                  {traitText(trait, w)}
                </option>
              ))}
          </select>
        )}
        <span className={`note text-xs ${teller === "garden" || teller === "lot" ? "font-semibold" : ""}`}>
          {MARKS[teller]} {words("tellers", teller)}
        </span>
      </div>
      {trait.many && <Several trait={trait} value={own || before.text} set={set} label={label} />}
      {fault && (
        <p role="alert" className="note text-stop">
          ▲ {fault}
        </p>
      )}
    </div>
  );
}

/** A trait of several words: those that ship are ticked on and off. */
function Several({
  trait,
  value,
  set,
  label,
}: {
  trait: Trait;
  value: string;
  set: (text: string) => void;
  label: string;
}) {
  const chosen = value.split("+").filter((w) => w !== "none");
  const offered = trait.words.filter((w) => w !== "none");
  if (offered.length === 0) return null;
  const turn = (word: string) => {
    const now = chosen.includes(word) ? chosen.filter((w) => w !== word) : [...chosen, word];
    set(now.length > 0 ? now.join("+") : "none");
  };
  return (
    <span role="group" aria-label={label} className="flex flex-wrap gap-x-4">
      {offered.map((w) => (
        <label key={w} className="flex min-h-6 items-center gap-1 text-sm">
          <input type="checkbox" checked={chosen.includes(w)} onChange={() => turn(w)} />
          {words("trait_words", `${trait.id}.${w}`)}
        </label>
      ))}
    </span>
  );
}
