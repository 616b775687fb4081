import { Link } from "@tanstack/react-router";
import { say } from "../text";
import { keepDraft } from "../ui/useDraft";
import { DOSE_BLANK, doseDraft, type DoseDraft, WATER_BLANK, waterDraft, type WaterDraft } from "./begun";

const LOOK = "inline-block leading-8 underline underline-offset-4";

/** To the page of doses, with the feed, plant and water one comes from. */
export function ToDoses({ garden, from }: { garden: string; from: Partial<DoseDraft> }) {
  return (
    <Link
      to="/g/$garden/feeds/dose"
      params={{ garden }}
      className={LOOK}
      onClick={() => keepDraft<DoseDraft>(doseDraft(garden), { ...DOSE_BLANK, ...from })}
    >
      {say("parts.the_dose_in_every_can")} →
    </Link>
  );
}

/** To the page of the waters, with the water, plant and pot one comes from. */
export function ToWater({ garden, from }: { garden: string; from: Partial<WaterDraft> }) {
  return (
    <Link
      to="/g/$garden/feeds/water"
      params={{ garden }}
      className={LOOK}
      onClick={() => keepDraft<WaterDraft>(waterDraft(garden), { ...WATER_BLANK, ...from })}
    >
      {say("parts.whether_this_water_suits")} →
    </Link>
  );
}
