/** The parts of the garden's page, each with an address of its own. */
export type GardenPart = "settings" | "done" | "files" | "about";

export const GARDEN_PARTS: { id: GardenPart; label: string }[] = [
  { id: "settings", label: "Settings" },
  { id: "done", label: "What was done" },
  { id: "files", label: "Files" },
  { id: "about", label: "About" },
];
