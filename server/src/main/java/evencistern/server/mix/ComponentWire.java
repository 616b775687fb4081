package evencistern.server.mix;

import evencistern.media.Component;
import evencistern.media.Recipes;
import evencistern.mixlife.LastPlant;
import evencistern.server.history.Laid;
import evencistern.server.typed.Typed;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A component as it goes over the wire: per cent of its loose volume, mm, cm, kg/L, g/L, meq/100 cm³, mS/cm, years.
 *
 * @param shipped the key of the shipped component it changes, or is; absent for the garden's own
 * @param name empty for a shipped one that nobody changed: it is named by its key
 * @param capacityColumn height of the drained column that holds {@code capacity}
 * @param packPrinted litres on the pack, or grams of a brick
 * @param costFromShelf whether the cost is that of the stock which was counted, as the component has none of its own
 * @param alphaLow,alphaHigh of the curve, where the garden measured it
 * @param spent per cent of its life that it had behind it, of mix that stood in a pot before; absent for something new
 * @param heldBack what must be done before it goes into a pot, or that it never may; absent where it may
 * @param version 0 for a shipped one as it ships
 */
public record ComponentWire(
        UUID id,
        @Nullable String shipped,
        String name,
        Component.Family family,
        double grainFrom,
        double grainTo,
        double porosity,
        double capacity,
        double capacityColumn,
        double unavailable,
        double residual,
        double n,
        double density,
        double ph,
        double buffer,
        double cec,
        double ec,
        double wetYears,
        double cycledYears,
        Component.PackKind packKind,
        double packPrinted,
        double packLoose,
        @Nullable Double packCost,
        @Nullable String currency,
        @Nullable Boolean costFromShelf,
        Map<String, Typed> typed,
        @Nullable LocalDate measuredOn,
        @Nullable Double alphaLow,
        @Nullable Double alphaHigh,
        @Nullable Double spent,
        LastPlant.@Nullable Use heldBack,
        int version,
        boolean retired)
        implements Laid<ComponentWire> {
    private static final double PER_CENT = 100;

    /** What recipes call it by: the shipped key, or its own id. */
    public String key() {
        return shipped == null ? id.toString() : shipped;
    }

    /** The id under which a garden keeps its changes to a shipped thing. */
    static UUID idOf(String kind, String key) {
        return UUID.nameUUIDFromBytes((kind + ":" + key).getBytes(StandardCharsets.UTF_8));
    }

    /** A shipped component as it ships. */
    static ComponentWire of(Component c) {
        return of(c, 0);
    }

    @Override
    public ComponentWire at(int at) {
        return of(Recipes.component(key()), at);
    }

    private static ComponentWire of(Component c, int version) {
        Component.Hold h = c.hold();
        return new ComponentWire(
                idOf("component", c.key()),
                c.key(),
                "",
                c.family(),
                c.grain().fromMm(),
                c.grain().toMm(),
                h.porosity() * PER_CENT,
                h.capacity() * PER_CENT,
                h.columnCm(),
                h.unavailable() * PER_CENT,
                h.curve().residual() * PER_CENT,
                h.curve().n(),
                c.densityKgPerL(),
                c.chemistry().ph(),
                c.chemistry().buffer(),
                c.chemistry().cec(),
                c.chemistry().ec(),
                c.wear().wetYears(),
                c.wear().cycledYears(),
                c.pack().kind(),
                c.pack().printed(),
                c.pack().looseLitres(),
                c.pack().cost().orElse(null),
                null,
                null,
                Map.of(),
                null,
                null,
                null,
                null,
                null,
                version,
                false);
    }

    /** Whether it is mix that stood in a pot before: it may be potted into as it is. */
    public boolean used() {
        return spent != null;
    }

    /** What a mix is that was taken out of a pot. */
    public static ComponentWire used(UUID id, String name, Component c, LastPlant.Use use) {
        ComponentWire w = of(c, 0);
        return new ComponentWire(
                id,
                null,
                name,
                w.family,
                w.grainFrom,
                w.grainTo,
                w.porosity,
                w.capacity,
                w.capacityColumn,
                w.unavailable,
                w.residual,
                w.n,
                w.density,
                w.ph,
                w.buffer,
                w.cec,
                w.ec,
                w.wetYears,
                w.cycledYears,
                w.packKind,
                w.packPrinted,
                w.packLoose,
                null,
                null,
                null,
                Map.of(),
                null,
                null,
                null,
                c.wear().spent() * PER_CENT,
                use == LastPlant.Use.FREELY ? null : use,
                0,
                false);
    }

    /** The same with another pH and salt, mS/cm of its saturated extract; held back or no more, put away or not. */
    public ComponentWire become(double nowPh, double nowEc, LastPlant.@Nullable Use held, boolean away) {
        return with(nowPh, nowEc, packCost, currency, costFromShelf, held, away);
    }

    /** The same at the price of a litre that was paid for what is on the shelf, where it has none of its own. */
    ComponentWire priced(double perLitre, @Nullable String money) {
        return packCost != null ? this : with(ph, ec, perLitre * packLoose, money, true, heldBack, retired);
    }

    private ComponentWire with(
            double nowPh,
            double nowEc,
            @Nullable Double nowCost,
            @Nullable String money,
            @Nullable Boolean fromShelf,
            LastPlant.@Nullable Use held,
            boolean away) {
        return new ComponentWire(
                id,
                shipped,
                name,
                family,
                grainFrom,
                grainTo,
                porosity,
                capacity,
                capacityColumn,
                unavailable,
                residual,
                n,
                density,
                nowPh,
                buffer,
                cec,
                nowEc,
                wetYears,
                cycledYears,
                packKind,
                packPrinted,
                packLoose,
                nowCost,
                money,
                fromShelf,
                typed,
                measuredOn,
                alphaLow,
                alphaHigh,
                spent,
                held,
                version,
                away);
    }

    /** The component it describes; refused with every fault. */
    public Component toComponent() {
        Optional<Component> ships = Optional.ofNullable(shipped).map(Recipes::component);
        Component.Hold hold = Component.Hold.fitted(
                porosity / PER_CENT,
                capacity / PER_CENT,
                capacityColumn,
                unavailable / PER_CENT,
                ships.map(c -> c.hold().plusMinus()).orElse(Component.Hold.USUAL_PLUS_MINUS),
                residual / PER_CENT,
                n);
        return new Component(
                key(),
                family,
                ships.map(c -> c.grain().sized(grainFrom, grainTo))
                        .orElseGet(() -> Component.Grain.usual(family, grainFrom, grainTo)),
                alphaLow == null || alphaHigh == null ? hold : hold.between(alphaLow, alphaHigh),
                density,
                new Component.Chemistry(ph, buffer, cec, ec),
                new Component.Wear(wetYears, cycledYears, spent == null ? 0 : spent / PER_CENT),
                new Component.Pack(packKind, packPrinted, packLoose, Optional.ofNullable(packCost)));
    }
}
