import type { Fault } from "../api";
import { say } from "../text";
import { SearchField } from "../ui/SearchField";

export const ZONES = Intl.supportedValuesOf("timeZone");

/** One of the time zones this browser knows, and the one that is set already. */
export function ZoneField({
  value,
  onChange,
  faults,
}: {
  value: string;
  onChange: (zone: string) => void;
  faults: Fault[];
}) {
  return (
    <SearchField
      label={say("common.time_zone")}
      field="garden.time_zone"
      faults={faults}
      value={value}
      onChange={onChange}
      invite={say("parts.a_town_or_a_part_of_the_world")}
      options={(ZONES.includes(value) ? ZONES : [value, ...ZONES]).map((z) => ({
        value: z,
        label: z.replaceAll("_", " "),
      }))}
    />
  );
}
