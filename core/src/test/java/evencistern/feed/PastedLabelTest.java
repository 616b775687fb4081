package evencistern.feed;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.feed.PastedLabel.Doubt;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** Whole labels of invented products, each field by hand. */
class PastedLabelTest {
    private static Map<String, String> read(String label) {
        Map<String, String> fields = new TreeMap<>();
        PastedLabel.of(label, false)
                .found()
                .forEach(f -> fields.put(f.field(), f.text() + (f.doubts().isEmpty() ? "" : " " + f.doubts())));
        return fields;
    }

    @Test
    void aTableOfOxidesWithFormsAndTraces() {
        assertThat(read("""
                        Brook Lily soluble powder 15-7-20
                        Guaranteed analysis
                        Total nitrogen (N) ........ 15.0 %
                          nitrate nitrogen 8.5 %
                          ammoniacal nitrogen 2.5%
                          ureic nitrogen 4,0 %
                        Phosphorus pentoxide (P₂O₅) 7 %
                        Potassium oxide (K₂O) soluble in water 20 %
                        Magnesium oxide (MgO) 2 %
                        Boron (B) 0.02 %
                        Iron (Fe) chelated by EDTA 0.1 %
                        EC at 1 g/l: 1.25 mS/cm
                        Directions for use
                        Dissolve 1 g in each litre of
                        water and feed every 10 to 14 days.
                        Keep out of reach of children. Store in a dry place."""))
                .isEqualTo(new TreeMap<>(Map.ofEntries(
                        Map.entry("name", "Brook Lily soluble powder 15-7-20"),
                        Map.entry("N", "15"),
                        Map.entry("NITRATE_N", "8.5"),
                        Map.entry("AMMONIUM_N", "2.5"),
                        Map.entry("UREA_N", "4"),
                        Map.entry("P2O5", "7"),
                        Map.entry("K2O", "20"),
                        Map.entry("MGO", "2"),
                        Map.entry("B", "0.02"),
                        Map.entry("FE", "0.1"),
                        Map.entry("chelate", "edta"),
                        Map.entry("ecFactor", "1.25"),
                        Map.entry("form", "dry"),
                        Map.entry("label", "Dissolve 1 g in each litre of water and feed every 10 to 14 days."))));
    }

    @Test
    void aLiquidByVolumeWithNumbersBeforeNames() {
        assertThat(read("""
                        Heron liquid feed
                        Contains 40 g/l nitrogen (N), 20 g/l phosphorus pentoxide (P2O5), 60 g/l potassium oxide (K2O)
                        Density 1.18 kg/l. Shake well.

                        Houseplants: 5 ml per litre of water every week.
                        Orchids: 2 ml per litre every two weeks.

                        Net 500 ml. Made by Heron Yard, 4 Mill Lane."""))
                .isEqualTo(
                        new TreeMap<>(
                                Map.of(
                                        "name", "Heron liquid feed",
                                        "N", "4",
                                        "P2O5", "2",
                                        "K2O", "6",
                                        "basis", "by_volume",
                                        "density", "1.18",
                                        "form", "liquid",
                                        "label",
                                                "Houseplants: 5 ml per litre of water every week. Orchids: 2 ml per litre every two weeks.")));
    }

    @Test
    void aCoatedFeedWithItsLife() {
        assertThat(read("""
                        Slow Otter granules
                        NPK fertiliser 16-9-12 (+2 MgO + TE)
                        Controlled release, longevity 5-6 months at 21 °C
                        3 g per litre of potting mix, mixed in at potting."""))
                .containsEntry("N", "16")
                .containsEntry("P2O5", "9")
                .containsEntry("K2O", "12")
                .containsEntry("coatedMonths", "5.5")
                .containsEntry("coatedCelsius", "21")
                .containsEntry("form", "dry")
                .containsEntry("label", "3 g per litre of potting mix, mixed in at potting.");
    }

    /** 0.7 / 0.5, 1.3 / 1 and 2.5 / 2 g/L: (0.5·0.7 + 1·1.3 + 2·2.5) / (0.25 + 1 + 4) = 1.27. */
    @Test
    void aTableOfConductivityIsFittedThroughZero() {
        assertThat(read("""
                        Tern crystals
                        g/l   EC mS/cm
                        0.5   0.7
                        1     1.3
                        2     2.5""")).containsEntry("ecFactor", "1.27");
    }

    @Test
    void whatDoesNotFitWithTheRestIsMarked() {
        assertThat(read("Total nitrogen 12 %\nnitrate nitrogen 5 %\nurea nitrogen 3 %"))
                .containsEntry("N", "12 [" + Doubt.FORMS_DIFFER + "]")
                .containsEntry("UREA_N", "3 [" + Doubt.FORMS_DIFFER + "]");
        assertThat(read("NPK 7-3-6\nTotal nitrogen 6 %")).containsEntry("N", "6 [" + Doubt.SAID_TWICE + "]");
        assertThat(read("Total nitrogen ... 15")).containsEntry("N", "15 [" + Doubt.NO_UNIT + "]");
        assertThat(read("P2O5 5 % (3.5 % P)")).containsEntry("P2O5", "5 [" + Doubt.SAID_TWICE + "]");
        assertThat(read("P2O5 5 % (2.2 % P)")).containsEntry("P2O5", "5").doesNotContainKey("P");
    }

    /** 1.2 % potassium are 1.2 / 0.8301 = 1.45 % of its oxide [IUPAC]. */
    @Test
    void oxidesAndElementsAreNotMixed() {
        assertThat(read("P2O5 5 %, potassium (K) 1.2 %"))
                .containsEntry("P2O5", "5")
                .containsEntry("K2O", "1.45")
                .doesNotContainKey("K");
        assertThat(read("P205 5 %, K20 6 %")).containsEntry("P2O5", "5").containsEntry("K2O", "6");
        assertThat(read("P 5 %, K 1.2 %")).containsEntry("P", "5").containsEntry("K", "1.2");
    }

    @Test
    void nothingIsFoundWhereNothingIsSaid() {
        assertThat(read("Grandmother's soup: 3 carrots, 1 onion, salt; simmer for 40 minutes."))
                .isEmpty();
        assertThat(read("🌱🌱🌱")).isEmpty();
        assertThat(read("הוסף 5 מ״ל לליטר")).doesNotContainKey("label");
        assertThat(read("")).isEmpty();
        // a letter that is two in lower case: what stands after it stays where it is
        assertThat(PastedLabel.of("İİİİİİİİ N 5 %", false).found())
                .filteredOn(f -> f.field().equals("N"))
                .singleElement()
                .satisfies(f -> assertThat(f.start()).isEqualTo(9));
    }

    @Test
    void aLongTextIsSearchedForItsDirections() {
        String story = "The river rose in spring and the yard stood under water for days. ".repeat(200);
        assertThat(story.length()).isGreaterThan(8000);
        assertThat(read(story + "\n\nDissolve 1 g per litre of water, weekly.\n\n" + story))
                .containsEntry("label", "Dissolve 1 g per litre of water, weekly.");
    }

    /** A per cent sign of a picture read as 9: 8 + 2 + 5 are the 15 that the total says. */
    @Test
    void aSignThatWasMisreadIsFoundByTheSumAndMarked() {
        PastedLabel label = PastedLabel.of(
                "Total nitrogen 15 %\nnitrate nitrogen 8 %\nammonium nitrogen 2 %\nurea nitrogen 59", true);
        assertThat(label.found())
                .filteredOn(f -> f.field().equals("UREA_N"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.text()).isEqualTo("5");
                    assertThat(f.doubts()).containsExactly(Doubt.MISREAD);
                });
    }
}
