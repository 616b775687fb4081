import type { Key } from "../../text";

/** The parts of the garden's page, each with an address of its own. */
export type GardenPart = "settings" | "done" | "files" | "about";

export const GARDEN_PARTS = [
  {
    id: "settings",
    label: "frame.settings",
  },
  {
    id: "done",
    label: "common.what_was_done",
  },
  {
    id: "files",
    label: "frame.files",
  },
  {
    id: "about",
    label: "frame.about",
  },
] as const satisfies readonly { id: GardenPart; label: Key }[];
