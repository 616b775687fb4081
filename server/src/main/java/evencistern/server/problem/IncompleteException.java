package evencistern.server.problem;

import java.io.Serial;
import java.util.List;

/** A request lacks what its address asks for; only a caller that is not the page can send such a one. */
final class IncompleteException extends RuntimeException {
    @Serial
    private static final long serialVersionUID = 1;

    private final String missing;

    IncompleteException(List<String> missing) {
        super("incomplete request: " + String.join(", ", missing));
        this.missing = String.join(", ", missing);
    }

    /** The names of what is missing, as dotted paths into the request. */
    String missing() {
        return missing;
    }
}
