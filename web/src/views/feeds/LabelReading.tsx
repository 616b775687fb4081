import { useQuery } from "@tanstack/react-query";
import { Checkbox } from "radix-ui";
import { api, call, type Answer, type LabelAnswer } from "../../api";
import { handText } from "../../parts/Hand";
import { ReadAs } from "../../parts/ReadAs";
import { words, say, rich } from "../../text";
import { monthNames, plain, type Shown } from "../../text/numbers";
import { Segmented } from "../../ui/Segmented";

/** In what the dose is told: the person's units, their can, and a lot whose pot it may go by. */
export type Own = { shown: Shown; canLitres: number | undefined; lot: string | undefined; south: boolean };

type Props = {
  sentence: string;
  reading: LabelAnswer;
  answer: (a: Answer) => void;
  wordsSeen: boolean;
  seen: (v: boolean) => void;
  own: Own;
  pending: boolean;
};

type Question = LabelAnswer["questions"][number];
type Way = NonNullable<LabelAnswer["way"]>;
type Rate = Way["rate"];

/** How the sentence was understood: on the words themselves, then what is open, then what it comes to. */
export function LabelReading({ sentence, reading, answer, wordsSeen, seen, own, pending }: Props) {
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
        <Ask key={q.question} question={q} named={(c) => nameOf(reading, c, own)} answer={answer} />
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
      {reading.way && <Comes way={reading.way} reading={reading} own={own} />}
      <Ignored />
    </div>
  );
}

/** A use by the label's own words and a reading by what it comes to; nothing of other choices, which have words. */
function nameOf({ uses, readings }: LabelAnswer, choice: string, own: Own): string | undefined {
  const [, of, place] = /^(USE|READING)_(\d)$/.exec(choice) ?? [];
  if (place === undefined) return undefined;
  if (of === "USE") return uses[Number(place) - 1] || undefined;
  const way = readings[Number(place) - 1];
  return (
    way &&
    [`${amountOf(way.rate, own.shown)} ${perOf(way.rate, own.shown)}`, inHand(way, own)].filter(Boolean).join(" · ")
  );
}

/** So much of the product in the person's units. */
function amountOf(rate: Rate, shown: Shown): string {
  const each = {
    water: "volume",
    spray: "volume",
    mix: "volume",
    area: "area",
    height: "length",
    plant: "",
    pot_width: "",
  } as const;
  const counted = each[rate.per];
  const times = counted ? shown.counted(counted) : 1;
  const low = written(shown.product(rate.min * times, rate.measure));
  const high = written(shown.product(rate.max * times, rate.measure));
  if (low === high) return high;
  // one unit for both, where it is the same
  const [least, unit] = low.split("\u00a0");
  return high.endsWith(`\u00a0${unit}`) ? `${least}–${high}` : say("feeds_page.from_to", { low, high });
}

/** As a label writes it: no noughts that nobody wrote. */
const written = (amount: string) => amount.replace(/\.0+(?=\u00a0)/, "");

/** What it is for, in the person's units. */
function perOf(rate: Rate, shown: Shown): string {
  const us = shown.habit === "us";
  switch (rate.per) {
    case "water":
      return us ? say("feeds_page.in_each_gallon_of_water") : say("feeds_page.in_each_litre_of_water");
    case "spray":
      return us ? say("feeds_page.in_each_gallon_sprayed") : say("feeds_page.in_each_litre_sprayed");
    case "mix":
      return us ? say("feeds_page.for_each_gallon_of_mix") : say("feeds_page.for_each_litre_of_mix");
    case "plant":
      return say("feeds_page.for_each_plant");
    case "area":
      return us
        ? say("feeds_page.for_each_square_foot_of_surface")
        : say("feeds_page.for_each_square_metre_of_surface");
    case "height":
      return us ? say("feeds_page.for_each_foot_of_height") : say("feeds_page.for_each_metre_of_height");
    case "pot_width":
      return say("feeds_page.for_a_pot_wide_in_proportion", { centimetres: shown.centimetres(rate.widthCm ?? 0) });
  }
}

