package evencistern.reading;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.plant.Appetite;
import evencistern.plant.Species;
import evencistern.units.Unit;
import evencistern.water.Meter;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a runoff reading says and what to do about it.
 *
 * <p><b>Answers</b> is my root zone in order, and if not, what now?
 * <p><b>Formula</b> each value against its band with the meter's ±; salts above: flush to the middle of the band; below:
 * feed, or ask first what EC cannot show; pH off: water, feed form, age of the mix; unsure: measure again
 * <p><b>Units</b> pH; mS/cm at 25 °C; L
 * <p><b>Valid for</b> ordinary runoff at a normal watering, which shows a trend, not a laboratory value
 * <p><b>Source</b> [CAVINS2000] and [BMPGUIDE] for judging by mix and crop; [COMMON] for the order of remedies
 * <p><b>Checked by</b> VerdictTest
 */
public record Verdict(
        RunoffBand band,
        Optional<Judgement> ph,
        Optional<Judgement> ec,
        List<Action> actions,
        Optional<FlushVolume> flush) {

    /** What to do, most urgent first. */
    public enum Action {
        FLUSH,
        FLUSH_WITH_PURER_WATER,
        SKIP_NEXT_FEED,
        FEED_AS_PLANNED,
        NO_FEED_PLANNED,
        CHECK_WATER_ALKALINITY,
        LESS_AMMONIUM,
        CHECK_MIX_AGE,
        RETEST_CALIBRATED,
        CARRY_ON;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Whether there is, or likely is, more salt than the band allows. */
    public boolean salty() {
        return ec.filter(e -> e.finding().high()).isPresent();
    }

    /** pH with the dot lost: what reads 58 was 5.8. */
    private static final double DOT_LOST = 10;

    /** Refuses values no root zone has, saying when a dot was lost. pH 2–11, EC 0–20 mS/cm; at least one is needed. */
    public static void check(OptionalDouble ph, OptionalDouble ecMsCm) {
        Faults faults = new Faults();
        if (ph.isEmpty() && ecMsCm.isEmpty()) {
            faults.add(FaultCode.READING_EMPTY, "reading.ph", "");
        }
        ph.ifPresent(v -> {
            if (v > 14 && v / DOT_LOST >= 3 && v / DOT_LOST <= 10) {
                faults.add(new Fault(
                        FaultCode.PH_DOT_MISPLACED,
                        "reading.ph",
                        String.format(Locale.ROOT, "%.0f", v),
                        String.format(Locale.ROOT, "%.1f", v / DOT_LOST),
                        "pH"));
            } else {
                faults.within("reading.ph", v, 2, 11, "pH");
            }
        });
        ecMsCm.ifPresent(v -> faults.within("reading.ec", v, 0, 20, "mS/cm"));
        if (faults.any()) {
            throw new FaultException(faults.list());
        }
    }

    /** Judges one reading. */
    public static Verdict of(
            OptionalDouble ph,
            OptionalDouble ecMsCm,
            Meter meter,
            Species species,
            Mix mix,
            PotWater potWater,
            SourceWater water,
            Working working) {
        check(ph, ecMsCm);
        RunoffBand band = RunoffBand.of(species, mix.kind());
        Optional<Judgement> byPh = ph.isPresent()
                ? Optional.of(
                        judge("reading.ph_inside", meter.ph(ph.getAsDouble()), band.phLow(), band.phHigh(), working))
                : Optional.empty();
        Optional<Judgement> byEc = ecMsCm.isPresent()
                ? Optional.of(judge(
                        "reading.ec_inside", meter.ec(ecMsCm.getAsDouble()), band.ecLow(), band.ecHigh(), working))
                : Optional.empty();
        List<Action> actions = new ArrayList<>();
        Optional<FlushVolume> flush = Optional.empty();
        if (byEc.isPresent() && byEc.get().finding().high()) {
            potWater.availableLitres(working); // so that the working shows where the water held comes from
            double goal = (band.ecLow() + band.ecHigh()) / 2;
            flush = FlushVolume.of(
                    byEc.get().value().value(), goal, water.ecMsCm(), potWater.capacityLitres(), working);
            actions.add(flush.isPresent() ? Action.FLUSH : Action.FLUSH_WITH_PURER_WATER);
            actions.add(Action.SKIP_NEXT_FEED);
        } else if (byEc.isPresent() && byEc.get().finding().low()) {
            actions.add(species.appetite() == Appetite.NONE ? Action.NO_FEED_PLANNED : Action.FEED_AS_PLANNED);
        }
        if (byPh.isPresent() && byPh.get().finding().high()) {
            actions.add(Action.CHECK_WATER_ALKALINITY);
        } else if (byPh.isPresent() && byPh.get().finding().low()) {
            actions.add(Action.LESS_AMMONIUM);
            actions.add(Action.CHECK_MIX_AGE);
        }
        if (unsure(byPh) || unsure(byEc)) {
            actions.add(Action.RETEST_CALIBRATED);
        }
        if (actions.isEmpty()) {
            actions.add(Action.CARRY_ON);
        }
        return new Verdict(band, byPh, byEc, List.copyOf(actions), flush);
    }

    private static boolean unsure(Optional<Judgement> judgement) {
        return judgement.isPresent() && judgement.get().finding() == Judgement.Finding.CANNOT_TELL;
    }

    private static Judgement judge(
            String step, evencistern.units.Uncertain value, double low, double high, Working working) {
        Judgement judgement = Judgement.of(value, low, high);
        Unit unit = step.contains("ph") ? Unit.PH_UNIT : Unit.MILLISIEMENS_PER_CM;
        working.step(
                step,
                "P(inside) = Φ((high − x)/σ) − Φ((low − x)/σ)",
                judgement.inside() * 100,
                Unit.PER_CENT,
                "JCGM100",
                Working.Input.typed("x", value.value(), unit, "reading"),
                Working.Input.typed("± of the meter", value.halfWidth95(), unit, "meter"),
                Working.Input.table("low", low, unit, "runoff-bands:low"),
                Working.Input.table("high", high, unit, "runoff-bands:high"));
        return judgement;
    }
}
