import type { Care } from "../../api";
import { PotSection } from "../../parts/PotSection";
import { Worked } from "../../parts/Worked";
import { say } from "../../text";
import { figures, type Shown } from "../../text/numbers";
import { Line } from "./Line";
import type { LotWork } from "./useLotWork";
import { STORED } from "./ways";

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
      store={storeOf(w)}
    />
  );
}

/** The water that stands ready beside the mix: below the pot as wide as its floor, or in a tray half as wide again as it. */
function storeOf(w: Care["water"]) {
  if (!STORED.includes(w.way.id)) return undefined;
  const around = w.way.id === "standing";
  const circle = (d: number) => (Math.PI / 4) * d * d;
  const area = around ? circle(1.5 * w.topWidthCm) - circle(w.baseWidthCm) : circle(Math.max(w.baseWidthCm, 1));
  const deepCm = Math.min((1000 * w.way.besideLitres) / area, w.potHeightCm);
  return { around, deepCm, left: 1 - w.litresMissing / w.way.besideLitres };
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
      {!w.way.bare && (
        <Line label={say("bench_page.mix_in_pot")}>
          <Worked step="pot.volume" open={open}>
            {shown.litres(w.mixLitres)}
          </Worked>
        </Line>
      )}
      <Line label={say("bench_page.weighs_drained")}>
        <Worked step="media.weight" open={open}>
          {shown.kilograms(w.wetKg)}
        </Worked>
      </Line>
      {w.sunlit && (
        <Line label={say("bench_page.in_the_sun")}>
          {say("bench_page.about_celsius", { celsius: whole(shown, w.sunlit.mixC) })}
          <span className="note block">
            {say("bench_page.at_the_sunny_wall", { celsius: whole(shown, w.sunlit.wallC) })}
          </span>
        </Line>
      )}
      {!w.way.bare && <Held care={care} work={work} />}
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
            bare: w.way.bare ? "yes" : "no",
            wall: w.size.wall > 0 ? share(w.size.wall, w.size) : "none",
          })}
        </span>
      </Line>
    </dl>
  );
}

const whole = (shown: Shown, celsius: number) => `${shown.celsius(Math.round(celsius))}\u00a0${shown.degree}`;

/** What the mix in it holds when it is drained. */
function Held({ care, work: { shown, open } }: { care: Care; work: LotWork }) {
  const w = care.water;
  return (
    <>
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
    </>
  );
}
