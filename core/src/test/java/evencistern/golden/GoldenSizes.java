package evencistern.golden;

import evencistern.climate.Aspect;
import evencistern.climate.Climate;
import evencistern.climate.PenmanMonteith;
import evencistern.climate.Place;
import evencistern.climate.SolarDay;
import evencistern.golden.GoldenAnswers.Answer;
import evencistern.media.Mix;
import evencistern.plan.GoldenWaters;
import evencistern.plan.GoldenWaters.Grown;
import evencistern.plan.GoldenWaters.Weather;
import evencistern.pot.Basket;
import evencistern.pot.Box;
import evencistern.pot.Material;
import evencistern.pot.Mount;
import evencistern.pot.Pot;
import evencistern.pot.SquareTaper;
import evencistern.watering.Way;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** What the core says to the golden plants of a known size: litres a day, and days between waterings. */
final class GoldenSizes {
    private static final String PEAT_PERLITE = "peat_medium 3 + perlite_coarse 1";
    private static final String GRITTY = "orchid_bark_fine 1 + fired_clay_soft 1 + grit 1";
    private static final String NURSERY = "pine_bark_aged 3 + peat_medium 1 + coarse_sand 1";
    private static final String SHRUBS = "peat_medium 3 + bark_fines_composted 1";
    private static final LocalDate JANUARY = LocalDate.of(2027, 1, 15);
    private static final LocalDate APRIL = LocalDate.of(2026, 4, 15);
    private static final LocalDate JULY = LocalDate.of(2026, 7, 15);

    private GoldenSizes() {}

    private static Weather room(double light, double low, double high, double humidity, LocalDate day) {
        return new Weather(52, Place.Kind.INDOORS, light, low, high, humidity, 0.38, day);
    }

    private static Weather glass(double light, double low, double high, double humidity, LocalDate day) {
        return new Weather(52, Place.Kind.UNDER_GLASS, light, low, high, humidity, 0.38, day);
    }

    private static Weather open(
            double latitude, double low, double high, double humidity, double sunshine, LocalDate day) {
        return new Weather(latitude, Place.Kind.OUTDOORS, 1, low, high, humidity, sunshine, day);
    }

    private static Grown grown(String species, double wide, double tall, Pot pot, String mix, Weather weather) {
        return new Grown(species, wide, tall, pot, GoldenMixes.mix(mix), weather);
    }

    static void answer(Map<String, Answer> answers) {
        indoors(answers);
        outdoors(answers);
        bareRoots(answers);
        skies(answers);
    }

    private static void bareRoots(Map<String, Answer> answers) {
        Pot basket = new Pot(new Basket(0.2, 0.1), 0, OptionalDouble.empty(), Material.PLASTIC);
        answers.put(
                "W22d",
                Answer.of(new Grown(
                                "vanda",
                                40,
                                40,
                                basket,
                                Mix.NONE,
                                new Weather(35, Place.Kind.OUTDOORS, 0.5, 23, 33, 60, 0.6, JULY))
                        .watered(Way.DUNKED)
                        .days()));
        Pot mount = new Pot(new Mount(0.1, 0.01, 0.2), 0, OptionalDouble.empty(), Material.PLASTIC);
        answers.put(
                "W23d",
                Answer.of(grown("cattleya", 12, 10, mount, "sphagnum_long 1", glass(0.4, 16, 29, 62, JULY))
                        .watered(Way.DUNKED)
                        .days()));
    }

