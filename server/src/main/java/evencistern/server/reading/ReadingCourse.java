package evencistern.server.reading;

import evencistern.meter.Meter;
import evencistern.reading.Band;
import evencistern.reading.Judgement;
import evencistern.reading.Method;
import evencistern.reading.Neighbours;
import evencistern.reading.Outcome;
import evencistern.reading.Trend;
import evencistern.server.GardenId;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.units.Uncertain;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Readings over time: of one lot, and of many in small. */
@Service
public class ReadingCourse {
    private static final int MOST_POINTS = 5000;
    private static final int PAGE = 60;
    private static final int LATELY = 12;
    private static final double MONTH = 30;
    private static final int AHEAD_DAYS = 56;
    private static final int STEP_DAYS = 14;
    private final ReadingStore store;
    private final Lots lots;
    private final Clock clock;

    ReadingCourse(ReadingStore store, Lots lots, Clock clock) {
        this.store = store;
        this.lots = lots;
        this.clock = clock;
    }

    /** Whether what was done after the reading before has worked. */
    public record OutcomeWire(String kind, double moved) {}

    /**
     * A reading with what it says.
     *
     * @param ph,ec what it stands for; {@code phShown} and {@code ecShown} what the pen showed, where that was something else
     * @param ecPlusMinus in mS/cm
     * @param phFinding,ecFinding against the band of its method, where it says anything of the roots
     * @param phOutcome,ecOutcome where the one before it by the same method was off
     */
    public record ReadingWire(
            long id,
            Instant at,
            String method,
            @Nullable Double ph,
            @Nullable Double ec,
            @Nullable Double phShown,
            @Nullable Double ecShown,
            double phPlusMinus,
            double ecPlusMinus,
            @Nullable Double celsius,
            @Nullable Double beforePh,
            @Nullable Double hours,
            @Nullable String phFinding,
            @Nullable String ecFinding,
            @Nullable OutcomeWire phOutcome,
            @Nullable OutcomeWire ecOutcome) {}

    /** Something done to the lot that bears on its readings: feeding, flush, potting, treatment. */
    public record MarkWire(Instant at, String kind) {}

    /** The line through readings and its cone on a day. */
    public record AheadWire(LocalDate on, double mid, double low, double high) {}

    /**
     * Where readings by one method are heading, since the pot was last filled.
     *
     * @param quantity ph or ec
     * @param moves whether that is more than chance
     * @param ahead the line with its cone, from the last reading on
     * @param leavesOn when the line leaves the band, if it does; between earliest and latest
     */
    public record TrendWire(
            String method,
            String quantity,
            double perMonth,
            double p,
            boolean moves,
            int from,
            List<AheadWire> ahead,
            @Nullable LocalDate leavesOn,
            @Nullable LocalDate leavesEarliest,
            @Nullable LocalDate leavesLatest) {}

    /** The readings of a lot, oldest first, their bands, where they head, and what was done to it in that time. */
    public record Series(
            List<VerdictWire.BandWire> bands,
            List<ReadingWire> readings,
            List<TrendWire> trends,
            List<MarkWire> marks) {}

    /** What a pen showed; of years of readings most were shown before, and what that says need not be worked out again. */
    private record Shown(Method method, boolean ec, Uncertain value) {}

