import type { Feed, Lot } from "../../api";
import { Link } from "@tanstack/react-router";
import { ToDoses } from "../../parts/Carried";
import { Cautions } from "../../parts/Cautions";
import { say } from "../../text";
import { ChoiceField, DateField, NumberField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { Answer } from "./Answer";
import { Courses, RhythmField } from "./Courses";
import { FeedAnswer, Minded } from "./FeedAnswer";
import { FeedYear } from "./FeedYear";
import { LotFields } from "./LotSave";
import { alone, offered, tell } from "./lotInput";
import { Nitrogen } from "./Nitrogen";
import type { LotWork } from "./useLotWork";

const NO_FEED = "none";

/** Which feed, how much of it and how often; the dose that follows, and the sum of its nitrogen against the need. */
export function Feeding({ work, lot }: { work: LotWork; lot: Lot }) {
  const { input, change, faults, garden, shown } = work;
  const on = fieldsOf(input, change, faults);
  const only = input.courses.length === 1 ? input.courses[0] : undefined;
  // what is strewn or sprayed keeps to its label, and is in no can
  const kind = work.live.answer?.feed?.kind;
  const inCan = kind === "watered";
  return (
    <>
      <div className="gap-6 md:grid md:grid-cols-[17.5rem_1fr]">
        <LotFields work={work} label={say("bench_page.tab_feeding")}>
          {input.courses.length < 2 && <FeedChoice work={work} />}
          {only && (inCan || !kind) && (
            <RhythmField work={work} course={only} set={(c) => change({ courses: c ? [c] : [] })} />
          )}
          <Courses work={work} />
          <Share work={work} />
          <DateField label={say("bench_page.fed_last_before_this")} {...on("fedBefore", "lot.fed_before")} />
        </LotFields>
        <Answer work={work}>
          {(care) => (
            <div className="max-w-xl">
              <FeedAnswer care={care} work={work} />
              {!inCan && <Minded care={care} work={work} />}
              {care.feedId && (
                <p className="mt-2">
                  {inCan && (
                    <>
                      <ToDoses
                        garden={garden.id}
                        from={{ feed: care.feedId, species: input.species, water: input.waterId }}
                      />{" "}
                    </>
                  )}
                  <Link
                    to="/g/$garden/feeds/$feed"
                    params={{ garden: garden.id, feed: care.feedId }}
                    className={`inline-block leading-8 ${inCan ? "ml-4" : ""}`}
                  >
                    {say("bench_page.its_label")} →
                  </Link>
                </p>
              )}
              <Cautions ids={care.cautions} />
            </div>
          )}
        </Answer>
      </div>
      <FeedYear work={work} />
      <Nitrogen lot={lot} garden={garden} shown={shown} />
    </>
  );
}

/** The feed a lot gets, or none. */
export function FeedChoice({ work: { input, change, faults, garden, feeds } }: { work: LotWork }) {
  return (
    <ChoiceField
      label={say("common.feed")}
      field="lot.feed"
      faults={[...faults, ...faults.filter((f) => f.field === "feed").map((f) => ({ ...f, field: "lot.feed" }))]}
      value={input.courses[0]?.feedId ?? NO_FEED}
      assumed={input.assumed?.includes("feed") ?? false}
      onChange={(v) =>
        change({
          ...tell(input, "feed"),
          courses: v === NO_FEED ? [] : [{ ...(input.courses[0] ?? alone(v)), feedId: v }],
        })
      }
      options={[
        ...offered<Feed>(feeds, input.courses[0]?.feedId).map((f) => ({
          value: f.id,
          label: `${f.name} ${f.n}-${f.p2o5}-${f.k2o}`,
        })),
        { value: NO_FEED, label: say("bench_page.none_plain_water") },
      ]}
      hint={
        feeds.length === 0 ? (
          <Link to="/g/$garden/feeds" params={{ garden: garden.id }}>
            {say("bench_page.put_a_feed_on_the_shelf")}
          </Link>
        ) : undefined
      }
    />
  );
}

/** The share of the label's top rate. */
function Share({ work: { faults, share, setShare } }: { work: LotWork }) {
  return (
    <NumberField
      label={say("bench_page.share_of_top_rate")}
      field="share"
      term="share"
      faults={faults}
      value={{ text: share, unit: "%" }}
      placeholder={say("bench_page.by_appetite")}
      onChange={(v) => setShare(v.text)}
    />
  );
}
