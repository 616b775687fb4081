package evencistern.ailment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.ailment.Diagnosis.Likely;
import evencistern.fault.FaultException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class DiagnosisTest {
    private static final Patient ON_A_SILL = new Patient("foliage", Patient.Where.INSIDE, false);

    private static Diagnosis of(String... signs) {
        return of(Map.of(), signs);
    }

    private static Diagnosis of(Map<String, Double> beliefs, String... signs) {
        Map<Sign, String> seen = new LinkedHashMap<>();
        for (String s : signs) {
            seen.put(Sign.require(s.substring(0, s.indexOf('='))), s.substring(s.indexOf('=') + 1));
        }
        return Diagnosis.of(ON_A_SILL, seen, beliefs);
    }

    private static String first(Diagnosis d) {
        return d.likely().get(0).ailment().key();
    }

    private static double share(Diagnosis d, String ailment) {
        return d.likely().stream()
                .filter(l -> l.ailment().key().equals(ailment))
                .mapToDouble(Likely::share)
                .sum();
    }

    @Test
    void thereAreSixtyAilmentsAndSomethingElse() {
        assertThat(Ailment.all()).hasSizeGreaterThan(60);
        assertThat(Ailment.all().stream().filter(Ailment::other)).hasSize(1);
        assertThat(Ailment.all()).allSatisfy(a -> assertThat(a.steps()).isNotEmpty());
        assertThat(of().likely().stream().mapToDouble(Likely::share).sum()).isCloseTo(1, within(1e-9));
    }

    /**
     * What moves in a plant is drawn from its old leaves, what does not is lacking in the new ones: Marschner's Mineral Nutrition
     * of Higher Plants, from memory [MARSCHNER].
     */
    @Test
    void whatMovesInAPlantIsLackingInOldLeavesFirst() {
        for (String mobile : List.of("nitrogen", "phosphorus", "potassium", "magnesium")) {
            assertThat(shows(mobile, "old_leaves")).as(mobile).isGreaterThan(3 * shows(mobile, "new_leaves"));
        }
        for (String fixed : List.of("calcium", "iron", "zinc", "copper", "boron", "manganese", "sulfur")) {
            assertThat(shows(fixed, "new_leaves") + shows(fixed, "growing_point"))
                    .as(fixed)
                    .isGreaterThan(3 * shows(fixed, "old_leaves") * 0.8);
        }
    }

    private static double shows(String ailment, String part) {
        return Ailment.require(ailment).shows(Sign.require(Sign.PART), part);
    }

    @Test
    void aReadingOfThePhSettlesWhetherIronIsLockedOrLacking() {
        assertThat(first(of("part=new_leaves", "pattern=between_veins", "ph_high=yes")))
                .isEqualTo("iron_locked");
        assertThat(first(of("part=new_leaves", "pattern=between_veins", "ph_high=no", "no_traces=yes")))
                .isEqualTo("iron");
    }

    @Test
    void signsThatContradictEachOtherMakeSomethingElseLikely() {
        Diagnosis sound = of("part=old_leaves", "pattern=pale_all", "hungry=yes");
        Diagnosis torn = of("creatures=grubs", "pattern=powdery", "roots=knots", "base=pinched", "fruit=end_rot");
        assertThat(share(torn, Ailment.OTHER)).isGreaterThan(5 * share(sound, Ailment.OTHER));
    }

    /** Three signs of one group count less than the same shares of three groups would. */
    @Test
    void signsThatComeTogetherDoNotCountInFull() {
        Sign feel = Sign.require("feel");
        Ailment rot = Ailment.require("root_rot");
        double alone = share(of("feel=limp"), "root_rot") / share(of(), "root_rot");
        double beside = share(of("shape=wilted", "feel=limp"), "root_rot") / share(of("shape=wilted"), "root_rot");
        assertThat(rot.shows(feel, "limp")).isGreaterThan(feel.inGeneral("limp"));
        assertThat(beside).isBetween(1.0, alone);
    }

    @Test
    void whatIsKnownIsNotAskedAndWhereItShowsIsAskedFirst() {
        assertThat(of().next(Set.of()).map(Sign::id)).contains("part");
        assertThat(of("part=old_leaves").next(Set.of()).map(Sign::id)).contains("pattern");
        Diagnosis d = of("part=old_leaves", "pattern=between_veins");
        Sign next = d.next(Set.of()).orElseThrow();
        assertThat(d.seen()).doesNotContainKey(next);
        assertThat(d.next(Set.of(next))).isPresent().get().isNotEqualTo(next);
        assertThat(d.next(allButThePh())).isPresent();
        assertThat(d.next(Stream.concat(allButThePh().stream(), Stream.of(Sign.require("ph_high")))
                        .collect(Collectors.toSet())))
                .isEmpty();
        assertThat(of("part=surface").next(Set.of()).map(Sign::id))
                .isPresent()
                .get()
                .isNotEqualTo("pattern");
    }

    /** All signs but those that a reading of the pH tells. */
    private static Set<Sign> allButThePh() {
        return Sign.all().stream().filter(s -> !s.group().equals("ph")).collect(Collectors.toSet());
    }

    @Test
    void inTheEndNothingIsLeftToAsk() {
        Set<Sign> all = Sign.all().stream().collect(Collectors.toSet());
        assertThat(of("part=old_leaves").next(all)).isEmpty();
        assertThat(of("part=old_leaves").changes(all)).isEmpty();
    }

    /** Taking the plant out of its pot must tell as much as four looks. */
    @Test
    void theNextLookIsTheOneThatTellsMostForWhatItCosts() {
        Diagnosis d = of("part=all_leaves", "pattern=pale_all", "shape=wilted");
        Sign next = d.next(Set.of()).orElseThrow();
        assertThat(Sign.all().stream().filter(s -> s.cost() > 0 && !d.seen().containsKey(s)))
                .allSatisfy(s -> assertThat(d.gain(s) / s.cost()).isLessThanOrEqualTo(d.gain(next) / next.cost()));
    }

    @Test
    void whatWouldChangeTheAnswerNamesTheLookAndTheOtherAilment() {
        Diagnosis d = of("part=new_leaves", "pattern=between_veins");
        String leading = first(d);
        assertThat(d.changes(Set.of()))
                .isNotEmpty()
                .allSatisfy(c -> c.answers().forEach((answer, then) -> {
                    assertThat(then.key()).isNotEqualTo(leading);
                    Map<Sign, String> more = new LinkedHashMap<>(d.seen());
                    more.put(c.sign(), answer);
                    assertThat(first(Diagnosis.of(ON_A_SILL, more, Map.of()))).isEqualTo(then.key());
                }));
    }

    @Test
    void forAndAgainstAreToldByHowManyTimesAsCommonASignIs() {
        Diagnosis d = of("part=new_leaves", "pattern=between_veins", "ph_high=no", "speed=weeks");
        Ailment locked = Ailment.require("iron_locked");
        assertThat(d.speaksFor(locked).stream().map(a -> a.sign().id())).startsWith("pattern", "part");
        assertThat(d.speaksAgainst(locked).stream().map(a -> a.sign().id())).contains("ph_high");
        assertThat(d.speaksFor(Ailment.require(Ailment.OTHER))).isEmpty();
    }

    @Test
    void whatDidOrDidNotHelpChangesTheAnswer() {
        double before = share(of("part=old_leaves", "pattern=pale_all"), "nitrogen");
        assertThat(share(of(Map.of("nitrogen", 0.3), "part=old_leaves", "pattern=pale_all"), "nitrogen"))
                .isLessThan(before);
    }

    @Test
    void aWordThatIsNoAnswerIsRefused() {
        assertThatThrownBy(() -> of("part=elbow")).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> of("mood=low")).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> Ailment.require("gloom")).isInstanceOf(FaultException.class);
    }
}
