package evencistern.server.lot;

import evencistern.fault.Faults;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.units.Dimension;
import evencistern.units.Unit;
import evencistern.watering.Watering;
import evencistern.watering.Way;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * How the pots of a lot get their water, as typed; what is blank is taken as it usually is.
 *
 * @param holds what the reservoir or the tray of one pot holds between its marks
 * @param minutes it is soaked
 * @param emitter what the emitters of one pot give in an hour
 * @param rate what sprinklers give in an hour
 * @param spacing between the middles of two pots below sprinklers
 */
public record WateringInput(
        Way way,
        @Nullable Typed holds,
        @Nullable Typed minutes,
        @Nullable Typed emitter,
        @Nullable Typed rate,
        @Nullable Typed spacing) {
    /** From above, as lots of before. */
    static final WateringInput POURED = of(Way.TOP, Map.of());

    /** As it was kept. */
    static WateringInput of(Way way, Map<String, Typed> typed) {
        return new WateringInput(
                way,
                typed.get("holds"),
                typed.get("minutes"),
                typed.get("emitter"),
                typed.get("rate"),
                typed.get("spacing"));
    }

    /** What was typed, by field. */
    Map<String, Typed> typed() {
        Map<String, Typed> typed = new TreeMap<>();
        TypedFields.and(typed, "holds", holds);
        TypedFields.and(typed, "minutes", minutes);
        TypedFields.and(typed, "emitter", emitter);
        TypedFields.and(typed, "rate", rate);
        return TypedFields.and(typed, "spacing", spacing);
    }

    /** Without blanks, and without what does not belong to its way. */
    WateringInput tidy() {
        boolean soaks = way == Way.FROM_BELOW || way == Way.DUNKED;
        return new WateringInput(
                way,
                way.stores() ? filled(holds) : null,
                soaks ? filled(minutes) : null,
                way == Way.DRIP ? filled(emitter) : null,
                way == Way.OVERHEAD ? filled(rate) : null,
                way == Way.OVERHEAD ? filled(spacing) : null);
    }

    private static @Nullable Typed filled(@Nullable Typed typed) {
        return typed == null || typed.text().isBlank() ? null : typed;
    }

    /**
     * For the rules; refused with every fault of every field.
     *
     * @param undrained whether what runs through stays below the pot
     */
    public Watering toWatering(boolean undrained) {
        Faults faults = new Faults();
        OptionalDouble litres = Typed.optional(holds, "lot.holds", faults, Dimension.VOLUME);
        OptionalDouble soak = Typed.optional(minutes, "lot.minutes", Unit.MINUTE, faults);
        OptionalDouble each = Typed.optional(emitter, "lot.emitter", faults, Dimension.VOLUME);
        OptionalDouble mm = Typed.optional(rate, "lot.rate", Unit.MILLIMETRE, faults);
        OptionalDouble apart = Typed.optional(spacing, "lot.spacing", faults, Dimension.LENGTH);
        faults.throwIfAny();
        return new Watering(way, undrained, litres, soak, each, mm, apart);
    }
}
