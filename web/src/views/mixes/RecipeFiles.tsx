import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useState } from "react";
import { api, call, newId, type Garden, type Mixes, type RecipesRead } from "../../api";
import { gardenQuery, mixesQuery, useAct, useGardenId } from "../../api/queries";
import { componentName, keyOf, recipeName } from "../../text/mixes";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Fields";
import { FileField } from "../../ui/FileField";
import { Loading, Trouble } from "../../ui/States";
import { say, rich, type Key } from "../../text";
import { useTold } from "../../ui/useUndo";

/** Recipes as files: out, one or all, and in, looked at first. */
export function RecipeFiles() {
  const id = useGardenId();
  const mixes = useQuery(mixesQuery(id));
  const garden = useQuery(gardenQuery(id)).data;
  if (mixes.isLoadingError) return <Trouble problem={mixes.error} again={() => void mixes.refetch()} />;
  if (!mixes.data || !garden) return <Loading what={say("mixes_page.the_mixes")} />;
  return (
    <div className="min-w-0 max-w-4xl">
      <Link to="/g/$garden/mixes" params={{ garden: id }} className="note lg:hidden">
        {say("mixes_page.all_mixes")}
      </Link>
      <h1 className="mb-2 text-2xl">{say("frame.recipe_files")}</h1>
      <div className="gap-10 md:grid md:grid-cols-2">
        <Out garden={garden} mixes={mixes.data} />
        <In garden={garden} mixes={mixes.data} />
      </div>
    </div>
  );
}

function Out({ garden, mixes }: { garden: Garden; mixes: Mixes }) {
  const [which, setWhich] = useState("");
  const query = which ? `?recipe=${encodeURIComponent(which)}` : "";
  const home = `/api/gardens/${garden.id}/mixes`;
  const line = "mb-3 border-b border-rule pb-3";
  return (
    <section aria-label={say("common.out")}>
      <h2 className="head">{say("common.out")}</h2>
      <ChoiceField
        label={say("mixes_page.which")}
        field="mix"
        faults={[]}
        value={which}
        onChange={setWhich}
        options={[
          { value: "", label: say("mixes_page.all_of_them") },
          ...mixes.recipes.filter((r) => !r.retired).map((r) => ({ value: keyOf(r), label: recipeName(r) })),
        ]}
      />
      <p className={line}>
        <a href={`${home}/file${query}`} download className="font-semibold">
          {say("mixes_page.as_one_file")}
        </a>
        <span className="note block">
          {rich("mixes_page.json_with_the_components_of_your", { a: (c) => <a href="/api/recipes-schema">{c}</a> })}
        </span>
      </p>
      <p className={line}>
        <a href={`${home}/recipes.csv${query}`} download className="font-semibold">
          {say("mixes_page.as_a_sheet")}
        </a>
        <span className="note block">{say("mixes_page.csv_a_line_for_each_part")}</span>
      </p>
    </section>
  );
}

const FATES: Record<RecipesRead["recipes"][number]["fate"], Key> = {
  ADDED: "mixes_page.new_will_be_added",
  CHANGED: "mixes_page.differs_from_the_one_here_will",
  SAME: "mixes_page.is_here_already_just_so",
  UNCLEAR: "mixes_page.not_clear_yet_will_be_left",
};
const DONE: typeof FATES = {
  ADDED: "mixes_page.fate_added",
  CHANGED: "mixes_page.fate_changed",
  SAME: "mixes_page.was_here_already",
  UNCLEAR: "mixes_page.left_out",
};

function In({ garden, mixes }: { garden: Garden; mixes: Mixes }) {
  const [file, setFile] = useState<{ name: string; text: string }>();
  const [instead, setInstead] = useState<Record<string, string>>({});
  const [read, setRead] = useState<RecipesRead>();
  const [applied, setApplied] = useState(false);
  const told = useTold(garden.id);
  const bring = useAct(
    garden.id,
    (b: { text: string; instead: Record<string, string>; apply: boolean; clientKey: string }) =>
      call(api.POST("/api/gardens/{garden}/mixes/files", { params: { path: { garden: garden.id } }, body: b })),
    (answer: RecipesRead, b) => {
      setRead(answer);
      setApplied(b.apply);
      if (b.apply)
        told(answer.act ? say("mixes_page.recipes_brought_in") : say("mixes_page.nothing_was_new_in_it"), answer.act);
    },
  );
  const look = (text: string, by: Record<string, string>, apply = false) =>
    bring.mutate({ text, instead: by, apply, clientKey: newId() });
  const clear = read?.recipes.filter((r) => r.fate === "ADDED" || r.fate === "CHANGED").length ?? 0;
  const components = mixes.components.filter((c) => !c.retired);
  const name = (key: string) => {
    const c = components.find((x) => keyOf(x) === key);
    return c ? componentName(c) : key;
  };
  return (
    <section aria-label={say("common.in")}>
      <h2 className="head">{say("common.in")}</h2>
      <FileField
        id="recipe-file"
        label={say("mixes_page.bring_recipes_in_from_a_file")}
        kind="json_or_sheet"

        onChosen={(chosen) => {
          void chosen.text().then((text) => {
            setFile({ name: chosen.name, text });
            setInstead({});
            setRead(undefined);
            look(text, {});
          });
        }}
      />
      <p className="note" role="status">
        {bring.isPending
          ? say("common.reading", { name: file?.name ?? say("mixes_page.the_file") })
          : say("mixes_page.it_is_looked_at_first_and")}
      </p>
      {bring.isError && <Trouble problem={bring.error} />}
      {file && read && (
        <>
          <ul aria-label={say("mixes_page.what_is_in_the_file")} className="m-0 list-none border-t border-rule p-0">
            {read.recipes.map((r, i) => (
              <li key={`${i} ${r.name}`} className="border-b border-rule py-1.5">
                <b>{r.name}</b>{" "}
                <span className={r.fate === "UNCLEAR" ? "note !text-stop" : "note"}>
                  {r.fate === "UNCLEAR" && "▲ "}
                  {say((applied ? DONE : FATES)[r.fate])}
                </span>
                {r.faults.map((f) => (
                  <p key={f.detail} className="note !text-stop">
                    {f.detail}
                  </p>
                ))}
                {r.unknown.map((u) => (
                  <ChoiceField
                    key={u.said}
                    label={say("mixes_page.is_not_known_here_which_is", { said: u.said })}
                    field="mix.component"
                    faults={[]}
                    value={instead[u.said] ?? ""}
                    onChange={(key) => {
                      const by = { ...instead, [u.said]: key };
                      setInstead(by);
                      look(file.text, by);
                    }}
                    options={[
                      { value: "", label: say("mixes_page.choose") },
                      ...u.offers.map((k) => ({
                        value: k,
                        label: name(k),
                        group: say("mixes_page.called_most_like_it"),
                      })),
                      ...components
                        .filter((c) => !u.offers.includes(keyOf(c)))
                        .map((c) => ({
                          value: keyOf(c),
                          label: componentName(c),
                          group: say("mixes_page.all_others"),
                        })),
                    ]}
                  />
                ))}
              </li>
            ))}
          </ul>
          {read.components.map((c) => (
            <p key={c.name} className="note">
              {say("mixes_page.component_is_here_already_and_stays", { name: c.name, which: c.added ? "yes" : "no" })}
            </p>
          ))}
          {!applied && clear > 0 && (
            <Button look="ink" disabled={bring.isPending} onClick={() => look(file.text, instead, true)}>
              {clear === 1 ? say("mixes_page.bring_it_in") : say("mixes_page.bring_in", { clear })}
            </Button>
          )}
        </>
      )}
    </section>
  );
}
