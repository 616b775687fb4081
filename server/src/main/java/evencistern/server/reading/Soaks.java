package evencistern.server.reading;

import evencistern.media.Mix;
import evencistern.reading.Band;
import evencistern.reading.Method;
import evencistern.reading.Sample;
import evencistern.reading.Soak;
import evencistern.server.GardenId;
import evencistern.server.batch.BatchWire;
import evencistern.server.batch.Batches;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.units.Uncertain;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Soaks, held against the first one of the batch that a lot stands in. */
@Service
class Soaks {
    private final Batches batches;

    Soaks(Batches batches) {
        this.batches = batches;
    }

    /** What a soak says; nothing where it was none, or had no pH. */
    VerdictWire.@Nullable SoakedWire of(GardenContext context, Lot lot, Sample sample, LocalDate on) {
        Optional<Uncertain> ph = sample.ph();
        if (sample.method() != Method.SOAK || ph.isEmpty()) {
            return null;
        }
        Mix mix = context.mixes().require(lot.mix());
        Band band = Backgrounds.band(context, lot, Method.SOAK);
        Optional<Soak.First> first = batches.list(new GardenId(context.garden().id())).stream()
                .filter(b -> b.id().toString().equals(lot.mix()))
                .flatMap(b -> first(b).stream())
                .findFirst();
        Soak soak = Soak.of(
                ph.get(),
                on,
                mix,
                band.phLow(),
                band.phHigh(),
                context.garden().water(lot.waterId()).toWater().alkalinity(),
                first);
        return new VerdictWire.SoakedWire(
                soak.standingLow(),
                soak.standingHigh(),
                first.map(Soak.First::on).orElse(null),
                first.map(Soak.First::ph).orElse(null),
                soak.fall().map(Uncertain::value).orElse(null),
                soak.fall().map(Uncertain::halfWidth95).orElse(null),
                soak.leavesOn().orElse(null),
                soak.spent());
    }

    private static Optional<Soak.First> first(BatchWire batch) {
        Double ph = batch.firstPh();
        return ph == null ? Optional.empty() : Optional.of(new Soak.First(batch.madeOn(), ph));
    }
}
