import type { MixInPot } from "../../api";
import { words, say } from "../../text";
import { figures, type Shown } from "../../text/numbers";

type Reason = NonNullable<MixInPot["suits"]>["reasons"][number];

const MARKS: Record<string, string> = { for: "✓", near: "○", against: "▲" };

function amount(value: number, unit: string, shown: Shown): string {
  if (unit === "kg") return shown.kilograms(value);
  if (unit === "d")
    return value < 1
      ? say("mixes_page.hours", { value: figures(value * 24, 1) })
      : say("mixes_page.days", { value: figures(value, 2) });
  if (unit === "yr")
    return value < 1.5
      ? say("mixes_page.months", { value: figures(value * 12, 1) })
      : say("mixes_page.value_years", { value: figures(value) });
  return unit === "pH" ? value.toFixed(1) : `${figures(value)}\u00a0${unit}`;
}

function said(r: Reason, shown: Shown): string {
  return words("reasons", `${r.aspect}_${r.voice}`, {
    value: amount(r.value, r.unit, shown),
    wanted: amount(r.wanted, r.unit, shown),
  });
}

/** What speaks for and against the mix, pot by pot. */
export function Suits({
  pots,
  plant,
  shown,
}: {
  pots: { name: string; mix: MixInPot }[];
  plant: string;
  shown: Shown;
}) {
  const judged = pots.flatMap((p) => (p.mix.suits ? [{ name: p.name, suits: p.mix.suits }] : []));
  const first = judged[0];
  if (!first) return null;
  return (
    <section aria-label={say("mixes_page.does_it_suit", { plant })} className="mb-4">
      <h2 className="head">{say("mixes_page.does_it_suit_plant", { plant: plant.toLowerCase() })}</h2>
      <div className="grid gap-x-6 sm:grid-cols-2 xl:grid-cols-3">
        {judged.map((j, i) => (
          <div key={`${i} ${j.name}`}>
            <p className="text-sm font-semibold">
              {j.name}:{" "}
              {say(
                j.suits.suits
                  ? "mixes_page.it_suits"
                  : j.suits.suitsCorrected
                    ? "mixes_page.it_suits_corrected"
                    : "mixes_page.something_speaks_against_it",
              )}
            </p>
            <ul className="m-0 list-none p-0">
              {j.suits.reasons.map((r) => (
                <li key={r.aspect} className={`note ${r.voice === "against" ? "!text-stop" : ""}`}>
                  {MARKS[r.voice]} {said(r, shown)}
                </li>
              ))}
            </ul>
          </div>
        ))}
      </div>
      <p className="note mt-1">{words("schools", first.suits.school)}</p>
    </section>
  );
}
