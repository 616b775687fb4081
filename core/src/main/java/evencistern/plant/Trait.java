package evencistern.plant;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.units.MeasureReader;
import evencistern.units.Unit;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What can be said of a kind of plant. A trait is a number with its unit and span, one word of a few, or several of them
 * joined by {@code +}.
 */
public enum Trait {
    APPETITE("none", "light", "medium", "heavy"),
    /** How wet it likes to be kept. */
    HABIT("never_dry", "even", "top_dries", "dries_out", "twice_daily"),
    /** Share of the available water that may go before the next watering. */
    DEPLETION(Unit.ONE, 0.1, 0.8),
    /** Water use against the reference. */
    CROP(Unit.ONE, 0.1, 1.5),
    /** How wide it usually stands, against the width of its pot. */
    SPREAD(Unit.ONE, 0.3, 12),
    /** How it stands. */
    SHAPE("upright", "rosette", "mound", "trailing", "tree"),
    /** Leaf area over the ground that its crown covers. */
    COVER(Unit.ONE, 0.3, 8),
    /** When its stomata open: by day, or by night as those of succulent plants. */
    STOMATA("day", "night"),
    /** How it is usually watered. */
    WAY("top", "from_below", "standing", "reservoir", "clay_balls", "dunked", "misted", "drip", "overhead"),
    ROOTS("ordinary", "fine", "velamen", "semi_hydro"),
    PH_LOW(Unit.PH_UNIT, 3, 8),
    PH_HIGH(Unit.PH_UNIT, 3, 9),
    CAP_EC(Unit.MILLISIEMENS_PER_CM, 0.05, 3),
    CAP_N(Unit.MILLIGRAM_PER_LITRE, 0, 300),
    SALT("low", "medium", "high"),
    /** Least air its roots want in the drained pot. */
    AIR(Unit.PER_CENT, 0, 60),
    ROTS("yes", "no"),
    /** Keys of shipped recipes it does well in. */
    MIXES(true),
    /** What puts it to rest. */
    DORMANCY("none", "cold", "short_days", "dry_heat"),
    DORMANT_BELOW(Unit.CELSIUS, -5, 20),
    DORMANT_HOURS(Unit.HOUR, 0, 16),
    REST_ABOVE(Unit.CELSIUS, 15, 60),
    /** How it is watered while it rests. */
    REST_WATER("as_usual", "less", "leafless", "dry"),
    /** How long a rest lasts that a person tells of: leaves gone, or old leaves giving way to new ones. */
    REST_WEEKS(Unit.WEEK, 1, 30),
    /** Whether its growth must harden before frost: woody plants and perennials that stay out. */
    HARDENS("yes", "no"),
    SEASON("warm_months", "cool_months", "all_year"),
    /** Daily mean at which growth begins. */
    BASE(Unit.CELSIUS, -5, 20),
    /** Daily mean of full growth. */
    FULL(Unit.CELSIUS, -4, 35),
    /** Daily light that is enough for full growth. */
    LIGHT(Unit.MOL_PER_M2_DAY, 0.5, 60),
    LIGHT_LOW(Unit.MOL_PER_M2_DAY, 0.1, 60),
    LIGHT_HIGH(Unit.MOL_PER_M2_DAY, 0.5, 70),
    /** States in which it takes no feed. */
    HOLDS(true, "none", "flowering", "fruit_set"),
    /** After grafting: liquid feed only, nothing strewn. */
    GRAFT_DAYS(Unit.DAY, 0, 730),
    REPOT_HOLD(Unit.DAY, 0, 365),
    /** Whether salt shows as burnt leaf edges. */
    LEAF_SALT("yes", "no"),
    /** Whether it takes up much through its leaves. */
    LEAF("thin", "thick"),
    /** Weeks between flushes; 0 for none. */
    FLUSH_WEEKS(Unit.WEEK, 0, 52),
    REPOT_YEARS(Unit.YEAR, 0.2, 15),
    REPOT_SEASON("as_growth_starts", "after_flowering", "while_dormant", "any"),
    /** Days between pinching out tips; 0 for never, as for the rest of its care. */
    PINCH_DAYS(Unit.DAY, 0, 120),
    DEADHEAD_DAYS(Unit.DAY, 0, 120),
    /** Between turns at a window. */
    TURN_DAYS(Unit.DAY, 0, 120),
    /** Between looks at stakes, ties and wire. */
    STAKE_DAYS(Unit.DAY, 0, 120),
    /** Between looks for pests, while it grows. */
    LOOK_DAYS(Unit.DAY, 0, 120),
    POISON_PEOPLE(Words.POISON),
    POISON_DOGS(Words.POISON),
    POISON_CATS(Words.POISON),
    COLDEST(Unit.CELSIUS, -40, 20),
    PHOSPHORUS("stands", "hates"),
    LIME("stands", "hates", "likes"),
    COPPER("stands", "hates"),
    FLUORIDE("stands", "hates"),
    CARNIVORE("yes", "no");

    private static final String JOIN = "+";

    /** Words that several traits share. */
    private static final class Words {
        static final String[] POISON = {"none_known", "irritant", "unknown", "harmful", "may_kill"};
    }

    private final boolean isNumber;
    private final Unit unit;
    private final double low;
    private final double high;
    private final boolean many;
    private final String words;

    /** A number. */
    Trait(Unit unit, double low, double high) {
        this.isNumber = true;
        this.unit = unit;
        this.low = low;
        this.high = high;
        this.many = false;
        this.words = "";
    }

    /** A word of a few, or with {@code many} several of them; none listed where they are keys of another table. */
    Trait(boolean many, String... words) {
        this.isNumber = false;
        this.unit = Unit.ONE;
        this.low = 0;
        this.high = 0;
        this.many = many;
        this.words = String.join(JOIN, words);
    }

    Trait(String... words) {
        this(false, words);
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The trait of this id, if there is one. */
    public static Optional<Trait> named(String id) {
        return Arrays.stream(values()).filter(t -> t.id().equals(id)).findFirst();
    }

    public boolean isNumber() {
        return isNumber;
    }

    /** Whether several words may be told at once. */
    public boolean many() {
        return many;
    }

    public Unit unit() {
        return unit;
    }

    public double low() {
        return low;
    }

    public double high() {
        return high;
    }

    public List<String> words() {
        return words.isEmpty() ? List.of() : split(words);
    }

    /** What was told, in the one way it is kept; a fault is noted where it does not fit. */
    Optional<String> read(String told, Faults faults) {
        String text = told.strip();
        if (isNumber) {
            return readNumber(text, faults);
        }
        List<String> said = many ? split(text) : List.of(text);
        Optional<String> odd = said.stream()
                .filter(w -> w.isBlank() || (!words().isEmpty() && !words().contains(w)))
                .findFirst();
        odd.ifPresent(w -> faults.add(Fault.of(FaultCode.CHOICE_UNKNOWN, field(), w)));
        return odd.isPresent() ? Optional.empty() : Optional.of(text);
    }

    private Optional<String> readNumber(String text, Faults faults) {
        double canonical = MeasureReader.read(field(), text, unit, faults);
        if (Double.isNaN(canonical)) {
            return Optional.empty();
        }
        double value = unit.fromCanonical(canonical);
        Faults span = new Faults();
        span.within(field(), value, low, high, unit.symbol());
        span.list().forEach(faults::add);
        return span.any() ? Optional.empty() : Optional.of(Faults.plain(value));
    }

    /** The name a fault gives this trait. */
    public String field() {
        return "species." + id();
    }

    /** The words a value of several is made of. */
    static List<String> split(String text) {
        return List.of(text.split("\\+"));
    }
}
