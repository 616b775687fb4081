import { say } from "../../text";
/** The parts of the garden's page, each with an address of its own. */
export type GardenPart = "settings" | "done" | "files" | "about";

export const GARDEN_PARTS: { id: GardenPart; label: string }[] = [
  {
    id: "settings",
    get label() {
      return say("frame.settings");
    },
  },
  {
    id: "done",
    get label() {
      return say("common.what_was_done");
    },
  },
  {
    id: "files",
    get label() {
      return say("frame.files");
    },
  },
  {
    id: "about",
    get label() {
      return say("frame.about");
    },
  },
];