/** The same in the person's can, or for a pot of theirs; nothing where neither is known. */
function inHand({ rate, hand: measured }: Way, { shown, canLitres, lot }: Own): string {
  if (!measured || rate.per === "spray") return "";
  const low = handText(measured.low);
  const high = handText(measured.high);
  const hand = low === high ? high : say("feeds_page.from_to", { low, high });
  if (rate.per !== "water") return lot === undefined ? "" : say("feeds_page.for_a_pot_of", { lot, hand });
  return canLitres === undefined ? "" : say("feeds_page.in_your_can", { litres: shown.vessel(canLitres), hand });
}

function often({ rhythm }: Way): string {
  if (rhythm.once) return say("feeds_page.once_at_potting");
  if (rhythm.waterings !== undefined)
    return rhythm.waterings === 1
      ? say("feeds_page.with_every_watering")
      : say("feeds_page.with_every_so_many_waterings", { each: rhythm.waterings });
  const { minDays = 0, maxDays = 0 } = rhythm;
  return minDays === maxDays
    ? say("feeds_page.every_days", { minDays })
    : say("feeds_page.every_mindays_maxdays_days", { minDays, maxDays });
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

function Comes({ way, reading, own }: { way: Way; reading: LabelAnswer; own: Own }) {
  const hand = inHand(way, own);
  const { poured } = reading;
  return (
    <div className="mt-4 border-l-4 border-feed pl-3">
      <p>
        <b className="fig text-2xl">{amountOf(way.rate, own.shown)}</b> {perOf(way.rate, own.shown)},{" "}
        <b>{often(way)}</b>
        {reading.method && way.rate.per !== "spray" && <> · {words("how_given", reading.method)}</>}
      </p>
      {hand && <p className="text-lg">{hand}</p>}
      {hand && way.hand?.heldBack && <p className="note">▲ {say("feeds_page.the_mix_bears_no_more")}</p>}
      {poured && (
        <p>{say("feeds_page.poured", { amount: amountOf(poured, own.shown), per: perOf(poured, own.shown) })}</p>
      )}
      <p className="note">{rich("feeds_page.in_plain_words", { inWords: <span lang="en">{way.inWords}</span> })}</p>
      <p className="note">{say("feeds_page.the_top_of_this_range_is")}</p>
      {reading.spans.some((s) => s.role === "noted") && <p className="note">{say("feeds_page.noted")}</p>}
      <OnItsTerms terms={reading.terms} south={own.south} />
      {reading.assumptions.map((a) => (
        <p key={a} className="note">
          {words("assumptions", a)}
        </p>
      ))}
    </div>
  );
}

type Season = NonNullable<LabelAnswer["terms"]["season"]>;

/** Months by their names, from the first of a run to its last; a run may go over the turn of the year. */
function monthsOf({ months: north, moves }: Season, south: boolean): string {
  const names = monthNames();
  const months = moves && south ? north.map((m) => ((m + 5) % 12) + 1).sort((a, b) => a - b) : north;
  const on = new Set(months);
  const first = months.find((m) => !on.has(((m + 10) % 12) + 1)) ?? 1;
  const last = months.find((m) => !on.has((m % 12) + 1)) ?? 12;
  const run = (last - first + 12) % 12 === months.length - 1;
  const name = (m: number) => names[m - 1] ?? "";
  return run ? `${name(first)}–${name(last)}` : months.map(name).join(", ");
}

/** What the plan follows of what stands beside the dose. */
function OnItsTerms({ terms, south }: { terms: LabelAnswer["terms"]; south: boolean }) {
  const lines = [
    ...(terms.season ? [say("feeds_page.fed_in_months", { months: monthsOf(terms.season, south) })] : []),
    ...terms.shares.map((s) =>
      say("feeds_page.a_share_for", {
        percent: plain(s.percent),
        whom: [
          s.of ? words("kin", s.of) : say("feeds_page.any_plant"),
          ...(s.in ? [say("feeds_page.in_months", { months: monthsOf(s.in, south) })] : []),
        ].join(", "),
      }),
    ),
    ...terms.rarer.map((r) => say("feeds_page.at_least_days_apart", { months: monthsOf(r.in, south), days: r.days })),
  ];
  if (lines.length === 0) return null;
  return (
    <div className="mt-1">
      <p>{say("feeds_page.on_its_terms")}</p>
      <ul className="m-0 list-disc pl-5">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
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
