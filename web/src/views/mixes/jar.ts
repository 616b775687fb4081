import type { Typed } from "../../api";

/** A jar of the mix that tells its buffer. */
export type Jar = { before: Typed; after: Typed; grams: Typed; plusMinus: Typed };
export const NO_JAR: Jar = {
  before: { text: "", unit: "pH" },
  after: { text: "", unit: "pH" },
  grams: { text: "2", unit: "g/L" },
  plusMinus: { text: "0.1", unit: "pH" },
};
