import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, call, type Garden, type Lot, type Problem } from "../../api";
import { labelAddressQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { Panel } from "../../ui/Panel";
import { Segmented } from "../../ui/Segmented";
import { Trouble } from "../../ui/States";

type Paper = "a4_24" | "letter_30" | "strips";

const PAPERS: { value: Paper; label: string }[] = [
  { value: "a4_24", label: "adhesive, 24 of 70 × 37 mm on A4" },
  { value: "letter_30", label: "adhesive, 30 of 2⅝ × 1 in on letter paper" },
  { value: "strips", label: "strips of card to cut and stick in, 135 × 24 mm" },
];

/** Labels for pots, with a code that opens the lot. */
export function Labels({ lots, garden, close }: { lots: Lot[]; garden: Garden; close: () => void }) {
  const [paper, setPaper] = useState<Paper>(garden.unitHabit === "us" ? "letter_30" : "a4_24");
  const [eachPot, setEachPot] = useState(false);
  const [used, setUsed] = useState({ text: "", unit: "" });
  const pots = lots.reduce((n, l) => n + l.pots, 0);
  const make = useMutation<Blob, Problem>({
    mutationFn: () =>
      call(
        api.GET("/api/gardens/{garden}/labels.pdf", {
          params: {
            path: { garden: garden.id },
            query: { lot: lots.map((l) => l.id), paper, eachPot, used: used.text },
          },
          parseAs: "blob",
        }),
      ) as unknown as Promise<Blob>,
    onSuccess: (file) => {
      const link = document.createElement("a");
      link.href = URL.createObjectURL(file);
      link.download = `${garden.name} labels.pdf`;
      link.click();
      URL.revokeObjectURL(link.href);
    },
  });
  const faults = make.error?.faults ?? [];
  const own = make.error && (make.error.retry || faults.some((f) => f.field !== "labels.used"));
  const count = eachPot ? pots : lots.length;
  return (
    <Panel title={`Labels: ${lots.length === 1 ? lots[0]!.name : `${lots.length} lots`}`} close={close}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          make.mutate();
        }}
      >
        <p className="note mb-2">
          Name, botanical name, mix and since when; and a code that a phone’s camera opens the lot by.
        </p>
        <ChoiceField
          label="Printed on"
          field="labels.paper"
          faults={[]}
          value={paper}
          onChange={(v) => setPaper(PAPERS.find((p) => p.value === v)?.value ?? "a4_24")}
          options={PAPERS}
        />
        {pots > lots.length && (
          <div className="mb-2">
            <Segmented
              label="How many"
              value={eachPot ? "pot" : "lot"}
              onChange={(v) => setEachPot(v === "pot")}
              options={[
                { value: "lot", label: `one a lot: ${lots.length}` },
                { value: "pot", label: `one a pot: ${pots}` },
              ]}
            />
          </div>
        )}
        <NumberField
          label="Labels already used on the first sheet"
          field="labels.used"
          faults={faults}
          value={used}
          onChange={setUsed}
          placeholder="0"
          hint="Counted by rows from the top left. Print at full size, not fitted to the page."
        />
        <Leads />
        {own && <Trouble problem={make.error} />}
        <div className="mt-3 flex items-center gap-3">
          <Button look="ink" type="submit" disabled={make.isPending} className="min-h-11">
            {make.isPending ? "Making …" : count === 1 ? "Make the label" : `Make ${count} labels`}
          </Button>
          <Button look="quiet" onClick={close}>
            {make.isSuccess ? "Close" : "Leave it"}
          </Button>
          {make.isSuccess && <span role="status">In your downloads, as PDF.</span>}
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
      <span className="text-stop">▲</span> The codes lead to <span className="fig break-all">{to.address}</span>, which
      only this machine can open. For a phone, start Even Cistern with an address of your network first (see the guide,
      “On a phone at the bench”), then make the labels.
    </p>
  ) : (
    <p className="note">
      The codes lead to <span className="fig break-all">{to.address}</span>.
    </p>
  );
}
