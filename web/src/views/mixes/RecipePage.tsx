import { SaveBar } from "../../parts/SaveBar";
import { useKindAsk } from "../../parts/PlantField";
import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams, useSearch } from "@tanstack/react-router";
import { useMemo } from "react";
import {
  api,
  call,
  edit,
  type Catalogue,
  type Edited,
  type Garden,
  type MixAnswer,
  type MixBenchAsk,
  type Mixes,
  type Recipe,
  type RecipeInput,
} from "../../api";
import { catalogueQuery, gardenQuery, lotsQuery, mixesQuery, useAct, useGardenId, guideQuery } from "../../api/queries";
import { phLiked } from "../../text/plants";
import { useLive } from "../../api/useLive";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { say } from "../../text";
import { askOf, componentName, currencyOf, keyOf } from "../../text/mixes";
import { Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { useTold } from "../../ui/useUndo";
import { Retire } from "../../parts/Retire";
import { Amendments } from "./Amendments";
import { Lime } from "./Lime";
import { NO_JAR } from "./jar";
import { Measured } from "./Measured";
import { MixNumbers } from "./MixNumbers";
import { begun, blank, inputOf, potsFor, type Looked } from "./mixInput";
import { Parts } from "./Parts";
import { Pots } from "./Pots";
import { Suits } from "./Suits";
import { Cautions } from "../../parts/Cautions";

export function RecipePage() {
  const garden = useGardenId();
  const { mix: key } = useParams({ from: "/g/$garden/mixes/$mix" });
  const mixes = useQuery(mixesQuery(garden));
  const g = useQuery(gardenQuery(garden)).data;
  const catalogue = useQuery(catalogueQuery).data;
  const lots = useQuery(lotsQuery(garden));
  const isNew = key.startsWith("new-");
  const recipe = mixes.data?.recipes.find((r) => keyOf(r) === key);
  const saved = useMemo(() => (isNew ? blank(key.slice(4)) : recipe && inputOf(recipe)), [isNew, key, recipe]);
  const pots = useMemo(
    () => g && catalogue && lots.data && potsFor(key, lots.data.lots, g, catalogue),
    [key, g, catalogue, lots.data],
  );
  if (mixes.isLoadingError) return <Trouble problem={mixes.error} again={() => void mixes.refetch()} />;
  if (!g || !catalogue || !mixes.data || !pots) return <Loading what={say("mixes_page.the_mix")} />;
  if (!saved) return <p className="note p-6">{say("mixes_page.there_is_no_such_mix_in")}</p>;
  return (
    <Table key={key} saved={saved} recipe={recipe} garden={g} catalogue={catalogue} mixes={mixes.data} pots={pots} />
  );
}

function Table({
  saved,
  recipe,
  garden,
  catalogue,
  mixes,
  pots,
}: {
  saved: RecipeInput;
  recipe: Recipe | undefined;
  garden: Garden;
  catalogue: Catalogue;
  mixes: Mixes;
  pots: Looked["pots"];
}) {
  const draft = useDraft<RecipeInput>(`recipe:${saved.id}`, saved);
  const looked = useDraft<Looked>(`looked:${saved.id}`, { pots, species: "", jar: NO_JAR });
  const navigate = useNavigate({ from: "/g/$garden/mixes/$mix" });
  const { working } = useSearch({ from: "/g/$garden/mixes/$mix" });
  const told = useTold(garden.id);
  const input = draft.value;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const mix = askOf(mixes, { key: keyOf(input), parts: input.parts, yield: input.yield, soaked: input.soaked });
  const kind = useKindAsk(garden.id, looked.value.species);
  const guide = useQuery(guideQuery(garden.id)).data;
  const likes = guide && looked.value.species ? phLiked(guide, looked.value.species) : undefined;
  const ask: MixBenchAsk | undefined = mix && {
    mix,
    pots: looked.value.pots.map((p) => p.pot),
    species: kind,
    target: input.target,
    lime: input.lime,
    fineness: input.fineness,
    neutralising: input.neutralising,
    amendments: input.amendments,
    jar: looked.value.jar.after.text ? looked.value.jar : undefined,
    working: working !== undefined,
  };
  const live = useLive<MixBenchAsk, MixAnswer>(ask, (body, signal) => call(api.POST("/api/mix", { body, signal })));
  const save = useAct(
    garden.id,
    (body: RecipeInput) =>
      edit(api.PUT("/api/gardens/{garden}/mixes/recipes", { params: { path: { garden: garden.id } }, body })),
    ({ now, act }: Edited<Recipe>) => {
      draft.drop();
      told(say("common.name_saved", { name: now.name }), act);
      if (!recipe || now.id !== recipe.id)
        void navigate({ to: "/g/$garden/mixes/$mix", params: { garden: garden.id, mix: keyOf(now) }, replace: true });
    },
  );
  const faults = [...(save.error?.faults ?? []), ...(live.problem?.faults ?? [])];
  const theirs = recipe && draft.changed && input.version !== recipe.version ? inputOf(recipe) : undefined;
  const answer = live.answer;
  const open = (step: string) => void navigate({ search: (s) => ({ ...s, working: step }) });
  const copy = () => {
    const mix = begun({ ...input, name: say("common.another", { name: input.name }) });
    void navigate({ to: "/g/$garden/mixes/$mix", params: { garden: garden.id, mix } });
  };
  return (
    <div className="min-w-0 gap-8 md:grid md:grid-cols-[20rem_1fr]">
      <form
        aria-label={say("mixes_page.recipe_2")}
        onSubmit={(e) => {
          e.preventDefault();
          save.mutate(input);
        }}
      >
        <Link to="/g/$garden/mixes" params={{ garden: garden.id }} className="note lg:hidden">
          {say("mixes_page.all_mixes")}
        </Link>
        <Parts
          input={input}
          change={draft.change}
          faults={faults}
          mixes={mixes}
          garden={garden}
          shown={shown}
          answer={answer}
        />
        <SaveBar
          save={save}
          input={input}
          theirs={theirs}
          changed={draft.changed}
          kept={recipe !== undefined}
          add={say("mixes_page.keep_this_mix")}
          keepOver={(mine) => {
            draft.change({ version: mine.version });
            save.mutate(mine);
          }}
          putBack={draft.drop}
          named={(k) => {
            const c = mixes.components.find((x) => keyOf(x) === k);
            return c && componentName(c);
          }}
        >
          {recipe && !draft.changed && (
            <Link
              to="/g/$garden/mixes/$mix/batch"
              params={{ garden: garden.id, mix: keyOf(recipe) }}
              className="font-semibold underline underline-offset-4"
            >
              {say("mixes_page.make_a_batch_2")}
            </Link>
          )}
          {recipe && (
            <Button look="quiet" onClick={copy}>
              {say("mixes_page.copy")}
            </Button>
          )}
          {recipe?.name && recipe.version > 0 && !recipe.retired && (
            <Retire kind="recipe" thing={recipe} garden={garden} />
          )}
        </SaveBar>
      </form>
      <section
        aria-label={say("mixes_page.what_comes_of_it")}
        aria-live="polite"
        aria-busy={live.pending}
        className="min-w-0"
      >
        {live.problem && (
          <div className="mb-3">
            <Trouble problem={live.problem} />
          </div>
        )}
        {answer ? (
          <div className={live.problem ? "opacity-40" : ""}>
            <Pots
              pots={looked.value.pots}
              change={(p) => looked.change({ pots: p })}
              answer={answer}
              catalogue={catalogue}
              garden={garden}
              shown={shown}
              faults={faults}
              species={looked.value.species}
              setSpecies={(species) => looked.change({ species })}
            />
            <Suits
              pots={
                looked.value.pots.length === answer.pots.length
                  ? answer.pots.map((m, i) => ({ name: looked.value.pots[i]!.name, mix: m }))
                  : []
              }
              plant={kind?.kind.name ?? ""}
              shown={shown}
            />
            <div className="gap-x-8 xl:grid xl:grid-cols-2">
              <div>
                <MixNumbers answer={answer} shown={shown} open={open} currency={currencyOf(mixes)} />
                <Measured
                  input={input}
                  change={draft.change}
                  changed={draft.changed}
                  mixes={mixes}
                  answer={answer}
                  garden={garden}
                  shown={shown}
                />
              </div>
              <div>
                <Lime
                  input={input}
                  change={draft.change}
                  jar={looked.value.jar}
                  setJar={(jar) => looked.change({ jar })}
                  likes={likes}
                  answer={answer}
                  faults={faults}
                  shown={shown}
                  open={open}
                  meterPlusMinus={garden.meters[0]?.phPlusMinus}
                />
                <Amendments
                  input={input}
                  change={draft.change}
                  catalogue={catalogue}
                  answer={answer}
                  faults={faults}
                  shown={shown}
                />
                <Cautions ids={answer.cautions} />
              </div>
            </div>
          </div>
        ) : (
          !live.problem && <p className="note p-6">{say("common.working_it_out")}</p>
        )}
      </section>
      {working !== undefined && (
        <WorkingPanel
          steps={answer?.working}
          at={working}
          close={() => void navigate({ search: (s) => ({ ...s, working: undefined }) })}
        />
      )}
    </div>
  );
}
