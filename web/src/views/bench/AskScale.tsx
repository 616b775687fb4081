import { useState } from "react";
import { api, call, type Catalogue, type Garden, type Meter } from "../../api";
import { useAct } from "../../api/queries";
import { plain } from "../../text/numbers";
import { Segmented } from "../../ui/Segmented";
import { say } from "../../text";
import { Trouble } from "../../ui/States";

/** Asked once for each meter: ppm of what? */
export function AskScale({ garden, catalogue, meter }: { garden: Garden; catalogue: Catalogue; meter: Meter }) {
  const [chosen, setChosen] = useState("");
  const tell = useAct(garden.id, (scale: string) =>
    call(
      api.PUT("/api/gardens/{garden}/meters", {
        params: { path: { garden: garden.id } },
        body: {
          id: meter.id,
          name: meter.name,
          version: meter.version,
          scale,
          compensates: meter.compensates,
          probeSince: meter.probeSince,
          everyDays: meter.everyDays === undefined ? undefined : { text: String(meter.everyDays), unit: "d" },
          port: meter.port === undefined ? undefined : { text: String(meter.port), unit: "" },
          phPlusMinus: meter.typed?.["phPlusMinus"] ?? { text: plain(meter.phPlusMinus), unit: "pH" },
          ecPlusMinus: meter.typed?.["ecPlusMinus"] ?? { text: plain(meter.ecPlusMinus), unit: "%" },
        },
      }),
    ),
  );
  return (
    <fieldset className="mb-3 border-2 border-stop p-2">
      <legend className="px-1">{say("bench_page.which_scale_does_this_meter_print")}</legend>
      <p className="note mb-2">{say("bench_page.the_same_water_reads_500_640")}</p>
      <Segmented
        label={say("bench_page.scale_of_the_meter")}
        value={chosen}
        onChange={(v) => {
          setChosen(v);
          tell.mutate(v);
        }}
        options={catalogue.scales.map((s) => ({ value: s.id, label: s.id.slice(3) }))}
      />
      {tell.isError && <Trouble problem={tell.error} />}
    </fieldset>
  );
}
