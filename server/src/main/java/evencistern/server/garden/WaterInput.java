package evencistern.server.garden;

import evencistern.fault.Faults;
import evencistern.server.garden.GardenWire.WaterWire;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.units.Dimension;
import evencistern.water.Dissolved;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A water as typed.
 *
 * @param alkalinity left blank where nobody has measured it
 * @param contents what its report tells
 * @param version the version it was changed from; 0 for a new one
 */
public record WaterInput(
        UUID id,
        String name,
        WaterWire.@Nullable Origin kind,
        Typed ec,
        Typed ph,
        @Nullable Typed alkalinity,
        @Nullable Map<Dissolved, Typed> contents,
        int version) {

    /** The water it describes; refused with every fault of every field. */
    public WaterWire read() {
        Faults faults = new Faults();
        String checkedName = faults.text("water.name", name, 80);
        double msCm = ec.read("water.ec", faults, Dimension.CONDUCTIVITY);
        double acidity = ph.read("water.ph", faults, Dimension.PH);
        OptionalDouble caco3 = Typed.optional(alkalinity, "water.alkalinity", faults, Dimension.ALKALINITY);
        Map<Dissolved, Double> mg = new EnumMap<>(Dissolved.class);
        Map<String, Typed> typed = new HashMap<>(Map.of("ec", ec, "ph", ph));
        if (alkalinity != null) {
            typed.put("alkalinity", alkalinity);
        }
        if (contents != null) {
            contents.forEach((what, amount) -> {
                Typed.optional(amount, "water." + what.id(), faults, Dimension.MASS_CONCENTRATION)
                        .ifPresent(v -> mg.put(what, v));
                typed.put(what.name(), amount);
            });
        }
        faults.throwIfAny();
        WaterWire water = new WaterWire(
                id,
                checkedName,
                kind == null ? WaterWire.Origin.tap : kind,
                msCm,
                acidity,
                caco3.isPresent() ? caco3.getAsDouble() : null,
                mg,
                TypedFields.filled(typed),
                version,
                false);
        water.toWater();
        return water;
    }
}
