package evencistern.plan;

import evencistern.feed.Dose;
import evencistern.feed.Feed;
import evencistern.food.Portion;
import evencistern.label.Rate;
import evencistern.media.PotWater;
import evencistern.need.Course;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.working.Working;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * The feedings that lie before one pot.
 *
 * <p><b>Answers</b> on which days does this pot get which feed, and how much of each product?
 * <p><b>Formula</b> in water: strength of that day · litres that the pot has lost by then; strewn: as for its mix
 * <p><b>Units</b> product in the label's measure, g or mL; L
 * <p><b>Valid for</b> an average year, all feeds given as planned; what is held is not given
 * <p><b>Source</b> [COMMON] as in the days ahead
 * <p><b>Checked by</b> FeedYearTest
 */
public final class Feedings {
    private Feedings() {}

    /**
     * One of them.
     *
     * @param product for one pot
     * @param perLitre of its water, and {@code litres}; both 0 for what is not given in water
     */
    public record Feeding(LocalDate on, Course course, double product, double perLitre, double litres) {}

    /** Those from a day on, up to another that is not counted. */
    public static List<Feeding> of(Situation s, LocalDate from, LocalDate end) {
        List<Feeding> feedings = new ArrayList<>();
        if (s.courses().isEmpty()) {
            return feedings;
        }
        WaterNeed need = new WaterNeed(
                new PotWater(s.mix(), s.pot()), s.pot(), s.species(), s.place(), s.particulars(), Working.off());
        LocalDate before = s.lastWatered().orElse(from.minusDays(1));
        DaysAhead ahead = DaysAhead.of(s, from);
        for (DaysAhead.Watering next = ahead.next(); next.on().isBefore(end); next = ahead.next()) {
            if (next.turn().isPresent()) {
                Turn turn = ahead.turns().get(next.turn().getAsInt());
                feedings.add(feeding(turn, next, before, need));
            }
            before = next.kind() == DaysAhead.Kind.BESIDE ? before : next.on();
        }
        return feedings;
    }

    private static Feeding feeding(Turn turn, DaysAhead.Watering on, LocalDate before, WaterNeed need) {
        Feed feed = turn.course().feed();
        if (!(feed.rate() instanceof Rate.PerWater rate)) {
            return new Feeding(on.on(), turn.course(), Portion.beside(feed, turn.situation(), on.on()), 0, 0);
        }
        int days = (int) Math.max(1, ChronoUnit.DAYS.between(before, on.on()));
        Dose dose = Portion.dose(feed, rate, turn.situation(), on.on(), days);
        double litres = need.pour(on.missingLitres());
        return new Feeding(on.on(), turn.course(), dose.perLitre() * litres, dose.perLitre(), litres);
    }
}
