package evencistern.server;

import java.util.UUID;

/** Whose data it is; the first argument of every store method. */
public record GardenId(UUID value) {}
