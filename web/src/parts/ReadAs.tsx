import type { LabelAnswer } from "../api";
import { words, say } from "../text";

const LINES: Record<string, string> = {
  amount: "border-feed bg-feed-wash",
  per_water: "border-water bg-water-wash",
  per_pot: "border-ink border-dashed",
  per_mix: "border-ink border-dotted",
  per_plant: "border-ink border-dashed",
  per_area: "border-ink border-dashed",
  per_height: "border-ink border-dashed",
  use: "border-rule-strong border-double font-semibold",
  rhythm: "border-ink",
  noted: "border-rule-strong border-dotted",
  ignored: "border-rule text-soft",
  unknown: "border-stop stamp font-semibold",
};

/** The sentence with its understanding on the words themselves: neighbours of one role share a line and a caption. */
export function ReadAs({ sentence, spans }: { sentence: string; spans: LabelAnswer["spans"] }) {
  const runs: { role: string; start: number; end: number }[] = [];
  for (const s of spans) {
    const last = runs[runs.length - 1];
    if (last && last.role === s.role) last.end = s.end;
    else runs.push({ ...s });
  }
  return (
    <p
      className="flex flex-wrap items-start gap-x-2 gap-y-3 text-xl"
      aria-label={say("parts.how_the_sentence_was_understood")}
    >
      {runs.map((r) => (
        <span key={r.start} className="max-w-full">
          <span translate="no" className={`block border-b-4 px-0.5 break-words ${LINES[r.role] ?? ""}`}>
            {sentence.slice(r.start, r.end)}
          </span>
          {/[\p{L}\p{N}]/u.test(sentence.slice(r.start, r.end)) || r.role === "unknown" ? (
            <span className={`block text-xs ${r.role === "unknown" ? "text-stop" : "text-soft"}`}>
              {r.role === "unknown" ? "▲ " : ""}
              {words("roles", r.role)}
            </span>
          ) : null}
        </span>
      ))}
    </p>
  );
}
