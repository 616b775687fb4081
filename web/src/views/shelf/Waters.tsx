import { useState } from "react";
import { api, edit, type Garden, type Water, type WaterInput } from "../../api";
import { ToWater } from "../../parts/Carried";
import { plain } from "../../text/numbers";
import { WaterFields } from "./WaterFields";
import { waterInput } from "../../parts/waterInput";
import { say } from "../../text";
import { List, ThingForm } from "../../parts/things";

export function Waters({ garden, find }: { garden: Garden; find: string }) {
  return (
    <List
      title={say("shelf_page.waters")}
      one="water"
      items={garden.waters}
      find={find}
      line={(w) => (
        <>
          {w.name}{" "}
          <span className="note fig block">
            {say("shelf_page.ec_ms_cm_ph", { ec: plain(w.ec), ph: plain(w.ph) })}
            {w.alkalinity !== undefined && say("shelf_page.mg_l_caco", { alkalinity: plain(w.alkalinity) })}
          </span>
          <ToWater garden={garden.id} from={{ water: w.id }} />
        </>
      )}
      form={(w, id, close) => <WaterForm garden={garden} water={w} id={id} close={close} />}
    />
  );
}

function WaterForm({
  garden,
  water,
  id,
  close,
}: {
  garden: Garden;
  water: Water | undefined;
  id: string;
  close: () => void;
}) {
  const [input, setInput] = useState<WaterInput>(() => waterInput(water, id));
  return (
    <ThingForm
      garden={garden}
      kind="water"
      input={input}
      send={(body: WaterInput) =>
        edit(api.PUT("/api/gardens/{garden}/waters", { params: { path: { garden: garden.id } }, body }))
      }
      inputOf={(w: Water) => ({ ...waterInput(w, id) })}
      close={close}
    >
      {(faults) => (
        <WaterFields input={input} faults={faults} change={(part) => setInput((i) => ({ ...i, ...part }))} />
      )}
    </ThingForm>
  );
}
