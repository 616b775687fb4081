import { PlantField } from "../../parts/PlantField";
import { useState } from "react";
import type { Catalogue, Fault, Garden, MixAnswer } from "../../api";
import { PotRow } from "../../parts/PotRow";
import { words, say } from "../../text";
import type { Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import type { LookedPot } from "./mixInput";
import { PotPanel } from "./PotPanel";

const MOST = 6;

type Props = {
  pots: LookedPot[];
  change: (pots: LookedPot[]) => void;
  answer: MixAnswer;
  catalogue: Catalogue;
  garden: Garden;
  shown: Shown;
  faults: Fault[];
  species: string;
  setSpecies: (key: string) => void;
};

/** The mix in the pots it is meant for, drained, on one scale. */
export function Pots({ pots, change, answer, catalogue, garden, shown, faults, species, setSpecies }: Props) {
  const [edited, setEdited] = useState<number>();
  const drawn = pots.length === answer.pots.length ? answer.pots : [];
  const open = edited === undefined ? undefined : pots[edited];
  return (
    <div className="mb-4">
      <div className="mb-2 flex flex-wrap items-center justify-between gap-x-4 border-b border-water">
        <h2 className="head !mb-0 !border-0">{say("mixes_page.in_these_pots_drained")}</h2>
        <div className="w-72">
          <PlantField
            row
            garden={garden.id}
            label={say("mixes_page.for_the_plant")}
            faults={faults}
            value={species}
            onChange={setSpecies}
            none={say("mixes_page.no_plant_in_mind")}
          />
        </div>
        {pots.length < MOST && (
          <Button
            look="quiet"
            onClick={() => (
              change([...pots, { ...pots[pots.length - 1]!, name: say("mixes_page.another_pot") }]),
              setEdited(pots.length)
            )}
          >
            {say("mixes_page.add_a_pot")}
          </Button>
        )}
      </div>
      <PotRow
        shown={shown}
        pots={drawn.map((mix, i) => ({ name: pots[i]!.name, mix }))}
        foot={(i) => (
          <>
            {drawn[i]!.cautions.map((c) => (
              <p key={c} className="note !text-stop">
                ▲ {words("cautions", c)}
              </p>
            ))}
            <p className="no-print">
              <Button
                look="quiet"
                className="text-sm"
                onClick={() => setEdited(i)}
                aria-label={say("common.change_name", { name: pots[i]!.name })}
              >
                {say("common.change")}
              </Button>
              {pots.length > 1 && (
                <Button
                  look="quiet"
                  className="ml-2 text-sm"
                  onClick={() => change(pots.filter((_, j) => j !== i))}
                  aria-label={say("mixes_page.take_away", { name: pots[i]!.name })}
                >
                  {say("mixes_page.take_away_2")}
                </Button>
              )}
            </p>
          </>
        )}
      />
      {open && edited !== undefined && (
        <PotPanel
          pot={open}
          change={(pot) => change(pots.map((p, i) => (i === edited ? pot : p)))}
          close={() => setEdited(undefined)}
          garden={garden}
          catalogue={catalogue}
          faults={faults}
        />
      )}
    </div>
  );
}
