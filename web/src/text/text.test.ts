import { readFileSync } from "node:fs";
import { dirname, resolve } from "node:path";
import { describe, expect, it } from "vitest";
import parts from "./parts.json";

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
