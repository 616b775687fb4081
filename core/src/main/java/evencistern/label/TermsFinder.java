package evencistern.label;

import evencistern.label.LabelReading.Role;
import java.time.Month;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Finds what one use on a label says of seasons, of plants that get less, and of months in which it feeds less often. */
final class TermsFinder {
    private static final int SEASON_MONTHS = 3;
    private static final int DENIES_AHEAD = 3;
    private static final Set<String> STOPS = Set.of("stop", "cease", "finish", "not", "no", "never", "without");

    private final List<Token> tokens;
    private final List<Node> phrases;
    private final Role[] roles;
    private final List<Node> taken = new ArrayList<>();

    private TermsFinder(List<Token> tokens, List<Node> phrases, Role[] roles) {
        this.tokens = tokens;
        this.phrases = phrases;
        this.roles = roles;
    }

    /**
     * The terms of a use.
     *
     * @param all of the sentence's phrases
     * @param begin,end its tokens
     */
    static Terms of(List<Token> tokens, List<Node> all, Role[] roles, int begin, int end) {
        List<Node> own =
                all.stream().filter(p -> p.start() >= begin && p.start() < end).toList();
        return new TermsFinder(tokens, own, roles).find();
    }

    private Terms find() {
        List<Terms.Share> shares = shares();
        List<Node> rhythms = phrases.stream()
                .filter(p -> Directions.RHYTHMS.contains(p.symbol()))
                .toList();
        List<Terms.Rarer> rarer = new ArrayList<>();
        rhythms.stream()
                .skip(1)
                .forEach(r -> beside(r).flatMap(this::season).ifPresent(in -> {
                    int days = days(r);
                    if (days > 0) {
                        rarer.add(new Terms.Rarer(in, days));
                    }
                }));
        boolean allYear = rhythms.size() > 1
                || IntStream.range(0, tokens.size())
                        .anyMatch(i -> tokens.get(i).is("otherwise")
                                || tokens.get(i).is("reduce")
                                || tokens.get(i).is("reducing"));
        List<Terms.Season> on = new ArrayList<>();
        List<Terms.Season> off = new ArrayList<>();
        for (Node span : phrases) {
            if (!isSpan(span) || taken.contains(span)) {
                continue;
            }
            int stop = stop(span);
            if (stop >= 0) {
                season(span).ifPresent(s -> {
                    off.add(s);
                    Arrays.fill(roles, stop, span.start(), Role.NOTED);
                });
            } else if (clear(span)) {
                season(span).ifPresent(on::add);
            }
        }
        Optional<Terms.Season> season = on.size() == 1 && !allYear ? Optional.of(on.get(0)) : Optional.empty();
        for (Terms.Season none : off) {
            season = Optional.of(season.orElse(new Terms.Season(EnumSet.allOf(Month.class), false))
                    .without(none));
        }
        return new Terms(season.filter(s -> !s.months().isEmpty()), shares, rarer);
    }

    // --- shares ---

    private List<Terms.Share> shares() {
        List<Terms.Share> found = new ArrayList<>();
        for (Node said : phrases) {
            double share = said.is("portion") || said.is("less") ? shareOf(said) : 1;
            if (!(share > 0 && share < 1) || roles[said.start()] != Role.NOTED) {
                continue;
            }
            int from = clauseStart(said.start());
            int to = clauseEnd(said.end());
            Optional<Node> span = phrases.stream()
                    .filter(p -> isSpan(p) && p.start() >= from && p.start() < to)
                    .findFirst();
            Optional<Terms.Season> in = span.or(() -> said.has("season") ? Optional.of(said) : Optional.empty())
                    .flatMap(this::season);
            span.ifPresent(taken::add);
            List<Terms.Kin> kin = kin(from, to);
            if (kin.isEmpty() && in.isPresent()) {
                found.add(new Terms.Share(Optional.empty(), in, share));
            }
            kin.forEach(k -> found.add(new Terms.Share(Optional.of(k), in, share)));
        }
        return found;
    }

    /** What it is a share of: 1 where it says no number below that. */
    static double shareOf(Node said) {
        return said.kid("fraction")
                .map(f -> Double.parseDouble(f.value()))
                .or(() -> said.has("halve") || said.has("half") ? Optional.of(0.5) : Optional.empty())
                .or(() -> said.kid("number").map(Node::number))
                .or(() -> said.kid("share")
                        .flatMap(s -> s.kid("range"))
                        .map(r -> r.kids("number").get(0).number() / 100))
                .orElse(1.0);
    }

