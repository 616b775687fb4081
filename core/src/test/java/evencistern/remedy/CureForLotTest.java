package evencistern.remedy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.feed.HandMeasure;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.media.Recipes;
import evencistern.need.Situation;
import evencistern.need.Situations;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What a treatment of one pot takes; rates as in the table of remedies, typical, from memory. */
class CureForLotTest {
    private static final Situation FED = Situations.fed();

    private static CureForLot with(String remedy, Cure cure, Situation s, double ph) {
        return CureForLot.of(cure, s, OptionalDouble.of(ph), 7, Situations.MAY).stream()
                .filter(c -> c.remedy().key().equals(remedy))
                .findFirst()
                .orElseThrow();
    }

    /** A pot of 12 cm takes some tenths of a litre at a watering; 2.4 g of it in each litre. */
    @Test
    void aDrenchIsByTheWatering() {
        CureForLot drench = with("bicarbonate_drench", Cure.RAISE_PH, FED, 4.6);
        assertThat(drench.litres()).isBetween(0.1, 0.5);
        assertThat(drench.treatment().orElseThrow().high()).isCloseTo(2.4 * drench.litres(), within(1e-9));
    }

    /**
     * 1.2 g of Epsom salt to a litre are too little for a spoon in a small pot's watering: a litre is made up, of which a quarter
     * of a teaspoon of 5 mL is 1.25 g. Iron of 0.15 to 0.3 g to a litre takes 2 L until an eighth of a teaspoon, 0.375 g, is
     * the nearest and not above the strong one.
     */
    @Test
    void moreIsMixedWhereLessCannotBeMeasured() {
        assertThat(with("epsom_drench", Cure.DRENCH, FED, 6).mixedLitres(1, HandMeasure.SPOONS, HandMeasure.FULL_SET))
                .isEqualTo(1);
        assertThat(with("iron_edta", Cure.IRON, FED, 6).mixedLitres(1, HandMeasure.SPOONS, HandMeasure.FULL_SET))
                .isEqualTo(2);
        CureForLot many = with("epsom_drench", Cure.DRENCH, FED, 6);
        assertThat(many.mixedLitres(20, HandMeasure.SPOONS, HandMeasure.FULL_SET))
                .isCloseTo(20 * many.litres(), within(1e-9));
    }

    /** The leaves of a plant of a 12 cm pot take some tens of millilitres: 20–60 mL for one of 30 cm, from memory. */
    @Test
    void aSprayIsByTheLeaves() {
        CureForLot spray = with("epsom_spray", Cure.SPRAY, FED, 6);
        assertThat(spray.litres()).isBetween(0.005, 0.06);
        assertThat(spray.treatment().orElseThrow().high()).isCloseTo(7.6 * spray.litres(), within(1e-9));
    }

    /** Peat and perlite take about 1.5 g CaCO₃ a pH: a third of half of that is sulfur for each litre of mix. */
    @Test
    void sulfurIsByTheMixInThePot() {
        Situation acid =
                Situations.at("camellia", Situations.pot(0.25, 0.25), "peat_perlite", Situations.SILL, Situations.MAY);
        CureForLot sulfur = with("sulfur_dry", Cure.ACIDIFY, acid, 7);
        double litres = new PotWater(acid.mix(), acid.pot()).mixLitres();
        assertThat(sulfur.litres()).isCloseTo(litres, within(1e-9));
        assertThat(sulfur.treatment().orElseThrow().high())
                .isCloseTo(0.3203 * 0.5 * Recipes.require("peat_perlite").buffer() * litres, within(0.01 * litres));
    }

    /** The feed of the lot does not say that its nitrogen is nitrate, so some may be ammonium. */
    @Test
    void limewaterIsRefusedBesideItsFeed() {
        CureForLot limewater = with("limewater", Cure.RAISE_PH, FED, 4.6);
        assertThat(limewater.treatment()).isEmpty();
        assertThat(limewater.refusals()).extracting(Fault::code).containsExactly(FaultCode.LIMEWATER_ON_AMMONIUM);
        assertThat(with("limewater", Cure.RAISE_PH, Situations.fed(Optional.empty()), 4.6)
                        .treatment())
                .isPresent();
    }

    /** Where no mix stands around the roots nothing is poured on it or worked into it. */
    @Test
    void bareRootsAreSprayedOnly() {
        Situation bare =
                Situations.at("air_plant", Situations.pot(0.12, 0.11), Mix.BARE, Situations.SILL, Situations.MAY);
        assertThat(CureForLot.of(Cure.DRENCH, bare, OptionalDouble.empty(), 7, Situations.MAY))
                .isEmpty();
        assertThat(CureForLot.of(Cure.SPRAY, bare, OptionalDouble.empty(), 7, Situations.MAY))
                .isNotEmpty();
    }
}
