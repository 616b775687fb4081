package evencistern.label;

import evencistern.label.Draft.Often;
import evencistern.label.Draft.Range;
import java.util.List;
import java.util.Optional;

/** How often the words of a rhythm mean. */
final class Rhythms {
    static final double DAYS_PER_YEAR = 365;
    static final double DAYS_PER_MONTH = 30;
    /** Feeding with every so many waterings is said of few. */
    private static final int MOST_WATERINGS = 12;

    /** A season is not a day: so much sooner and later; common practice, no source. */
    private static final double SOONER = 0.82;

    private static final double LATER = 1.2;

    private Rhythms() {}

    /** A period, or a range of two, in days. */
    static Range days(Node n) {
        if (n.has("range")) {
            return Amounts.range(n.kid("range").orElseThrow())
                    .times(period(n.kid("period").orElseThrow()));
        }
        List<Node> periods = n.kids("period");
        double first = period(periods.get(0));
        return periods.size() > 1
                ? new Range(first, n.kid("number").orElseThrow().number() * period(periods.get(1)))
                : new Range(first, first);
    }

    static double period(Node n) {
        return Double.parseDouble(n.value());
    }

    static boolean inMonths(Node n) {
        return n.all("period").stream().anyMatch(p -> p.value().equals("30"));
    }

    /** What a rhythm's words come to; empty where they leave it open. */
    static Optional<Often> of(Node n) {
        switch (n.symbol()) {
            case "every", "interval" -> {
                if (n.has("adverb")) {
                    double d = period(n.kid("adverb").orElseThrow());
                    return Optional.of(Often.days(d, d, d == 30));
                }
                if (n.has("number") && !n.has("range")) {
                    double d = n.kid("number").orElseThrow().number();
                    return Optional.of(Often.days(d, d, false));
                }
                Range r = n.has("days") ? days(n.kid("days").orElseThrow()) : days(n);
                return Optional.of(Often.days(r.min(), r.max(), inMonths(n)));
            }
            case "nth" -> {
                double d = n.kid("nth")
                                .map(Rhythms::period)
                                .or(() -> n.kid("number").map(Node::number))
                                .orElse(2.0)
                        * period(n.kid("period").orElseThrow());
                return Optional.of(Often.days(d, d, inMonths(n)));
            }
            case "adverb" -> {
                List<Node> said = n.kids("adverb");
                double times = n.kid("times")
                        .filter(t -> !t.value().isEmpty())
                        .map(Rhythms::period)
                        .or(() -> n.kid("number").map(Node::number))
                        .orElse(1.0);
                double a = period(said.get(0)) / times;
                double b = period(said.get(said.size() - 1)) / times;
                return Optional.of(Often.days(Math.floor(Math.min(a, b)), Math.ceil(Math.max(a, b)), a == 30));
            }
            case "both" -> {
                return n.kid("both").orElseThrow().value().equals("7")
                        ? Optional.of(Often.twiceOrEverySecondWeek())
                        : Optional.empty();
            }
            case "counted" -> {
                Range times = n.kid("range").map(Amounts::range).orElseGet(() -> {
                    List<Node> said = n.kids("times").stream()
                            .filter(t -> !t.value().isEmpty())
                            .toList();
                    return new Range(period(said.get(0)), period(said.get(said.size() - 1)));
                });
                Range in = n.kid("days")
                        .map(Rhythms::days)
                        .orElseGet(() -> new Range(
                                period(n.kid("period").orElseThrow()),
                                period(n.kid("period").orElseThrow())));
                return Optional.of(
                        Often.days(Math.floor(in.min() / times.max()), Math.ceil(in.max() / times.min()), inMonths(n)));
            }
            case "watering" -> {
                return Optional.of(Often.waterings(1));
            }
            case "nthwatering" -> {
                double each = n.kid("nth")
                        .map(Rhythms::period)
                        .or(() -> n.kid("range").map(r -> Amounts.range(r).max()))
                        .orElse(2.0);
                boolean whole = each == Math.rint(each) && each >= 1 && each <= MOST_WATERINGS;
                return whole ? Optional.of(Often.waterings((int) each)) : Optional.empty();
            }
            case "days_named" -> {
                double d = n.kid("nth").map(Rhythms::period).orElse(1.0)
                        * 7.0
                        / n.kids("day").size();
                return Optional.of(Often.days(Math.floor(d), Math.ceil(d), false));
            }
            case "months" -> {
                int times = Math.max(n.kids("month").size(), n.has("twice") ? 2 : 1);
                return Optional.of(aYear(times));
            }
            case "seasons" -> {
                return Optional.of(aYear(n.has("each") ? 1 : n.kids("season_at").size()));
            }
            default -> throw new IllegalStateException(n.symbol());
        }
    }

    /** So many times a year, when growth asks for it. */
    static Often aYear(int times) {
        double days = DAYS_PER_YEAR / times;
        return new Often(Math.round(days * SOONER), Math.round(days * LATER), false, 0, false, true);
    }
}
