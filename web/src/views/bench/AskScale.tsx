import { useState } from "react";
import { api, call, type Catalogue, type Garden, type Meter } from "../../api";
import { useAct } from "../../api/queries";
import { plain } from "../../text/numbers";
import { Segmented } from "../../ui/Segmented";
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
      <legend className="px-1">▲ Which scale does this meter print?</legend>
      <p className="note mb-2">
        The same water reads 500, 640 or 700 ppm. It is in the meter's leaflet, or on its back. Asked once.
      </p>
      <Segmented
        label="Scale of the meter"
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
