import type { Course } from "../../api";
import { say, words } from "../../text";
import { day } from "../../text/numbers";

/** The programmes growers are used to, by their kind. */
export const PATTERNS = ["plain", "weak_and_often", "beads_and_can", "organic"] as const;
export type PatternId = (typeof PATTERNS)[number];

export const RHYTHMS = ["label", "every_watering", "weekly", "fortnightly", "monthly"] as const;

/** What a feed may be given for, while it lasts. */
export const WHILE = ["FLOWERING", "FRUIT_SET", "SEEDLING"] as const;

/** A feed of a programme in a line: its share, how often and when. */
export function courseInWords(c: Course, name: string): string {
  return [
    c.share < 100 ? say("bench_page.feed_at_share", { name, share: c.share }) : name,
    words("rhythms", c.rhythm ?? "label"),
    ...whenInWords(c),
  ].join(" · ");
}

/** When a feed is given, where that is not always. */
export function whenInWords(c: Course): string[] {
  return [
    ...(c.fromMonth && c.toMonth
      ? [say("bench_page.months_to_months", { from: month(c.fromMonth), to: month(c.toMonth) })]
      : []),
    ...(c.only ? [say("bench_page.while_it_is", { what: words("conditions", c.only.toLowerCase()) })] : []),
    ...(c.begins ? [say("bench_page.from_day_on", { day: day(c.begins) })] : []),
    ...(c.ends ? [say("bench_page.until_day", { day: day(c.ends) })] : []),
  ];
}

/** A month by its name in the language of the page, 1–12. */
export function month(of: number): string {
  return new Date(Date.UTC(2026, of - 1, 15)).toLocaleDateString(document.documentElement.lang, {
    month: "long",
    timeZone: "UTC",
  });
}
