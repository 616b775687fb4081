import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams } from "@tanstack/react-router";
import { lazy, Suspense, useMemo, useState } from "react";
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
import { catalogueQuery, feedsQuery, gardenQuery, lotsQuery, useAct, useGardenId } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { Shown } from "../../text/numbers";
import { SaveBar } from "../../parts/SaveBar";
import { ToDoses } from "../../parts/Carried";
import { NumberField, TextField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { useTold } from "../../ui/useUndo";
import { Retire } from "../../parts/Retire";
import { AnalysisFields } from "./AnalysisFields";
import { blankFeed, feedInput } from "./feedInput";
import { say } from "../../text";
import { LabelReading } from "./LabelReading";
import { ReadOtherwise } from "./ReadOtherwise";

const WholeLabel = lazy(() => import("./WholeLabel"));

/** A label's sentence is no longer than this. */
const LONGEST_SENTENCE = 2000;

export function FeedPage() {
  const garden = useGardenId();
  const { feed: id } = useParams({ from: "/g/$garden/feeds/$feed" });
  const feeds = useQuery(feedsQuery(garden));
  const g = useQuery(gardenQuery(garden)).data;
  const units = useQuery(catalogueQuery).data?.units;
  const feed = feeds.data?.find((f) => f.id === id);
  const isNew = id.startsWith("new-");
  const saved = useMemo(() => (isNew ? blankFeed(id.slice(4)) : feed && feedInput(feed)), [isNew, id, feed]);
  if (!g || !units || feeds.isPending) return <Loading what={say("feeds_page.the_feed")} />;
  if (!saved) return <p className="note p-6">{say("feeds_page.this_feed_is_not_on_the")}</p>;
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
  const [whole, setWhole] = useState(false);
  const input = draft.value;
  const lots = useQuery(lotsQuery(garden.id)).data?.lots;
  const lot = lots?.find((l) => l.courses.some((c) => c.feedId === saved.id)) ?? lots?.[0];
  const cans = garden.vessels.filter((v) => v.use === "can" && !v.retired);
  const can = cans.find((v) => v.id === garden.usualVesselId) ?? cans[0];
  const ask: LabelAsk | undefined = input.label.trim()
    ? {
        // its name does not change how it is read
        feed: { ...input, name: "" },
        habit: garden.unitHabit,
        hand: garden.hand,
        spoons: garden.spoons,
        ...(can ? { canLitres: can.litres } : {}),
        ...(lot ? { pot: lot.pot } : {}),
        ...(lot?.tallM === undefined ? {} : { tallM: lot.tallM }),
      }
    : undefined;
  const live = useLive<LabelAsk, LabelAnswer>(ask, (body, signal) =>
    call(api.POST("/api/feed/label", { body, signal })),
  );
  const save = useAct(
    garden.id,
    (input: FeedInput) => {
      // what the person said comes last, and wins
      const body = { ...input, answers: [...(live.answer?.taken ?? []), ...input.answers] };
      return edit(api.PUT("/api/gardens/{garden}/feeds", { params: { path: { garden: garden.id } }, body }));
    },
    ({ now, act }: Edited<Feed>) => {
      draft.drop();
      told(say("feeds_page.on_the_shelf", { name: now.name }), act);
      if (!feed)
        void navigate({ to: "/g/$garden/feeds/$feed", params: { garden: garden.id, feed: now.id }, replace: true });
    },
  );
  const faults = save.error?.faults ?? [];
  const theirs = feed && draft.changed && input.version !== feed.version ? feedInput(feed) : undefined;
  const labelFaults = faults.filter((f) => f.field === "label");
  const answer = (a: Answer) =>
    draft.change({ answers: [...input.answers.filter((x) => x.question !== a.question), a] });
  const chosen = (label: string) => draft.change({ label, wordsSeen: false, readAs: undefined });
  const on = fieldsOf(input, draft.change, faults);
  return (
    <form
      aria-label={say("common.feed")}
      className="min-w-0 gap-8 md:grid md:grid-cols-[17rem_1fr]"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate(input);
      }}
    >
      <div>
        <Link to="/g/$garden/feeds" params={{ garden: garden.id }} className="note lg:hidden">
          {say("feeds_page.all_feeds")}
        </Link>
        <TextField label={say("feeds_page.name_on_the_bottle_or_box")} {...on("name", "feed.name")} />
        <AnalysisFields input={input} faults={faults} change={draft.change} />
        <div className="mb-2">
          <Segmented
            label={say("feeds_page.form")}
            value={input.form}
            onChange={(form) => draft.change({ form: form as FeedInput["form"] })}
            options={[
              { value: "liquid", label: say("feeds_page.form_liquid") },
              { value: "dry", label: say("feeds_page.form_dry") },
            ]}
          />
        </div>
        <NumberField
          label={input.form === "liquid" ? say("feeds_page.density") : say("feeds_page.weight_of_a_litre_as_spooned")}
          units={["kg/L", "g/tsp"]}
          placeholder={input.form === "liquid" ? "1.1–1.3" : "0.75–1.15"}
          hint={
            input.form === "liquid"
              ? say("feeds_page.weigh_100_ml_118_g_is")
              : say("feeds_page.weigh_one_level_5_ml_teaspoon")
          }
          {...on.typed("density", "feed.density", "kg/L")}
        />
        <NumberField
          label={say("feeds_page.ec_of_1_g_l_if")}
          placeholder={say("feeds_page.worked_out")}
          {...on.typed("ecFactor", "feed.ec_factor", "mS/cm")}
        />
        {input.form === "dry" && (
          <div className="grid grid-cols-2 gap-2">
            <NumberField
              label={say("feeds_page.coated_lasts")}
              shownUnit="months"
              {...on.typed("coatedMonths", "feed.coated_months", "")}
            />
            <NumberField
              label={say("feeds_page.rated_at")}
              placeholder="21"
              {...on.typed("coatedCelsius", "feed.coated_celsius", "°C")}
            />
          </div>
        )}
        <NumberField
          label={say("feeds_page.its_own_cap_or_scoop_holds")}
          units={["mL", "g", "tsp", "US tsp", "US fl oz"]}
          placeholder={say("feeds_page.if_the_label_counts_in_it")}
          hint={say("feeds_page.in_g_the_product_itself")}
          {...on.typed("own", "feed.own", "mL")}
        />
      </div>
      <div className="min-w-0">
        {/* as high as the window, so that the button below stays where it is when the reading comes in */}
        <div className="md:min-h-[calc(100vh-10rem)]">
          <div>
            <label htmlFor="label-sentence" className="mb-1 block text-sm">
              {say("feeds_page.the_labels_own_sentence")}
            </label>
            <textarea
              id="label-sentence"
              className="box min-h-20 !font-text text-lg"
              value={input.label}
              placeholder={say("feeds_page.2_tsp_per_2_gal_every")}
              aria-invalid={labelFaults.length > 0}
              onChange={(e) => chosen(e.target.value)}
            />
            <p className="mt-1">
              {input.label.length > LONGEST_SENTENCE && <span>{say("feeds_page.too_long_for_one_sentence")} </span>}
              <button type="button" className="note underline underline-offset-4" onClick={() => setWhole(true)}>
                {input.label.length > LONGEST_SENTENCE
                  ? say("feeds_page.pick_out_the_directions")
                  : say("feeds_page.the_whole_label")}
              </button>
            </p>
            {whole && (
              <Suspense fallback={<Loading what={say("feeds_page.whole_label")} />}>
                <WholeLabel
                  input={input}
                  text={input.label.length > LONGEST_SENTENCE ? input.label : ""}
                  close={() => setWhole(false)}
                  fill={draft.change}
                />
              </Suspense>
            )}
          </div>
          {labelFaults.map((f) => (
            <p key={f.code} role="alert" className="text-sm text-stop">
              ▲ {f.detail}
            </p>
          ))}
          {!ask && <p className="note">{say("feeds_page.type_it_as_it_stands_5")}</p>}
          {live.problem && <Trouble problem={live.problem} />}
          {feed && !draft.changed && feed.readAs === undefined && (
            <p className="note">▲ {say("feeds_page.read_anew")}</p>
          )}
          {live.answer?.before && (
            <ReadOtherwise
              before={live.answer.before}
              now={live.answer.way?.inWords}
              keep={chosen}
              take={() => draft.change({ readAs: undefined })}
            />
          )}
          {ask && live.answer && (
            <LabelReading
              sentence={input.label}
              reading={live.answer}
              answer={answer}
              wordsSeen={input.wordsSeen}
              seen={(wordsSeen) => draft.change({ wordsSeen })}
              own={{ shown, canLitres: can?.litres, lot: lot?.name, south: garden.latitude < 0 }}
              pending={live.pending}
            />
          )}
        </div>
        <SaveBar
          save={save}
          input={input}
          theirs={theirs}
          changed={draft.changed}
          kept={feed !== undefined}
          add={say("feeds_page.put_it_on_the_shelf")}
          keepOver={(mine) => {
            draft.change({ version: mine.version });
            save.mutate(mine);
          }}
          putBack={draft.drop}
        >
          {feed && !draft.changed && <ToDoses garden={garden.id} from={{ feed: feed.id }} />}
          {feed && !feed.retired && <Retire kind="feed" thing={feed} garden={garden} />}
          {feed?.retired && <span className="note">{say("feeds_page.put_away_undo_that_under_garden")}</span>}
        </SaveBar>
      </div>
    </form>
  );
}