    private static void skies(Map<String, Answer> answers) {
        answers.put("C02", Answer.of(reference(52, JANUARY, 1, 6, 85, 3, 0.20)));
        answers.put("C03", Answer.of(reference(35, JULY, 22, 33, 60, 2, 0.68)));
        answers.put("C04", Answer.of(reference(35, JULY, 20, 36, 35, 2.2, 0.85)));
        answers.put("C05", Answer.of(reference(2, LocalDate.of(2026, 3, 15), 24, 32, 75, 1.5, 0.50)));
        answers.put("C06", Answer.of(reference(-33, JANUARY, 18, 29, 58, 2.2, 0.68)));
        Climate sea = Climate.at(52, 0);
        LocalDate december = LocalDate.of(2026, 12, 15);
        answers.put(
                "C07",
                Answer.of(new Weather(
                                52,
                                Place.Kind.OUTDOORS,
                                1,
                                2,
                                7,
                                86,
                                sea.sunshine().get(11),
                                december)
                        .lightMol()));
        double outdoors = 5.5;
        answers.put("C09", Answer.of(outdoors * Aspect.NORTH.gain(52, JANUARY)));
    }

    private static double reference(
            double latitude, LocalDate day, double low, double high, double humidity, double wind, double sunshine) {
        SolarDay sun = SolarDay.of(latitude, day);
        double global = (0.25 + 0.5 * sunshine) * sun.extraterrestrialMj();
        return new PenmanMonteith(0, wind, true)
                .mmPerDay(new Place.Day(low, high, humidity, sun.extraterrestrialMj(), global, sun.daylengthHours()));
    }

    private static void both(Map<String, Answer> answers, String row, Grown grown) {
        answers.put(row + "u", Answer.of(grown.use()));
        answers.put(row + "d", Answer.of(grown.days()));
    }

    private static void indoors(Map<String, Answer> answers) {
        Weather winter = room(0.18, 17, 21, 40, JANUARY);
        Weather summer = room(0.18, 18, 26, 55, JULY);
        Weather south = room(0.25, 19, 27, 52, JULY);
        Pot middling = GoldenWaters.pot(15, 11, 13.5);
        Pot small = GoldenWaters.pot(10, 7, 9);
        Pot orchids = GoldenWaters.pot(12, 8.5, 10.5);
        both(
                answers,
                "W01",
                grown(
                        "peace_lily",
                        40,
                        40,
                        GoldenWaters.pot(14, 10, 12.5),
                        PEAT_PERLITE,
                        room(0.08, 17, 21, 40, JANUARY)));
        answers.put(
                "W04d",
                Answer.of(grown(
                                "monstera",
                                70,
                                70,
                                GoldenWaters.pot(20, 15, 18),
                                "peat_medium 2 + pine_bark_aged 1 + perlite_coarse 1",
                                winter)
                        .days()));
        both(
                answers,
                "W05",
                grown("snake_plant", 25, 60, middling, "peat_medium 2 + perlite_coarse 1 + pumice 1", south));
        both(
                answers,
                "W07",
                grown("mammillaria", 7, 7, GoldenWaters.pot(9, 6.5, 8), "peat_medium 1 + pumice 1 + grit 1", south));
        answers.put(
                "W09d",
                Answer.of(grown("echeveria", 10, 5, small, GRITTY, south).days()));
        answers.put(
                "W10d",
                Answer.of(grown("echeveria", 10, 5, small, GRITTY, room(0.45, 17, 21, 40, JANUARY))
                        .days()));
        both(answers, "W11", grown("boston_fern", 55, 40, middling, PEAT_PERLITE, summer));
        answers.put(
                "W12d",
                Answer.of(grown("boston_fern", 55, 40, middling, PEAT_PERLITE, winter)
                        .days()));
        answers.put(
                "W13d",
                Answer.of(grown("maidenhair", 25, 25, small, PEAT_PERLITE, room(0.08, 18, 25, 55, JULY))
                        .days()));
        both(
                answers,
                "W14",
                grown(
                        "african_violet",
                        22,
                        10,
                        GoldenWaters.pot(10, 7.5, 7.5),
                        "peat_medium 1 + vermiculite_medium 1 + perlite_coarse 1",
                        winter));
        both(answers, "W16", grown("weeping_fig", 60, 90, GoldenWaters.pot(20, 15, 18), PEAT_PERLITE, south));
        Weather dark = new Weather(60, Place.Kind.INDOORS, 0.01, 20, 24, 45, 0.3, LocalDate.of(2026, 12, 15));
        both(
                answers,
                "W17",
                new Grown(
                        "heartleaf",
                        40,
                        25,
                        middling,
                        GoldenMixes.mix(PEAT_PERLITE),
                        dark,
                        Optional.of(new Place.Lamps(12, 150))));
        answers.put(
                "W18d",
                Answer.of(grown("moth_orchid", 30, 20, orchids, "fir_bark 1", summer)
                        .days()));
        double bark =
                grown("moth_orchid", 30, 20, orchids, "fir_bark 1", winter).days();
        double moss =
                grown("moth_orchid", 30, 20, orchids, "sphagnum_long 1", winter).days();
        answers.put("W19d", Answer.of(bark));
        answers.put("W20d", Answer.of(moss));
        answers.put("D12", Answer.of(moss / bark));
    }