    /** All readings of a lot. */
    public Series series(GardenId garden, UUID lotId) {
        GardenContext context = lots.context(garden);
        Lot lot = lots.require(garden, lotId).lot();
        Map<Method, Band> bands = new EnumMap<>(Method.class);
        Map<Method, Judgement> phBefore = new EnumMap<>(Method.class);
        Map<Method, Judgement> ecBefore = new EnumMap<>(Method.class);
        Map<Shown, Optional<Judgement>> judged = new HashMap<>();
        List<ReadingWire> readings = new ArrayList<>();
        List<ReadingStore.Point> points = new ArrayList<>(store.listPoints(garden, lotId, MOST_POINTS));
        points.sort(Comparator.comparing(ReadingStore.Point::at).thenComparing(ReadingStore.Point::id));
        for (ReadingStore.Point p : points) {
            Method method = Method.require(p.method());
            Band band = bands.computeIfAbsent(method, m -> Backgrounds.band(context, lot, m));
            Meter asItWas = new Meter(null, p.phPlusMinus(), p.ecPlusMinus());
            Double ph = p.ph();
            Double ec = p.ec();
            Judgement byPh = ph == null
                    ? null
                    : judged.computeIfAbsent(
                                    new Shown(method, false, asItWas.ph(ph)), shown -> band.judgePh(shown.value()))
                            .orElse(null);
            Judgement byEc = ec == null
                    ? null
                    : judged.computeIfAbsent(
                                    new Shown(method, true, asItWas.ec(ec)), shown -> band.judgeEc(shown.value()))
                            .orElse(null);
            readings.add(new ReadingWire(
                    p.id(),
                    p.at(),
                    p.method(),
                    ph,
                    ec,
                    unlike(p.phShown(), ph),
                    unlike(p.ecShown(), ec),
                    thousandth(p.phPlusMinus()),
                    ec == null ? 0 : thousandth(asItWas.ec(ec).halfWidth95()),
                    p.celsius(),
                    p.beforePh(),
                    p.hours(),
                    byPh == null ? null : byPh.finding().id(),
                    byEc == null ? null : byEc.finding().id(),
                    outcome(phBefore, method, byPh),
                    outcome(ecBefore, method, byEc)));
        }
        Instant since = readings.isEmpty() ? clock.instant() : readings.get(0).at();
        List<MarkWire> marks = store.listMarks(garden, lotId, since);
        Instant filled = marks.stream()
                .filter(m -> m.kind().equals("potting"))
                .map(MarkWire::at)
                .reduce((a, b) -> b)
                .orElse(since);
        ZoneId zone = ZoneId.of(context.garden().timeZone());
        List<TrendWire> trends = new ArrayList<>();
        bands.forEach((method, band) -> {
            List<ReadingWire> own = readings.stream()
                    .filter(r -> r.method().equals(method.id()) && !r.at().isBefore(filled))
                    .toList();
            if (method.judged()) {
                trend(own, zone, ReadingWire::ph)
                        .ifPresent(t -> trends.add(wire(method, "ph", t, band.phLow(), band.phHigh())));
            }
            if (method.saysEc()) {
                trend(own, zone, ReadingWire::ec)
                        .ifPresent(t -> trends.add(wire(method, "ec", t, band.ecLow(), band.ecHigh())));
            }
        });
        return new Series(bands.values().stream().map(VerdictWire.BandWire::of).toList(), readings, trends, marks);
    }

    private static @Nullable Double unlike(@Nullable Double shown, @Nullable Double value) {
        return Objects.equals(shown, value) ? null : shown;
    }

    /** To a thousandth, more than any pen tells. */
    private static double thousandth(double value) {
        return Math.rint(value * 1000) / 1000;
    }

    private static Optional<Trend> trend(
            List<ReadingWire> readings, ZoneId zone, Function<ReadingWire, @Nullable Double> of) {
        Deque<Trend.Point> points = new ArrayDeque<>();
        for (int i = readings.size() - 1; i >= 0 && points.size() < Trend.MOST; i--) {
            ReadingWire r = readings.get(i);
            Double value = of.apply(r);
            if (value != null) {
                points.addFirst(new Trend.Point(LocalDate.ofInstant(r.at(), zone), value));
            }
        }
        return Trend.of(List.copyOf(points));
    }

    private static TrendWire wire(Method method, String quantity, Trend t, double low, double high) {
        Optional<Trend.Leaves> leaves = t.leaves(low, high);
        return new TrendWire(
                method.id(),
                quantity,
                t.slope() * MONTH,
                t.p(),
                t.moves(),
                t.n(),
                Stream.iterate(0, d -> d <= AHEAD_DAYS, d -> d + STEP_DAYS)
                        .map(t::ahead)
                        .map(a -> new AheadWire(a.on(), a.mid(), Math.max(0, a.low()), a.high()))
                        .toList(),
                leaves.map(Trend.Leaves::likely).orElse(null),
                leaves.map(Trend.Leaves::earliest).orElse(null),
                leaves.flatMap(Trend.Leaves::latest).orElse(null));
    }

    private static @Nullable OutcomeWire outcome(
            Map<Method, Judgement> before, Method method, @Nullable Judgement now) {
        if (now == null) {
            return null;
        }
        Judgement then = before.put(method, now);
        return then == null
                ? null
                : Outcome.of(then, now)
                        .map(o -> new OutcomeWire(o.kind().id(), o.moved()))
                        .orElse(null);
    }

    /** A lot's readings in small. */
    public record SmallWire(
            UUID lotId,
            String name,
            UUID placeId,
            VerdictWire.BandWire band,
            List<SmallPoint> points,
            @Nullable String phFinding,
            @Nullable String ecFinding,
            @Nullable DiffersWire phDiffers,
            @Nullable DiffersWire ecDiffers,
            @Nullable TrendWire phTrend,
            @Nullable TrendWire ecTrend) {}

    /** One reading of a lot in small. */
    public record SmallPoint(
            Instant at, @Nullable Double ph, @Nullable Double ec) {}

    /** How far the last reading is from those of the neighbours. */
    public record DiffersWire(double median, double z) {}

