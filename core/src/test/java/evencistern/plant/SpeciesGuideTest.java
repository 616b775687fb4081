package evencistern.plant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import evencistern.fault.FaultException;
import evencistern.media.Recipes;
import evencistern.plant.Poison.Eater;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class SpeciesGuideTest {

    static List<Species> all() {
        return SpeciesGuide.all();
    }

    @Test
    void allAreShippedEachUnderOneKey() {
        assertThat(all()).hasSizeGreaterThanOrEqualTo(80);
        assertThat(all()).extracting(Species::key).doesNotHaveDuplicates();
        assertThat(all()).extracting(Species::scientific).doesNotHaveDuplicates();
    }

    /** Common practice, no source: 0.6 mS/cm suits nearly everything, about 2 is the most for vigorous kinds. */
    @ParameterizedTest
    @MethodSource("all")
    void capsFollowTheAppetite(Species s) {
        double most = switch (s.appetite()) {
            case NONE -> 0.3;
            case LIGHT -> 0.8;
            case MEDIUM -> 1.6;
            case HEAVY -> 2.0;
        };
        assertThat(s.cap().ecMsCm()).isLessThanOrEqualTo(most);
        assertThat(s.cap().nMgPerL()).isLessThanOrEqualTo(200);
    }

    @ParameterizedTest
    @MethodSource("all")
    void bandsAndTemperaturesAreInOrder(Species s) {
        assertThat(s.phHigh()).isGreaterThan(s.phLow());
        assertThat(s.growthFullC()).isGreaterThan(s.growthBaseC());
        assertThat(s.depletion()).isBetween(0.1, 0.8);
    }

    /** Common practice, no source: heaths are grown at 4.5–5.2; lilies of the amaryllis kind are poisonous. */
    @Test
    void knownTraitsOfTheTradeAreKept() {
        assertThat(SpeciesGuide.require("heather").phLow()).isEqualTo(4.5);
        assertThat(SpeciesGuide.require("clivia").poison(Eater.DOGS)).isEqualTo(Poison.HARMFUL);
        assertThat(SpeciesGuide.require("pitcher_plant").appetite()).isEqualTo(Appetite.NONE);
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyEntryDiffersFromItsGroupInFourTraitsOrMore(Species s) {
        assertThat(Trait.values())
                .filteredOn(t -> s.traits().teller(t) == Traits.Teller.SPECIES)
                .hasSizeGreaterThanOrEqualTo(4)
                .allSatisfy(t -> assertThat(s.traits().text(t))
                        .isNotEqualTo(SpeciesGuide.group(s.group()).text(t)));
    }

    /** Names that growers elsewhere look for; common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "venus flytrap, flytrap", "eggplant, aubergine", "zucchini, courgette", "geranium, pelargonium",
        "sansevieria, snake_plant", "money tree, pachira", "boxwood, box", "phalaenopsis, moth_orchid",
        "Senecio, string_of_pearls", "dumb cane, dieffenbachia", "kentia, kentia", "cobra, darlingtonia"
    })
    void aKindIsFoundByAnyOfItsNames(String name, String key) {
        assertThat(SpeciesGuide.all().stream().filter(s -> s.named(name)).map(Species::key))
                .contains(key);
    }

    @Test
    void theGuideHasTheKindsThatGrowersLookFor() {
        assertThat(SpeciesGuide.all()).hasSizeGreaterThanOrEqualTo(180);
    }

    /** The groups that the trade speaks of, common practice, no source. */
    @Test
    void allTheGroupsHaveTheirPlants() {
        assertThat(all()).extracting(Species::group).containsAll(SpeciesGuide.groups());
        assertThat(SpeciesGuide.groups())
                .contains(
                        "fern",
                        "succulent",
                        "cactus",
                        "epiphyte",
                        "ground_orchid",
                        "bonsai",
                        "patio_fruit",
                        "bedding",
                        "herb",
                        "vegetable",
                        "nursery_shrub",
                        "acid_lover",
                        "lime_lover",
                        "carnivore");
    }

    @ParameterizedTest
    @MethodSource("all")
    void itsMixesAreRecipesThatShip(Species s) {
        assertThat(s.traits().words(Trait.MIXES)).isNotEmpty().allSatisfy(Recipes::require);
    }

    /** Common practice, no source: what grows on lime does not hate it, and what eats flies is not fed at the roots. */
    @ParameterizedTest
    @MethodSource("all")
    void refusalsFitTheirGroups(Species s) {
        assertThat(s.traits().is(Trait.LIME, "likes")).isEqualTo(s.group().equals("lime_lover"));
        assertThat(s.traits().is(Trait.CARNIVORE, "yes")).isEqualTo(s.group().equals("carnivore"));
        assertThat(s.appetite() == Appetite.NONE).isEqualTo(s.group().equals("carnivore"));
        if (s.traits().is(Trait.HABIT, "dries_out")) {
            assertThat(s.depletion()).isGreaterThanOrEqualTo(0.5);
        }
        if (s.traits().is(Trait.HABIT, "never_dry")) {
            assertThat(s.depletion()).isLessThanOrEqualTo(0.45);
        }
    }

    /** Known to be poisonous to cats, dogs or children, from memory of public lists; and some that are not. */
    @Test
    void poisonIsToldWhereItIsKnown() {
        assertThat(List.of("oleander", "cyclamen", "jade", "azalea_bonsai", "hydrangea", "box"))
                .allSatisfy(k ->
                        assertThat(SpeciesGuide.require(k).poison(Eater.CATS)).isIn(Poison.HARMFUL, Poison.MAY_KILL));
        assertThat(List.of("spider_plant", "boston_fern", "moth_orchid", "african_violet", "flytrap"))
                .allSatisfy(k ->
                        assertThat(SpeciesGuide.require(k).poison(Eater.PEOPLE)).isEqualTo(Poison.NONE_KNOWN));
    }

    /** From memory of growers' guides: tip burn by fluoride in these, harm by ordinary phosphorus in protea kin. */
    @Test
    void whatTheyHateIsTold() {
        assertThat(List.of("spider_plant", "dragon_tree", "calathea", "parlour_palm"))
                .allMatch(k -> SpeciesGuide.require(k).hates(Trait.FLUORIDE));
        assertThat(List.of("banksia", "spider_flower"))
                .allMatch(k -> SpeciesGuide.require(k).hates(Trait.PHOSPHORUS));
        assertThat(List.of("maidenhair", "guzmania"))
                .allMatch(k -> SpeciesGuide.require(k).hates(Trait.COPPER));
    }

    // --- layers ---

    private static final Species FUCHSIA = SpeciesGuide.require("fuchsia");

    @Test
    void aLotTellsOverAGardenAndThatOverTheGuide() {
        Traits garden = FUCHSIA.traits().over(Map.of(Trait.DEPLETION, "0,3", Trait.COLDEST, "2"), Traits.Teller.GARDEN);
        Traits lot = garden.over(Map.of(Trait.DEPLETION, "1/4"), Traits.Teller.LOT);
        assertThat(lot.number(Trait.DEPLETION)).isEqualTo(0.25);
        assertThat(lot.teller(Trait.DEPLETION)).isEqualTo(Traits.Teller.LOT);
        assertThat(lot.teller(Trait.COLDEST)).isEqualTo(Traits.Teller.GARDEN);
        assertThat(lot.teller(Trait.CROP)).isEqualTo(Traits.Teller.SPECIES);
        assertThat(lot.teller(Trait.LEAF)).isEqualTo(Traits.Teller.GROUP);
    }

    @Test
    void sayingTheSameAgainChangesNobodysWord() {
        Traits again = FUCHSIA.traits().over(Map.of(Trait.LEAF, "thin"), Traits.Teller.GARDEN);
        assertThat(again.teller(Trait.LEAF)).isEqualTo(Traits.Teller.GROUP);
    }

    @Test
    void aTypedUnitWins() {
        Traits warm = FUCHSIA.traits().over(Map.of(Trait.COLDEST, "41 °F"), Traits.Teller.GARDEN);
        assertThat(warm.number(Trait.COLDEST)).isEqualTo(5);
    }

    @ParameterizedTest
    @CsvSource({
        "DEPLETION,0.95",
        "PH_LOW,7",
        "FULL,4",
        "APPETITE,ravenous",
        "AIR,wet",
        "HOLDS,flowering+tea",
        "LIGHT_HIGH,2"
    })
    void whatDoesNotFitIsRefused(Trait trait, String told) {
        assertThatThrownBy(() -> FUCHSIA.traits().over(Map.of(trait, told), Traits.Teller.GARDEN))
                .isInstanceOf(FaultException.class);
    }

    @Test
    void anUnknownKeyIsRefused() {
        assertThatThrownBy(() -> SpeciesGuide.require("triffid")).isInstanceOf(FaultException.class);
    }

    /** Extension advice, from memory: 6.0-7.0 in mixes with loam, 5.5-6.5 in those without; those that like lime higher. */
    @ParameterizedTest
    @MethodSource("all")
    void itsMixIsBroughtToAPhThatItsLoamAllows(Species s) {
        assertThat(s.phAim(true)).isBetween(s.phLow(), s.phHigh());
        assertThat(s.phAim(false)).isBetween(s.phLow(), s.phHigh()).isLessThanOrEqualTo(Math.max(6.4, s.phLow() + 0.1));
        assertThat(s.phAim(false)).isLessThanOrEqualTo(s.phAim(true));
        if (s.group().equals("lime_lover")) {
            assertThat(s.phAim(true)).isBetween(6.6, 7.4);
        }
    }
}
