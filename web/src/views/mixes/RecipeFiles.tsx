import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useState } from "react";
import { api, call, newId, type Garden, type Mixes, type RecipesRead } from "../../api";
import { gardenQuery, mixesQuery, useAct, useGardenId } from "../../api/queries";
import { componentName, keyOf, recipeName } from "../../text/mixes";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Fields";
import { Loading, Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";

/** Recipes as files: out, one or all, and in, looked at first. */
export function RecipeFiles() {
  const id = useGardenId();
  const mixes = useQuery(mixesQuery(id));
  const garden = useQuery(gardenQuery(id)).data;
  if (mixes.isLoadingError) return <Trouble problem={mixes.error} again={() => void mixes.refetch()} />;
  if (!mixes.data || !garden) return <Loading what="the mixes" />;
  return (
    <div className="min-w-0 max-w-4xl">
      <Link to="/g/$garden/mixes" params={{ garden: id }} className="note lg:hidden">
        ← all mixes
      </Link>
      <h1 className="mb-2 text-2xl">Recipes as files</h1>
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
    <section aria-label="Out">
      <h2 className="head">Out</h2>
      <ChoiceField
        label="Which"
        field="mix"
        faults={[]}
        value={which}
        onChange={setWhich}
        options={[
          { value: "", label: "all of them" },
          ...mixes.recipes.filter((r) => !r.retired).map((r) => ({ value: keyOf(r), label: recipeName(r) })),
        ]}
      />
      <p className={line}>
        <a href={`${home}/file${query}`} download className="font-semibold">
          As one file
        </a>
        <span className="note block">
          JSON, with the components of your own that they hold. Another garden can read it whole; its parts are
          described by a <a href="/api/recipes-schema">schema</a>.
        </span>
      </p>
      <p className={line}>
        <a href={`${home}/recipes.csv${query}`} download className="font-semibold">
          As a sheet
        </a>
        <span className="note block">CSV, a line for each part; components by name.</span>
      </p>
    </section>
  );
}

const FATES: Record<RecipesRead["recipes"][number]["fate"], string> = {
  ADDED: "new: will be added",
  CHANGED: "differs from the one here: will change it",
  SAME: "is here already, just so",
  UNCLEAR: "not clear yet: will be left out",
};
const DONE: typeof FATES = {
  ADDED: "added",
  CHANGED: "changed",
  SAME: "was here already",
  UNCLEAR: "left out",
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
      if (b.apply) told(answer.act ? "Recipes brought in." : "Nothing was new in it.", answer.act);
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
    <section aria-label="In">
      <h2 className="head">In</h2>
      <label htmlFor="recipe-file" className="block text-sm">
        Bring recipes in from a file, JSON or CSV
      </label>
      <input
        id="recipe-file"
        type="file"
        accept=".json,.csv,application/json,text/csv"
        className="box mt-1"
        onChange={(e) => {
          const chosen = e.target.files?.[0];
          if (!chosen) return;
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
          ? `Reading ${file?.name ?? "the file"} …`
          : "It is looked at first, and you see what it would do. A sheet needs the columns recipe, component and amount; components by name or key."}
      </p>
      {bring.isError && <Trouble problem={bring.error} />}
      {file && read && (
        <>
          <ul aria-label="What is in the file" className="m-0 list-none border-t border-rule p-0">
            {read.recipes.map((r, i) => (
              <li key={`${i} ${r.name}`} className="border-b border-rule py-1.5">
                <b>{r.name}</b>{" "}
                <span className={r.fate === "UNCLEAR" ? "note !text-stop" : "note"}>
                  {r.fate === "UNCLEAR" && "▲ "}
                  {(applied ? DONE : FATES)[r.fate]}
                </span>
                {r.faults.map((f) => (
                  <p key={f.detail} className="note !text-stop">
                    {f.detail}
                  </p>
                ))}
                {r.unknown.map((u) => (
                  <ChoiceField
                    key={u.said}
                    label={`“${u.said}” is not known here. Which is meant?`}
                    field="mix.component"
                    faults={[]}
                    value={instead[u.said] ?? ""}
                    onChange={(key) => {
                      const by = { ...instead, [u.said]: key };
                      setInstead(by);
                      look(file.text, by);
                    }}
                    options={[
                      { value: "", label: "choose …" },
                      ...u.offers.map((k) => ({ value: k, label: name(k), group: "Called most like it" })),
                      ...components
                        .filter((c) => !u.offers.includes(keyOf(c)))
                        .map((c) => ({ value: keyOf(c), label: componentName(c), group: "All others" })),
                    ]}
                  />
                ))}
              </li>
            ))}
          </ul>
          {read.components.map((c) => (
            <p key={c.name} className="note">
              Component {c.name}: {c.added ? "comes with it" : "is here already and stays as it is here"}.
            </p>
          ))}
          {!applied && clear > 0 && (
            <Button look="ink" disabled={bring.isPending} onClick={() => look(file.text, instead, true)}>
              {clear === 1 ? "Bring it in" : `Bring ${clear} in`}
            </Button>
          )}
        </>
      )}
    </section>
  );
}