    /** Lots that were read, page by page. */
    public record Overview(List<SmallWire> lots, boolean more) {}

    /**
     * The readings of many lots in small.
     *
     * @param place only of lots there, or null
     * @param mix only of lots in this mix or batch, or null
     */
    public Overview overview(GardenId garden, String methodId, @Nullable UUID place, @Nullable String mix, int offset) {
        Method method = Method.require(methodId);
        GardenContext context = lots.context(garden);
        ZoneId zone = ZoneId.of(context.garden().timeZone());
        List<UUID> ids = store.listRead(garden, method.id(), place, mix, PAGE + 1, Math.max(0, offset));
        boolean more = ids.size() > PAGE;
        List<UUID> page = more ? ids.subList(0, PAGE) : ids;
        Map<UUID, List<ReadingStore.Small>> points = store.listLately(garden, page, method.id(), LATELY);
        Map<UUID, LotWithState> standing = lots.onBench(context, page);
        List<SmallWire> small = new ArrayList<>();
        for (UUID id : page) {
            if (!points.containsKey(id)) {
                // what was read of it was taken back
                continue;
            }
            Lot lot = Objects.requireNonNull(standing.get(id)).lot();
            small.add(small(lot, Backgrounds.band(context, lot, method), Objects.requireNonNull(points.get(id)), zone));
        }
        return new Overview(small.stream().map(s -> beside(s, small)).toList(), more);
    }

    private static SmallWire small(Lot lot, Band band, List<ReadingStore.Small> points, ZoneId zone) {
        List<Trend.Point> phs = new ArrayList<>();
        List<Trend.Point> ecs = new ArrayList<>();
        String phFinding = null;
        String ecFinding = null;
        for (ReadingStore.Small p : points) {
            Meter asItWas = new Meter(null, p.phPlusMinus(), p.ecPlusMinus());
            LocalDate on = LocalDate.ofInstant(p.at(), zone);
            Double ph = p.ph();
            Double ec = p.ec();
            if (ph != null) {
                phs.add(new Trend.Point(on, ph));
                phFinding =
                        band.judgePh(asItWas.ph(ph)).map(j -> j.finding().id()).orElse(null);
            }
            if (ec != null) {
                ecs.add(new Trend.Point(on, ec));
                ecFinding =
                        band.judgeEc(asItWas.ec(ec)).map(j -> j.finding().id()).orElse(null);
            }
        }
        return new SmallWire(
                lot.id(),
                lot.name(),
                lot.placeId(),
                VerdictWire.BandWire.of(band),
                points.stream().map(p -> new SmallPoint(p.at(), p.ph(), p.ec())).toList(),
                phFinding,
                ecFinding,
                null,
                null,
                Trend.of(phs)
                        .map(t -> wire(band.method(), "ph", t, band.phLow(), band.phHigh()))
                        .orElse(null),
                Trend.of(ecs)
                        .map(t -> wire(band.method(), "ec", t, band.ecLow(), band.ecHigh()))
                        .orElse(null));
    }

    /** One with how it stands to those beside it: in the same place, judged by the same band. */
    private static SmallWire beside(SmallWire s, List<SmallWire> all) {
        List<SmallWire> others = all.stream()
                .filter(o -> !o.lotId().equals(s.lotId())
                        && o.placeId().equals(s.placeId())
                        && o.band().zone().equals(s.band().zone())
                        && o.band().appetite().equals(s.band().appetite()))
                .toList();
        return new SmallWire(
                s.lotId(),
                s.name(),
                s.placeId(),
                s.band(),
                s.points(),
                s.phFinding(),
                s.ecFinding(),
                differs(s, others, SmallPoint::ph, Neighbours.PH_SD),
                differs(s, others, SmallPoint::ec, Neighbours.EC_SD),
                s.phTrend(),
                s.ecTrend());
    }

    private static @Nullable DiffersWire differs(
            SmallWire s, List<SmallWire> others, Function<SmallPoint, @Nullable Double> of, double resolution) {
        OptionalDouble own = last(s, of);
        if (own.isEmpty()) {
            return null;
        }
        List<Double> values = others.stream()
                .map(o -> last(o, of))
                .filter(OptionalDouble::isPresent)
                .map(OptionalDouble::getAsDouble)
                .toList();
        Neighbours n = Neighbours.of(own.getAsDouble(), values, resolution);
        return n.differs() ? new DiffersWire(n.median(), n.z()) : null;
    }

    private static OptionalDouble last(SmallWire s, Function<SmallPoint, @Nullable Double> of) {
        OptionalDouble last = OptionalDouble.empty();
        for (SmallPoint p : s.points()) {
            Double value = of.apply(p);
            if (value != null) {
                last = OptionalDouble.of(value);
            }
        }
        return last;
    }
}
