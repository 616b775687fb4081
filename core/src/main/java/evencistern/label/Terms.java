package evencistern.label;

import java.time.LocalDate;
import java.time.Month;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

/**
 * On what terms a label's dose is meant.
 *
 * <p><b>Answers</b> in which months does the label feed, how much weaker for some plants, how much rarer in some months?
 * <p><b>Formula</b> seasons are the place's own: a season's months are six later south of the equator; months that are named
 * stay as they are; of several shares the least counts
 * <p><b>Units</b> months of the year; shares above 0 and below 1; days
 * <p><b>Valid for</b> what is said beside one use; a share above 1 is never taken
 * <p><b>Source</b> [COMMON] spring is March to May north of the tropics
 * <p><b>Checked by</b> TermsTest
 *
 * @param season in which it feeds at all; empty for all year
 */
public record Terms(Optional<Season> season, List<Share> shares, List<Rarer> rarer) {
    public static final Terms NONE = new Terms(Optional.empty(), List.of(), List.of());

    public Terms {
        shares = List.copyOf(shares);
        rarer = List.copyOf(rarer);
    }

    /** Plants that labels make an exception of. */
    public enum Kin {
        SEEDLINGS,
        ORCHIDS,
        FERNS,
        CACTI,
        SUCCULENTS,
        BONSAI,
        CARNIVORES
    }

    /**
     * Months of a year.
     *
     * @param months as they are north of the equator
     * @param moves whether they are seasons, which come half a year later south of it
     */
    public record Season(Set<Month> months, boolean moves) {
        private static final int HALF_A_YEAR = 6;

        public Season {
            months = Set.copyOf(months);
        }

        /** Named months from one through another, over the turn of the year where it lies between. */
        public static Season through(int first, int last) {
            Set<Month> all = EnumSet.noneOf(Month.class);
            Month month = Month.of(first);
            while (month.getValue() != last) {
                all.add(month);
                month = month.plus(1);
            }
            all.add(month);
            return new Season(all, false);
        }

        public boolean on(LocalDate day, double latitude) {
            Month month = moves && latitude < 0 ? day.getMonth().plus(HALF_A_YEAR) : day.getMonth();
            return months.contains(month);
        }

        /** The months that these leave; a season cannot be taken from months of which nobody knows the hemisphere. */
        Season without(Season off) {
            if (moves != off.moves && months.size() < Month.values().length) {
                return this;
            }
            Set<Month> left = EnumSet.copyOf(months);
            left.removeAll(off.months);
            return new Season(left, moves || off.moves);
        }
    }

    /**
     * A share of the dose, for some plants or in some months.
     *
     * @param of empty for all plants
     * @param in empty for all year
     */
    public record Share(Optional<Kin> of, Optional<Season> in, double share) {}

    /** So many days at least between two feeds in some months. */
    public record Rarer(Season in, int days) {}

    /** These, and so many days between two feeds all year; the same where that is 0. */
    Terms apart(int days) {
        if (days <= 0) {
            return this;
        }
        Season always = new Season(EnumSet.allOf(Month.class), false);
        return new Terms(
                season,
                shares,
                Stream.concat(rarer.stream(), Stream.of(new Rarer(always, days)))
                        .toList());
    }

    /** Whether the label feeds on a day, at a latitude in degrees. */
    public boolean feedsOn(LocalDate day, double latitude) {
        return season.isEmpty() || season.get().on(day, latitude);
    }

    /** The share of its dose that the label gives such plants on a day, above 0 and at most 1. */
    public double shareOn(LocalDate day, double latitude, Set<Kin> plant) {
        return shares.stream()
                .filter(s -> s.of().isEmpty() || plant.contains(s.of().get()))
                .filter(s -> s.in().isEmpty() || s.in().get().on(day, latitude))
                .mapToDouble(Share::share)
                .min()
                .orElse(1);
    }

    /** Days between feeds that it asks for on a day; empty where that is not of its own. */
    public OptionalInt daysOn(LocalDate day, double latitude) {
        return rarer.stream()
                .filter(r -> r.in().on(day, latitude))
                .mapToInt(Rarer::days)
                .max();
    }
}
