import { useQuery } from "@tanstack/react-query";
import type { Fault, KindAsk } from "../api";
import { guideQuery } from "../api/queries";
import { say } from "../text";
import { askOfKind, kindChoices, kindOf, poisonOf } from "../text/plants";
import { SearchField } from "../ui/SearchField";

type Props = {
  garden: string;
  label: string;
  faults: Fault[];
  value: string;
  onChange: (key: string) => void;
  /** What stands first in the list where no plant need be chosen. */
  none?: string;
  row?: boolean;
  /** Whether its botanical name and its poison are told below. */
  hinted?: boolean;
};

/** A plant of the guide, chosen group by group. */
export function PlantField({ garden, label, faults, value, onChange, none, row, hinted }: Props) {
  const guide = useQuery(guideQuery(garden)).data;
  const kind = kindOf(guide, value);
  return (
    <SearchField
      label={label}
      field="species"
      faults={faults}
      value={value}
      onChange={onChange}
      invite={say("frame.find_a", { one: "plant" })}
      empty={say("parts.which_plant")}
      {...(row ? { row } : {})}
      hint={
        hinted &&
        guide &&
        kind && (
          <>
            <i>{kind.scientific}</i> · {poisonOf(guide, kind).said}
          </>
        )
      }
      options={[...(none ? [{ value: "", label: none }] : []), ...(guide ? kindChoices(guide, value) : [])]}
    />
  );
}

/** A plant by its key as the rules ask for it, once the guide is there. */
export function useKindAsk(garden: string, key: string, traits?: Record<string, string>): KindAsk | undefined {
  return askOfKind(useQuery(guideQuery(garden)).data, key, traits);
}
