package evencistern.server.pen;

import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The pen protocol (docs/pen-protocol.md) over TCP on loopback: a line of JSON for each thing said. */
@Component
class TcpPenLink implements PenLink {
    private static final int CONNECT_MS = 1000;
    private static final int SILENCE_MS = 4000;
    private static final int LONGEST_LINE = 1024;
    private static final int MOST_NONSENSE = 20;
    private static final double PH_MOST = 14;
    private static final double EC_MOST = 20_000;
    private static final Set<String> SHOWS = Set.of("mS/cm", "ppm500", "ppm640", "ppm700");

    private final JsonMapper json;

    TcpPenLink(JsonMapper json) {
        this.json = json;
    }

    @Override
    public void listen(int port, Listener listener) throws PenGoneException {
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), CONNECT_MS);
            socket.setSoTimeout(SILENCE_MS);
            hear(new BufferedInputStream(socket.getInputStream()), listener);
        } catch (SocketTimeoutException e) {
            throw new PenGoneException(Trouble.PEN_SILENT, e);
        } catch (IOException e) {
            throw new PenGoneException(
                    e instanceof java.net.ConnectException ? Trouble.PEN_ABSENT : Trouble.PEN_LOST, e);
        }
    }

    private void hear(InputStream in, Listener listener) throws IOException, PenGoneException {
        JsonNode first = parse(line(in));
        if (first == null
                || first.path("protocol").asInt(0) != 1
                || !SHOWS.contains(first.path("shows").asString(""))) {
            throw new PenGoneException(Trouble.PEN_UNKNOWN, null);
        }
        String name = first.path("name").asString("");
        listener.hello(new Hello(
                name.substring(0, Math.min(80, name.length())),
                first.path("shows").asString(),
                first.path("compensates").asBoolean(true)));
        int nonsense = 0;
        while (true) {
            JsonNode said = parse(line(in));
            Shown shown = said == null
                    ? new Shown(null, null, null)
                    : new Shown(
                            within(said.path("ph"), 0, PH_MOST),
                            within(said.path("ec"), 0, EC_MOST),
                            within(said.path("celsius"), 0, 60));
            if (shown.ph() == null && shown.ec() == null) {
                nonsense++;
                if (nonsense >= MOST_NONSENSE) {
                    throw new PenGoneException(Trouble.PEN_BABBLES, null);
                }
            } else {
                nonsense = 0;
                if (!listener.shown(shown)) {
                    return;
                }
            }
        }
    }

    private static @Nullable Double within(JsonNode node, double low, double high) {
        if (!node.isNumber()) {
            return null;
        }
        double value = node.asDouble();
        return value >= low && value <= high ? value : null;
    }

    private @Nullable JsonNode parse(String line) {
        try {
            JsonNode node = json.readTree(line);
            return node != null && node.isObject() ? node : null;
        } catch (JacksonException e) {
            return null;
        }
    }

    /** One line, of at most a kilobyte: a pen that never ends one is not let fill the memory. */
    private static String line(InputStream in) throws IOException, PenGoneException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        while (true) {
            int next = in.read();
            if (next == '\n') {
                return bytes.toString(StandardCharsets.UTF_8);
            }
            if (next < 0) {
                throw new PenGoneException(Trouble.PEN_LOST, null);
            }
            if (bytes.size() >= LONGEST_LINE) {
                throw new PenGoneException(Trouble.PEN_BABBLES, null);
            }
            bytes.write(next);
        }
    }
}
