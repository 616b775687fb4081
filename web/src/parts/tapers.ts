import type { PotInput } from "../api";

/** Pots that are narrower at their base. */
export const TAPERS: PotInput["shape"][] = ["round", "square", "plug"];
