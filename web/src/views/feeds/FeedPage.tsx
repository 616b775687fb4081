import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams } from "@tanstack/react-router";
import { useMemo } from "react";
import {
  api,
  call,
  edit,
  type Answer,
  type Edited,
  type Feed,
  type FeedInput,
  type Garden,
  type LabelAnswer,
  type LabelAsk,
} from "../../api";
import { catalogueQuery, feedsQuery, gardenQuery, useAct, useGardenId } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Conflict } from "../../ui/Conflict";
import { NumberField, TextField } from "../../ui/Fields";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { useTold } from "../../ui/useUndo";
import { Retire } from "../shelf/Retire";
import { LabelReading } from "./LabelReading";

function blank(id: string): FeedInput {
  const percent = { text: "", unit: "%" };
  return {
    id,
    name: "",
    n: percent,
    p2o5: percent,
    k2o: percent,
    form: "liquid",
    density: { text: "", unit: "kg/L" },
    ecFactor: { text: "", unit: "mS/cm" },
    label: "",
    answers: [],
    wordsSeen: false,
    version: 0,
  };
}

function inputOf(f: Feed): FeedInput {
  const number = (field: "n" | "p2o5" | "k2o" | "density" | "ecFactor", unit: string) =>
    f.typed?.[field] ?? { text: f[field] === undefined ? "" : String(f[field]), unit };
  return {
    id: f.id,
    name: f.name,
    n: number("n", "%"),
    p2o5: number("p2o5", "%"),
    k2o: number("k2o", "%"),
    form: f.form,
    density: number("density", "kg/L"),
    ecFactor: number("ecFactor", "mS/cm"),
    label: f.label,
    answers: f.answers,
    wordsSeen: f.wordsSeen,
    version: f.version,
  };
}

export function FeedPage() {
  const garden = useGardenId();
  const { feed: id } = useParams({ from: "/g/$garden/feeds/$feed" });
  const feeds = useQuery(feedsQuery(garden));
  const g = useQuery(gardenQuery(garden)).data;
  const units = useQuery(catalogueQuery).data?.units;
  const feed = feeds.data?.find((f) => f.id === id);
  const isNew = id.startsWith("new-");
  const saved = useMemo(() => (isNew ? blank(id.slice(4)) : feed && inputOf(feed)), [isNew, id, feed]);
  if (!g || !units || feeds.isPending) return <Loading what="the feed" />;
  if (!saved) return <p className="note p-6">This feed is not on the shelf of this garden.</p>;
  return <Form key={id} saved={saved} feed={feed} garden={g} shown={new Shown(units, g.unitHabit)} />;
}

