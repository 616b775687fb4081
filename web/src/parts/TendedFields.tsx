import type { Fault, Tended } from "../api";
import { words, say } from "../text";
import { TextField } from "../ui/Fields";
import { Segmented } from "../ui/Segmented";

const FOUND = ["nothing", "few", "many"] as const;
const MINDED = ["pesticide_label", "not_in_flower", "not_on_food"] as const;

/** What was found and what was used; with a product come the words on products. */
export function TendedFields({
  look,
  tended,
  change,
  faults,
}: {
  look: boolean;
  tended: Tended;
  change: (t: Tended) => void;
  faults: Fault[];
}) {
  return (
    <>
      {look && (
        <div className="mb-2">
          <p className="text-sm">{say("parts.pests_found")}</p>
          <Segmented
            label={say("parts.pests_found")}
            value={tended.found ?? "nothing"}
            onChange={(v) => change({ ...tended, found: FOUND.find((f) => f === v) })}
            options={FOUND.map((f) => ({ value: f, label: words("found", f) }))}
          />
        </div>
      )}
      <TextField
        label={say("parts.a_product_was_used")}
        field="tended.product"
        faults={faults}
        value={tended.product ?? ""}
        onChange={(v) => change({ ...tended, product: v })}
        placeholder={say("common.none")}
      />
      {tended.product?.trim() && (
        <ul className="mb-1 list-none p-0 text-sm" role="note">
          {MINDED.map((c) => (
            <li key={c}>▲ {words("cautions", c)}</li>
          ))}
        </ul>
      )}
    </>
  );
}
