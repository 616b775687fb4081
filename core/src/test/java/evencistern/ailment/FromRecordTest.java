package evencistern.ailment;

import static evencistern.need.Situations.MAY;
import static org.assertj.core.api.Assertions.assertThat;

import evencistern.ailment.FromRecord.Fact;
import evencistern.ailment.FromRecord.Kept;
import evencistern.feed.Nutrient;
import evencistern.feed.Nutrients;
import evencistern.food.NitrogenBudget.Standing;
import evencistern.media.PotWater;
import evencistern.need.Learning;
import evencistern.need.Situation;
import evencistern.need.Situations;
import evencistern.plant.SpeciesGuide;
import evencistern.plant.Trait;
import evencistern.reading.Band;
import evencistern.reading.Circumstances;
import evencistern.reading.Judgement;
import evencistern.reading.Method;
import evencistern.units.Uncertain;
import evencistern.water.Dissolved;
import evencistern.water.SourceWater;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class FromRecordTest {
    private static final SourceWater HARD = new SourceWater(
            0.6, 7.6, OptionalDouble.of(260), Map.of(Dissolved.CA, 95.0, Dissolved.MG, 12.0), SourceWater.Kind.TAP);

    private static final SourceWater RAIN =
            new SourceWater(0.02, 5.6, OptionalDouble.empty(), Map.of(), SourceWater.Kind.RAIN);

    private SourceWater water = SourceWater.of(0.35, 7.2);
    private Situation situation = Situations.fed();
    private Optional<Judgement> ph = Optional.empty();
    private int phDays = 3;
    private List<Learning.Watering> waterings = List.of();
    private Optional<Standing> food = Optional.empty();
    private Nutrients feed = Nutrients.NONE;
    private OptionalDouble mixSpent = OptionalDouble.empty();
    private OptionalInt mixDays = OptionalInt.empty();

    private Map<String, String> facts() {
        Circumstances c = new Circumstances(
                situation.species(),
                situation.mix(),
                new PotWater(situation.mix(), situation.pot()),
                water,
                Optional.of(new Circumstances.Fed(OptionalDouble.empty(), feed, false)),
                Circumstances.Days.UNKNOWN,
                mixSpent,
                mixDays,
                true);
        return FromRecord.of(
                        new Kept(
                                situation,
                                c,
                                ph,
                                OptionalInt.of(phDays),
                                Optional.empty(),
                                OptionalInt.empty(),
                                waterings,
                                food,
                                OptionalInt.of(4),
                                OptionalInt.empty(),
                                false),
                        MAY)
                .stream()
                .collect(Collectors.toMap(f -> f.sign().id(), Fact::answer));
    }

    private Judgement readPh(double value) {
        return Band.of(Method.POUR_THROUGH, situation.species(), situation.mix(), false)
                .judgePh(Uncertain.plusMinus95(value, 0.1))
                .orElseThrow();
    }

    @Test
    void aReadingCountsWhileItIsRecent() {
        assertThat(facts()).doesNotContainKeys("ph_high", "ph_low");
        ph = Optional.of(readPh(7.4));
        assertThat(facts()).containsEntry("ph_high", "yes").containsEntry("ph_low", "no");
        ph = Optional.of(readPh(6));
        assertThat(facts()).containsEntry("ph_high", "no");
        phDays = 90;
        assertThat(facts()).doesNotContainKeys("ph_high", "ph_low");
    }

    /** Streptocarpus in 12 cm of peat lasts some days: a month between waterings is short, every day is often. */
    @Test
    void wateringsAreHeldAgainstThePlan() {
        waterings = every(30);
        assertThat(facts()).containsEntry("short_water", "yes").containsEntry("often_water", "no");
        waterings = every(1);
        assertThat(facts()).containsEntry("short_water", "no").containsEntry("often_water", "yes");
        waterings = every(1).subList(0, 2);
        assertThat(facts()).doesNotContainKeys("short_water", "often_water");
    }

    private static List<Learning.Watering> every(int days) {
        List<Learning.Watering> all = new ArrayList<>();
        for (LocalDate on = MAY.minusDays(5L * days); !on.isAfter(MAY); on = on.plusDays(days)) {
            all.add(new Learning.Watering(on, true, Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty()));
        }
        return all;
    }

    @Test
    void theMixSaysWhetherItIsFreshSpentOrOverdue() {
        assertThat(facts()).doesNotContainKeys("fresh_mix", "mix_spent", "fed_lately"); // nothing is known yet
        mixSpent = OptionalDouble.of(0.1);
        mixDays = OptionalInt.of(20);
        assertThat(facts())
                .containsEntry("fresh_mix", "yes")
                .containsEntry("mix_spent", "no")
                .containsEntry("overdue_pot", "no");
        mixSpent = OptionalDouble.of(1.1);
        mixDays = OptionalInt.of(2000);
        assertThat(facts())
                .containsEntry("fresh_mix", "no")
                .containsEntry("mix_spent", "yes")
                .containsEntry("overdue_pot", "yes");
        mixSpent = OptionalDouble.of(0.65); // neither
        assertThat(facts()).doesNotContainKey("mix_spent");
    }

    @Test
    void feedSaysWhatItBringsAndWhatItDoesNot() {
        food = Optional.of(Standing.SHORT);
        water = RAIN;
        assertThat(facts())
                .containsEntry("hungry", "yes")
                .containsEntry("overfed", "no")
                .containsEntry("no_magnesium", "yes")
                .containsEntry("no_traces", "yes");
        feed = new Nutrients(Map.of(Nutrient.MG, 20.0, Nutrient.FE, 1.0));
        food = Optional.of(Standing.OVER);
        assertThat(facts())
                .containsEntry("hungry", "no")
                .containsEntry("overfed", "yes")
                .containsEntry("no_magnesium", "no")
                .containsEntry("no_traces", "no");
    }

    /** Hard water brings calcium and magnesium of its own, and its lime raises the pH. */
    @Test
    void waterSaysWhatItBrings() {
        // a water without a report may bring any of it
        assertThat(facts()).doesNotContainKeys("alkaline_water", "no_calcium", "no_magnesium", "no_sulfur");
        water = RAIN;
        assertThat(facts()).containsEntry("no_calcium", "yes").containsEntry("no_magnesium", "yes");
        water = HARD;
        assertThat(facts())
                .containsEntry("alkaline_water", "yes")
                .containsEntry("no_calcium", "no")
                .containsEntry("no_magnesium", "no")
                .containsEntry("salty_water", "no");
    }

    @Test
    void airLightAndKindAreKnown() {
        Map<String, String> facts = facts();
        assertThat(facts)
                .containsEntry("dry_air", "no")
                .containsEntry("sprayed_lately", "yes")
                .containsEntry("moved_lately", "no")
                .containsEntry("cold_lately", "no")
                .containsEntry("hot_lately", "no")
                .containsEntry("fluoride_plant", "no");
        assertThat(SpeciesGuide.all().stream().filter(k -> k.hates(Trait.FLUORIDE)))
                .isNotEmpty();
    }

    @Test
    void theMonthSaysWhetherItIsTheDarkHalfOfTheYear() {
        assertThat(Patient.of(situation, MAY))
                .isEqualTo(new Patient(situation.species().group(), Patient.Where.INSIDE, false));
        assertThat(Patient.of(situation, LocalDate.of(2026, 12, 2)).cold()).isTrue();
    }
}
