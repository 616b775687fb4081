import { RadioGroup } from "radix-ui";
import type { Care } from "../../api";
import { ShapePicture } from "../../parts/Crown";
import { say, words } from "../../text";
import { plain } from "../../text/numbers";
import { told } from "../../text/plants";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import type { LotWork } from "./useLotWork";

const LENGTHS = ["cm", "m", "in", "ft"];
const SHAPES = ["upright", "rosette", "mound", "trailing", "tree"];
/** Leaves of a plant against what its kind usually has. */
const FULLNESS = { sparse: 0.5, usual: 1, dense: 1.5 };

/** How big the plant is, with what is taken where nobody has told; and how it stands, chosen by a picture. */
export function SizeFields({ work, care }: { work: LotWork; care: Care | undefined }) {
  const { input, change, faults, garden, guide, kind, shown } = work;
  const on = fieldsOf(input, change, faults);
  const unit = garden.unitHabit === "us" ? "in" : "cm";
  const size = care?.water.size;
  const traits = input.traits ?? {};
  const trait = (id: string) => (guide && kind ? told(guide, kind, id, traits).text : "");
  const usualCover = Number(guide && kind ? told(guide, kind, "cover").text : 1);
  const full =
    Object.entries(FULLNESS).find(
      ([, f]) => traits.cover && Math.abs(Number(traits.cover) / usualCover - f) < 0.01,
    )?.[0] ?? "usual";
  const blank = (field: "spread" | "tall") => !input[field]?.text.trim();
  return (
    <fieldset className="m-0 mb-2 border-0 p-0">
      <legend className="sr-only">{say("bench_page.size_of_the_plant")}</legend>
      <NumberField
        row
        label={say("bench_page.spread")}
        term="spread"
        units={LENGTHS}
        assumed={size !== undefined && blank("spread")}
        {...(size ? { placeholder: shown.centimetres(size.spreadCm) } : {})}
        {...on.typed("spread", "lot.spread", unit)}
      />
      <NumberField
        row
        label={say("bench_page.how_tall_it_stands")}
        units={LENGTHS}
        assumed={size !== undefined && blank("tall")}
        {...(size ? { placeholder: shown.centimetres(size.heightCm) } : {})}
        {...on.typed("tall", "lot.tall", unit)}
      />
      {guide && kind && (
        <>
          <RadioGroup.Root
            aria-label={say("bench_page.how_it_stands")}
            value={trait("shape")}
            onValueChange={(shape) => change({ traits: { ...traits, shape } })}
            orientation="horizontal"
            className="my-1 grid grid-cols-5 border border-rule-strong bg-leaf"
          >
            {SHAPES.map((s) => (
              <RadioGroup.Item
                key={s}
                value={s}
                aria-label={words("trait_words", `shape.${s}`)}
                className="flex flex-col items-center border-b-4 border-transparent px-0.5 pt-1 text-center text-xs data-[state=checked]:border-ink data-[state=checked]:font-semibold"
              >
                <ShapePicture shape={s} />
                {words("trait_words", `shape.${s}`)}
              </RadioGroup.Item>
            ))}
          </RadioGroup.Root>
          <ChoiceField
            row
            label={say("bench_page.leaf_cover")}
            field="lot.cover"
            faults={faults}
            value={full}
            onChange={(f) =>
              change({
                traits: {
                  ...traits,
                  cover: f === "usual" ? "" : plain(usualCover * FULLNESS[f as keyof typeof FULLNESS]),
                },
              })
            }
            options={Object.keys(FULLNESS).map((f) => ({ value: f, label: words("fullness", f) }))}
          />
        </>
      )}
    </fieldset>
  );
}
