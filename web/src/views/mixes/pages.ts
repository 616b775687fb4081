/** What can be done with mixes besides keeping recipes; each a page of its own. */
export const MIX_PAGES = [
  {
    to: "/g/$garden/mixes/wishes",
    label: "frame.mix_finder",
  },
  {
    to: "/g/$garden/mixes/compare",
    label: "frame.compare_two_mixes",
  },
  {
    to: "/g/$garden/mixes/components",
    label: "frame.components",
  },
  {
    to: "/g/$garden/mixes/batches",
    label: "frame.batches_made",
  },
  {
    to: "/g/$garden/mixes/used",
    label: "frame.used_mix",
  },
  {
    to: "/g/$garden/mixes/files",
    label: "frame.recipe_files",
  },
] as const;
