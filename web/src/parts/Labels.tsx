import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, call, type Garden, type Problem } from "../api";
import { labelAddressQuery } from "../api/queries";
import { Button } from "../ui/Button";
import { ChoiceField, NumberField } from "../ui/Fields";
import { Panel } from "../ui/Panel";
import { Segmented } from "../ui/Segmented";
import { say, rich, type Key } from "../text";
import { Trouble } from "../ui/States";
import type { Labelled } from "./labelled";

type Paper = "a4_24" | "letter_30" | "strips";

const PAPERS: { value: Paper; label: Key }[] = [
  {
    value: "a4_24",
    label: "bench_page.adhesive_24_of_70_37_mm",
  },
  {
    value: "letter_30",
    label: "bench_page.adhesive_30_of_2_1_in",
  },
  {
    value: "strips",
    label: "bench_page.strips_of_card_to_cut_and",
  },
];

/** Labels for pots, with a code that opens the lot or the batch. */
export function Labels({ of, garden, close }: { of: Labelled; garden: Garden; close: () => void }) {
  const [paper, setPaper] = useState<Paper>(garden.unitHabit === "us" ? "letter_30" : "a4_24");
  const [eachPot, setEachPot] = useState("batch" in of.ids);
  const [used, setUsed] = useState({ text: "", unit: "" });
  const make = useMutation<Blob, Problem>({
    mutationFn: () =>
      call(
        api.GET("/api/gardens/{garden}/labels.pdf", {
          params: {
            path: { garden: garden.id },
            query: { lot: [], ...of.ids, paper, eachPot, used: used.text },
          },
          parseAs: "blob",
        }),
      ) as unknown as Promise<Blob>,
    onSuccess: (file) => {
      const link = document.createElement("a");
      link.href = URL.createObjectURL(file);
      link.download = say("bench_page.labels_pdf", { name: garden.name });
      link.click();
      URL.revokeObjectURL(link.href);
    },
  });
  const faults = make.error?.faults ?? [];
  const own = make.error && (make.error.retry || faults.some((f) => f.field !== "labels.used"));
  const count = eachPot ? of.pots : of.count;
  return (
    <Panel title={say("bench_page.labels_name", { name: of.name })} close={close}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          make.mutate();
        }}
      >
        <p className="note mb-2">
          {say(
            "batch" in of.ids ? "bench_page.number_mix_pot_and_day" : "bench_page.name_botanical_name_mix_and_since",
          )}
        </p>
        <ChoiceField
          label={say("bench_page.printed_on")}
          field="labels.paper"
          faults={[]}
          value={paper}
          onChange={(v) => setPaper(PAPERS.find((p) => p.value === v)?.value ?? "a4_24")}
          options={PAPERS.map((p) => ({ value: p.value, label: say(p.label) }))}
        />
        {of.pots > of.count && (
          <div className="mb-2">
            <Segmented
              label={say("bench_page.how_many")}
              value={eachPot ? "pot" : "lot"}
              onChange={(v) => setEachPot(v === "pot")}
              options={[
                {
                  value: "lot",
                  label: say("batch" in of.ids ? "bench_page.one_a_kind_of_pot" : "bench_page.one_a_lot", {
                    count: of.count,
                  }),
                },
                { value: "pot", label: say("bench_page.one_a_pot", { pots: of.pots }) },
              ]}
            />
          </div>
        )}
        <NumberField
          label={say("bench_page.labels_already_used_on_the_first")}
          field="labels.used"
          faults={faults}
          value={used}
          onChange={setUsed}
          placeholder="0"
          hint={say("bench_page.counted_by_rows_from_the_top")}
        />
        <Leads />
        {own && <Trouble problem={make.error} />}
        <div className="mt-3 flex items-center gap-3">
          <Button look="ink" type="submit" disabled={make.isPending} className="min-h-11">
            {make.isPending
              ? say("bench_page.making")
              : count === 1
                ? say("bench_page.make_the_label")
                : say("bench_page.make_labels", { count })}
          </Button>
          <Button look="quiet" onClick={close}>
            {make.isSuccess ? say("common.close") : say("common.leave_it")}
          </Button>
          {make.isSuccess && <span role="status">{say("bench_page.in_your_downloads_as_pdf")}</span>}
        </div>
      </form>
    </Panel>
  );
}

/** Where the codes lead, and a warning where no phone can follow. */
function Leads() {
  const to = useQuery(labelAddressQuery).data;
  if (!to) return null;
  return to.hereOnly ? (
    <p className="text-sm">
      {rich("bench_page.the_codes_lead_to_which_only", {
        part: (c) => <span className="text-stop">{c}</span>,
        part2: (c) => <span className="fig break-all">{c}</span>,
        address: to.address,
      })}
    </p>
  ) : (
    <p className="note">
      {rich("bench_page.the_codes_lead_to", {
        part: (c) => <span className="fig break-all">{c}</span>,
        address: to.address,
      })}
    </p>
  );
}
