package evencistern.server.standin;

import evencistern.climate.Place;
import evencistern.climate.SolarDay;
import evencistern.server.typed.Told;
import evencistern.server.weather.WeatherService;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * A weather service that makes its weather up: the same for the same site and seed, warm and cold spells of some days, a
 * forecast that is off by more the further it looks, and days on which it does not answer. All of it invented.
 */
@Component
public class SimulatedWeather implements WeatherService {
    private static final double SPELL = 0.7;
    private static final int SPELL_DAYS = 12;
    private static final double DEGREES_OFF_A_DAY = 0.5;

    private final long seed;
    private final int outageEvery;

    /**
     * The service.
     *
     * @param outageEvery on one day in so many it does not answer; 0 for never
     */
    public SimulatedWeather(
            @Value("${even-cistern.weather.seed:17}") long seed,
            @Value("${even-cistern.weather.outage-every:9}") int outageEvery) {
        this.seed = seed;
        this.outageEvery = outageEvery;
    }

    @Override
    public List<Told> days(Site site, LocalDate from, LocalDate to, LocalDate today) throws NoAnswerException {
        if (outageEvery > 0 && Math.floorMod(today.toEpochDay() + seed, outageEvery) == 0) {
            throw new NoAnswerException("the simulated weather service is out today");
        }
        return from.datesUntil(to.plusDays(1))
                .map(day -> told(site, day, today))
                .toList();
    }

    private Told told(Site site, LocalDate day, LocalDate today) {
        Place.Weather truth = truth(site, day);
        int ahead = (int) (day.toEpochDay() - today.toEpochDay());
        if (ahead <= 0) {
            return new Told(day, truth, false);
        }
        Random random = new Random(mix(site, day) * 31 + ahead);
        double off = random.nextGaussian() * DEGREES_OFF_A_DAY * ahead;
        double sun = truth.globalMj() * Math.exp(0.08 * Math.sqrt(ahead) * random.nextGaussian());
        double rain = random.nextDouble() < 0.06 * ahead ? 0 : truth.rainMm();
        return new Told(
                day,
                new Place.Weather(
                        truth.lowC() + off, truth.highC() + off, truth.humidityPercent(), sun, rain, truth.windMs()),
                true);
    }

    private Place.Weather truth(Site site, LocalDate day) {
        double latitude = site.latitude();
        double mean = 27 - 0.006 * latitude * latitude;
        int warmest = latitude >= 0 ? 200 : 18;
        double season = 0.14 * Math.abs(latitude) * Math.cos(2 * Math.PI * (day.getDayOfYear() - warmest) / 365.0);
        double spell = 2.5 * spell(site, day, 1);
        double cloud = Math.max(0, Math.min(1, 0.55 + 0.22 * spell(site, day, 2)));
        Random random = new Random(mix(site, day));
        double swing = 5.5 - 3 * cloud;
        double at = mean + season + spell;
        double ra = SolarDay.of(latitude, day).extraterrestrialMj();
        double rain = cloud > 0.62 ? -14 * Math.log(1 - 0.999 * random.nextDouble()) * (cloud - 0.5) : 0;
        return new Place.Weather(
                at - swing,
                at + swing,
                Math.max(35, Math.min(98, 58 + 32 * cloud + 4 * random.nextGaussian())),
                ra * (0.74 - 0.52 * cloud),
                Math.round(rain * 10) / 10.0,
                Math.max(0.3, 2.2 + 0.9 * random.nextGaussian()));
    }

    /** Noise that lingers from day to day, of standard deviation 1. */
    private double spell(Site site, LocalDate day, int which) {
        double sum = 0;
        double weight = 1;
        double squares = 0;
        for (int back = 0; back < SPELL_DAYS; back++) {
            sum += weight * new Random(mix(site, day.minusDays(back)) + which * 7919L).nextGaussian();
            squares += weight * weight;
            weight *= SPELL;
        }
        return sum / Math.sqrt(squares);
    }

    private long mix(Site site, LocalDate day) {
        return (seed * 1_000_003 + Math.round(site.latitude() * 100)) * 1_000_003 + day.toEpochDay() * 7_919;
    }
}
