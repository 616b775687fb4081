package evencistern.server.remedy;

import evencistern.caution.Caution;
import evencistern.feed.HandMeasure;
import evencistern.need.Situation;
import evencistern.remedy.Cure;
import evencistern.remedy.CureForLot;
import evencistern.remedy.Remedy;
import evencistern.remedy.Treatment;
import evencistern.server.GardenId;
import evencistern.server.dose.CareWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.server.problem.FaultWire;
import evencistern.server.reading.Readings;
import evencistern.server.words.Words;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What may be done against what ails a lot, and how much of what that takes. */
@RestController
class Cures {
    private final Lots lots;
    private final Readings readings;
    private final Words words;

    Cures(Lots lots, Readings readings, Words words) {
        this.lots = lots;
        this.readings = readings;
        this.words = words;
    }

    /** What may be done, with what, and when that shows. */
    record CureWire(String cure, int showsDays, int apartDays, List<String> cautions, List<MeansWire> means) {
        static CureWire of(Cure cure, List<MeansWire> means) {
            return new CureWire(
                    cure.id(),
                    cure.showsDays(),
                    cure.apartDays(),
                    cure.cautions().stream().map(Caution::id).toList(),
                    means);
        }
    }

    /**
     * Something that a cure may be done with, worked out for one pot.
     *
     * @param way drench, foliar or dry
     * @param litres of solution, or of mix
     * @param low,high for one pot, in the measure; 0 where something speaks against it
     * @param inLitres of what is mixed for all pots
     * @param handLow,handHigh the weak and the strong amount for all pots as a hand can measure them
     */
    record MeansWire(
            String remedy,
            String way,
            double litres,
            double inLitres,
            String measure,
            double low,
            double high,
            CareWire.@Nullable MeasuredWire handLow,
            CareWire.@Nullable MeasuredWire handHigh,
            List<String> notes,
            List<FaultWire> refusals) {}

    /** Everything that may be done for a lot. */
    record CuresWire(List<CureWire> cures) {}

    @GetMapping("/api/gardens/{garden}/lots/{lot}/cures")
    CuresWire listCures(@PathVariable UUID garden, @PathVariable UUID lot) {
        GardenId id = new GardenId(garden);
        GardenContext context = lots.context(id);
        LotWithState standing = lots.require(context, lot);
        Situation s = context.situation(standing);
        OptionalDouble ph = ph(id, lot);
        double waterPh =
                context.garden().water(standing.lot().waterId()).toWater().ph();
        LocalDate today = lots.today(id);
        List<CureWire> cures = Arrays.stream(Cure.values())
                .map(cure -> CureWire.of(
                        cure,
                        CureForLot.of(cure, s, ph, waterPh, today).stream()
                                .map(m -> means(
                                        m, context.garden(), standing.lot().pots()))
                                .toList()))
                .toList();
        return new CuresWire(cures);
    }

    private OptionalDouble ph(GardenId garden, UUID lot) {
        return Optional.ofNullable(readings.last(garden, lot).verdict())
                .flatMap(v -> Optional.ofNullable(v.ph()))
                .map(p -> OptionalDouble.of(p.value()))
                .orElse(OptionalDouble.empty());
    }

    private MeansWire means(CureForLot means, GardenWire g, int pots) {
        Remedy remedy = means.remedy();
        Optional<Treatment> treatment = means.treatment();
        HandMeasure hand = HandMeasure.valueOf(g.hand().name().toUpperCase(Locale.ROOT));
        Set<HandMeasure.Spoon> spoons = Set.copyOf(g.spoons());
        double mixed = means.mixedLitres(pots, hand, spoons);
        double all = mixed / means.litres();
        return new MeansWire(
                remedy.key(),
                remedy.method().id(),
                means.litres(),
                mixed,
                CareWire.measureId(remedy.measure()),
                treatment.map(Treatment::low).orElse(0.0),
                treatment.map(Treatment::high).orElse(0.0),
                treatment
                        .map(t -> CareWire.MeasuredWire.of(t.measured(t.low() * all, all, hand, spoons)))
                        .orElse(null),
                treatment
                        .map(t -> CareWire.MeasuredWire.of(t.measured(t.high() * all, all, hand, spoons)))
                        .orElse(null),
                treatment
                        .map(t -> t.notes().stream().map(Treatment.Note::id).toList())
                        .orElse(List.of()),
                means.refusals().stream().map(f -> FaultWire.of(f, words)).toList());
    }
}
