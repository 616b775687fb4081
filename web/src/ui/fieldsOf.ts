import type { Fault, Typed } from "../api";

/**
 * The fields of what is being written, each bound to one of its parts: its value, how it changes, and its faults.
 * `on` as it is; `on.typed` a number with its unit, in one where nothing is written yet; `on.choice` one of a list.
 */
export function fieldsOf<T extends object>(written: T, change: (part: Partial<T>) => void, faults: Fault[]) {
  type Name = keyof T & string;
  const put = (name: Name, value: unknown) => change({ [name]: value } as Partial<T>);
  const on = <K extends Name>(name: K, field: string) => ({
    field,
    faults,
    value: written[name],
    onChange: (value: T[K]) => put(name, value),
  });
  on.typed = (name: Name, field: string, unit: string) => ({
    field,
    faults,
    value: (written[name] as Typed | undefined) ?? { text: "", unit },
    onChange: (value: Typed) => put(name, value),
  });
  on.choice = (name: Name, field: string) => ({
    field,
    faults,
    value: written[name] as string,
    onChange: (value: string) => put(name, value),
  });
  return on;
}
