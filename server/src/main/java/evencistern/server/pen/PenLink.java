package evencistern.server.pen;

import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** A pen that sends what it shows. */
public interface PenLink {
    /**
     * What a pen says of itself.
     *
     * @param shows mS/cm, ppm500, ppm640 or ppm700
     * @param compensates whether it brings EC to 25 °C by itself
     */
    record Hello(String name, String shows, boolean compensates) {}

    /** What it shows at one moment; EC as it shows it. */
    record Shown(
            @Nullable Double ph,
            @Nullable Double ec,
            @Nullable Double celsius) {}

    /** Who listens. */
    interface Listener {
        void hello(Hello hello);

        /** False to hear no more. */
        boolean shown(Shown shown);
    }

    /** Why a pen is heard no more. */
    enum Trouble {
        PEN_ABSENT,
        PEN_UNKNOWN,
        PEN_SILENT,
        PEN_BABBLES,
        PEN_LOST;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A pen is heard no more. */
    final class PenGoneException extends Exception {
        private static final long serialVersionUID = 1;
        private final Trouble trouble;

        PenGoneException(Trouble trouble, @Nullable Throwable cause) {
            super(trouble.id(), cause);
            this.trouble = trouble;
        }

        public Trouble trouble() {
            return trouble;
        }
    }

    /** Listens to the pen on a port of this machine until the listener has heard enough; throws when the pen goes. */
    void listen(int port, Listener listener) throws PenGoneException;
}
