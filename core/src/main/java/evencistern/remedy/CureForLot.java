package evencistern.remedy;

import evencistern.fault.Fault;
import evencistern.fault.FaultException;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.feed.Nutrient;
import evencistern.food.Spray;
import evencistern.media.PotWater;
import evencistern.need.Course;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.plant.Trait;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.DoubleStream;

/**
 * What a treatment of a lot is done with.
 *
 * <p><b>Answers</b> how much of each thing that it may be done with goes on one pot, and what speaks against it?
 * <p><b>Formula</b> a drench: rate · a watering that runs through; a spray: rate · volume that wets the leaves; what is worked
 * in: rate · litres of mix
 * <p><b>Units</b> g or mL; L
 * <p><b>Valid for</b> as the treatment itself; roots without mix are sprayed only
 * <p><b>Source</b> [COMMON] the rules it brings together name their own
 * <p><b>Checked by</b> CureForLotTest
 *
 * @param litres of solution, or of mix, that the treatment is worked out for
 * @param treatment empty where something speaks against it, which {@code refusals} then tell
 */
public record CureForLot(Remedy remedy, double litres, Optional<Treatment> treatment, List<Fault> refusals) {
    /** Made up where less could not be measured, L. */
    private static final double[] CANS = {1, 2, 5, 10};

    public CureForLot {
        refusals = List.copyOf(refusals);
    }

    /**
     * Everything a cure may be done with that is worked out.
     *
     * @param ph in the root zone, by the last reading
     */
    public static List<CureForLot> of(Cure cure, Situation s, OptionalDouble ph, double waterPh, LocalDate today) {
        return cure.means().stream()
                .filter(r -> r.sprayed() || !s.bare())
                .map(r -> of(r, s, ph, waterPh, today))
                .toList();
    }

    private static CureForLot of(Remedy remedy, Situation s, OptionalDouble ph, double waterPh, LocalDate today) {
        PotWater pot = new PotWater(s.mix(), s.pot());
        double litres = remedy.sprayed() ? Spray.wets(s.size()) : remedy.dry() ? pot.mixLitres() : watering(pot, s);
        try {
            Treatment.Roots roots = new Treatment.Roots(
                    ph,
                    s.bare()
                            ? OptionalDouble.empty()
                            : OptionalDouble.of(s.mix().buffer()),
                    s.courses().stream().map(Course::feed).anyMatch(CureForLot::ammonium));
            Treatment.Plant plant = new Treatment.Plant(
                    s.species(),
                    roots,
                    waterPh,
                    litres,
                    leaf(s),
                    false,
                    s.place().on(today).meanC(),
                    false);
            return new CureForLot(remedy, litres, Optional.of(Treatment.of(remedy, plant, Working.off())), List.of());
        } catch (FaultException e) {
            return new CureForLot(remedy, litres, Optional.empty(), e.faults());
        }
    }

    /**
     * What is mixed for so many pots, L: what they take, or as much more as makes the weak amount one that a hand can measure. Of
     * what is worked into the mix no more is measured than goes in.
     *
     * @param pots at least 1
     */
    public double mixedLitres(int pots, HandMeasure hand, Set<HandMeasure.Spoon> spoons) {
        double all = litres * pots;
        double least = remedy.sprayed() ? Spray.mixed(all) : all;
        if (remedy.dry()) {
            return least;
        }
        return treatment
                .flatMap(t -> DoubleStream.concat(
                                DoubleStream.of(least), DoubleStream.of(CANS).filter(can -> can > least))
                        .filter(mixed -> measurable(t, mixed / litres, hand, spoons))
                        .boxed()
                        .findFirst())
                .orElse(least);
    }

    private static boolean measurable(Treatment t, double fold, HandMeasure hand, Set<HandMeasure.Spoon> spoons) {
        return t.measured(t.low() * fold, fold, hand, spoons).practical() > 0;
    }

    /** One watering of its pot that runs through. */
    private static double watering(PotWater pot, Situation s) {
        return new WaterNeed(pot, s.pot(), s.species(), s.place(), s.particulars(), Working.off())
                .fullPour(Working.off());
    }

    private static Treatment.Leaf leaf(Situation s) {
        return s.species().traits().is(Trait.LEAF, "thick") ? Treatment.Leaf.THICK : Treatment.Leaf.THIN;
    }

    /** What gives off ammonia beside burnt lime: ammonium and urea, and what turns into them. */
    private static boolean ammonium(Feed feed) {
        boolean organic = feed.contentsPer(feed.rate().measure()).of(Nutrient.SLOW_N) > 0;
        return feed.slowShare() > 0 || organic || feed.coated().isPresent();
    }
}
