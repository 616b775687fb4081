import { Link } from "@tanstack/react-router";
import { useQuery } from "@tanstack/react-query";
import type { Care } from "../../api";
import { mixesQuery } from "../../api/queries";
import { say, words } from "../../text";
import { mixName } from "../../text/mixes";
import { blankSizes } from "./lotInput";
import type { LotWork } from "./useLotWork";

/** Everything about a lot that nobody told, each with what is taken in its place. */
export function useAssumed({ input: i, garden, feed, shown }: LotWork, care: Care | undefined): string[] {
  const mixes = useQuery(mixesQuery(garden.id)).data;
  const blank = blankSizes(i.pot);
  return [
    i.assumed?.includes("mix") && mixName(mixes, i.mix),
    i.assumed?.includes("water") && (garden.waters.find((w) => w.id === i.waterId)?.name ?? ""),
    i.assumed?.includes("feed") && (feed?.name ?? say("bench_page.none_plain_water")),
    i.assumed?.includes("material") &&
      say("bench_page.made_of_material", { material: words("materials", i.pot.material ?? "PLASTIC") }),
    care &&
      blank.includes("height") &&
      say("bench_page.pot_so_high", { high: shown.centimetres(care.water.potHeightCm) }),
    care &&
      blank.includes("base") &&
      say("bench_page.so_wide_at_the_base", { wide: shown.centimetres(care.water.baseWidthCm) }),
    care &&
      !i.spread?.text.trim() &&
      say("bench_page.plant_so_wide", { wide: shown.centimetres(care.water.size.spreadCm) }),
  ].filter((a): a is string => Boolean(a));
}

/** The values that were taken for granted, in one line that opens, and the way to tell what they really are. */
export function Assumed({ work, care }: { work: LotWork; care: Care }) {
  const assumed = useAssumed(work, care);
  if (assumed.length === 0) return null;
  return (
    <details className="note mt-2">
      <summary className="min-h-8 cursor-pointer underline decoration-rule-strong underline-offset-4">
        {say("bench_page.values_assumed", { count: assumed.length })}
      </summary>
      <p>
        {assumed.join(" · ")}{" "}
        <Link to="." search={(s) => ({ ...s, tab: "pot" })}>
          {say("bench_page.say_what_they_are")}
        </Link>
      </p>
    </details>
  );
}
