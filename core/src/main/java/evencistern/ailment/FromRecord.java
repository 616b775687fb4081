package evencistern.ailment;

import evencistern.climate.Place;
import evencistern.feed.Nutrient;
import evencistern.feed.Nutrients;
import evencistern.food.NitrogenBudget.Standing;
import evencistern.media.PotWater;
import evencistern.need.Hold;
import evencistern.need.Learning;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.plant.Trait;
import evencistern.reading.Circumstances;
import evencistern.reading.Judgement;
import evencistern.units.Unit;
import evencistern.water.Dissolved;
import evencistern.water.SourceWater;
import evencistern.water.WaterLimits;
import evencistern.working.Working;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * What the record of a lot has to say when its plant ails.
 *
 * <p><b>Answers</b> which of the signs that nobody need be asked for are there, by the rules that judge readings, water, feed,
 * mix, weather and light?
 * <p><b>Formula</b> readings of the last 60 days against the bands; intervals of the last ten waterings against the plan:
 * half of them 1.3 times the longest, or under half the shortest; the age of the mix, over 80 % or under 50 % of its life;
 * nitrogen against the need; days of the last ten below what the plant stands, below freezing, above 33 °C; light and humidity
 * against what it likes; what its feed and its water hold
 * <p><b>Units</b> those of each fact
 * <p><b>Valid for</b> what is on record; of what is not known nothing is said
 * <p><b>Source</b> [COMMON] for the limits; the rules it asks name their own
 * <p><b>Checked by</b> FromRecordTest
 */
public final class FromRecord {
    private static final int READING_DAYS = 60;
    private static final int FEWEST_GAPS = 3;
    private static final int GAPS = 10;
    private static final double LATE = 1.3;
    private static final double EARLY = 0.5;
    private static final double HALF = 0.5;
    private static final double SPENT = 0.8;
    private static final double SOUND = 0.5;
    private static final int FRESH_DAYS = 42;
    private static final int FED_DAYS = 7;
    private static final int LATELY_DAYS = 10;
    private static final double HOT = 33;
    private static final double CLEAR_OF = 5;
    private static final double DRY_AIR = 40;
    private static final double SALTY = 0.75;
    private static final double MUCH_AMMONIUM = 0.5;
    private static final double COLD_ROOTS = 12;
    private static final double HARD_MAGNESIUM = 8;
    private static final double HARD_CALCIUM = 20;
    private static final double MUCH_SULFUR = 10;
    private static final double DAYS_A_YEAR = 365.25;

    private final Map<Sign, Fact> facts = new LinkedHashMap<>();
    private final Situation s;
    private final LocalDate today;

    /** A fact with the figure that makes it one, where there is one. */
    public record Fact(Sign sign, String answer, OptionalDouble value, Unit unit) {}

    /**
     * What is on record of a lot.
     *
     * @param ph,ec the last readings, judged, each with its day
     * @param food how the nitrogen it gets stands to its need; empty where it was not summed up
     * @param sprayed days since something was sprayed on it, {@code moved} since it was moved; empty where never
     * @param neighboursIll whether plants beside it ail too
     */
    public record Kept(
            Situation situation,
            Circumstances circumstances,
            Optional<Judgement> ph,
            OptionalInt phDays,
            Optional<Judgement> ec,
            OptionalInt ecDays,
            List<Learning.Watering> waterings,
            Optional<Standing> food,
            OptionalInt sprayed,
            OptionalInt moved,
            boolean neighboursIll) {}

    private FromRecord(Situation s, LocalDate today) {
        this.s = s;
        this.today = today;
    }