    private List<Terms.Kin> kin(int from, int to) {
        return IntStream.range(from, to)
                .boxed()
                .flatMap(i -> Lexicon.value(tokens, i, "kin").stream())
                .map(Terms.Kin::valueOf)
                .distinct()
                .toList();
    }

    /** A clause ends with a stop, a comma, or a dose. */
    private int clauseStart(int at) {
        int start = at;
        while (start > 0 && !parts(start - 1)) {
            start--;
        }
        return start;
    }

    private int clauseEnd(int at) {
        int end = at;
        while (end < tokens.size() && !parts(end)) {
            end++;
        }
        return end;
    }

    private boolean parts(int i) {
        return List.of(".", ";", ",", "(", ")").contains(tokens.get(i).text()) || roles[i] == Role.AMOUNT;
    }

    // --- seasons ---

    /** The span that goes with a rhythm: behind it in the same clause, or else before it. */
    private Optional<Node> beside(Node rhythm) {
        int to = clauseEnd(rhythm.end());
        int from = clauseStart(rhythm.start());
        Optional<Node> found = phrases.stream()
                .filter(p -> isSpan(p) && !taken.contains(p) && p.start() >= rhythm.end() && p.start() < to)
                .findFirst()
                .or(() -> phrases.stream()
                        .filter(p -> isSpan(p) && !taken.contains(p) && p.start() >= from && p.end() <= rhythm.start())
                        .reduce((a, b) -> b));
        found.ifPresent(taken::add);
        return found;
    }

    private boolean isSpan(Node phrase) {
        return (phrase.is("span") || phrase.is("seasons")) && roles[phrase.start()] == Role.NOTED;
    }

    /** Whether every word of its clause was understood: otherwise nobody knows what it says of those months. */
    private boolean clear(Node span) {
        return IntStream.range(clauseStart(span.start()), clauseEnd(span.end()))
                .noneMatch(i -> roles[i] == Role.UNKNOWN);
    }

    /** Where "do not feed" or "stop feeding" begins before months; below 0 where nothing of the kind does. */
    private int stop(Node span) {
        int stop = -1;
        for (int i = span.start() - 1; i >= Math.max(0, span.start() - DENIES_AHEAD) && !parts(i); i--) {
            stop = STOPS.contains(tokens.get(i).text()) ? i : stop;
        }
        return stop > 0 && tokens.get(stop - 1).is("do") ? stop - 1 : stop;
    }

    private Optional<Terms.Season> season(Node span) {
        List<Node> months = span.kids("month");
        if (months.size() == 2) {
            return Optional.of(Terms.Season.through(
                    Integer.parseInt(months.get(0).value()),
                    Integer.parseInt(months.get(1).value())));
        }
        if (months.size() == 1 && span.has("in")) {
            return Optional.of(new Terms.Season(
                    Set.of(Month.of(Integer.parseInt(months.get(0).value()))), false));
        }
        List<Node> seasons =
                span.all("season").stream().filter(s -> !s.value().isEmpty()).toList();
        boolean until = span.has("until") || span.has("till");
        if (seasons.isEmpty() || (until && seasons.size() < 2)) {
            return Optional.empty(); // nobody says from when
        }
        int first = Integer.parseInt(seasons.get(0).value());
        int last = Integer.parseInt(seasons.get(seasons.size() - 1).value());
        boolean range = until || Stream.of("to", "-", "from", "through").anyMatch(span::has);
        Set<Month> all = EnumSet.noneOf(Month.class);
        if (range) {
            all.addAll(Terms.Season.through(
                            first, Month.of(last).plus(SEASON_MONTHS - 1L).getValue())
                    .months());
        } else {
            seasons.forEach(s -> all.addAll(Terms.Season.through(
                            Integer.parseInt(s.value()),
                            Month.of(Integer.parseInt(s.value()))
                                    .plus(SEASON_MONTHS - 1L)
                                    .getValue())
                    .months()));
        }
        return Optional.of(new Terms.Season(all, true));
    }

    /** The shortest gap of a rhythm in days; 0 where it goes by waterings. */
    private int days(Node rhythm) {
        return (int) Math.round(Rhythms.of(rhythm)
                .filter(o -> o.waterings() == 0)
                .map(Draft.Often::minDays)
                .orElse(0.0));
    }
}
