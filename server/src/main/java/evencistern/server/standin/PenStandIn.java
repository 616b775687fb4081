package evencistern.server.standin;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Random;

/**
 * A simulated pen in a process of its own, which speaks the pen protocol (docs/pen-protocol.md) on loopback: each connection
 * is a dip into another liquid, towards which the figures settle, with noise, a drift, an offset, the warmth of the liquid,
 * and lost connections where they are asked for. All of it invented. Needs nothing but the JDK, so that it also starts from
 * its source.
 */
public final class PenStandIn {
    private static final double TWICE_A_SECOND_MS = 500;
    private static final double SETTLES_S = 3;
    private static final double PER_DEGREE = 0.019;

    private final Map<String, String> options;
    private final Random random;

    private PenStandIn(Map<String, String> options) {
        this.options = options;
        this.random = new Random(Long.parseLong(options.getOrDefault("seed", "17")));
    }

    /**
     * Starts it. Options as name=value: port (7807), seed, name, shows (mS/cm, ppm500, ppm640, ppm700), compensates (true),
     * ph and ec and celsius of the liquid (else another at each dip), ph-offset, ph-drift (pH a minute), noise (1 for usual),
     * lost-after (values until the connection breaks).
     */
    public static void main(String[] args) throws IOException {
        Map<String, String> options = new HashMap<>();
        for (String arg : args) {
            int equals = arg.indexOf('=');
            if (equals < 1) {
                System.err.println("Options are name=value: port, seed, name, shows, compensates, ph, ec, celsius,"
                        + " ph-offset, ph-drift, noise, lost-after");
                System.exit(2);
            }
            options.put(arg.substring(0, equals), arg.substring(equals + 1));
        }
        new PenStandIn(options).serve();
    }

    private double number(String option, double otherwise) {
        return Double.parseDouble(options.getOrDefault(option, Double.toString(otherwise)));
    }

    private void serve() throws IOException {
        int port = (int) number("port", 7807);
        try (ServerSocket server = new ServerSocket(port, 4, InetAddress.getLoopbackAddress())) {
            System.out.println("A simulated pen listens on 127.0.0.1:" + server.getLocalPort() + "; Ctrl-C stops it.");
            while (true) {
                Socket dip = server.accept();
                Thread speaker = new Thread(() -> speak(dip));
                speaker.setDaemon(true);
                speaker.start();
            }
        }
    }

    private void speak(Socket dip) {
        try (dip;
                BufferedWriter out =
                        new BufferedWriter(new OutputStreamWriter(dip.getOutputStream(), StandardCharsets.UTF_8))) {
            String shows = options.getOrDefault("shows", "mS/cm");
            boolean compensates = Boolean.parseBoolean(options.getOrDefault("compensates", "true"));
            line(
                    out,
                    String.format(
                            Locale.ROOT,
                            "{\"pen\":\"even-cistern-pen\",\"protocol\":1,\"name\":\"%s\",\"shows\":\"%s\",\"compensates\":%s}",
                            options.getOrDefault("name", "Simulated pen"),
                            shows,
                            compensates));
            double ph = number("ph", 5.4 + 1.2 * random.nextDouble());
            double ec = number("ec", 0.6 + 1.8 * random.nextDouble());
            double celsius = number("celsius", 17 + 6 * random.nextDouble());
            double noise = number("noise", 1);
            double perMsCm = shows.startsWith("ppm") ? Double.parseDouble(shows.substring(3)) : 1;
            double lostAfter = number("lost-after", Double.POSITIVE_INFINITY);
            for (int i = 0; i < lostAfter; i++) {
                double t = i * TWICE_A_SECOND_MS / 1000;
                double dry = Math.exp(-t / SETTLES_S);
                double shownPh = ph
                        + (7 - ph) * dry
                        + number("ph-offset", 0)
                        + number("ph-drift", 0) * t / 60
                        + noise * 0.006 * random.nextGaussian();
                double at25 = ec * (1 - dry) * (1 + noise * 0.004 * random.nextGaussian());
                double shownEc = (compensates ? at25 : at25 * (1 + PER_DEGREE * (celsius - 25))) * perMsCm;
                line(
                        out,
                        String.format(
                                Locale.ROOT,
                                "{\"ph\":%.2f,\"ec\":%." + (perMsCm > 1 ? 0 : 2) + "f,\"celsius\":%.1f}",
                                shownPh,
                                Math.max(0, shownEc),
                                celsius));
                Thread.sleep((long) TWICE_A_SECOND_MS);
            }
        } catch (IOException e) {
            // the other side has hung up: the pen is out of the liquid
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static void line(BufferedWriter out, String text) throws IOException {
        out.write(text);
        out.write('\n');
        out.flush();
    }
}
