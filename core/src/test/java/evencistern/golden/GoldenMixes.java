package evencistern.golden;

import evencistern.golden.GoldenAnswers.Answer;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.media.Recipes;
import evencistern.pot.Material;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** What the core says to the golden mixes, each of its own components in a pot filled to its rim. */
final class GoldenMixes {
    private static final Pot CM_13 = pot(15, 11, 13.5);
    private static final Pot CM_9 = pot(10, 7, 9);
    private static final Pot CM_10 = pot(12, 8.5, 10.5);

    private GoldenMixes() {}

    static void answer(Map<String, Answer> answers) {
        drained(answers, "M02", "peat_medium 1 + perlite_coarse 1", CM_13);
        drained(answers, "M04", "pine_bark_aged 3 + peat_medium 1 + coarse_sand 1", pot(16.5, 13, 16));
        drained(answers, "M07", "coir_pith 1", CM_13);
        drained(answers, "M09", "orchid_bark_fine 1", CM_9);
        drained(answers, "M10", "fir_bark 1", CM_10);
        drained(answers, "M11", "sphagnum_long 1", CM_10);
        drained(answers, "M13", "calcined_clay 2 + pumice 1 + lava 1", CM_10);
        drained(answers, "M14", "orchid_bark_fine 1 + fired_clay_soft 1 + grit 1", CM_10);
        drained(answers, "M15", "peat_fine 1 + vermiculite_fine 1", pot(2.4, 2.4, 4.5));
        drained(answers, "M16", "peat_medium 1 + vermiculite_medium 1", CM_13);
        drained(answers, "M20", "pumice 1", CM_9);
        drained(answers, "M21", "loam 7 + peat_medium 3 + coarse_sand 2 + grit 12", CM_9);
        drained(answers, "M22", "peat_medium 2 + fir_bark 1 + perlite_coarse 1", CM_13);
        answers.put("M23s", Answer.of(2 / mix("peat_medium 1 + coarse_sand 1").litresPut()));
        answers.put("M25s", Answer.of(3 / mix("fir_bark 2 + peat_fine 1").litresPut()));
        double plain = air(mix("peat_medium 1"), pot(14, 10, 13));
        answers.put(
                "D27",
                Answer.of(Stream.of("perlite_coarse", "pumice", "pine_bark_aged", "orchid_bark_medium")
                                .mapToDouble(c -> air(mix("peat_medium 3 + " + c + " 1"), pot(14, 10, 13)))
                                .min()
                                .orElseThrow()
                        / plain));
        Mix light = mix("peat_medium 3 + perlite_coarse 1");
        Mix pressed = light.yielding(1 / light.litresPut() / 1.15);
        answers.put("D29", Answer.of(air(pressed, pot(17, 13, 15)) / air(light, pot(17, 13, 15))));
    }

    private static void drained(Map<String, Answer> answers, String row, String parts, Pot pot) {
        PotWater water = new PotWater(mix(parts), pot);
        answers.put(row + "a", Answer.of(water.air() * 100));
        answers.put(row + "w", Answer.of(water.capacity() * 100));
    }

    private static double air(Mix mix, Pot pot) {
        return new PotWater(mix, pot).air();
    }

    private static Pot pot(double top, double base, double height) {
        return new Pot(
                new RoundTaper(top / 100, base / 100, height / 100), 0, OptionalDouble.empty(), Material.PLASTIC);
    }

    /** A mix of shipped components, as in a recipe's line. */
    static Mix mix(String recipe) {
        return Recipes.mix("test", recipe);
    }
}
