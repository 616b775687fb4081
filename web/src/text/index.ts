import IntlMessageFormat from "intl-messageformat";
import { createElement, Fragment, type ReactNode } from "react";
import type { Messages, Section } from "./messages.gen";

type Read = ConstructorParameters<typeof IntlMessageFormat>[0];
type Texts = Record<string, Record<string, Read>>;
export type Key = keyof Messages;

/** The languages there are; the last is no language, but shows in the tests what is not translated or does not fit. */
const LANGUAGES = {
  "en-GB": { first: () => import("./en-GB.first.gen.json"), rest: () => import("./en-GB.rest.gen.json") },
  "en-US": { first: () => import("./en-US.first.gen.json"), rest: () => import("./en-US.rest.gen.json") },
  "en-XA": { first: () => import("./en-XA.first.gen.json"), rest: () => import("./en-XA.rest.gen.json") },
};
export type Language = keyof typeof LANGUAGES;

const PSEUDO: Language = "en-XA";
const KEPT_AS = "language";

let spoken: Language = "en-GB";
let texts: Texts = {};
let rest: Promise<void> | undefined;
const formats = new Map<string, IntlMessageFormat>();

/** The language this device was last shown a garden in; before that the one the browser asks for. */
export function preferred(): Language {
  const kept = localStorage.getItem(KEPT_AS);
  if (kept && kept in LANGUAGES) return kept as Language;
  return navigator.language === "en-US" ? "en-US" : "en-GB";
}

/** Loads what the first view says in a language; {@link more} loads the rest. */
export async function speak(language: Language): Promise<void> {
  const first = (await LANGUAGES[language].first()).default as unknown as Texts;
  spoken = language;
  texts = first;
  rest = undefined;
  formats.clear();
}

/** Loads what the other views say, once; where that fails, who needs it next asks again. */
export function more(): Promise<void> {
  rest ??= LANGUAGES[spoken]
    .rest()
    .then((m) => {
      texts = { ...texts, ...(m.default as unknown as Texts) };
    })
    .catch((e: unknown) => {
      rest = undefined;
      throw e;
    });
  return rest;
}

/** Has the page in a garden's language from now on: where it is shown in another, it is loaded once more. */
export function follow(language: Language): void {
  const now = preferred();
  if (now === language || now === PSEUDO) return;
  localStorage.setItem(KEPT_AS, language);
  if (spoken !== language) location.reload();
}

/** The locale that dates and numbers follow. */
export const locale = (): string => (spoken === PSEUDO ? "en-GB" : spoken);

/** A number, or its figures as they are shown. */
type Count = number | string;
type Value = string | number | undefined;
type Slots<K extends Key> = Messages[K];
type Plain<M> = { [A in keyof M]: M[A] extends "count" ? Count : M[A] extends "tag" ? never : Value };
type Rich<M> = {
  [A in keyof M]: M[A] extends "count" ? Count : M[A] extends "tag" ? (chunks: ReactNode) => ReactNode : ReactNode;
};
type Filled<M, F> = keyof M extends never ? [] : [F];

/** A message ready to be filled; the text itself where nothing fills it. */
function format(section: string, id: string): IntlMessageFormat | string | undefined {
  const message = texts[section]?.[id];
  if (message === undefined || typeof message === "string") return message;
  const key = `${section}.${id}`;
  let made = formats.get(key);
  if (!made) formats.set(key, (made = new IntlMessageFormat(message, locale())));
  return made;
}

function filled(section: string, id: string, values: Record<string, unknown> | undefined) {
  const message = format(section, id);
  return typeof message === "object" ? message.format<ReactNode>(values as Record<string, ReactNode>) : message;
}

const split = (key: string) => [key.slice(0, key.indexOf(".")), key.slice(key.indexOf(".") + 1)] as const;

/** A message with its values; empty where its language is not loaded yet. */
export function say<K extends Key>(key: K, ...values: Filled<Slots<K>, Plain<Slots<K>>>): string {
  return String(filled(...split(key), values[0]) ?? "");
}

/** A message that holds marks or parts of the page. */
export function rich<K extends Key>(key: K, ...values: Filled<Slots<K>, Rich<Slots<K>>>): ReactNode {
  const said = filled(...split(key), values[0]);
  return Array.isArray(said) ? createElement(Fragment, null, ...(said as ReactNode[])) : said;
}

/** The words for an id that the server gave. An id without words is a fault that a server test finds. */
export function words(section: Section, id: string, values: Record<string, string> = {}): string {
  const said = filled(section, id, values);
  return said === undefined ? (texts[section] ? id : "") : String(said);
}

/** Whether there are words for an id: some things have a note, others none. */
export const worded = (section: Section, id: string): boolean => texts[section]?.[id] !== undefined;
