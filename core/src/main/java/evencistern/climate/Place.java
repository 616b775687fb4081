package evencistern.climate;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.Optional;

/**
 * Where plants stand.
 *
 * @param lows,highs mean daily minimum and maximum of each month, January first, °C, −40 to 60
 * @param humidityPercent mean relative humidity, 5–100
 * @param lightShare share of the light outdoors that reaches the plants, 0.01–1
 * @param sunshine share of the possible sun that the sky lets through in an average day, 0–1
 * @param lamps electric light on top of what comes in from outdoors, empty where there is none
 * @param frosts first and last frost of the cold season, empty where none comes
 */
public record Place(
        double latitude,
        Kind kind,
        List<Double> lows,
        List<Double> highs,
        double humidityPercent,
        double lightShare,
        double sunshine,
        Optional<Lamps> lamps,
        Optional<Frosts> frosts) {

    /** Under a roof water use follows light and dry air; outdoors the weather. */
    public enum Kind {
        INDOORS,
        UNDER_GLASS,
        OUTDOORS
    }

    /** Lamps: hours a day, 0–24, and photosynthetic light at the leaves in µmol m⁻² s⁻¹, 0–2 000. */
    public record Lamps(double hours, double ppfd) {
        public Lamps {
            Faults faults = new Faults();
            faults.within("place.lamp_hours", hours, 0, 24, "h");
            faults.within("place.lamp_light", ppfd, 0, 2000, "µmol/m²/s");
            faults.throwIfAny();
        }

        /** Light of a day, mol/m². */
        double molPerDay() {
            return ppfd * hours * 3600 / 1e6;
        }
    }

    /** The first frost of autumn and the last of spring. */
    public record Frosts(MonthDay first, MonthDay last) {}

    public Place {
        lows = List.copyOf(lows);
        highs = List.copyOf(highs);
        Faults faults = new Faults();
        faults.within("place.latitude", latitude, -66, 66, "°");
        faults.within("place.humidity", humidityPercent, 5, 100, "%");
        faults.within("place.light", lightShare, 0.01, 1, "");
        faults.within("place.sunshine", sunshine, 0, 1, "");
        if (lows.size() != 12 || highs.size() != 12) {
            faults.add(new Fault(FaultCode.MISSING, "place.months", Integer.toString(lows.size()), "12", ""));
        } else {
            for (int m = 0; m < 12; m++) {
                faults.within("place.low", lows.get(m), -40, 60, "°C");
                faults.within("place.high", highs.get(m), lows.get(m), 60, "°C");
            }
        }
        faults.throwIfAny();
    }

    /** One average day here. Temperatures run straight from the middle of one month to the middle of the next. */
    public Day on(LocalDate date) {
        SolarDay sun = SolarDay.of(latitude, date);
        double low = between(lows, date);
        double high = between(highs, date);
        // FAO-56 equation 35 with its default a = 0.25, b = 0.50
        double global = (0.25 + 0.50 * sunshine) * sun.extraterrestrialMj() * lightShare;
        double lamp = lamps.map(Lamps::molPerDay).orElse(0.0) / Day.MOL_PER_MJ;
        return new Day(low, high, humidityPercent, sun.extraterrestrialMj(), global + lamp, sun.daylengthHours());
    }

    private static double between(List<Double> months, LocalDate date) {
        double middle = date.lengthOfMonth() / 2.0;
        double offset = (date.getDayOfMonth() - 0.5 - middle) / date.lengthOfMonth();
        int month = date.getMonthValue() - 1;
        int neighbour = Math.floorMod(month + (offset < 0 ? -1 : 1), 12);
        double weight = Math.abs(offset);
        return months.get(month) * (1 - weight) + months.get(neighbour) * weight;
    }

    /**
     * The weather of a day.
     *
     * @param extraterrestrialMj radiation above the air, MJ/m²/d
     * @param globalMj radiation that reaches the plants, MJ/m²/d
     */
    public record Day(
            double lowC,
            double highC,
            double humidityPercent,
            double extraterrestrialMj,
            double globalMj,
            double daylengthHours) {
        /** mol of photosynthetic light per MJ of sunlight: 0.45 of the energy at 4.57 µmol/J [THIMIJAN1983]. */
        private static final double MOL_PER_MJ = 0.45 * 4.57;

        public double meanC() {
            return (lowC + highC) / 2;
        }

        /** Daily light integral at the plants, mol/m²/d. */
        public double lightMol() {
            return globalMj * MOL_PER_MJ;
        }
    }
}
