import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import type { BatchCourse } from "../api";
import { batchCoursesQuery, batchesQuery } from "../api/queries";
import { say, words } from "../text";
import { day } from "../text/numbers";
import { Loading, Trouble } from "../ui/States";

/** How far, and to which side: 0.8 lower. */
const apart = (c: BatchCourse, by: number, round: (n: number) => number = Math.round) => {
  const steps = round(c.measure === "PH" ? by * 10 : by);
  return say("batch_stands.apart", {
    by: c.measure === "PH" ? Math.abs(steps / 10).toFixed(1) : `${Math.abs(steps)}\u00a0%`,
    way: steps === 0 ? "same" : steps < 0 ? "lower" : "higher",
  });
};

// the ends of the interval outwards: no pen tells less than a tenth
const difference = (c: BatchCourse) => ({
  measure: c.measure,
  others: c.others,
  by: apart(c, c.difference),
  low: apart(c, c.low, Math.floor),
  high: apart(c, c.high, Math.ceil),
});

/** How the lots of a batch read beside those of the other batches of its recipe. */
export function BatchStands({ garden, batch }: { garden: string; batch: string }) {
  const courses = useQuery(batchCoursesQuery(garden));
  if (courses.isLoadingError) return <Trouble problem={courses.error} again={() => void courses.refetch()} />;
  if (!courses.data) return <Loading what={say("batch_stands.the_other_batches")} />;
  const own = courses.data.courses.filter((c) => c.batch === batch);
  return (
    <section aria-label={say("batch_stands.title")} className="mt-4 max-w-2xl">
      <h2 className="head">{say("batch_stands.title")}</h2>
      {own.length === 0 && <p className="note">{say("batch_stands.too_few")}</p>}
      {own.map((c) =>
        c.off ? (
          <Off key={c.measure} c={c} falseAlarms={courses.data.falseAlarms} />
        ) : (
          <p key={c.measure} className="fig">
            {say("batch_stands.alike", difference(c))}
          </p>
        ),
      )}
    </section>
  );
}

/** The batches that go off, each with what it is about; nothing where none does, or while nobody knows. */
export function BatchesOff({ garden, only }: { garden: string; only?: string }) {
  const asked = useQuery(batchCoursesQuery(garden));
  const courses = asked.data;
  const batches = useQuery(batchesQuery(garden)).data;
  const off = courses?.courses.filter((c) => c.off && (only === undefined || c.batch === only)) ?? [];
  if (asked.isLoadingError) return <Trouble problem={asked.error} again={() => void asked.refetch()} />;
  if (!courses || !batches || off.length === 0) return null;
  return (
    <section aria-label={say("batch_stands.off_title")} className="mb-4 max-w-3xl">
      {off.map((c) => {
        const b = batches.find((x) => x.id === c.batch);
        return (
          b && (
            <div key={c.batch + c.measure}>
              <Link
                to="/g/$garden/mixes/batches/$batch"
                params={{ garden, batch: b.id }}
                className="inline-block min-h-8 font-semibold"
              >
                {say("batch_stands.goes_off", { number: b.number, recipe: b.recipeName })}
              </Link>
              <Off c={c} falseAlarms={courses.falseAlarms} />
            </div>
          )
        );
      })}
    </section>
  );
}

function Off({ c, falseAlarms }: { c: BatchCourse; falseAlarms: number }) {
  return (
    <div className="my-2 border-l-4 border-stop pl-3">
      <p className="fig text-lg">▲ {say("batch_stands.off", difference(c))}</p>
      <p className="fig">
        {c.sinceWeek === 0
          ? say("batch_stands.since_the_start", { latest: c.latestWeek })
          : say("batch_stands.since", {
              week: c.sinceWeek,
              day: day(c.sinceOn),
              earliest: c.earliestWeek,
              latest: c.latestWeek,
              certain: c.earliestWeek === c.latestWeek ? "yes" : "no",
            })}{" "}
        <span className="note">
          {say("batch_stands.lots", { lots: c.lots, method: words("methods", c.method).toLowerCase() })}
        </span>
      </p>
      {c.shared.length > 0 && (
        <ul className="my-1 list-disc pl-5">
          {c.shared.map((s) => (
            <li key={s.thing + s.name}>
              {words("batch_shared", `${s.thing}_${s.blame}`, { name: s.name, also: s.alsoIn.join(", ") })}
            </li>
          ))}
        </ul>
      )}
      <p>{say("batch_stands.do")}</p>
      <p className="note">{say("batch_stands.false_alarms", { of: Math.round(falseAlarms) })}</p>
    </div>
  );
}
