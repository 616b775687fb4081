package evencistern.server.calendar;

import evencistern.need.Situation;
import evencistern.plan.LotYear;
import evencistern.server.GardenId;
import evencistern.server.age.MixAges;
import evencistern.server.food.Foods;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The year that lies before the lots of a garden. */
@Service
class Years {
    private static final int MOST = 40;
    private static final int DAYS_A_POINT = 5;

    private final Lots lots;
    private final MixAges ages;

    Years(Lots lots, MixAges ages) {
        this.lots = lots;
        this.ages = ages;
    }

    /** Days on which something holds the feed back; the last not counted. */
    record HoldSpanWire(String hold, LocalDate from, LocalDate to) {}

    /** Days in which it is fed at every watering, the last one counted. */
    record FedSpanWire(LocalDate from, LocalDate to) {}

    /**
     * The year of a lot.
     *
     * @param feeds days of feeding; none where it is fed at every watering, {@code fedThroughout}
     * @param coated days on which coated feed in its mix still gives something
     * @param mixSpent when its mix will likely be used up
     * @param growth 0–1, every {@code daysAPoint} days
     */
    record LotYearWire(
            UUID lotId,
            String name,
            String species,
            UUID placeId,
            int daysAPoint,
            List<Double> growth,
            List<HoldSpanWire> holds,
            List<LocalDate> feeds,
            List<FedSpanWire> fedThroughout,
            List<FedSpanWire> coated,
            List<LocalDate> flushes,
            @Nullable LocalDate repot,
            @Nullable LocalDate mixSpent) {}

    /**
     * The years of some lots.
     *
     * @param all lots that were found, of which these are the first
     */
    record YearWire(LocalDate from, int days, int all, List<LotYearWire> lots) {}

    /** The lots of a garden or of a place, those whose name holds a text. */
    @Transactional(readOnly = true)
    YearWire of(GardenId garden, String find, @Nullable UUID place) {
        GardenContext context = lots.context(garden);
        LocalDate today = context.garden().today();
        String wanted = find.strip().toLowerCase(Locale.ROOT);
        List<LotWithState> found = lots.listAll(context).stream()
                .filter(s -> place == null || s.lot().placeId().equals(place))
                .filter(s -> s.lot().name().toLowerCase(Locale.ROOT).contains(wanted))
                .sorted(Comparator.comparing((LotWithState s) ->
                                context.garden().place(s.lot().placeId()).name())
                        .thenComparing(s -> s.lot().name()))
                .toList();
        return new YearWire(
                today,
                LotYear.DAYS,
                found.size(),
                found.stream().limit(MOST).map(s -> wire(context, s, today)).toList());
    }

    private LotYearWire wire(GardenContext context, LotWithState s, LocalDate today) {
        Situation situation = context.situation(s);
        LotYear year = LotYear.of(situation, today);
        boolean everyWatering = context.fedEveryWatering(s.lot());
        List<Double> growth = new ArrayList<>();
        for (int d = 0; d < LotYear.DAYS; d += DAYS_A_POINT) {
            growth.add(year.growth().get(d));
        }
        return new LotYearWire(
                s.lot().id(),
                s.lot().name(),
                s.lot().species(),
                s.lot().placeId(),
                DAYS_A_POINT,
                growth,
                year.holds().stream()
                        .map(h -> new HoldSpanWire(h.hold().id(), h.from(), h.to()))
                        .toList(),
                everyWatering ? List.of() : year.feeds(),
                everyWatering ? spans(year.fedThroughout()) : List.of(),
                spans(year.coated(situation, Foods.stirredInto(context, s.lot(), situation))),
                year.flushes(),
                year.repot().orElse(null),
                ages.spentOn(context, s).orElse(null));
    }

    private static List<FedSpanWire> spans(List<LotYear.Stretch> stretches) {
        return stretches.stream().map(f -> new FedSpanWire(f.from(), f.to())).toList();
    }
}
