import { PlantField } from "../../parts/PlantField";
import { askOfKind } from "../../text/plants";
import { guideQuery } from "../../api/queries";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, call, type Catalogue, type Fault, type Garden, type Mixes, type Quality } from "../../api";
import { words, say, type Key } from "../../text";
import { componentName, keyOf } from "../../text/mixes";
import { plain, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { PotPanel } from "./PotPanel";
import { noLimits, QUALITIES, type Limits, type Use, type Wished } from "./wishInput";

type Props = {
  wished: Wished;
  change: (part: Partial<Wished>) => void;
  faults: Fault[];
  mixes: Mixes;
  garden: Garden;
  catalogue: Catalogue;
  shown: Shown;
};

const SCHOOLS = ["OPEN", "HOLDING", "MINERAL"] as const;

/** What is wished of the mix, and what there is to make it of. */
export function WishForm(p: Props) {
  const { wished, change, faults, shown } = p;
  const guide = useQuery(guideQuery(p.garden.id)).data;
  const [describing, setDescribing] = useState(false);
  const limitsOf = (q: Quality) => wished.limits[q] ?? noLimits(q, shown);
  const suit = async (species: string) => {
    change({ species });
    const kind = askOfKind(guide, species);
    if (!kind) return;
    const wants = await call(api.POST("/api/wishes/suiting", { body: kind }));
    const limits: Wished["limits"] = { ...wished.limits };
    for (const w of wants) {
      const blank = noLimits(w.quality, shown);
      const typed = (value: number | undefined, unit: string) => ({
        text: value === undefined ? "" : plain(value),
        unit,
      });
      limits[w.quality] = { low: typed(w.low, blank.low.unit), high: typed(w.high, blank.high.unit) };
    }
    change({ limits });
  };
  const on = fieldsOf(wished, change, faults);
  return (
    <form aria-label={say("mixes_page.wishes")} onSubmit={(e) => e.preventDefault()}>
      <AtHand {...p} />
      <PlantField
        row
        garden={p.garden.id}
        label={say("mixes_page.for_the_plant")}
        faults={faults}
        value={wished.species}
        onChange={(s) => void suit(s)}
        none={say("mixes_page.no_plant_in_mind")}
      />
      <div className="mb-2 grid grid-cols-[6.5rem_1fr] items-center gap-2 text-sm">
        <span>{say("mixes_page.in_the_pot")}</span>
        <span>
          {wished.pot.name}{" "}
          <Button look="quiet" onClick={() => setDescribing(true)}>
            {say("common.change")}
          </Button>
        </span>
      </div>
      <fieldset className="m-0 border-0 border-t border-rule p-0">
        <legend className="head !mb-1 w-full">{say("mixes_page.limits_leave_blank_what_does_not")}</legend>
        {QUALITIES.map((q) => (
          <LimitRow
            key={q}
            quality={q}
            limits={limitsOf(q)}
            fault={faults.find((f) => f.field === `wish.${q.toLowerCase()}`)}
            change={(l) => change({ limits: { ...wished.limits, [q]: l } })}
          />
        ))}
      </fieldset>
      <label className="my-1 flex min-h-8 items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="size-5"
          checked={wished.mayLime}
          onChange={(e) => change({ mayLime: e.target.checked })}
        />
        {say("mixes_page.it_may_be_limed_to_the")}
      </label>
      <ChoiceField
        row
        label={say("mixes_page.way_of_growing")}
        field="school"
        faults={faults}
        value={wished.school}
        onChange={(s) => change({ school: SCHOOLS.find((x) => x === s) ?? "" })}
        options={[
          { value: "", label: say("mixes_page.any_way") },
          ...SCHOOLS.map((s) => ({ value: s, label: words("ways", s) })),
        ]}
      />
      <div className="grid grid-cols-2 gap-2">
        <NumberField label={say("mixes_page.components_at_most")} {...on("mostComponents", "wish.components")} />
        <NumberField label={say("mixes_page.parts_in_all_at_most")} {...on("mostParts", "wish.parts")} />
      </div>
      {describing && (
        <PotPanel
          pot={wished.pot}
          change={(pot) => change({ pot })}
          close={() => setDescribing(false)}
          garden={p.garden}
          catalogue={p.catalogue}
          faults={faults}
        />
      )}
    </form>
  );
}

function LimitRow({
  quality,
  limits,
  fault,
  change,
}: {
  quality: Quality;
  limits: Limits;
  fault: Fault | undefined;
  change: (limits: Limits) => void;
}) {
  const name = words("qualities", quality);
  const box = (end: "low" | "high", said: string) => (
    <input
      aria-label={say("mixes_page.at", { name, said })}
      aria-invalid={fault !== undefined}
      className="box !min-h-8 !w-14 !px-1 !py-0 text-right"
      placeholder={said}
      value={limits[end].text}
      onChange={(e) => change({ ...limits, [end]: { ...limits[end], text: e.target.value } })}
    />
  );
  return (
    <div className="border-b border-rule py-0.5">
      <div className="flex items-center gap-1.5">
        <span className="min-w-0 flex-1 text-sm leading-tight">{name}</span>
        {box("low", say("mixes_page.least"))}–{box("high", say("mixes_page.most"))}
        <span className="note fig w-11">{limits.low.unit}</span>
      </div>
      {fault && (
        <p role="alert" className="note !text-stop">
          ▲ {fault.detail}
        </p>
      )}
    </div>
  );
}

const USES: Use[] = ["may", "must", "not"];
const USE_SAID: Record<Use, Key> = {
  may: "mixes_page.may_be_in",
  must: "mixes_page.must_be_in",
  not: "mixes_page.not_in_it",
};

/** What there is to mix with, ticked by the person. */
function AtHand({ wished, change, mixes, faults }: Props) {
  const [find, setFind] = useState("");
  const [open, setOpen] = useState(Object.keys(wished.atHand).length === 0);
  const there = mixes.components.filter((c) => !c.retired);
  const ticked = there.filter((c) => wished.atHand[keyOf(c)]);
  const listed = there.filter((c) => componentName(c).toLowerCase().includes(find.toLowerCase()));
  const set = (keys: string[], use: Use | undefined) => {
    const atHand = { ...wished.atHand };
    for (const key of keys) {
      if (use) atHand[key] = use;
      else delete atHand[key];
    }
    change({ atHand });
  };
  const fault = faults.find((f) => f.field === "wish.at_hand");
  return (
    <details open={open} onToggle={(e) => setOpen(e.currentTarget.open)} className="mb-2">
      <summary className="head !mb-1">
        {say("mixes_page.at_hand", {
          value:
            ticked.length === 0 ? say("mixes_page.tick_what_you_have") : ticked.map((c) => componentName(c)).join("; "),
        })}
      </summary>
      <div className="mb-1 flex items-center gap-2">
        <input
          type="search"
          aria-label={say("mixes_page.find_a_component")}
          placeholder={say("mixes_page.find_a_component")}
          className="box !font-text"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
        <Button look="quiet" className="text-sm" onClick={() => set(listed.map(keyOf), "may")}>
          {say("mixes_page.all")}
        </Button>
        <Button look="quiet" className="text-sm" onClick={() => set(listed.map(keyOf), undefined)}>
          {say("mixes_page.none")}
        </Button>
      </div>
      {fault && (
        <p role="alert" className="note !text-stop">
          ▲ {fault.detail}
        </p>
      )}
      <ul className="m-0 max-h-64 list-none overflow-y-auto border-y border-rule-strong p-0 pr-1">
        {listed.map((c) => {
          const key = keyOf(c);
          const use = wished.atHand[key];
          return (
            <li key={key} className="flex min-h-8 items-center gap-2 border-b border-rule">
              <label className="flex min-w-0 flex-1 items-center gap-2 text-sm leading-tight">
                <input
                  type="checkbox"
                  className="size-5 shrink-0"
                  checked={use !== undefined}
                  onChange={(e) => set([key], e.target.checked ? "may" : undefined)}
                />
                {componentName(c)}
              </label>
              {use && (
                <select
                  aria-label={say("mixes_page.use", { componentName: componentName(c) })}
                  className="box !min-h-8 !w-28 !px-1 !py-0 !font-text text-sm"
                  value={use}
                  onChange={(e) => set([key], e.target.value as Use)}
                >
                  {USES.map((u) => (
                    <option key={u} value={u}>
                      {say(USE_SAID[u])}
                    </option>
                  ))}
                </select>
              )}
            </li>
          );
        })}
      </ul>
      {listed.length === 0 && <p className="note">{say("mixes_page.no_component_is_named_like_that")}</p>}
    </details>
  );
}
