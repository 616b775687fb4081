package evencistern.server.reading;

import evencistern.fault.Faults;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.reading.Verdict;
import evencistern.server.GardenId;
import evencistern.server.care.LotCare;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.journal.Acts;
import evencistern.server.lot.Ground;
import evencistern.server.lot.Lot;
import evencistern.server.lot.Lots;
import evencistern.server.typed.Typed;
import evencistern.water.Meter;
import evencistern.working.Working;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Runoff readings of a lot, judged. */
@Service
public class Readings {
    private static final int MOST_POINTS = 500;

    private final ReadingStore store;
    private final History history;
    private final Acts acts;
    private final Gardens gardens;
    private final Lots lots;
    private final Clock clock;

    Readings(ReadingStore store, History history, Acts acts, Gardens gardens, Lots lots, Clock clock) {
        this.store = store;
        this.history = history;
        this.acts = acts;
        this.gardens = gardens;
        this.lots = lots;
        this.clock = clock;
    }

    /** A reading as typed. */
    public record NewReading(
            String clientKey,
            UUID meterId,
            @Nullable Typed ph,
            @Nullable EcTyped ec,
            @Nullable Instant occurredAt) {}

    /** Records a reading. The same key sent again records nothing more. */
    @Transactional
    public Act.Recorded log(GardenId garden, UUID lotId, NewReading reading) {
        ReadingStore.Stored stored = read(garden, reading);
        Acts.Moment moment = acts.moment(reading.occurredAt());
        return history.once(garden, "reading", reading.clientKey(), act -> {
            lots.lock(garden, lotId);
            store.insertReading(garden, acts.row(garden, act, lotId, "reading", moment), stored);
            lots.rebuild(garden, lotId);
        });
    }

    /** Puts a reading in the place of one that was mistyped, on its day. */
    @Transactional
    public Act.Recorded amend(GardenId garden, long row, NewReading reading) {
        ReadingStore.Stored stored = read(garden, reading);
        return acts.replace(
                gardens.require(garden),
                row,
                reading.clientKey(),
                null,
                (old, again) -> store.insertReading(garden, again, stored));
    }

    private ReadingStore.Stored read(GardenId garden, NewReading reading) {
        Meter meter = gardens.requireMeter(garden, reading.meterId()).toMeter();
        Faults faults = new Faults();
        OptionalDouble ph = Typed.optional(reading.ph(), "reading.ph", faults);
        OptionalDouble ec = EcTyped.optional(reading.ec(), meter, faults);
        faults.throwIfAny();
        Verdict.check(ph, ec);
        Typed phTyped = reading.ph();
        EcTyped ecTyped = reading.ec();
        return new ReadingStore.Stored(
                reading.meterId(),
                ph.isPresent() ? ph.getAsDouble() : null,
                ph.isPresent() && phTyped != null ? phTyped.text() : null,
                ec.isPresent() ? ec.getAsDouble() : null,
                ec.isPresent() && ecTyped != null ? ecTyped.text() : null,
                ec.isPresent() && ecTyped != null ? ecTyped.unit() : null,
                meter.phPlusMinus(),
                meter.ecPlusMinusPercent());
    }

    /** A reading with what it says. */
    public record ReadingWire(
            long id,
            Instant at,
            UUID actId,
            @Nullable Double ph,
            @Nullable Double ec,
            double phPlusMinus,
            double ecPlusMinus,
            VerdictWire verdict) {}

    /** The readings of a lot, oldest first, the band they are judged by, and when it was fed in that time. */
    public record Series(VerdictWire.BandWire band, List<ReadingWire> readings, List<Instant> feedings) {}

    public Series series(GardenId garden, UUID lotId) {
        Ground ground = lots.ground(garden);
        GardenWire g = ground.garden();
        Lot lot = lots.require(garden, lotId).lot();
        var species = ground.kinds().require(lot.species(), lot.traits());
        Mix mix = ground.mixes().require(lot.mix());
        PotWater pot = new PotWater(mix, lot.pot().toPot());
        var water = LotCare.water(g, lot.waterId()).toWater();
        List<ReadingWire> readings = store.listPoints(garden, lotId, MOST_POINTS).stream()
                .map(p -> {
                    Meter asItWas = new Meter(null, p.phPlusMinus(), p.ecPlusMinus());
                    Verdict verdict = Verdict.of(
                            optional(p.ph()), optional(p.ec()), asItWas, species, mix, pot, water, Working.off());
                    return new ReadingWire(
                            p.id(),
                            p.at(),
                            p.actId(),
                            p.ph(),
                            p.ec(),
                            p.phPlusMinus(),
                            p.ec() == null ? 0 : asItWas.ec(p.ec()).halfWidth95(),
                            VerdictWire.of(verdict, null));
                })
                .sorted(java.util.Comparator.comparing(ReadingWire::at))
                .toList();
        Instant since = readings.isEmpty() ? clock.instant() : readings.get(0).at();
        return new Series(
                VerdictWire.BandWire.of(evencistern.reading.RunoffBand.of(species, mix.kind())),
                readings,
                store.listFeedings(garden, lotId, since));
    }

    private static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
