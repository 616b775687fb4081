import type { Declared, FeedInput, FoundOnLabel, Typed } from "../../api";

const BESIDE = ["name", "form", "basis", "chelate", "density", "ecFactor", "coatedMonths", "coatedCelsius", "label"];

/** Whether a field is a line of the analysis. */
export const isLine = (field: string) => !BESIDE.includes(field);

/** What the form becomes when these fields of a whole label are filled in. */
export function filledIn(input: FeedInput, found: FoundOnLabel[]): Partial<FeedInput> {
  const part: Partial<FeedInput> = {};
  const contents: Record<string, Typed> = { ...input.contents };
  for (const { field, text, unit } of found) {
    const typed = { text, unit };
    if (field === "N") part.n = typed;
    else if (field === "P2O5" || field === "P") part.p2o5 = typed;
    else if (field === "K2O" || field === "K") part.k2o = typed;
    else if (isLine(field)) contents[field as Declared] = typed;
    else if (field === "name") part.name = text;
    else if (field === "form") part.form = text as FeedInput["form"];
    else if (field === "basis") part.basis = text as NonNullable<FeedInput["basis"]>;
    else if (field === "chelate") part.chelate = text as NonNullable<FeedInput["chelate"]>;
    else if (field === "density") part.density = typed;
    else if (field === "ecFactor") part.ecFactor = typed;
    else if (field === "coatedMonths") part.coatedMonths = typed;
    else if (field === "coatedCelsius") part.coatedCelsius = typed;
    else Object.assign(part, { label: text, answers: [], wordsSeen: false, readAs: undefined });
  }
  if (part.p2o5 ?? part.k2o) part.elements = found.some((f) => f.field === "P" || f.field === "K");
  part.contents = contents;
  return part;
}

export type Line = { start: number; end: number; picture?: string };

/** The lines of a text, or of a picture, that a stretch of it lies in. */
export const linesOf = (lines: Line[], f: FoundOnLabel) => lines.filter((l) => l.start < f.end && f.start < l.end);

export function linesOfText(text: string): Line[] {
  let start = 0;
  return text.split("\n").map((line) => {
    const one = { start, end: start + line.length };
    start += line.length + 1;
    return one;
  });
}
