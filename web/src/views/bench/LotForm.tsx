import { useQuery } from "@tanstack/react-query";
import { mixesQuery } from "../../api/queries";
import { PlantField } from "../../parts/PlantField";
import { say } from "../../text";
import { mixChoices } from "../../text/mixes";
import { ChoiceField, DateField, NumberField, TextField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { useAssumed } from "./Assumed";
import { FeedChoice } from "./Feeding";
import { offered, planted, tell } from "./lotInput";
import { SizeFields } from "./SizeFields";
import { WateringFields } from "./WateringFields";
import { BARE_ROOTED } from "./ways";
import { LotFields } from "./LotSave";
import { PotFields, PotWidth, widthLabel } from "../../parts/PotFields";
import type { LotWork } from "./useLotWork";

/** A lot that is not there yet: plant, width and place are asked; all else is taken for granted and opens in one line. */
export function NewLotForm({ work }: { work: LotWork }) {
  const assumed = useAssumed(work, work.live.answer);
  // a copy of another lot has everything told already
  const told = work.input.assumed?.length === 0;
  return (
    <LotFields work={work} label={say("bench_page.lot")}>
      <Plant work={work} />
      <PotWidth {...pot(work)} label={say(widthLabel(work.input.pot.shape))} />
      <Place work={work} />
      <Name work={work} />
      <details open={told}>
        <summary className="mb-1 min-h-8 cursor-pointer text-sm underline decoration-rule-strong underline-offset-4">
          {assumed.length > 0
            ? say("bench_page.assumed_until_told", { assumed: assumed.join(" · ") })
            : say("bench_page.all_about_it")}
        </summary>
        <Rest work={work} widthless />
        <FeedChoice work={work} />
      </details>
    </LotFields>
  );
}

/** What a lot is, where it stands and in what. */
export function LotForm({ work }: { work: LotWork }) {
  return (
    <>
      <Name work={work} />
      <Plant work={work} />
      <Rest work={work} />
      <Place work={work} />
    </>
  );
}

function pot({ input, change, faults }: LotWork) {
  return {
    pot: input.pot,
    faults,
    change: (part: Partial<LotWork["input"]["pot"]>) =>
      change({ ...("material" in part ? tell(input, "material") : {}), pot: { ...input.pot, ...part } }),
  };
}

function Name({ work: { input, change, faults, kind } }: { work: LotWork }) {
  const on = fieldsOf(input, change, faults);
  return (
    <TextField
      label={say("common.name")}
      placeholder={kind?.name ?? say("bench_page.fern_by_the_sink")}
      {...on("name", "lot.name")}
    />
  );
}

function Plant({ work: { input, change, faults, garden, guide } }: { work: LotWork }) {
  return (
    <PlantField
      garden={garden.id}
      label={say("common.plant")}
      faults={faults}
      value={input.species}
      onChange={(species) => change(planted(input, guide, species))}
      hinted
    />
  );
}

function Place({ work: { input, change, faults, garden } }: { work: LotWork }) {
  const on = fieldsOf(input, change, faults);
  return (
    <ChoiceField
      row
      label={say("common.place")}
      options={offered(garden.places, input.placeId).map((p) => ({ value: p.id, label: p.name }))}
      {...on.choice("placeId", "lot.place")}
    />
  );
}

/** Number of pots, pot, size of the plant, mix, water, warmth, and what was done before. */
function Rest({ work, widthless }: { work: LotWork; widthless?: boolean }) {
  const { input, change, faults, garden, catalogue, shown, live } = work;
  const mixes = useQuery(mixesQuery(garden.id)).data;
  const water = live.answer?.water;
  const way = input.watering?.way.toLowerCase() ?? water?.way.id ?? "top";
  const on = fieldsOf(input, change, faults);
  return (
    <>
      <NumberField row label={say("bench_page.pots_2")} shownUnit="" {...on("pots", "lot.pots")} />
      <PotFields
        {...pot(work)}
        catalogue={catalogue}
        widthless={widthless ?? false}
        usual={
          water && {
            base: shown.centimetres(water.baseWidthCm),
            height: shown.centimetres(water.potHeightCm),
          }
        }
        materialAssumed={input.assumed?.includes("material") ?? false}
      />
      <SizeFields work={work} care={live.answer} />
      <ChoiceField
        label={say("bench_page.mix")}
        field="mix"
        faults={faults}
        value={input.mix}
        assumed={input.assumed?.includes("mix") ?? false}
        onChange={(mix) => change({ ...tell(input, "mix"), mix })}
        options={mixChoices(mixes, input.mix, BARE_ROOTED.includes(way))}
      />
      <ChoiceField
        row
        label={say("common.water")}
        field="lot.water"
        faults={faults}
        value={input.waterId}
        assumed={input.assumed?.includes("water") ?? false}
        onChange={(waterId) => change({ ...tell(input, "water"), waterId })}
        options={offered(garden.waters, input.waterId).map((w) => ({ value: w.id, label: w.name }))}
      />
      <WateringFields work={work} care={live.answer} />
      <NumberField
        label={say("bench_page.warmth_of_the_mix")}
        units={["°C", "°F"]}
        placeholder={say("bench_page.as_the_air")}
        {...on.typed("mixWarmth", "lot.mix_warmth", garden.unitHabit === "us" ? "°F" : "°C")}
      />
      <div className="grid grid-cols-2 gap-2">
        <DateField label={say("bench_page.last_repotted")} {...on("repottedOn", "lot.repotted")} />
        <DateField label={say("bench_page.watered_last_before_this")} {...on("wateredBefore", "lot.watered_before")} />
      </div>
    </>
  );
}
