import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { api, edit, type Edited, type Garden, type Lot, type LotInput } from "../../api";
import { guideQuery, useAct } from "../../api/queries";
import { words, say } from "../../text";
import { kindOf } from "../../text/plants";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Fields";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { useTold } from "../../ui/useUndo";
import { TraitTable } from "../plants/TraitTable";
import { inputOf } from "./lotInput";

const CONDITIONS = [
  "FLOWERING",
  "FRUIT_SET",
  "SEEDLING",
  "GRAFTED",
  "SICK",
  "DRIED_OUT",
  "RESTING",
  "CRUST",
  "MOULD",
] as const;
const RHYTHMS = ["label", "every_watering", "weekly", "fortnightly", "monthly"] as const;

/** What this lot goes through, how it is fed, and where it is unlike its kind. */
export function LotPlant({ lot, garden }: { lot: Lot; garden: Garden }) {
  const guide = useQuery(guideQuery(garden.id)).data;
  const saved = inputOf(lot);
  const draft = useDraft<LotInput>(`lot-plant:${lot.id}:${lot.version}`, saved);
  const told = useTold(garden.id);
  const save = useAct(
    garden.id,
    (body: LotInput) => edit(api.PUT("/api/gardens/{garden}/lots", { params: { path: { garden: garden.id } }, body })),
    ({ now, act }: Edited<Lot>) => {
      draft.drop();
      told(say("common.name_saved", { name: now.name }), act);
    },
  );
  const kind = kindOf(guide, lot.species);
  if (!guide || !kind) return <Loading what={say("common.the_plant")} />;
  const input = draft.value;
  const faults = save.error?.faults ?? [];
  const conditions = input.conditions ?? {};
  const since = (c: (typeof CONDITIONS)[number], day: string | undefined) => {
    const { [c]: _gone, ...rest } = conditions;
    draft.change({ conditions: day ? { ...rest, [c]: day } : rest });
  };
  return (
    <form
      aria-label={say("common.plant")}
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate(input);
      }}
    >
      <div className="mb-4 gap-8 md:grid md:grid-cols-2">
        <section aria-label={say("bench_page.goes_through")}>
          <h2 className="head">{say("bench_page.what_it_goes_through")}</h2>
          <ul className="m-0 list-none p-0">
            {CONDITIONS.map((c) => (
              <li key={c} className="flex min-h-11 items-center justify-between gap-2 border-b border-rule">
                <label className="flex items-center gap-2">
                  <input
                    type="checkbox"
                    className="size-5 shrink-0"
                    checked={conditions[c] !== undefined}
                    onChange={(e) => since(c, e.target.checked ? garden.today : undefined)}
                  />
                  {words("conditions", c.toLowerCase())}
                </label>
                {conditions[c] !== undefined && (
                  <span className="flex w-52 shrink-0 items-center gap-2">
                    {say("bench_page.since_2")}
                    <input
                      type="date"
                      className="box"
                      aria-label={say("bench_page.conditions_since", {
                        conditions: words("conditions", c.toLowerCase()),
                      })}
                      value={conditions[c]}
                      onChange={(e) => since(c, e.target.value || undefined)}
                    />
                  </span>
                )}
              </li>
            ))}
          </ul>
          {faults
            .filter((f) => f.field === "lot.condition")
            .map((f) => (
              <p key={f.detail} role="alert" className="note text-stop">
                ▲ {f.detail}
              </p>
            ))}
        </section>
        <section aria-label={say("bench_page.fed")}>
          <h2 className="head">{say("bench_page.how_it_is_fed")}</h2>
          <ChoiceField
            label={say("bench_page.rhythm")}
            field="lot.rhythm"
            faults={faults}
            value={input.rhythm ?? "label"}
            onChange={(rhythm) => draft.change({ rhythm })}
            options={RHYTHMS.map((r) => ({ value: r, label: words("rhythms", r) }))}
            hint={say("bench_page.the_food_over_the_weeks_stays")}
          />
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-5"
              checked={input.undrained ?? false}
              onChange={(e) => draft.change({ undrained: e.target.checked })}
            />
            {say("bench_page.stands_in_a_cachepot_or_tray")}
          </label>
        </section>
      </div>
      <h2 className="mb-1 text-xl">
        {say("bench_page.unlike_other_plants_of_its_kind")}{" "}
        <Link
          to="/g/$garden/plants/$kind"
          params={{ garden: garden.id, kind: kind.key }}
          className="text-base font-normal"
        >
          {say("bench_page.in_the_guide", { name: kind.name })}
        </Link>
      </h2>
      <TraitTable
        guide={guide}
        kind={kind}
        lot={input.traits ?? {}}
        typed={input.traits ?? {}}
        change={(traits) => draft.change({ traits })}
        faults={faults}
      />
      {save.isError && (save.error.retry || save.error.faults.length === 0) && <Trouble problem={save.error} />}
      <div className="sticky bottom-14 flex items-center gap-3 bg-ground py-2 sm:bottom-0">
        <Button look="ink" type="submit" disabled={save.isPending || !draft.changed}>
          {save.isPending ? say("common.saving") : save.error?.retry ? say("common.retry") : say("common.save_changes")}
        </Button>
        {draft.changed && (
          <Button look="quiet" onClick={draft.drop}>
            {say("common.put_back")}
          </Button>
        )}
      </div>
    </form>
  );
}
