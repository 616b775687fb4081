import type { ReactNode } from "react";
import type { Fault, Garden, Water } from "../../api";
import { say } from "../../text";
import { ChoiceField } from "../../ui/Fields";

/** Which of the garden's waters a feed is mixed into. */
export function WaterChoice({
  garden,
  water,
  faults,
  choose,
  hint,
}: {
  garden: Garden;
  water: Water;
  faults: Fault[];
  choose: (id: string) => void;
  hint?: ReactNode;
}) {
  return (
    <ChoiceField
      label={say("common.in")}
      field="water"
      faults={faults}
      value={water.id}
      onChange={choose}
      options={garden.waters.filter((w) => !w.retired).map((w) => ({ value: w.id, label: w.name }))}
      hint={hint}
    />
  );
}
