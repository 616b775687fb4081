package evencistern.water;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.EnumMap;
import java.util.Map;

/**
 * Acid or base for the can.
 *
 * <p><b>Answers</b> how much of this brings the water to the pH wanted, what does it add, and what alkalinity is left?
 * <p><b>Formula</b> acid: c = (Alk − C_T·(α1 + 2·α2) − [OH⁻] + [H⁺])/z(pH); base: c = (C_T·(α1 + 2·α2) + [OH⁻] − [H⁺] −
 * Alk)/(a − b·(α1 + 2·α2)), a its alkalinity and b its carbonate per mole
 * <p><b>Units</b> meq/L and mmol/L; mL or g of product
 * <p><b>Valid for</b> an alkalinity that has been measured; targets of pH 4.5–7.5; feed shifts it a little besides
 * <p><b>Source</b> {@link Carbonate}; acids [SM1996], strengths as sold [TYPICAL], from memory
 * <p><b>Checked by</b> CarbonateTest
 *
 * @param perLitre of product, mL or g
 * @param amount for all the water, mL or g
 * @param adds mg/L of elements that come with it
 * @param alkalinityLeft mg/L as CaCO3
 * @param neutralised of the alkalinity, 0–1; below 0 for a base, which adds
 */
public record PhCorrection(
        PhProduct product,
        double perLitre,
        double amount,
        Map<Dissolved, Double> adds,
        double alkalinityLeft,
        double neutralised) {
    /** Whether the acid brings so much phosphorus that it counts with the feed's own. */
    public boolean muchPhosphorus() {
        return adds.getOrDefault(Dissolved.P, 0.0) > WaterLimit.ACID_P.good();
    }

    /**
     * Works out the amount.
     *
     * @param litres of water, 0.1–100 000
     * @param plant it is for: one that phosphorus harms gets none from acid
     * @param trade whether the garden declares itself a trade grower's
     */
    public static PhCorrection of(
            SourceWater water,
            double targetPh,
            PhProduct product,
            double litres,
            boolean trade,
            WaterLimits.Drinker plant,
            Working working) {
        Faults faults = new Faults();
        faults.within("target_ph", targetPh, 4.5, 7.5, "pH");
        faults.within("litres", litres, 0.1, 100_000, "L");
        if (product.trade() && !trade) {
            faults.add(FaultCode.TRADE_ONLY, "ph_product", product.key());
        }
        if (water.alkalinity().isEmpty()) {
            faults.add(FaultCode.ALKALINITY_UNKNOWN, "water.alkalinity", "");
        }
        faults.throwIfAny();
        if (product.acid() == targetPh > water.ph()) {
            throw new FaultException(new Fault(
                    FaultCode.PH_OTHER_WAY, "target_ph", Faults.plain(targetPh), Faults.plain(water.ph()), "pH"));
        }
        double alkalinity = Unit.MEQ_PER_LITRE.fromCanonical(water.alkalinity().getAsDouble());
        double total = Carbonate.total(alkalinity, water.ph());
        double left = Carbonate.alkalinityAt(total, targetPh);
        double mmol = product.acid()
                ? (alkalinity - left) / product.chargeAt(targetPh)
                : (left - alkalinity) / (product.alkalinity() - product.carbonate() * Carbonate.charge(targetPh));
        if (!(mmol >= 0)) {
            throw new FaultException(Fault.of(FaultCode.PH_OTHER_WAY, "target_ph", Faults.plain(targetPh)));
        }
        double perLitre = mmol / product.mmolPerUnit();
        double after = product.acid() ? left : alkalinity + mmol * product.alkalinity();
        working.step(
                "water.carbonate",
                "C_T = (Alk − [OH⁻] + [H⁺])/(α1 + 2·α2)",
                total,
                Unit.MEQ_PER_LITRE,
                "SM1996",
                typed("Alk", alkalinity, Unit.MEQ_PER_LITRE, "water.alkalinity"),
                typed("pH", water.ph(), Unit.PH_UNIT, "water.ph"));
        working.step(
                "water.alkalinity_left",
                "Alk left = C_T·(α1 + 2·α2) + [OH⁻] − [H⁺]",
                left,
                Unit.MEQ_PER_LITRE,
                "SM1996",
                earlier("C_T", total, Unit.MEQ_PER_LITRE, "water.carbonate"),
                typed("pH", targetPh, Unit.PH_UNIT, "target_ph"));
        Unit unit = product.liquid() ? Unit.MILLILITRE : Unit.GRAM;
        double amount = working.step(
                "water.ph_product",
                product.acid()
                        ? "amount = V·(Alk − Alk left)/(z·m)"
                        : "amount = V·(Alk left − Alk)/((a − b·(α1 + 2·α2))·m)",
                perLitre * litres,
                unit,
                "SM1996",
                typed("V", litres, Unit.LITRE, "litres"),
                earlier("Alk left", left, Unit.MEQ_PER_LITRE, "water.alkalinity_left"),
                table("m", product.mmolPerUnit(), Unit.ONE, "ph_product:" + product.key()));
        Map<Dissolved, Double> adds = new EnumMap<>(Dissolved.class);
        product.brings().forEach((element, mg) -> adds.put(element, mg * mmol));
        double phosphorus = adds.getOrDefault(Dissolved.P, 0.0);
        double most = plant.phosphorusHarms() ? WaterLimit.ACID_P_HATERS.most() : WaterLimit.ACID_P.most();
        if (phosphorus > most) {
            throw new FaultException(new Fault(
                    FaultCode.ACID_PHOSPHORUS,
                    "ph_product",
                    Faults.plain(Math.rint(phosphorus)),
                    Faults.plain(most),
                    "mg/L"));
        }
        return new PhCorrection(
                product,
                perLitre,
                amount,
                adds,
                Unit.MEQ_PER_LITRE.toCanonical(after),
                alkalinity > 0 ? 1 - after / alkalinity : 0);
    }
}
