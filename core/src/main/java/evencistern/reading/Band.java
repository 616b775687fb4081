package evencistern.reading;

import evencistern.media.Component.Family;
import evencistern.plant.Species;
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
 * @param zone whose bands hold
 * @param appetite how hungry the plant is: light, medium, heavy or none
 */
public record Band(
        Method method, RootZone zone, String appetite, double phLow, double phHigh, double ecLow, double ecHigh) {
    private record Ec(double low, double high) {}

    private static final Map<String, Ec> ROWS = readRows();

    /**
     * The band for a plant in a mix of this kind: pH by the species, EC by method, mix, feed and appetite. What a laboratory
     * reads is held against what corresponds to the pour-through's.
     */
    public static Band of(Method method, Species species, Family kind, boolean coatedAlone) {
        RootZone zone = RootZone.of(species, kind, coatedAlone);
        String appetite =
                zone == RootZone.CARNIVORE ? "none" : species.appetite().name().toLowerCase(Locale.ROOT);
        Method listed = method == Method.RUNOFF || !method.saysEc() ? Method.RUNOFF : Method.POUR_THROUGH;
        String name = String.join(":", listed.id(), zone.id(), appetite);
        Ec ec = ROWS.get(name);
        if (ec == null) {
            throw new IllegalStateException("bands.csv has no row " + name);
        }
        if (listed != method && Equivalence.known(method)) {
            ec = new Ec(Equivalence.convert(ec.low(), listed, method), Equivalence.convert(ec.high(), listed, method));
        }
        return new Band(method, zone, appetite, species.phLow(), species.phHigh(), ec.low(), ec.high());
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
