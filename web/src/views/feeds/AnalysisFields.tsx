import { useState } from "react";
import { api, call, type AnalysisAnswer, type Declared, type Fault, type FeedInput } from "../../api";
import { useLive } from "../../api/useLive";
import { words, say } from "../../text";
import { figures, plain } from "../../text/numbers";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { Segmented } from "../../ui/Segmented";
import { FORMS, MICROS, SECONDARIES } from "./feedInput";

const CHELATES = ["", "edta", "dtpa", "hedta", "eddha", "other"] as const;

type Props = { input: FeedInput; faults: Fault[]; change: (part: Partial<FeedInput>) => void };

/** What the label says is in the product: the three numbers, the rest of its table, or the formula of a single salt. */
export function AnalysisFields({ input, faults, change }: Props) {
  const salt = Boolean(input.formula?.trim());
  const more = Object.keys(input.contents ?? {}).length > 0 || input.basis === "by_volume" || input.elements === true;
  const three = (label: string, field: "n" | "p2o5" | "k2o") => (
    <NumberField
      label={label}
      field={`feed.${field}`}
      faults={faults}
      value={input[field] ?? { text: "", unit: "%" }}
      onChange={(v) => change({ [field]: v })}
    />
  );
  return (
    <>
      {!salt && (
        <div className="grid grid-cols-3 gap-2">
          {three("N", "n")}
          {three(input.elements ? "P" : "P₂O₅", "p2o5")}
          {three(input.elements ? "K" : "K₂O", "k2o")}
        </div>
      )}
      {!salt && (
        <details open={more} className="mb-2">
          <summary className="note underline decoration-rule-strong underline-offset-4">
            {say("feeds_page.the_rest_of_its_table")}
          </summary>
          <Rest input={input} faults={faults} change={change} />
        </details>
      )}
      <details open={salt} className="mb-2">
        <summary className="note underline decoration-rule-strong underline-offset-4">
          {say("feeds_page.a_single_salt_by_its_formula")}
        </summary>
        <div className="grid grid-cols-[1fr_6rem] gap-2">
          <TextField
            label={say("feeds_page.formula")}
            field="feed.formula"
            faults={faults}
            value={input.formula ?? ""}
            onChange={(formula) => change({ formula, form: "dry" })}
            placeholder={say("feeds_page.mgso4_7h2o")}
          />
          <NumberField
            label={say("feeds_page.purity")}
            field="feed.purity"
            faults={faults}
            value={input.purity ?? { text: "", unit: "%" }}
            placeholder="100"
            onChange={(purity) => change({ purity })}
          />
        </div>
      </details>
      <Comes input={input} />
    </>
  );
}

function Rest({ input, faults, change }: Props) {
  const [oxides, setOxides] = useState(() => SECONDARIES.some(([, oxide]) => input.contents?.[oxide]));
  const set = (line: Declared, value: { text: string; unit: string }) =>
    change({ contents: { ...input.contents, [line]: value } });
  const line = (l: Declared) => (
    <NumberField
      key={l}
      label={words("declared", l)}
      field={`feed.${l.toLowerCase()}`}
      faults={faults}
      value={input.contents?.[l] ?? { text: "", unit: "%" }}
      onChange={(v) => set(l, v)}
    />
  );
  const name = (asOxides: boolean) => {
    const contents = { ...input.contents };
    for (const [element, oxide] of SECONDARIES) {
      const [from, to] = asOxides ? [element, oxide] : [oxide, element];
      const typed = contents[from];
      delete contents[from];
      if (typed) contents[to] = typed;
    }
    setOxides(asOxides);
    change({ contents });
  };
  return (
    <div className="border-l border-rule pl-2">
      <p className="note">{say("feeds_page.the_forms_of_nitrogen_tell_what")}</p>
      <div className="grid grid-cols-2 gap-x-2">{FORMS.map((l) => line(l))}</div>
      <div className="my-1 flex flex-wrap gap-2">
        <Segmented
          label={say("feeds_page.p_and_k_are_named_as")}
          value={input.elements ? "elements" : "oxides"}
          onChange={(v) => change({ elements: v === "elements" })}
          options={[
            { value: "oxides", label: "P₂O₅ K₂O" },
            { value: "elements", label: "P K" },
          ]}
        />
        <Segmented
          label={say("feeds_page.calcium_magnesium_and_sulfur_are_named")}
          value={oxides ? "oxides" : "elements"}
          onChange={(v) => name(v === "oxides")}
          options={[
            { value: "elements", label: "Ca Mg S" },
            { value: "oxides", label: "CaO MgO SO₃" },
          ]}
        />
      </div>
      <div className="grid grid-cols-2 gap-x-2">
        {SECONDARIES.map(([element, oxide]) => line(oxides ? oxide : element))}
      </div>
      <p className="note">{say("feeds_page.traces_in_or_typed_as_350")}</p>
      <div className="grid grid-cols-3 gap-x-2">{MICROS.map((l) => line(l))}</div>
      <ChoiceField
        label={say("feeds_page.iron_and_its_kin_are_held")}
        field="feed.chelate"
        faults={faults}
        value={input.chelate ?? ""}
        onChange={(c) => change({ chelate: (c || undefined) as FeedInput["chelate"] })}
        options={CHELATES.map((c) => ({ value: c, label: c ? words("chelates", c) : say("common.not_told") }))}
      />
      <Segmented
        label={say("feeds_page.the_per_cents_are_of")}
        value={input.basis ?? "by_weight"}
        onChange={(basis) => change({ basis: basis as FeedInput["basis"] })}
        options={[
          { value: "by_weight", label: say("feeds_page.weight_w_w") },
          { value: "by_volume", label: say("feeds_page.g_in_100_ml_w_v") },
        ]}
      />
    </div>
  );
}

/** What is in a gram or a millilitre, element by element, once the analysis holds together. */
function Comes({ input }: { input: FeedInput }) {
  const any = input.formula?.trim() || (input.n?.text && input.p2o5?.text && input.k2o?.text);
  const live = useLive<FeedInput, AnalysisAnswer>(any ? { ...input, label: "" } : undefined, (body, signal) =>
    call(api.POST("/api/feed/analysis", { body, signal })),
  );
  if (!any) return null;
  if (live.problem) {
    return (
      <ul role="alert" className="mb-2 list-none p-0 text-sm text-stop">
        {live.problem.faults.map((f) => (
          <li key={f.code + f.field}>▲ {f.detail}</li>
        ))}
      </ul>
    );
  }
  const a = live.answer;
  if (!a) return null;
  return (
    <p className="note mb-2">
      <b className="fig text-ink">
        {plain(a.n)}-{plain(a.p2o5)}-{plain(a.k2o)}
      </b>{" "}
      {say("feeds_page.mg_in_one_gram", { which: a.byVolume ? "yes" : "no" })}{" "}
      <span className="fig">
        {a.contents.map((c) => `${words("nutrients", c.nutrient)} ${figures(c.feed)}`).join(" · ")}
      </span>
      {a.untold.length > 0 && (
        <span className="block">
          {a.untold.map((u) => say("feeds_page.not_on_the_label", { untold: words("untold", u) })).join(" ")}
        </span>
      )}
    </p>
  );
}
