import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useRef, useState } from "react";
import { api, call, type Garden, type Lot, type Sign } from "../../api";
import { mixAgeQuery } from "../../api/queries";
import { say, words } from "../../text";
import { longDay } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Form, On, useDeed } from "./deedForm";
import { PlanTreatment } from "./Treatments";

const LOOKS = ["SICK", "DRIED_OUT", "CRUST", "MOULD"] as const;
/** What is seen of the mix while it stands in its pot. */
export const MIX_SIGNS: Sign[] = ["WATER_STANDS", "ALGAE", "SOUR_SMELL"];

/** What looks wrong: ticked and written down, with what follows at once and what would tell more. */
export function Wrong({ lot, garden, close }: { lot: Lot; garden: Garden; close: () => void }) {
  const [looks, setLooks] = useState<(typeof LOOKS)[number][]>([]);
  const [seen, setSeen] = useState<Sign[]>([]);
  const [text, setText] = useState("");
  const [on, setOn] = useState(garden.today);
  const [treat, setTreat] = useState(false);
  const after = useRef(false);
  const age = useQuery({ ...mixAgeQuery(garden.id, lot.id, seen), enabled: seen.length > 0 });
  const said = [
    ...looks.map((l) => words("conditions", l.toLowerCase())),
    ...seen.map((s) => words("signs", s)),
    text.trim(),
  ].filter(Boolean);
  const act = useDeed(
    garden,
    say("bench_page.note_written"),
    () => (after.current ? setTreat(true) : close()),
    (clientKey) =>
      call(
        api.POST("/api/gardens/{garden}/deeds/note", {
          params: { path: { garden: garden.id } },
          body: { clientKey, lotIds: [lot.id], text: said.join("; "), on, conditions: looks },
        }),
      ),
  );
  const faults = act.error?.faults ?? [];
  if (treat) return <PlanTreatment lot={lot} garden={garden} begun={{ reason: said.join("; ") }} close={close} />;
  const ticked = <T extends string>(of: T, list: T[], set: (l: T[]) => void, text: string) => (
    <label key={of} className="flex min-h-10 items-center gap-2">
      <input
        type="checkbox"
        className="size-5 shrink-0"
        checked={list.includes(of)}
        onChange={(e) => set(e.target.checked ? [...list, of] : list.filter((x) => x !== of))}
      />
      <span className="inline-block first-letter:uppercase">{text}</span>
    </label>
  );
  const first = seen.length > 0 ? age.data?.advice[0] : undefined;
  return (
    <Form
      title={say("bench_page.what_is_wrong_with", { name: lot.name })}
      close={close}
      act={act}
      label={say("bench_page.record_it")}
    >
      <fieldset className="m-0 border-0 p-0">
        <legend className="head w-full">{say("bench_page.what_did_you_see")}</legend>
        {LOOKS.map((l) => ticked(l, looks, setLooks, words("conditions", l.toLowerCase())))}
        {MIX_SIGNS.map((s) => ticked(s, seen, setSeen, words("signs", s)))}
      </fieldset>
      <label htmlFor="wrong-text" className="mt-2 block text-sm">
        {say("bench_page.anything_else_you_see")}
      </label>
      <textarea
        id="wrong-text"
        className="box mb-2 min-h-16 !font-text"
        value={text}
        placeholder={say("bench_page.young_leaves_yellow_between_the_veins")}
        onChange={(e) => setText(e.target.value)}
      />
      <On value={on} change={setOn} faults={faults} max={garden.today} />
      {first && (
        <p className="my-2 border-l-4 border-ink pl-3">
          {words("renewals", first.step, {
            on: first.on === garden.today ? say("bench_page.now_on") : longDay(first.on),
          })}
        </p>
      )}
      {looks.length > 0 && <p className="note mb-2">{say("bench_page.the_plan_follows_what_you_tick")}</p>}
      <Button
        look="quiet"
        className="mb-2 min-h-11"
        disabled={act.isPending}
        onClick={() => {
          after.current = true;
          act.mutate(undefined, { onError: () => (after.current = false) });
        }}
      >
        {say("bench_page.record_and_plan_a_treatment")}
      </Button>
      <p className="mb-2">
        <Link to="/g/$garden/ails/$lot" params={{ garden: garden.id, lot: lot.id }} onClick={close}>
          {say("bench_page.find_out_what_ails_it")} →
        </Link>
      </p>
      <p className="note">
        {say("bench_page.a_reading_tells_more")}{" "}
        <Link
          to="/g/$garden/bench/$lot"
          params={{ garden: garden.id, lot: lot.id }}
          search={{ tab: "health" }}
          onClick={close}
        >
          {say("bench_page.take_one")} →
        </Link>
      </p>
    </Form>
  );
}
