import type { Typed } from "../api";
import { words, say } from "../text";
import { Button } from "./Button";

type Plain = Record<string, unknown>;

function isTyped(v: unknown): v is Typed {
  return typeof v === "object" && v !== null && "text" in v && "unit" in v;
}

/** A form as lines of name and value, for two of them to be laid side by side. */
function lines(form: Plain, named: (id: string) => string | undefined, prefix = ""): Map<string, string> {
  const all = new Map<string, string>();
  for (const [key, v] of Object.entries(form)) {
    if (key === "id" || key === "version" || v === undefined || v === null) continue;
    const name = prefix ? `${prefix}.${key}` : key;
    if (isTyped(v)) {
      if (v.text.trim()) all.set(name, `${v.text} ${v.unit}`.trim());
    } else if (Array.isArray(v))
      all.set(name, v.map((x) => (typeof x === "object" ? JSON.stringify(x) : String(x))).join(", "));
    else if (typeof v === "object") lines(v as Plain, named, key).forEach((value, k) => all.set(k, value));
    else all.set(name, named(String(v)) ?? String(v));
  }
  return all;
}

/** Someone else changed it meanwhile: both are shown, and a person chooses. */
export function Conflict({
  mine,
  theirs,
  named,
  keep,
  take,
}: {
  mine: Plain;
  theirs: Plain;
  /** The name behind an id, as of a place. */
  named: (id: string) => string | undefined;
  keep: () => void;
  take: () => void;
}) {
  const a = lines(mine, named);
  const b = lines(theirs, named);
  const differ = [...new Set([...a.keys(), ...b.keys()])].filter((k) => a.get(k) !== b.get(k));
  return (
    <div role="alert" className="stamp my-2 border-l-4 border-stop p-2">
      <div className="bg-ground p-2">
        <p className="mb-1 font-semibold">{say("frame.this_was_changed_meanwhile_in_another")}</p>
        <table className="w-full border-collapse text-left text-sm">
          <thead>
            <tr className="note border-b border-rule-strong">
              <th className="font-semibold">{say("frame.differs")}</th>
              <th className="font-semibold">{say("frame.yours")}</th>
              <th className="font-semibold">{say("common.saved")}</th>
            </tr>
          </thead>
          <tbody>
            {differ.map((k) => (
              <tr key={k} className="border-b border-rule align-top">
                <td className="pr-2">{words("inputs", k)}</td>
                <td className="fig pr-2">{a.get(k) ?? "–"}</td>
                <td className="fig">{b.get(k) ?? "–"}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <div className="mt-2 flex flex-wrap gap-2">
          <Button look="ink" onClick={keep}>
            {say("frame.save_mine_over_it")}
          </Button>
          <Button onClick={take}>{say("frame.take_what_is_saved")}</Button>
        </div>
      </div>
    </div>
  );
}