    /** What the record says on a day. */
    public static List<Fact> of(Kept kept, LocalDate today) {
        FromRecord r = new FromRecord(kept.situation(), today);
        r.readings(kept);
        r.watered(kept);
        r.mix(kept.circumstances());
        r.fed(kept);
        r.water(kept.circumstances());
        r.weather();
        r.light();
        r.says("sprayed_lately", kept.sprayed().orElse(Integer.MAX_VALUE) <= LATELY_DAYS, kept.sprayed());
        r.says("moved_lately", kept.moved().orElse(Integer.MAX_VALUE) <= 2 * LATELY_DAYS, kept.moved());
        r.says("neighbours_ill", kept.neighboursIll());
        r.says("resting", Hold.on(today, r.s).stream().anyMatch(Hold::rests));
        r.says("fluoride_plant", r.s.species().hates(Trait.FLUORIDE));
        r.says("lime_hater", r.s.species().hates(Trait.LIME));
        return List.copyOf(r.facts.values());
    }

    private void says(String sign, boolean yes) {
        says(sign, yes, OptionalDouble.empty(), Unit.ONE);
    }

    private void says(String sign, boolean yes, double value, Unit unit) {
        says(sign, yes, OptionalDouble.of(value), unit);
    }

    private void says(String sign, boolean yes, OptionalInt days) {
        says(sign, yes, days.isPresent() ? OptionalDouble.of(days.getAsInt()) : OptionalDouble.empty(), Unit.DAY);
    }

    private void says(String sign, boolean yes, OptionalDouble value, Unit unit) {
        Sign of = Sign.require(sign);
        facts.put(of, new Fact(of, yes ? Sign.YES : Sign.NO, value, unit));
    }

    private void readings(Kept kept) {
        judged(kept.ph(), kept.phDays(), "ph", Unit.PH_UNIT);
        judged(kept.ec(), kept.ecDays(), "ec", Unit.MILLISIEMENS_PER_CM);
    }

    /** A reading that is old, or does not tell, says nothing. */
    private void judged(Optional<Judgement> reading, OptionalInt days, String what, Unit unit) {
        reading.filter(j -> days.orElse(0) <= READING_DAYS && j.finding() != Judgement.Finding.CANNOT_TELL)
                .ifPresent(j -> {
                    says(what + "_high", j.finding().high(), j.value().value(), unit);
                    says(what + "_low", j.finding().low(), j.value().value(), unit);
                });
    }

    private void watered(Kept kept) {
        if (s.bare()) {
            return;
        }
        WaterNeed need = new WaterNeed(
                new PotWater(s.mix(), s.pot()), s.pot(), s.species(), s.place(), s.particulars(), Working.off());
        List<LocalDate> on = kept.waterings().stream()
                .map(Learning.Watering::on)
                .distinct()
                .sorted()
                .toList();
        List<LocalDate> last = new ArrayList<>(on.subList(Math.max(0, on.size() - GAPS - 1), on.size()));
        OptionalInt since = kept.circumstances().days().sinceWatered();
        int gaps = last.size() - 1;
        int late = 0;
        int early = 0;
        for (int i = 0; i < gaps; i++) {
            long gap = ChronoUnit.DAYS.between(last.get(i), last.get(i + 1));
            WaterNeed.Days plan = need.daysAfter(last.get(i), Working.off());
            late += gap > LATE * plan.longest() ? 1 : 0;
            early += gap < EARLY * plan.shortest() ? 1 : 0;
        }
        boolean overdue = since.isPresent()
                && since.getAsInt()
                        > LATE
                                * need.daysAfter(today.minusDays(since.getAsInt()), Working.off())
                                        .longest();
        if (gaps >= FEWEST_GAPS) {
            says("often_water", early >= HALF * gaps, early, Unit.ONE);
            says("short_water", overdue || late >= HALF * gaps, late, Unit.ONE);
        } else if (overdue) {
            says("short_water", true, since);
        }
    }

    private void mix(Circumstances c) {
        if (s.bare()) {
            return;
        }
        c.mixSpent().ifPresent(spent -> {
            if (spent >= SPENT || spent < SOUND) {
                says("mix_spent", spent >= SPENT, spent * 100, Unit.PER_CENT);
            }
        });
        c.mixDays().ifPresent(days -> {
            says("fresh_mix", days <= FRESH_DAYS, c.mixDays());
            double years = days / DAYS_A_YEAR;
            says("overdue_pot", years > s.species().traits().number(Trait.REPOT_YEARS), years, Unit.YEAR);
        });
    }

