package evencistern.server.mix;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.media.Component;
import evencistern.mixlife.LastPlant;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.units.Unit;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The form of a component as it stands on the screen.
 *
 * @param fields its numbers by name, as in {@link ComponentWire}; {@code air} besides, where all three were typed
 * @param measuredOn,alphaLow,alphaHigh of a test in a pot, absent where the numbers are from elsewhere
 * @param spent,heldBack as in {@link ComponentWire}, kept as they were
 * @param version the version it was changed from; 0 for a new one, or a shipped one not yet changed
 */
public record ComponentInput(
        UUID id,
        @Nullable String shipped,
        String name,
        Component.Family family,
        Component.PackKind packKind,
        @Nullable String currency,
        Map<String, Typed> fields,
        @Nullable LocalDate measuredOn,
        @Nullable Double alphaLow,
        @Nullable Double alphaHigh,
        @Nullable Double spent,
        LastPlant.@Nullable Use heldBack,
        int version) {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_CURRENCY = 8;
    /** Points by which typed air and water may miss the pore space. */
    private static final double ROUNDING = 1.5;

    /** The component it describes; refused with every fault of every field. */
    ComponentWire read() {
        Faults faults = new Faults();
        String checked = faults.text("component.name", name, LONGEST_NAME);
        String money = currency == null || currency.isBlank()
                ? null
                : faults.text("component.currency", currency, LONGEST_CURRENCY);
        ComponentWire wire = new ComponentWire(
                id,
                shipped,
                checked,
                family,
                number("grainFrom", "component.grain_from", Unit.MILLIMETRE, faults),
                number("grainTo", "component.grain_to", Unit.MILLIMETRE, faults),
                number("porosity", "component.porosity", Unit.PER_CENT, faults),
                number("capacity", "component.capacity", Unit.PER_CENT, faults),
                number("capacityColumn", "component.column", Unit.CENTIMETRE, faults),
                number("unavailable", "component.unavailable", Unit.PER_CENT, faults),
                number("residual", "component.residual", Unit.PER_CENT, faults),
                number("n", "component.n", Unit.ONE, faults),
                number("density", "component.density", Unit.KILOGRAM_PER_LITRE, faults),
                number("ph", "component.ph", Unit.PH_UNIT, faults),
                number("buffer", "component.buffer", Unit.GRAM_PER_LITRE, faults),
                number("cec", "component.cec", Unit.MEQ_PER_100_CM3, faults),
                number("ec", "component.ec", Unit.MILLISIEMENS_PER_CM, faults),
                number("wetYears", "component.wet_years", Unit.YEAR, faults),
                number("cycledYears", "component.cycled_years", Unit.YEAR, faults),
                packKind,
                number(
                        "packPrinted",
                        "component.pack",
                        packKind == Component.PackKind.BRICK ? Unit.GRAM : Unit.LITRE,
                        faults),
                number("packLoose", "component.loose", Unit.LITRE, faults),
                blank("packCost") ? null : number("packCost", "component.cost", Unit.ONE, faults),
                money,
                null,
                TypedFields.filled(fields),
                measuredOn,
                measuredOn == null ? null : alphaLow,
                measuredOn == null ? null : alphaHigh,
                spent,
                heldBack,
                version,
                false);
        faults.throwIfAny();
        if (!blank("air")) {
            double air = number("air", "component.air", Unit.PER_CENT, faults);
            if (Math.abs(air + wire.capacity() - wire.porosity()) > ROUNDING) {
                faults.add(new Fault(
                        FaultCode.AIR_AND_WATER,
                        "component.porosity",
                        Faults.plain(wire.porosity()),
                        Faults.plain(air + wire.capacity()),
                        Unit.PER_CENT.symbol()));
            }
        }
        faults.attempt(() -> wire.toComponent().possible());
        faults.throwIfAny();
        return wire;
    }

    private boolean blank(String name) {
        Typed typed = fields.get(name);
        return typed == null || typed.text().isBlank();
    }

    private double number(String name, String field, Unit unit, Faults faults) {
        Typed typed = fields.get(name);
        if (typed == null) {
            faults.add(FaultCode.MISSING, field, "");
            return Double.NaN;
        }
        return unit.fromCanonical(typed.read(field, faults, unit.dimension()));
    }
}
