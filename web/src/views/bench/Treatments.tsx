import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useState } from "react";
import { api, edit, newId, type Garden, type Lot, type Measured, type Treatment, type TreatmentMeans } from "../../api";
import { catalogueQuery, curesQuery, treatmentsQuery, useAct } from "../../api/queries";
import { Cautions } from "../../parts/Cautions";
import { handText } from "../../parts/Hand";
import { Retire } from "../../parts/Retire";
import { toDo, TreatmentActs, treatmentWords } from "../../parts/TreatmentActs";
import { say, words } from "../../text";
import { day, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField, DateField, NumberField, TextField } from "../../ui/Fields";
import { Loading, Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";
import { Form } from "./deedForm";
import { lookOn, type TreatmentBegun } from "./treatments";

/** What was done against something, whether it worked, and what is planned. */
export function Treatments({ lot, garden }: { lot: Lot; garden: Garden }) {
  const all = useQuery(treatmentsQuery(garden.id, lot.id));
  const [open, setOpen] = useState(false);
  if (all.isPending) return <Loading what={say("bench_page.the_treatments")} />;
  if (all.isLoadingError) return <Trouble problem={all.error} again={() => void all.refetch()} />;
  const { treatments } = all.data;
  return (
    <section aria-label={say("bench_page.treatments")} className="my-6">
      <h2 className="head">{say("bench_page.treatments")}</h2>
      {treatments.length === 0 && <p className="note">{say("bench_page.no_treatments_yet")}</p>}
      <ul className="m-0 list-none p-0">
        {treatments.map((t) => (
          <Treated key={t.id} treatment={t} garden={garden} />
        ))}
      </ul>
      <Button look="quiet" className="no-print mt-2 min-h-11" onClick={() => setOpen(true)}>
        {say("bench_page.plan_a_treatment")}
      </Button>
      <Link to="/g/$garden/ails/$lot" params={{ garden: garden.id, lot: lot.id }} className="no-print ml-4">
        {say("bench_page.find_out_what_ails_it")} →
      </Link>
      {open && <PlanTreatment lot={lot} garden={garden} begun={{}} close={() => setOpen(false)} />}
    </section>
  );
}

function Treated({ treatment: t, garden }: { treatment: Treatment; garden: Garden }) {
  const state = t.outcome
    ? say("bench_page.treatment_ended", {
        day: day(t.doneOn ?? t.dueOn),
        outcome: words("outcomes_of_treatment", t.outcome),
        on: day(t.outcomeOn ?? t.lookOn),
      })
    : t.doneOn
      ? say("bench_page.treatment_done_look", { day: day(t.doneOn), look: day(t.lookOn) })
      : say("bench_page.treatment_planned", { day: day(t.dueOn), look: day(t.lookOn) });
  return (
    <li className="flex flex-wrap items-center justify-between gap-2 border-b border-rule py-1.5">
      <span className="min-w-0">
        {treatmentWords(t)}
        <span className="note block">
          {[state, t.reason && say("bench_page.against_reason", { reason: t.reason }), t.outcomeNote]
            .filter(Boolean)
            .join(" · ")}
          {t.doneOn && toDo(t) && ` · ${say("bench_page.again_on", { day: day(t.dueOn) })}`}
        </span>
        {!t.outcome && t.expects && (
          <span className="note block">{say("bench_page.expect", { expects: t.expects })}</span>
        )}
      </span>
      <span className="no-print inline-flex flex-wrap items-center gap-2">
        <TreatmentActs treatment={t} garden={garden} />
        {!t.doneOn && (
          <Retire
            kind="treatment"
            thing={t}
            garden={garden}
            name={say("bench_page.drop")}
            said={say("bench_page.treatment_dropped")}
          />
        )}
      </span>
    </li>
  );
}

/** A weak and a strong amount, as a hand measures them, into what water. */
function inHand(m: TreatmentMeans, shown: Shown): string {
  if (!m.handLow || !m.handHigh) return "";
  const measured = (of: Measured) => (of.pieces.length > 0 ? handText(of) : shown.product(of.exact, of.measure));
  const low = measured(m.handLow);
  const high = measured(m.handHigh);
  const range = low === high ? high : say("bench_page.from_to", { low, high });
  return m.way === "dry" ? range : say("bench_page.amount_in_water", { range, litres: shown.litres(m.inLitres) });
}

/** What speaks against it before all else. */
const against = (m: TreatmentMeans) => m.refusals[0]?.detail ?? "";

/** What it may be done with, worked out for all pots of the lot; one tap takes it over. */
function MeansList({
  means,
  pots,
  shown,
  product,
  take,
}: {
  means: TreatmentMeans[];
  pots: number;
  shown: Shown;
  product: string;
  take: (m: TreatmentMeans) => void;
}) {
  const reasons = [...new Set(means.filter((m) => m.refusals.length > 0).map(against))];
  const taken = means.find((m) => words("remedies", m.remedy) === product);
  return (
    <fieldset className="m-0 mb-2 border-0 p-0">
      <legend className="note">{say("bench_page.worked_out_for_this_lot", { pots })}</legend>
      {reasons.map((why) => (
        <p key={why} className="note my-1 border-l-4 border-stop pl-2">
          {say("bench_page.not_this", {
            remedies: means
              .filter((m) => against(m) === why)
              .map((m) => words("remedies", m.remedy))
              .join("; "),
            why,
          })}
        </p>
      ))}
      {means
        .filter((m) => m.refusals.length === 0)
        .map((m) => (
          <label key={m.remedy} className="flex min-h-11 items-center gap-2 border-b border-rule py-1">
            <input
              type="radio"
              name="means"
              className="size-5 shrink-0"
              checked={taken === m}
              onChange={() => take(m)}
            />
            <span>
              {words("remedies", m.remedy)}
              <span className="note block">{inHand(m, shown)}</span>
            </span>
          </label>
        ))}
      {taken && (
        <ul className="note m-0 mt-1 list-disc pl-5">
          {taken.notes.map((n) => (
            <li key={n}>{words("treatment_notes", n)}</li>
          ))}
        </ul>
      )}
    </fieldset>
  );
}

/** A treatment as it is planned; a second one at a time is asked about first. */
export function PlanTreatment({
  lot,
  garden,
  begun,
  close,
}: {
  lot: Lot;
  garden: Garden;
  begun: TreatmentBegun;
  close: () => void;
}) {
  const cures = useQuery(curesQuery(garden.id, lot.id)).data?.cures ?? [];
  const [id] = useState(newId);
  const told = useTold(garden.id);
  const shown = new Shown(useQuery(catalogueQuery).data?.units ?? [], garden.unitHabit);
  const [cure, setCure] = useState(begun.cure ?? "");
  const [product, setProduct] = useState(begun.product ?? "");
  const [amount, setAmount] = useState("");
  const [reason, setReason] = useState(begun.reason ?? "");
  const [dueOn, setDueOn] = useState(garden.today);
  const [look, setLook] = useState<string>();
  const [every, setEvery] = useState({ text: "", unit: "d" });
  const [expects, setExpects] = useState(begun.expects ?? "");
  const chosen = cures.find((c) => c.cure === cure);
  const plan = useAct(
    garden.id,
    (beside: boolean | undefined) =>
      edit(
        api.PUT("/api/gardens/{garden}/lots/{lot}/treatments", {
          params: { path: { garden: garden.id, lot: lot.id } },
          body: {
            id,
            version: 0,
            cure,
            product,
            amount,
            reason,
            dueOn,
            everyDays: every,
            expects,
            beside: beside ?? false,
            ...(begun.readOn ? { readOn: begun.readOn } : {}),
            ...(begun.ailment ? { ailment: begun.ailment } : {}),
            ...(look ? { lookOn: look } : {}),
          },
        }),
      ),
    ({ act }) => {
      told(say("bench_page.treatment_taken"), act);
      close();
    },
  );
  const take = (m: TreatmentMeans) => {
    setProduct(words("remedies", m.remedy));
    setAmount(inHand(m, shown));
  };
  const faults = plan.error?.faults ?? [];
  const underWay = faults.some((f) => f.code === "treatment_under_way");
  return (
    <Form
      title={say("bench_page.plan_a_treatment_for", { name: lot.name })}
      close={close}
      act={plan}
      label={say("bench_page.into_the_plan_2")}
    >
      <ChoiceField
        label={say("bench_page.what_is_done")}
        field="treatment.cure"
        faults={faults}
        value={cure}
        onChange={setCure}
        options={[
          { value: "", label: say("bench_page.choose_what") },
          ...cures.map((c) => ({ value: c.cure, label: words("cures", c.cure) })),
        ]}
      />
      {underWay && (
        <p className="mb-2">
          <Button onClick={() => plan.mutate(true)} disabled={plan.isPending}>
            {say("bench_page.do_it_beside")}
          </Button>
        </p>
      )}
      {chosen && chosen.means.length > 0 && (
        <MeansList means={chosen.means} pots={lot.pots} shown={shown} product={product} take={take} />
      )}
      <TextField
        label={say("bench_page.against_what")}
        field="treatment.reason"
        faults={faults}
        value={reason}
        onChange={setReason}
      />
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label={say("bench_page.with_what")}
          field="treatment.product"
          faults={faults}
          value={product}
          onChange={setProduct}
        />
        <TextField
          label={say("bench_page.strength_and_amount")}
          field="treatment.amount"
          faults={faults}
          value={amount}
          onChange={setAmount}
        />
        <DateField
          label={say("bench_page.on_the_day")}
          field="treatment.due"
          faults={faults}
          value={dueOn}
          onChange={(d) => setDueOn(d ?? garden.today)}
        />
        <DateField
          label={say("bench_page.look_again_on")}
          field="treatment.look"
          faults={faults}
          value={look ?? (chosen ? lookOn(dueOn, chosen.showsDays) : undefined)}
          onChange={setLook}
        />
      </div>
      <NumberField
        row
        label={say("bench_page.again_every")}
        field="treatment.every"
        faults={faults}
        value={every}
        units={["d", "wk"]}
        onChange={setEvery}
        {...(chosen ? { placeholder: say("bench_page.once_or_from_days", { days: chosen.apartDays }) } : {})}
      />
      <TextField
        label={say("bench_page.what_should_be_seen")}
        field="treatment.expects"
        faults={faults}
        value={expects}
        onChange={setExpects}
      />
      {chosen && <Cautions ids={chosen.cautions} />}
    </Form>
  );
}
