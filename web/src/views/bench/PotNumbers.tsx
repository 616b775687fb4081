import type { Care } from "../../api";
import { PotSection } from "../../parts/PotSection";
import { Worked } from "../../parts/Worked";
import { say } from "../../text";
import { figures } from "../../text/numbers";
import { Line } from "./Line";
import type { LotWork } from "./useLotWork";

/** The pot cut open, with the water and the air in it; its plant above it where that is asked for. */
export function PotDrawn({ care, work, planted = false }: { care: Care; work: LotWork; planted?: boolean }) {
  const w = care.water;
  return (
    <PotSection
      layers={care.layers}
      potHeightCm={w.potHeightCm}
      topWidthCm={w.topWidthCm}
      shown={work.shown}
      plant={planted ? w.size : undefined}
    />
  );
}

/** Through what a pot loses its water, in per cent of it. */
function share(of: number, size: Care["water"]["size"]): string {
  return figures((100 * of) / (size.plant + size.mix + size.wall));
}

/** What the pot holds and loses. */
export function PotNumbers({ care, work }: { care: Care; work: LotWork }) {
  const { shown, open } = work;
  const w = care.water;
  return (
    <dl className="m-0">
      <Line label={say("bench_page.mix_in_pot")}>
        <Worked step="pot.volume" open={open}>
          {shown.litres(w.mixLitres)}
        </Worked>
      </Line>
      <Line label={say("bench_page.weighs_drained")}>
        <Worked step="media.weight" open={open}>
          {shown.kilograms(w.wetKg)}
        </Worked>
      </Line>
      <Line term="drained_water" label={say("bench_page.drained_water")}>
        <Worked step="media.capacity" open={open}>
          {figures(w.capacityPercent)} %
        </Worked>
      </Line>
      <Line term="drained_air" label={say("bench_page.drained_air")}>
        <Worked step="media.capacity" open={open}>
          {figures(w.airPercent)} %
        </Worked>{" "}
        <span className="note fig">± {Math.round(w.airPlusMinusPercent)}</span>
      </Line>
      <Line term="available" label={say("bench_page.available")}>
        <Worked step="media.available" open={open}>
          {shown.litres(w.availableLitres)}
        </Worked>
      </Line>
      <Line label={say("bench_page.daily_use")}>
        <Worked step="water.daily" open={open}>
          {shown.litres(w.dailyLitres)}
        </Worked>{" "}
        <span className="note fig">
          {shown.litres(w.dailyLow)}–{shown.litres(w.dailyHigh)}
        </span>
        <span className="note block">
          {say("bench_page.through_plant_mix_wall", {
            plant: share(w.size.plant, w.size),
            mix: share(w.size.mix, w.size),
            wall: w.size.wall > 0 ? share(w.size.wall, w.size) : "none",
          })}
        </span>
      </Line>
    </dl>
  );
}
