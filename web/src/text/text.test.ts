import { readFileSync } from "node:fs";
import { dirname, resolve } from "node:path";
import { describe, expect, it } from "vitest";
import american from "./en-US.json";
import british from "./en-GB.json";
import parts from "./parts.json";
import { more, rich, say, speak, words } from ".";

/** The modules that a module needs before it can run, itself among them; types are no modules. */
function needs(file: string, found = new Map<string, string>()): Map<string, string> {
  const path = [file, `${file}.tsx`, `${file}.ts`, `${file}/index.ts`].find((p) => {
    try {
      return readFileSync(p).length > 0;
    } catch {
      return false;
    }
  });
  if (!path || found.has(path) || !/\.tsx?$/.test(path)) return found;
  const source = readFileSync(path, "utf8");
  found.set(path, source);
  for (const [, from] of source.matchAll(/^(?:import|export) (?!type )[^;]*?"(\.[^"]+)";/gm)) {
    needs(resolve(dirname(path), from!), found);
  }
  return found;
}

describe("what the first view says", () => {
  it("is in the part that is loaded before it", () => {
    const said = [...needs(resolve("src/main.tsx"))].flatMap(([file, source]) =>
      [...source.matchAll(/\b(?:(?:say|rich)\(\s*["`]|(?:words|worded)\(\s*")(\w+)/g)].map(
        ([, section]) => [section!, file] as const,
      ),
    );
    expect(said.length).toBeGreaterThan(100);
    const late = said.filter(([section]) => !parts.first.includes(section));
    expect(late.map(([section, file]) => `${section} in ${file}`)).toEqual([]);
  });
});

type Texts = Record<string, Record<string, string>>;
const texts = Object.entries(british as Texts).flatMap(([section, of]) =>
  Object.entries(of).map(([id, text]) => ({ section, id, text, us: (american as Texts)[section]?.[id] })),
);

/** What is left of a message without the names of what fills it. */
const prose = (text: string) => text.replace(/\{\w+[},]/g, " ");
const slots = (text: string) => [...new Set(text.match(/\{\w+[},]|<\w+>/g) ?? [])].sort();

// words that the two write differently (common practice, no source)
const BRITISH =
  /\b(\w*lit(re|res)\b|\w*met(re|res)\b|cent(re|res)\b|colour|neighbour|grey|mould|fib(re|res)\b|ageing|\w*(neutral|steril|fertil|recogn|organ)is(e|ed|er|es|ing)\b|licen[c]e|labelled|draught|glasshouse|sulphur|aluminium|programme\b|catalogue\b)/i;

describe("American English", () => {
  it("has a text of its own wherever British spelling would stand in it", () => {
    const left = texts.filter(({ text, us }) => BRITISH.test(prose(us ?? text)));
    expect(left.map(({ section, id }) => `${section}.${id}`)).toEqual([]);
    expect(texts.filter(({ us }) => us).length).toBeGreaterThan(50);
  });

  it("says only what British English says, filled with the same", () => {
    const known = new Set(texts.map(({ section, id }) => `${section}.${id}`));
    const told = Object.entries(american as Texts).flatMap(([s, of]) => Object.keys(of).map((id) => `${s}.${id}`));
    expect(told.filter((key) => !known.has(key))).toEqual([]);
    const differ = texts.filter(({ text, us }) => us !== undefined && String(slots(text)) !== String(slots(us)));
    expect(differ.map(({ section, id }) => `${section}.${id}`)).toEqual([]);
  });
});

describe("messages", () => {
  it("are filled, counted and marked", async () => {
    await speak("en-GB");
    await more();
    expect(say("parts.days", { days: 1 })).toBe("1 day");
    expect(say("parts.days", { days: 3 })).toBe("3 days");
    expect(say("common.add_a", { one: "lot" })).toBe("Add a lot");
    expect(rich("today_page.a_week_for_each_pot", { product: "1 g", product2: "2 g", b: (c) => c })).toBeTruthy();
  });

  it("are never shown by their key: what is not loaded yet is empty, what has no words is its own id", async () => {
    await speak("en-GB");
    expect(say("mixes_page.pores")).toBe("");
    expect(words("components", "grit")).toBe("");
    await more();
    expect(words("components", "grit")).toBe("Grit");
    expect(words("components", "my-own")).toBe("my-own");
  });

  it("follow the language", async () => {
    await speak("en-US");
    await more();
    expect(say("common.litres_cm")).toBe("liters · cm");
    await speak("en-XA");
    expect(say("common.close")).toBe("⟦Çļöšé··⟧");
    await speak("en-GB");
    await more();
  });
});
