import type { Catalogue, Fault, Garden } from "../../api";
import { LotField } from "../../parts/LotField";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Fields";
import { Panel } from "../../ui/Panel";
import { PotFields } from "../../parts/PotFields";
import { say } from "../../text";
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
  return (
    <Panel title={pot.name} close={close}>
      <LotField
        garden={garden.id}
        label={say("mixes_page.the_pot_of_a_lot")}
        invite={say("mixes_page.or_describe_it_below")}
        onChange={(lot) => change({ name: lot.name, pot: lot.pot })}
      />
      <TextField
        label={say("mixes_page.called")}
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
        {say("common.done")}
      </Button>
    </Panel>
  );
}
