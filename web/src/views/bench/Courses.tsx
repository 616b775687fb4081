import type { Course, Feed } from "../../api";
import { say, words } from "../../text";
import { Button } from "../../ui/Button";
import { ChoiceField, DateField, NumberField } from "../../ui/Fields";
import { alone, offered, tell } from "./lotInput";
import { month, RHYTHMS, WHILE, whenInWords } from "./programme";
import type { LotWork } from "./useLotWork";

const MOST = 6;

/** The feeds of a lot beside each other, each with its share, how often and when; one alone shows no more than that. */
export function Courses({ work }: { work: LotWork }) {
  const { input, change, feeds } = work;
  const courses = input.courses;
  const set = (at: number, course: Course | undefined) =>
    change({
      ...tell(input, "feed"),
      courses: courses.flatMap((c, i) => (i === at ? (course ? [course] : []) : [c])),
    });
  const spare = feeds.find((f) => !f.retired && !courses.some((c) => c.feedId === f.id));
  return (
    <>
      {courses.length > 1 &&
        courses.map((c, i) => (
          <fieldset key={i} className="m-0 mb-3 border-0 border-l-4 border-feed p-0 pl-3">
            <CourseFields work={work} course={c} set={(next) => set(i, next)} />
          </fieldset>
        ))}
      {courses.length === 1 && <When work={work} course={courses[0]!} set={(next) => set(0, next)} />}
      {courses.length > 0 && courses.length < MOST && spare && (
        <Button
          look="quiet"
          className="mb-2 min-h-9"
          onClick={() => change({ courses: [...courses, alone(spare.id)] })}
        >
          {say("bench_page.another_feed_beside_it")}
        </Button>
      )}
    </>
  );
}

function CourseFields({
  work: { feeds, faults, input },
  work,
  course: c,
  set,
}: {
  work: LotWork;
  course: Course;
  set: (c: Course | undefined) => void;
}) {
  const taken = input.courses.map((x) => x.feedId);
  return (
    <>
      <ChoiceField
        label={say("common.feed")}
        field="lot.feed"
        faults={faults}
        value={c.feedId}
        onChange={(feedId) => set({ ...c, feedId })}
        options={offered<Feed>(feeds, c.feedId)
          .filter((f) => f.id === c.feedId || !taken.includes(f.id))
          .map((f) => ({ value: f.id, label: f.name }))}
      />
      <NumberField
        row
        label={say("bench_page.its_share")}
        field="course.share"
        faults={faults}
        value={{ text: c.share ? String(c.share) : "", unit: "%" }}
        onChange={(v) => set({ ...c, share: Math.round(Number(v.text.replace(/[^0-9]/g, ""))) || 0 })}
      />
      <RhythmField work={work} course={c} set={set} />
      <When work={work} course={c} set={set} />
      <Button look="quiet" className="min-h-9" onClick={() => set(undefined)}>
        {say("bench_page.leave_this_feed_out")}
      </Button>
    </>
  );
}

/** How often a feed is given, at the same food over the weeks. */
export function RhythmField({
  work,
  course: c,
  set,
}: {
  work: LotWork;
  course: Course;
  set: (c: Course | undefined) => void;
}) {
  const own = c.rhythm !== undefined && c.rhythm !== "label";
  return (
    <>
      <ChoiceField
        label={say("bench_page.rhythm")}
        field="lot.rhythm"
        faults={work.faults}
        value={c.rhythm ?? "label"}
        onChange={(rhythm) => set({ ...c, rhythm })}
        options={RHYTHMS.map((r) => ({ value: r, label: words("rhythms", r) }))}
        hint={work.input.courses.length === 1 ? say("bench_page.the_food_over_the_weeks_stays") : undefined}
      />
      {own && (
        <label className="mb-2 flex min-h-9 items-center gap-2 text-sm">
          <input type="checkbox" checked={c.whole ?? false} onChange={(e) => set({ ...c, whole: e.target.checked })} />
          {say("bench_page.with_all_the_food_of_its_label")}
        </label>
      )}
    </>
  );
}

/** The first month and the last: the one that is told first is both. */
const MONTHS = [
  { key: "fromMonth", other: "toMonth", field: "course.from_month", label: "bench_page.first_month" },
  { key: "toMonth", other: "fromMonth", field: "course.to_month", label: "bench_page.last_month" },
] as const;

/** In which months, in what state of the plant and from when to when a feed is given; folded, for it is always mostly. */
function When({
  work: { faults },
  course: c,
  set,
}: {
  work: LotWork;
  course: Course;
  set: (c: Course | undefined) => void;
}) {
  const told = whenInWords(c);
  const months = [
    { value: "", label: say("bench_page.any_month") },
    ...Array.from({ length: 12 }, (_, m) => ({ value: String(m + 1), label: month(m + 1) })),
  ];
  return (
    <details className="mb-2" open={faults.some((f) => f.field.startsWith("course.") && f.field !== "course.share")}>
      <summary className="min-h-9 py-1 text-sm">
        {told.length ? told.join(" · ") : say("bench_page.when_it_is_given")}
      </summary>
      {MONTHS.map((m) => (
        <ChoiceField
          key={m.key}
          row
          label={say(m.label)}
          field={m.field}
          faults={faults}
          value={String(c[m.key] ?? "")}
          onChange={(v) => {
            const chosen = v ? Number(v) : undefined;
            set({ ...c, [m.other]: chosen && (c[m.other] ?? chosen), [m.key]: chosen });
          }}
          options={months}
        />
      ))}
      <ChoiceField
        row
        label={say("bench_page.only_while")}
        field="course.only"
        faults={faults}
        value={c.only ?? ""}
        onChange={(v) => set({ ...c, only: WHILE.find((w) => w === v) })}
        options={[
          { value: "", label: say("bench_page.whatever_it_goes_through") },
          ...WHILE.map((w) => ({ value: w, label: words("conditions", w.toLowerCase()) })),
        ]}
      />
      <DateField
        row
        label={say("bench_page.first_day")}
        field="course.begins"
        faults={faults}
        value={c.begins}
        onChange={(begins) => set({ ...c, begins })}
      />
      <DateField
        row
        label={say("bench_page.last_day")}
        field="course.ends"
        faults={faults}
        value={c.ends}
        onChange={(ends) => set({ ...c, ends })}
      />
    </details>
  );
}