    private void fed(Kept kept) {
        Circumstances c = kept.circumstances();
        kept.food().ifPresent(food -> {
            says("hungry", food == Standing.SHORT);
            says("overfed", food == Standing.OVER);
        });
        OptionalInt since = c.days().sinceFed();
        if (since.isPresent() || c.feed().isEmpty()) {
            says("fed_lately", since.isPresent() && since.getAsInt() <= FED_DAYS, since);
        }
        c.feed().ifPresent(f -> {
            Nutrients in = f.contents();
            lacking("no_magnesium", in.of(Nutrient.MG), c.water(), Dissolved.MG, HARD_MAGNESIUM);
            lacking("no_calcium", in.of(Nutrient.CA), c.water(), Dissolved.CA, HARD_CALCIUM);
            lacking("no_sulfur", in.of(Nutrient.S), c.water(), Dissolved.S, MUCH_SULFUR);
            says("no_traces", in.of(Nutrient.FE) + in.of(Nutrient.MN) <= 0);
            f.acidifying().ifPresent(share -> {
                double roots = s.mixC(today);
                says("ammonium_cold", share >= MUCH_AMMONIUM && roots < COLD_ROOTS, roots, Unit.CELSIUS);
            });
        });
    }

    /** Whether neither feed nor water brings something; of a water without a report nobody knows, but of rain. */
    private void lacking(String sign, double inFeed, SourceWater water, Dissolved what, double enough) {
        boolean known = water.mgPerL().containsKey(what) || water.kind() == SourceWater.Kind.RAIN;
        if (inFeed > 0 || known) {
            says(sign, inFeed <= 0 && water.of(what) < enough);
        }
    }

    private void water(Circumstances c) {
        c.water()
                .alkalinity()
                .ifPresent(a -> says(
                        "alkaline_water",
                        a
                                > WaterLimits.alkalinityLimit(
                                        c.pot().mixLitres(), c.species().drinks()),
                        a,
                        Unit.MILLIGRAM_CACO3_PER_LITRE));
        says("salty_water", c.water().ecMsCm() >= SALTY, c.water().ecMsCm(), Unit.MILLISIEMENS_PER_CM);
    }

    /** An average year tells of cold that is usual, and not that there was none. */
    private void weather() {
        Place place = s.place();
        List<Place.Day> days = IntStream.range(0, LATELY_DAYS)
                .mapToObj(i -> place.on(today.minusDays(i)))
                .toList();
        double low = days.stream().mapToDouble(Place.Day::lowC).min().orElse(0);
        double high = days.stream().mapToDouble(Place.Day::highC).max().orElse(0);
        double stands = s.species().traits().number(Trait.COLDEST);
        if (low < stands || low > stands + CLEAR_OF) {
            says("cold_lately", low < stands, low, Unit.CELSIUS);
        }
        if (low < 0 || low > CLEAR_OF) {
            says("frost_lately", low < 0, low, Unit.CELSIUS);
        }
        boolean wall = IntStream.range(0, LATELY_DAYS).anyMatch(i -> s.wallStopsRoots(today.minusDays(i)));
        says("hot_lately", high > HOT || wall, high, Unit.CELSIUS);
    }

    private void light() {
        Place.Day day = s.place().on(today);
        double mol = day.lightMol();
        says("dark", mol < s.species().traits().number(Trait.LIGHT_LOW), mol, Unit.MOL_PER_M2_DAY);
        says("glaring", mol > s.species().traits().number(Trait.LIGHT_HIGH), mol, Unit.MOL_PER_M2_DAY);
        double humidity = s.place().humidityPercent();
        says("dry_air", s.place().kind() != Place.Kind.OUTDOORS && humidity < DRY_AIR, humidity, Unit.PER_CENT);
    }
}
