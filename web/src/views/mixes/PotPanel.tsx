import { useQuery } from "@tanstack/react-query";
import type { Catalogue, Fault, Garden } from "../../api";
import { lotsQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { ChoiceField, TextField } from "../../ui/Fields";
import { Panel } from "../../ui/Panel";
import { PotFields } from "../bench/PotFields";
import type { LookedPot } from "./mixInput";

type Props = {
  pot: LookedPot;
  change: (pot: LookedPot) => void;
  close: () => void;
  garden: Garden;
  catalogue: Catalogue;
  faults: Fault[];
};

/** The pot a mix is looked at in: that of a lot, or described. */
export function PotPanel({ pot, change, close, garden, catalogue, faults }: Props) {
  const lots = useQuery(lotsQuery(garden.id)).data?.lots ?? [];
  return (
    <Panel title={pot.name} close={close}>
      <ChoiceField
        label="The pot of a lot"
        field="lot"
        faults={[]}
        value=""
        onChange={(id) => {
          const lot = lots.find((l) => l.id === id);
          if (lot) change({ name: lot.name, pot: lot.pot });
        }}
        options={[{ value: "", label: "or describe it below" }, ...lots.map((l) => ({ value: l.id, label: l.name }))]}
      />
      <TextField
        label="Called"
        field="lot.name"
        faults={[]}
        value={pot.name}
        onChange={(name) => change({ ...pot, name })}
      />
      <PotFields
        pot={pot.pot}
        change={(part) => change({ ...pot, pot: { ...pot.pot, ...part } })}
        faults={faults}
        catalogue={catalogue}
      />
      <Button look="ink" onClick={close}>
        Done
      </Button>
    </Panel>
  );
}
