import file from "./words.json";

type Section = keyof typeof file;

/** The words for an id, with {name} replaced by values. An id without words is a fault that a server test finds. */
export function words(section: Section, id: string, values: Record<string, string> = {}): string {
  let text = (file[section] as Record<string, string>)[id] ?? id;
  for (const [name, value] of Object.entries(values)) text = text.replaceAll(`{${name}}`, value);
  return text;
}
