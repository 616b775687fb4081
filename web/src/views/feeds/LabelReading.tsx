import { useQuery } from "@tanstack/react-query";
import { Checkbox } from "radix-ui";
import { api, call, type Answer, type Garden, type LabelAnswer } from "../../api";
import { ReadAs } from "../../parts/ReadAs";
import { words, say, rich } from "../../text";
import { figures, type Shown } from "../../text/numbers";
import { Segmented } from "../../ui/Segmented";

type Props = {
  sentence: string;
  reading: LabelAnswer;
  answer: (a: Answer) => void;
  wordsSeen: boolean;
  seen: (v: boolean) => void;
  garden: Garden;
  shown: Shown;
  pending: boolean;
};

type Question = LabelAnswer["questions"][number];
type Rate = NonNullable<LabelAnswer["rate"]>;

/** How the sentence was understood: on the words themselves, then what is open, then what it comes to. */
export function LabelReading({ sentence, reading, answer, wordsSeen, seen, shown, pending }: Props) {
  return (
    <div className="mt-4" aria-live="polite" aria-busy={pending}>
      <h2 className="head">{say("feeds_page.read_as")}</h2>
      <ReadAs sentence={sentence} spans={reading.spans} />
      {reading.refusals.map((f) => (
        <p key={f.code} className="stamp mt-3 border-l-4 border-stop p-2">
          <span className="bg-ground px-1">▲ {f.detail}</span>
        </p>
      ))}
      {reading.questions.map((q) => (
        <Ask key={q.question} question={q} named={(c) => nameOf(reading, c)} answer={answer} />
      ))}
      {reading.taken.length > 0 && <p className="note">{say("feeds_page.by_the_gardens_measures")}</p>}
      {reading.unknownWords && reading.refusals.length === 0 && (
        <div className="mt-4 flex items-start gap-3 border-2 border-stop p-3">
          <Checkbox.Root
            id="words-seen"
            checked={wordsSeen}
            onCheckedChange={(v) => seen(v === true)}
            className="mt-0.5 flex size-6 shrink-0 items-center justify-center border-2 border-ink bg-leaf"
          >
            <Checkbox.Indicator>✓</Checkbox.Indicator>
          </Checkbox.Root>
          <label htmlFor="words-seen">
            {say("feeds_page.i_have_read_the_words_marked", { roles: words("roles", "unknown") })}
          </label>
        </div>
      )}
      {reading.rate && reading.rhythm && <Comes reading={reading} shown={shown} />}
      <Ignored />
    </div>
  );
}

/** A use by the label's own words and a reading by what it comes to; nothing of other choices, which have words. */
function nameOf({ uses, readings }: LabelAnswer, choice: string): string | undefined {
  const [, of, place] = /^(USE|READING)_(\d)$/.exec(choice) ?? [];
  return place === undefined ? undefined : (of === "USE" ? uses : readings)[Number(place) - 1] || undefined;
}

type Asked = { question: Question; named: (choice: string) => string | undefined; answer: (a: Answer) => void };

function Ask({ question: q, named, answer }: Asked) {
  return (
    <fieldset className={`mt-4 border-l-4 p-2 pl-3 ${q.chosen ? "border-ink" : "border-stop"}`}>
      <legend className="float-left mr-3">
        {!q.chosen && <span className="text-stop">▲ </span>}
        {words("questions", q.question)}
      </legend>
      <Segmented
        label={words("questions", q.question)}
        value={q.chosen ?? ""}
        onChange={(choice) => answer({ question: q.question, choice: choice as Answer["choice"] })}
        options={q.choices.map((c) => ({ value: c, label: named(c) ?? words("choices", c) }))}
      />
    </fieldset>
  );
}

function Comes({ reading, shown }: { reading: LabelAnswer; shown: Shown }) {
  const { rate, rhythm } = reading;
  if (!rate || !rhythm) return null;
  const unit = rate.measure === "grams" ? "g" : "mL";
  const amount = (r: Rate) => (r.min === r.max ? figures(r.min) : `${figures(r.min)}–${figures(r.max)}`);
  const per = (r: Rate) =>
    ({
      water: say("feeds_page.in_each_litre_of_water"),
      mix: say("feeds_page.for_each_litre_of_mix"),
      plant: say("feeds_page.for_each_plant"),
      area: say("feeds_page.for_each_square_metre_of_surface"),
      height: say("feeds_page.for_each_metre_of_height"),
      pot_width: say("feeds_page.for_a_pot_wide_in_proportion", { centimetres: shown.centimetres(r.widthCm ?? 0) }),
    })[r.per];
  const often =
    rhythm.minDays === undefined || rhythm.maxDays === undefined
      ? say("feeds_page.with_every_watering")
      : rhythm.minDays === rhythm.maxDays
        ? say("feeds_page.every_days", { minDays: rhythm.minDays })
        : say("feeds_page.every_mindays_maxdays_days", { minDays: rhythm.minDays, maxDays: rhythm.maxDays });
  return (
    <div className="mt-4 border-l-4 border-feed pl-3">
      <p>
        <b className="fig text-2xl">
          {amount(rate)} {unit}
        </b>{" "}
        {per(rate)}, <b>{often}</b>
      </p>
      {reading.inWords && (
        <p className="note">
          {rich("feeds_page.in_plain_words", { inWords: <span lang="en">{reading.inWords}</span> })}
        </p>
      )}
      {reading.poured && (
        <p>{say("feeds_page.poured", { amount: amount(reading.poured), per: per(reading.poured) ?? "" })}</p>
      )}
      <p className="note">{say("feeds_page.the_top_of_this_range_is")}</p>
      {reading.spans.some((s) => s.role === "noted") && <p className="note">{say("feeds_page.noted")}</p>}
      {reading.assumptions.map((a) => (
        <p key={a} className="note">
          {words("assumptions", a)}
        </p>
      ))}
    </div>
  );
}

function Ignored() {
  const list = useQuery({
    queryKey: ["ignored-words"],
    queryFn: () => call(api.GET("/api/feed/ignored-words")),
    staleTime: Infinity,
  });
  return (
    <details className="note mt-4">
      <summary>{say("feeds_page.words_that_are_passed_over")}</summary>
      <p lang="en">{list.data?.["words"]?.join(", ")}</p>
      <p>{say("feeds_page.every_other_word_is_understood_or")}</p>
    </details>
  );
}