    private static void outdoors(Map<String, Answer> answers) {
        Pot ten = GoldenWaters.pot(28, 22, 20);
        Pot tub = GoldenWaters.pot(34, 27, 33);
        both(
                answers,
                "W26",
                grown(
                        "black_pine_bonsai",
                        45,
                        40,
                        GoldenWaters.filled(new Box(0.35, 0.25, 0.05)),
                        "calcined_clay 1 + pumice 1 + lava 1",
                        open(35, 20, 36, 35, 0.85, JULY)));
        both(
                answers,
                "W33",
                grown("viburnum", 35, 40, GoldenWaters.pot(25.5, 22, 23.5), NURSERY, open(35, 9, 21, 60, 0.6, APRIL)));
        both(
                answers,
                "W35",
                grown("escallonia", 30, 30, GoldenWaters.pot(19, 15, 13), SHRUBS, open(52, 4, 14, 70, 0.4, APRIL)));
        Grown photinia = grown("photinia", 60, 60, ten, SHRUBS, open(52, 13, 23, 68, 0.4, JULY));
        both(answers, "W36", photinia);
        answers.put(
                "D05",
                Answer.of(photinia.use()
                        / grown("photinia", 40, 40, ten, SHRUBS, open(52, 13, 23, 68, 0.4, JULY))
                                .use()));
        Grown plug = grown(
                "petunia",
                2.9,
                8,
                GoldenWaters.filled(new SquareTaper(0.024, 0.019, 0.05)),
                "peat_fine 1 + vermiculite_fine 1",
                glass(0.5, 17, 25, 65, LocalDate.of(2026, 5, 15)));
        answers.put("W37u", Answer.of(128 * plug.use()));
        answers.put("W37d", Answer.of(plug.days()));
        both(answers, "W40", grown("tomato", 55, 90, ten, PEAT_PERLITE, open(52, 13, 23, 68, 0.4, JULY)));
        both(
                answers,
                "W45",
                grown(
                        "lemon",
                        70,
                        90,
                        tub,
                        "peat_medium 2 + pine_bark_aged 2 + perlite_coarse 1",
                        glass(0.6, 6, 13, 75, JANUARY)));
        both(
                answers,
                "W46",
                grown("peach", 100, 140, GoldenWaters.pot(43, 36, 40), NURSERY, open(35, 22, 33, 60, 0.68, JULY)));
        answers.put(
                "W48u",
                Answer.of(grown(
                                "bougainvillea",
                                70,
                                80,
                                tub,
                                "coir_pith 2 + pine_bark_aged 2 + coarse_sand 1",
                                open(2, 24, 32, 75, 0.5, LocalDate.of(2026, 3, 15)))
                        .use()));
        answers.put(
                "W55u",
                Answer.of(grown("box", 40, 40, ten, SHRUBS, open(52, 1, 6, 85, 0.2, JANUARY))
                        .use()));
    }
}
