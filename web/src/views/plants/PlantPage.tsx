import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams } from "@tanstack/react-router";
import { useMemo } from "react";
import { api, edit, type Edited, type Garden, type Guide, type Kind, type KindInput } from "../../api";
import { gardenQuery, guideQuery, useAct, useGardenId } from "../../api/queries";
import { words, say } from "../../text";
import { kindOf, poisonOf } from "../../text/plants";
import { ChoiceField, TextField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { useTold } from "../../ui/useUndo";
import { SaveBar } from "../../parts/SaveBar";
import { Retire } from "../../parts/Retire";
import { TraitTable } from "../../parts/TraitTable";

function inputOf(kind: Kind): KindInput {
  return {
    id: kind.id,
    shipped: kind.shipped,
    name: kind.name,
    scientific: kind.scientific,
    group: kind.group,
    traits: kind.traits,
    version: kind.version,
  };
}

const blank = (id: string): KindInput => ({
  id,
  name: "",
  scientific: "",
  group: "foliage",
  traits: {},
  version: 0,
});

/** One plant of the guide: what is told of it and by whom, and what this garden says otherwise. */
export function PlantPage() {
  const id = useGardenId();
  const { kind: key } = useParams({ from: "/g/$garden/plants/$kind" });
  const guide = useQuery(guideQuery(id));
  const garden = useQuery(gardenQuery(id)).data;
  const isNew = key.startsWith("new-");
  const kind = isNew ? undefined : kindOf(guide.data, key);
  const saved = useMemo(() => (isNew ? blank(key.slice(4)) : kind && inputOf(kind)), [isNew, key, kind]);
  if (guide.isLoadingError) return <Trouble problem={guide.error} again={() => void guide.refetch()} />;
  if (!guide.data || !garden) return <Loading what={say("common.the_plant")} />;
  if (!saved) return <Nothing title={say("plants_page.the_guide_knows_no_such_plant")} />;
  return <Form key={key} saved={saved} kind={kind} guide={guide.data} garden={garden} />;
}

function Form({
  saved,
  kind,
  guide,
  garden,
}: {
  saved: KindInput;
  kind: Kind | undefined;
  guide: Guide;
  garden: Garden;
}) {
  const draft = useDraft<KindInput>(`plant:${saved.id}`, saved);
  const input = draft.value;
  const navigate = useNavigate();
  const done = useTold(garden.id);
  const save = useAct(
    garden.id,
    (body: KindInput) =>
      edit(api.PUT("/api/gardens/{garden}/species", { params: { path: { garden: garden.id } }, body })),
    ({ now, act }: Edited<Kind>) => {
      draft.drop();
      done(say("common.name_saved", { name: now.name }), act);
      if (!kind)
        void navigate({
          to: "/g/$garden/plants/$kind",
          params: { garden: garden.id, kind: now.key },
          replace: true,
        });
    },
  );
  const faults = save.error?.faults ?? [];
  const theirs = kind && draft.changed && input.version !== kind.version ? inputOf(kind) : undefined;
  const shownKind = { group: input.group, differs: kind?.differs ?? {}, traits: {} };
  const poison = poisonOf(guide, { ...shownKind, traits: input.traits });
  const on = fieldsOf(input, draft.change, faults);
  return (
    <form
      aria-label={say("common.plant")}
      className="min-w-0"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate(input);
      }}
    >
      <Link to="/g/$garden/plants" params={{ garden: garden.id }} className="note">
        {say("plants_page.the_whole_guide")}
      </Link>
      <div className="mb-2 flex flex-wrap items-baseline gap-x-3">
        <h1 className="text-2xl">{input.name || say("plants_page.a_new_plant")}</h1>
        <p className="note">
          <i>{input.scientific}</i> · {words("groups", input.group)}
          {kind && kind.also.length > 0 && say("plants_page.also_called", { names: kind.also.join(", ") })}
          {kind && kind.lots > 0 && say("plants_page.lots_on_the_bench", { lots: kind.lots })}
        </p>
        {poison.worst !== "none_known" && (
          <p className="text-stop">
            <b>▲ {poison.said}</b>
          </p>
        )}
      </div>
      <p className="note mb-2 max-w-3xl">{say("plants_page.values_are_typical_ones_from_memory")}</p>
      {!input.shipped && (
        <div className="grid gap-x-4 sm:grid-cols-3">
          <TextField label={say("common.name")} {...on("name", "species.name")} />
          <TextField label={say("plants_page.botanical_name")} {...on("scientific", "species.scientific")} />
          <ChoiceField
            label={say("plants_page.group")}
            options={guide.groups.map((g) => ({ value: g.key, label: words("groups", g.key) }))}
            {...on.choice("group", "species.group")}
          />
        </div>
      )}
      <TraitTable
        guide={guide}
        kind={shownKind}
        typed={input.traits}
        change={(traits) => draft.change({ traits })}
        faults={faults}
      />
      <SaveBar
        save={save}
        input={input}
        theirs={theirs}
        changed={draft.changed}
        kept={kind !== undefined}
        add={say("plants_page.add_this_plant")}
        keepOver={(mine) => save.mutate(mine)}
        putBack={draft.drop}
      >
        {kind && kind.version > 0 && !kind.retired && <Retire kind="species" thing={kind} garden={garden} />}
      </SaveBar>
    </form>
  );
}
