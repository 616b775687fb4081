package evencistern.reading;

import evencistern.media.Mix;
import evencistern.plant.Appetite;
import evencistern.plant.Species;
import evencistern.plant.Trait;
import evencistern.table.DataFile;
import evencistern.units.Uncertain;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The band a reading should lie in.
 *
 * @param method by which it was read
 * @param zone whose bands count most
 * @param appetite of the row its lower edge is from: light, medium, heavy or none
 */
public record Band(
        Method method, RootZone zone, String appetite, double phLow, double phHigh, double ecLow, double ecHigh) {
    private record Ec(double low, double high) {}

    private static final Map<String, Ec> ROWS = readRows();

    /**
     * The band for a plant in a mix: pH by the species; EC by method, feed, appetite, how much salt the kind stands, and what
     * the mix is made of, each part counting by its share. What a laboratory reads is held against what corresponds to the
     * pour-through's.
     */
    public static Band of(Method method, Species species, Mix mix, boolean coatedAlone) {
        Map<RootZone, Double> zones = RootZone.of(species, mix, coatedAlone);
        RootZone mainly = zones.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
        Method listed = method == Method.RUNOFF || !method.saysEc() ? Method.RUNOFF : Method.POUR_THROUGH;
        Appetite low = mainly == RootZone.CARNIVORE ? Appetite.NONE : salted(species, false);
        Appetite high = mainly == RootZone.CARNIVORE ? Appetite.NONE : salted(species, true);
        Ec ec = new Ec(0, 0);
        for (Map.Entry<RootZone, Double> zone : zones.entrySet()) {
            if (zone.getValue() > 0) {
                ec = new Ec(
                        ec.low()
                                + zone.getValue()
                                        * row(listed, zone.getKey(), low).low(),
                        ec.high()
                                + zone.getValue()
                                        * row(listed, zone.getKey(), high).high());
            }
        }
        if (listed != method && Equivalence.known(method)) {
            ec = new Ec(Equivalence.convert(ec.low(), listed, method), Equivalence.convert(ec.high(), listed, method));
        }
        return new Band(
                method,
                mainly,
                low.name().toLowerCase(Locale.ROOT),
                species.phLow(),
                species.phHigh(),
                ec.low(),
                ec.high());
    }

    /** Which row holds: one of less appetite where little salt is stood, for the upper edge one of more where much is. */
    private static Appetite salted(Species species, boolean upper) {
        Appetite appetite = species.appetite();
        if (species.traits().is(Trait.SALT, "low")) {
            return appetite == Appetite.HEAVY
                    ? Appetite.MEDIUM
                    : appetite == Appetite.MEDIUM ? Appetite.LIGHT : appetite;
        }
        if (upper && species.traits().is(Trait.SALT, "high")) {
            return appetite == Appetite.LIGHT
                    ? Appetite.MEDIUM
                    : appetite == Appetite.MEDIUM ? Appetite.HEAVY : appetite;
        }
        return appetite;
    }

    private static Ec row(Method listed, RootZone zone, Appetite appetite) {
        String name = String.join(":", listed.id(), zone.id(), appetite.name().toLowerCase(Locale.ROOT));
        Ec ec = ROWS.get(name);
        if (ec == null) {
            throw new IllegalStateException("bands.csv has no row " + name);
        }
        return ec;
    }

    /** A pH held against it, with the pen's ±; empty where the method says nothing of the roots. */
    public Optional<Judgement> judgePh(Uncertain ph) {
        return method.judged() ? Optional.of(Judgement.of(ph, phLow, phHigh)) : Optional.empty();
    }

    /** An EC held against it, in mS/cm at 25 °C; empty where the method's EC says nothing of the roots. */
    public Optional<Judgement> judgeEc(Uncertain msCm) {
        return method.saysEc() ? Optional.of(Judgement.of(msCm, ecLow, ecHigh)) : Optional.empty();
    }

    /**
     * What an EC against this band would have been as a pour-through, so that it stands to the band of that as it does to this
     * one. What a laboratory read is then ± 15 %, what drained at a watering ± 30 %, typical, from memory. Empty where the EC
     * says nothing of the roots.
     *
     * @param pourThrough the band of the same plant by pour-through
     */
    public Optional<Uncertain> asPourThrough(Uncertain ec, Band pourThrough) {
        if (!method.saysEc()) {
            return Optional.empty();
        }
        double x = ec.value();
        double there = x < ecLow
                ? x * pourThrough.ecLow / ecLow
                : x < ecHigh
                        ? pourThrough.ecLow + (x - ecLow) * (pourThrough.ecHigh - pourThrough.ecLow) / (ecHigh - ecLow)
                        : x * pourThrough.ecHigh / ecHigh;
        double doubt = method == Method.POUR_THROUGH ? 0 : method == Method.RUNOFF ? 0.30 : 0.15;
        return Optional.of(ec.times(x > 0 ? there / x : 1).times(Uncertain.plusMinus95(1, doubt)));
    }

    /** Where a flush or a weaker feed should bring the EC. */
    double middle() {
        return (ecLow + ecHigh) / 2;
    }

    private static Map<String, Ec> readRows() {
        Map<String, Ec> rows = new HashMap<>();
        for (DataFile.Row row : DataFile.read(Band.class, "bands.csv")) {
            rows.put(
                    String.join(":", row.text("method"), row.text("zone"), row.text("appetite")),
                    new Ec(row.number("low"), row.number("high")));
        }
        return rows;
    }
}
