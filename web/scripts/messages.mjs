// Prepares the messages for the page: each language whole, in the part that the first view needs and the rest, and the
// names of what each message is filled with, as types. A message that cannot be read stops the build.
import { parse, TYPE } from "@formatjs/icu-messageformat-parser";
import { readFileSync, writeFileSync } from "node:fs";

const TEXT = new URL("../src/text/", import.meta.url);
const read = (name) => {
  const text = readFileSync(new URL(name, TEXT), "utf8");
  // a second section of a name would quietly take the place of the first
  const sections = [...text.matchAll(/^ {2}"([^"]+)": \{/gm)].map(([, section]) => section);
  const twice = sections.find((section, i) => sections.indexOf(section) < i);
  if (twice) throw new Error(`${name} has the section ${twice} twice`);
  return JSON.parse(text);
};
const write = (name, content) => writeFileSync(new URL(name, TEXT), content);

/** What the frame and the round of the day say, held to it by a test; and what the server alone says. */
const { first: FIRST, server: SERVER } = read("parts.json");

const british = Object.fromEntries(Object.entries(read("en-GB.json")).filter(([section]) => !SERVER.includes(section)));

/** The language with what another says differently. */
const over = (differs) =>
  Object.fromEntries(Object.entries(british).map(([section, texts]) => [section, { ...texts, ...differs[section] }]));

const ACCENTED = Object.fromEntries(
  [..."abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ"].map((letter, i) => [
    letter,
    [..."àƀçðéƒĝĥîĵķļɱñöþɋŕšţûṽŵẋýžÀƁÇÐÉƑĜĤÎĴĶĻṀÑÖÞɊŔŠŢÛṼŴẊÝŽ"][i],
  ]),
);

const accented = (text) => [...text].map((c) => ACCENTED[c] ?? c).join("");

/** Every text accented, so that one that is no message is seen; what it is filled with stays. */
function pretended(elements) {
  return elements.map((e) => {
    if (e.type === TYPE.literal) return { ...e, value: accented(e.value) };
    if (e.type === TYPE.tag) return { ...e, children: pretended(e.children) };
    if (e.type !== TYPE.plural && e.type !== TYPE.select) return e;
    const options = Object.entries(e.options).map(([k, o]) => [k, { ...o, value: pretended(o.value) }]);
    return { ...e, options: Object.fromEntries(options) };
  });
}

/** By how much a text is made longer: by 35 %, as other languages are, in words that break as theirs do. */
function padding(text) {
  const longer = Math.ceil(text.replace(/\{[^{}]*\}|<[^>]*>/g, "").length * 0.35);
  return "·".repeat(longer).replace(/(.{6})(?=.)/g, "$1 ");
}

const literal = (value) => ({ type: TYPE.literal, value });

const pseudo = (text) => [literal("⟦"), ...pretended(parse(text)), literal(`${padding(text)}⟧`)];

/** A message as the page takes it: read already, so that no reader of messages is loaded with it. */
function ready(elements) {
  return elements.every((e) => e.type === TYPE.literal) ? elements.map((e) => e.value).join("") : elements;
}

const each = (messages, make) =>
  Object.fromEntries(
    Object.entries(messages).map(([section, texts]) => [
      section,
      Object.fromEntries(Object.entries(texts).map(([id, text]) => [id, ready(make(text))])),
    ]),
  );

function split(messages, language) {
  const part = (inFirst) =>
    Object.fromEntries(Object.entries(messages).filter(([section]) => FIRST.includes(section) === inFirst));
  write(`${language}.first.gen.json`, JSON.stringify(part(true)));
  write(`${language}.rest.gen.json`, JSON.stringify(part(false)));
}

const KINDS = { [TYPE.argument]: "value", [TYPE.plural]: "count", [TYPE.select]: "choice", [TYPE.tag]: "tag" };

/** What a message is filled with, by name. */
function slots(elements, found = {}) {
  for (const e of elements) {
    if (KINDS[e.type] && found[e.value] !== "count") found[e.value] = KINDS[e.type];
    if (e.children) slots(e.children, found);
    if (e.options) Object.values(e.options).forEach((o) => slots(o.value, found));
  }
  return found;
}

const keys = Object.entries(british).flatMap(([section, texts]) =>
  Object.entries(texts).map(([id, text]) => {
    const filled = Object.entries(slots(parse(text))).map(([name, kind]) => `"${name}": "${kind}"`);
    return `  "${section}.${id}": { ${filled.join("; ")} };`;
  }),
);
const sections = Object.keys(british).map((s) => `"${s}"`);
write(
  "messages.gen.d.ts",
  `export type Section = ${sections.join(" | ")};\nexport interface Messages {\n${keys.join("\n")}\n}\n`,
);

split(each(british, parse), "en-GB");
split(each(over(read("en-US.json")), parse), "en-US");
split(each(british, pseudo), "en-XA");
