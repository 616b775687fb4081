package evencistern.server.pen;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.meter.Steady;
import evencistern.meter.TdsScale;
import evencistern.server.GardenId;
import evencistern.server.garden.GardenWire.MeterWire;
import evencistern.server.garden.Gardens;
import evencistern.server.words.Words;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A connected pen over HTTP, as server-sent events: hello, then shown again and again, and trouble when it goes. */
@RestController
class PenController {
    private static final int MOST_AT_ONCE = 8;
    private static final long LONGEST_MS = Duration.ofMinutes(10).toMillis();
    private static final int KEPT = 64;
    private static final double NANOS = 1e9;

    private final PenLink link;
    private final Gardens gardens;
    private final Words words;
    private final ThreadPoolExecutor listeners =
            new ThreadPoolExecutor(0, MOST_AT_ONCE, 30, TimeUnit.SECONDS, new SynchronousQueue<>(), task -> {
                Thread thread = new Thread(task, "pen");
                thread.setDaemon(true);
                return thread;
            });

    PenController(PenLink link, Gardens gardens, Words words) {
        this.link = link;
        this.gardens = gardens;
        this.words = words;
    }

    /** A pen says who it is; whether the shelf has it with another ppm scale or otherwise compensating. */
    record HelloEvent(String name, String shows, boolean compensates, boolean differs) {}

    /**
     * What it shows.
     *
     * @param ec in mS/cm, by the scale that the pen says is its own
     * @param phSteady,ecSteady the figure to take, there once it stands still
     */
    record ShownEvent(
            @Nullable Double ph,
            @Nullable Double ec,
            @Nullable Double celsius,
            @Nullable Double phSteady,
            @Nullable Double ecSteady) {}

    /** It is heard no more, and what to do. */
    record TroubleEvent(String code, String detail) {}

    @GetMapping(path = "/api/gardens/{garden}/meters/{meter}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen(@PathVariable UUID garden, @PathVariable UUID meter) {
        MeterWire pen = gardens.requireMeter(new GardenId(garden), meter);
        Integer port = pen.port();
        if (port == null) {
            throw new FaultException(Fault.of(FaultCode.NOT_FOUND, "meter.port", pen.name()));
        }
        SseEmitter events = new SseEmitter(LONGEST_MS);
        try {
            listeners.execute(() -> hear(port, pen, events));
        } catch (RejectedExecutionException e) {
            trouble(events, "pen_too_many", port);
        }
        return events;
    }

    private void hear(int port, MeterWire pen, SseEmitter events) {
        try {
            link.listen(port, new Ear(pen, events));
            events.complete();
        } catch (PenLink.PenGoneException e) {
            trouble(events, e.trouble().id(), port);
        }
    }

    private void trouble(SseEmitter events, String code, int port) {
        String detail = words.of("pen_troubles", code, Map.of("port", Integer.toString(port)));
        if (send(events, "trouble", new TroubleEvent(code, detail))) {
            events.complete();
        }
    }

    /** Whether anybody was there to hear it. */
    private static boolean send(SseEmitter events, String name, Object data) {
        try {
            events.send(SseEmitter.event().name(name).data(data, MediaType.APPLICATION_JSON));
            return true;
        } catch (IOException | IllegalStateException e) {
            return false;
        }
    }

    /** Passes on what a pen shows, with the figure to take once it stands still. */
    private static final class Ear implements PenLink.Listener {
        private final MeterWire pen;
        private final SseEmitter events;
        private final Deque<Steady.At> phs = new ArrayDeque<>();
        private final Deque<Steady.At> ecs = new ArrayDeque<>();
        private final long begun = System.nanoTime();
        private double perMsCm = 1;

        Ear(MeterWire pen, SseEmitter events) {
            this.pen = pen;
            this.events = events;
        }

        @Override
        public void hello(PenLink.Hello hello) {
            boolean ppm = hello.shows().startsWith("ppm");
            perMsCm = ppm ? TdsScale.require(hello.shows(), "meter.scale").ppmPerMsCm() : 1;
            boolean differs = (ppm && pen.scale() != null && !hello.shows().equals(pen.scale()))
                    || hello.compensates() != pen.compensates();
            send(events, "hello", new HelloEvent(hello.name(), hello.shows(), hello.compensates(), differs));
        }

        @Override
        public boolean shown(PenLink.Shown shown) {
            double now = (System.nanoTime() - begun) / NANOS;
            Double ec = shown.ec() == null ? null : Double.valueOf(shown.ec() / perMsCm);
            Steady byPh = keep(phs, now, shown.ph()) ? Steady.ofPh(List.copyOf(phs)) : null;
            Steady byEc = keep(ecs, now, ec) ? Steady.ofEc(List.copyOf(ecs)) : null;
            return send(events, "shown", new ShownEvent(shown.ph(), ec, shown.celsius(), steady(byPh), steady(byEc)));
        }

        private static @Nullable Double steady(@Nullable Steady s) {
            return s != null && s.steady() ? s.mean() : null;
        }

        private static boolean keep(Deque<Steady.At> values, double now, @Nullable Double value) {
            if (value == null) {
                return false;
            }
            values.addLast(new Steady.At(now, value));
            if (values.size() > KEPT) {
                values.removeFirst();
            }
            return true;
        }
    }
}
