import { say, words } from "../text";

/** Cautions that hold for every feed and act alike; all others are of this one. */
const GENERAL = ["label_first", "keep_from_children", "gloves_and_eyes", "dust", "runoff_out_of_drains"];

/** What can hurt someone here: what is specific to this act in full, what holds always in a line that opens. */
export function Cautions({ ids, open }: { ids: string[]; open?: boolean }) {
  const specific = ids.filter((id) => !GENERAL.includes(id));
  const [first, ...others] = GENERAL.filter((id) => ids.includes(id));
  if (ids.length === 0) return null;
  return (
    <section aria-label={say("common.cautions")} className="mt-3 border-t border-stop pt-2 text-sm">
      <ul className="m-0 list-none p-0">
        {specific.map((id) => (
          <li key={id}>▲ {words("cautions", id)}</li>
        ))}
        {first && others.length === 0 && <li className="note">▲ {words("cautions", first)}</li>}
      </ul>
      {first && others.length > 0 && (
        <details className="note" open={open}>
          <summary className="min-h-6 cursor-pointer">
            {words("cautions", first)} {say("parts.more_cautions", { count: others.length })}
          </summary>
          <ul className="m-0 list-none p-0">
            {others.map((id) => (
              <li key={id}>▲ {words("cautions", id)}</li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