function Form({
  saved,
  feed,
  garden,
  shown,
}: {
  saved: FeedInput;
  feed: Feed | undefined;
  garden: Garden;
  shown: Shown;
}) {
  const draft = useDraft<FeedInput>(`feed:${saved.id}`, saved);
  const navigate = useNavigate({ from: "/g/$garden/feeds/$feed" });
  const told = useTold(garden.id);
  const input = draft.value;
  const ask: LabelAsk | undefined = input.label.trim()
    ? { sentence: input.label, form: input.form, answers: input.answers }
    : undefined;
  const live = useLive<LabelAsk, LabelAnswer>(ask, (body, signal) =>
    call(api.POST("/api/live/label", { body, signal })),
  );
  const save = useAct(
    garden.id,
    (body: FeedInput) =>
      edit(api.PUT("/api/gardens/{garden}/feeds", { params: { path: { garden: garden.id } }, body })),
    ({ now, act }: Edited<Feed>) => {
      draft.drop();
      told(`${now.name}: on the shelf.`, act);
      if (!feed)
        void navigate({ to: "/g/$garden/feeds/$feed", params: { garden: garden.id, feed: now.id }, replace: true });
    },
  );
  const faults = save.error?.faults ?? [];
  const theirs = feed && draft.changed && input.version !== feed.version ? inputOf(feed) : undefined;
  const labelFaults = faults.filter((f) => f.field === "label");
  const answer = (a: Answer) =>
    draft.change({ answers: [...input.answers.filter((x) => x.question !== a.question), a] });
  const number = (label: string, field: "n" | "p2o5" | "k2o") => (
    <NumberField
      label={label}
      field={`feed.${field}`}
      faults={faults}
      value={input[field]}
      onChange={(v) => draft.change({ [field]: v })}
    />
  );
  return (
    <form
      aria-label="Feed"
      className="min-w-0 gap-8 md:grid md:grid-cols-[17rem_1fr]"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate(input);
      }}
    >
      <div>
        <Link to="/g/$garden/feeds" params={{ garden: garden.id }} className="note lg:hidden">
          ← all feeds
        </Link>
        <TextField
          label="Name on the bottle or box"
          field="feed.name"
          faults={faults}
          value={input.name}
          onChange={(name) => draft.change({ name })}
        />
        <div className="grid grid-cols-3 gap-2">
          {number("N", "n")}
          {number("P₂O₅", "p2o5")}
          {number("K₂O", "k2o")}
        </div>
        <div className="mb-2">
          <Segmented
            label="Form"
            value={input.form}
            onChange={(form) => draft.change({ form: form as FeedInput["form"] })}
            options={[
              { value: "liquid", label: "liquid" },
              { value: "dry", label: "dry" },
            ]}
          />
        </div>
        <NumberField
          label={input.form === "liquid" ? "Density" : "Weight of a litre, as spooned"}
          field="feed.density"
          faults={faults}
          value={input.density ?? { text: "", unit: "kg/L" }}
          placeholder={input.form === "liquid" ? "1.1–1.3 if unknown" : "0.75–1.15 if unknown"}
          onChange={(density) => draft.change({ density })}
          hint={
            input.form === "liquid"
              ? "Weigh 100 mL: 118 g is 1.18 kg/L."
              : "Weigh a level 5 mL teaspoon: 4.7 g is 0.94 kg/L."
          }
        />
        <NumberField
          label="EC of 1 g/L, if the label says"
          field="feed.ec_factor"
          faults={faults}
          value={input.ecFactor ?? { text: "", unit: "mS/cm" }}
          placeholder="estimated ± 20 %"
          onChange={(ecFactor) => draft.change({ ecFactor })}
        />
      </div>
      <div className="min-w-0">
        <div>
          <label htmlFor="label-sentence" className="mb-1 block text-sm">
            The label's own sentence
          </label>
          <textarea
            id="label-sentence"
            className="box min-h-20 !font-text text-lg"
            value={input.label}
            placeholder="2½ tsp per 2 gal every 10 days"
            aria-invalid={labelFaults.length > 0}
            onChange={(e) => draft.change({ label: e.target.value, wordsSeen: false })}
          />
        </div>
        {labelFaults.map((f) => (
          <p key={f.code} role="alert" className="text-sm text-stop">
            ▲ {f.detail}
          </p>
        ))}
        {!ask && (
          <p className="note">
            Type it as it stands: “5 ml/l with every watering”, “1 teaspoon for every 4 inches of pot every 5–7 weeks”,
            “1:250 weekly”.
          </p>
        )}
        {live.problem && <Trouble problem={live.problem} />}
        {ask && live.answer && (
          <LabelReading
            sentence={input.label}
            reading={live.answer}
            answer={answer}
            wordsSeen={input.wordsSeen}
            seen={(wordsSeen) => draft.change({ wordsSeen })}
            garden={garden}
            shown={shown}
            pending={live.pending}
          />
        )}
        {theirs && (
          <Conflict
            mine={input}
            theirs={theirs}
            named={() => undefined}
            keep={() => {
              draft.change({ version: theirs.version });
              save.mutate({ ...input, version: theirs.version });
            }}
            take={draft.drop}
          />
        )}
        {save.isError && !theirs && save.error.retry && <Trouble problem={save.error} />}
        <div className="sticky bottom-14 mt-4 flex items-center gap-3 bg-ground py-2 sm:bottom-0">
          <Button
            look="ink"
            type="submit"
            disabled={save.isPending || theirs !== undefined || (!draft.changed && feed !== undefined)}
          >
            {save.isPending ? "Saving …" : save.error?.retry ? "Retry" : feed ? "Save changes" : "Put it on the shelf"}
          </Button>
          {draft.changed && (
            <Button look="quiet" onClick={draft.drop}>
              Put back
            </Button>
          )}
          {!draft.changed && feed && <span className="note">Saved</span>}
          {feed && !feed.retired && <Retire kind="feed" thing={feed} garden={garden} />}
          {feed?.retired && <span className="note">Put away. Undo that under Garden, what was done.</span>}
        </div>
      </div>
    </form>
  );
}
