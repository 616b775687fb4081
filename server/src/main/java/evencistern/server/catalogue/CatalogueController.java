package evencistern.server.catalogue;

import evencistern.climate.Climate;
import evencistern.label.LabelReader;
import evencistern.media.Additive;
import evencistern.media.Amendment;
import evencistern.meter.TdsScale;
import evencistern.pot.TradeSizes;
import evencistern.units.Unit;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What ships with the application and belongs to no garden. */
@RestController
@RequestMapping("/api/catalogue")
class CatalogueController {

    /** Something stirred into a mix, with its rates in g per litre. */
    record AmendmentWire(String key, String kind, double low, double medium, double high, double months) {
        static AmendmentWire of(Amendment a) {
            return new AmendmentWire(
                    a.key(), a.kind().name().toLowerCase(Locale.ROOT), a.low(), a.medium(), a.high(), a.months());
        }
    }

    /** A unit with its exact factor: canonical = (value + offset) · factor. */
    record UnitWire(String symbol, String dimension, String canonical, double factor, double offset) {
        static UnitWire of(Unit u) {
            return new UnitWire(
                    u.symbol(),
                    u.dimension().name().toLowerCase(Locale.ROOT),
                    u.dimension().canonicalSymbol(),
                    u.factor(),
                    u.offset());
        }
    }

    /** A ppm scale and what 1 mS/cm prints as on it. */
    record ScaleWire(String id, double ppmPerMsCm) {}

    /** A size that pots are sold by, its usual inside measures and the litres it holds to the rim. */
    record SizeWire(
            String name,
            TradeSizes.Build build,
            double topCm,
            double baseCm,
            double heightCm,
            double litresLow,
            double litresHigh) {
        static SizeWire of(TradeSizes.Size s) {
            return new SizeWire(
                    s.name(), s.build(), s.topCm(), s.baseCm(), s.heightCm(), s.litresLow(), s.litresHigh());
        }
    }

    /**
     * Everything that ships.
     *
     * @param additives keys of what is stirred into a mix: limes, sulfur, amendments
     * @param stations whose average year is known, by name
     */
    record Catalogue(
            List<AmendmentWire> amendments,
            List<String> additives,
            List<SizeWire> tradeSizes,
            List<UnitWire> units,
            List<ScaleWire> scales,
            List<String> stations,
            int labelLongest) {}

    @GetMapping
    Catalogue getCatalogue() {
        return new Catalogue(
                Amendment.all().stream().map(AmendmentWire::of).toList(),
                Additive.keys(),
                TradeSizes.all().stream().map(SizeWire::of).toList(),
                Arrays.stream(Unit.values()).map(UnitWire::of).toList(),
                Arrays.stream(TdsScale.values())
                        .map(s -> new ScaleWire(s.id(), s.ppmPerMsCm()))
                        .toList(),
                Climate.stations(),
                LabelReader.LONGEST);
    }
}
