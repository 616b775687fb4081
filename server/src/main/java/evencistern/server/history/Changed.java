package evencistern.server.history;

import evencistern.server.GardenId;
import java.util.UUID;

/**
 * A thing was edited, so what was worked out from it must be worked out anew; told within the same transaction, so that a
 * listener that throws refuses the edit.
 *
 * @param retired whether it is put away now
 */
public record Changed(GardenId garden, String kind, UUID id, boolean retired) {}
