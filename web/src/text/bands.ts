import type { Verdict } from "../api";
import { say, words } from ".";

/** A target range as it is named: by which method, in what, for how hungry a plant. */
export const bandName = (b: Verdict["band"]) =>
  `${words("methods", b.method).toLowerCase()}, ${words("zones", b.zone)}${b.appetite === "none" ? "" : say("parts.appetite", { appetite: words("trait_words", `appetite.${b.appetite}`) })}`;
