/** Ways that wet roots in the air, so that a plant may do without mix. */
export const BARE_ROOTED = ["dunked", "misted"];

/** Ways in which water stands ready beside the mix. */
export const STORED = ["standing", "reservoir", "clay_balls"];
