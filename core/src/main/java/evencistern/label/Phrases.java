package evencistern.label;

import static evencistern.label.LabelReading.Role;

import evencistern.label.Draft.Per;
import evencistern.label.Draft.Range;
import evencistern.label.Vocabulary.Written;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The phrases of a dose by their place in a sentence: an amount, what it is for, a ratio, the setting of an injector. */
abstract class Phrases extends Pieces {
    Phrases(List<Token> tokens) {
        super(tokens);
    }

    record AmountAt(Range range, WrittenAt unit, Optional<Boolean> heaped, int next) {}

    Optional<AmountAt> amountAt(int start) {
        Optional<Numbered> number = range(start);
        if (number.isEmpty()) {
            return Optional.empty();
        }
        int p = number.get().next();
        Optional<Boolean> heaped = Optional.empty();
        if (any(p, Vocabulary.HEAPED.keySet())) {
            heaped = Optional.ofNullable(Vocabulary.HEAPED.get(text(p)));
            p++;
        }
        if (number.get().range().max() < 1) {
            p = any(p, Set.of("of")) ? p + 1 : p;
            p = any(p, Set.of("a", "an")) ? p + 1 : p; // half a teaspoon, three quarters of a teaspoon
        }
        Optional<WrittenAt> unit = unit(p);
        Optional<Boolean> spoon = heaped;
        return unit.map(u -> new AmountAt(number.get().range(), u, spoon, u.next()));
    }

    /** What an amount is for, counted from {@code start}: litres, pots, plants, square metres, height. */
    Optional<PerEnd> per(int start) {
        if (any(start, Vocabulary.PLANT)) {
            return Optional.of(new PerEnd(Per.PLANT, Role.PER_PLANT, 1, Optional.empty(), start + 1));
        }
        Optional<Numbered> count = single(start);
        int p = count.map(Numbered::next).orElse(start);
        if (any(p, Set.of("-"))) {
            p++; // 4-inch pot
        }
        double many = count.map(c -> c.range().min()).orElse(1.0);
        Optional<WrittenAt> area = area(p);
        if (area.isPresent()) {
            return Optional.of(
                    new PerEnd(Per.AREA, Role.PER_AREA, many, area, area.get().next()));
        }
        return unit(p).flatMap(of -> what(of, many));
    }

    /**
     * The end of a "per".
     *
     * @param then the setting of an injector that a stock made so is drawn by
     */
    record PerEnd(Per per, Role role, double count, Optional<WrittenAt> at, Optional<Draft.Dose> then, int next) {
        PerEnd(Per per, Role role, double count, Optional<WrittenAt> at, int next) {
            this(per, role, count, at, Optional.empty(), next);
        }

        Optional<Written> of() {
            return at.map(WrittenAt::unit);
        }

        Optional<Question.Choice> measures() {
            return at.flatMap(WrittenAt::measures);
        }
    }

    /** What follows the "per" unit: water, mix, stock, a pot of that size; or nothing, which after a volume means water. */
    Optional<PerEnd> what(WrittenAt of, double count) {
        int p = of.next();
        if (any(p, Set.of("of"))) {
            p++;
        }
        boolean length = isLength(of.unit());
        if (length && any(p, Set.of("plant")) && any(p + 1, Set.of("height"))) {
            p++;
        }
        if (length && any(p, Set.of("height"))) {
            return Optional.of(new PerEnd(Per.HEIGHT, Role.PER_HEIGHT, count, Optional.of(of), p + 1));
        }
        if (any(p, Set.of("potting", "growing")) && any(p + 1, Vocabulary.MIX)) {
            p++;
        }
        if (any(p, Vocabulary.POT)) {
            int next = p + 1;
            while (any(next, Vocabulary.WIDTH)) {
                next++;
            }
            return Optional.of(
                    new PerEnd(length ? Per.POT_WIDTH : Per.MIX, Role.PER_POT, count, Optional.of(of), next));
        }
        if (length) {
            return Optional.empty();
        }
        if (any(p, Vocabulary.MIX)) {
            return Optional.of(new PerEnd(Per.MIX, Role.PER_MIX, count, Optional.of(of), p + 1));
        }
        if (isMass(of.unit())) {
            return Optional.empty();
        }
        boolean stock = any(p, Set.of("stock", "concentrate"));
        int end = of.next();
        if (stock) {
            end = any(p + 1, Set.of("solution")) ? p + 2 : p + 1;
        } else if (any(p, Set.of("water", "solution", "can"))) {
            end = p + 1;
        }
        Optional<Setting> setting = setting(end, stock);
        if (stock && setting.isEmpty()) {
            return Optional.empty(); // a stock is many times too strong for a plant: never taken for the feed itself
        }
        return Optional.of(new PerEnd(
                Per.WATER,
                Role.PER_WATER,
                count,
                Optional.of(of),
                setting.map(Setting::dose),
                setting.map(Setting::next).orElse(end)));
    }

    record Setting(Draft.Dose dose, int next) {}

    /** "at 1:128", "through a 1:100 injector", "set to 2 %"; without the word stock only right after "at". */
    Optional<Setting> setting(int start, boolean stock) {
        int p = start;
        while (any(p, Vocabulary.INJECTING)) {
            p++;
        }
        if (p == start || (!stock && !any(start, Set.of("at")))) {
            return Optional.empty();
        }
        int number = p;
        return perCentAt(number)
                .or(() -> ratioAt(number))
                .map(f -> any(f.next(), Set.of("injector", "proportioner")) ? new Setting(f.dose(), f.next() + 1) : f);
    }

    private static boolean isLength(Written unit) {
        return switch (unit) {
            case INCH, FOOT, METRE, CENTIMETRE, MILLIMETRE -> true;
            default -> false;
        };
    }

    private static boolean isMass(Written unit) {
        return switch (unit) {
            case GRAM, KILOGRAM, MILLIGRAM, POUND, OUNCE -> true;
            default -> false;
        };
    }

    /** "1:250", "1 in 100", "1 to 500", "1 part to 100 parts of water". */
    Optional<Setting> ratioAt(int start) {
        Optional<Numbered> parts = single(start);
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        int p = parts.get().next();
        if (any(p, Set.of("part", "parts"))) {
            p++;
        }
        if (!any(p, Set.of(":", "in", "to"))) {
            return Optional.empty();
        }
        Optional<Numbered> in = single(p + 1);
        if (in.isEmpty()) {
            return Optional.empty();
        }
        p = in.get().next();
        if (any(p, Set.of("part", "parts"))) {
            p++;
        }
        if (any(p, Set.of("of"))) {
            p++;
        }
        if (any(p, Set.of("water"))) {
            p++;
        }
        return Optional.of(new Setting(
                new Draft.Ratio(parts.get().range().min(), in.get().range().min()), p));
    }

    Optional<Setting> perCentAt(int start) {
        Optional<Numbered> range = range(start);
        if (range.isEmpty() || !any(range.get().next(), Set.of("%", "percent"))) {
            return Optional.empty();
        }
        int next = range.get().next() + 1;
        return Optional.of(
                new Setting(new Draft.Share(range.get().range()), any(next, Set.of("solution")) ? next + 1 : next));
    }
}
