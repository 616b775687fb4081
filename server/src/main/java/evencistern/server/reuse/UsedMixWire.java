package evencistern.server.reuse;

import evencistern.mixlife.LastPlant;
import evencistern.server.history.Owned;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Where a mix is from that stood in a pot before, and what was done with it since; what it is like stands in the component of
 * the same id.
 *
 * @param lotName as the lot was called then, {@code plant} the key of its kind, {@code mixName} what it stood in
 * @param litres that came out of the pots
 * @param coatedLeft g per litre of coated feed that was still to come on that day
 * @param phPlusMinus,ecPlusMinus how well its pH and its salt are known, mS/cm, as 95 % intervals
 * @param steps what was done, oldest first
 */
public record UsedMixWire(
        UUID id,
        @Nullable UUID lotId,
        String lotName,
        String plant,
        String mixName,
        LocalDate takenOn,
        double litres,
        LastPlant lastPlant,
        double coatedLeft,
        double phPlusMinus,
        double ecPlusMinus,
        List<StepTaken> steps,
        String notes,
        int version,
        boolean retired)
        implements Owned {

    /** What may be done with it. */
    public enum Step {
        /** Roots and lumps sifted out; the amount is the per cent thrown away. */
        sieved,
        /** Spread out in the open; the amount is its surface in m². */
        laid_out,
        /** Washed; the amount is in litres. */
        flushed,
        /** Kept at 60 °C for half an hour. */
        heated,
        /** Lime or sulfur stirred in; the amount is the pH it is brought to. */
        limed,
        /** Its pH was read. */
        ph_read,
        /** Its salt was read; the amount is mS/cm of the saturated extract. */
        salt_read,
        /** Put on the compost. */
        composted,
        /** Thrown away. */
        thrown;

        /** Whether it is gone after that. */
        boolean ends() {
            return this == composted || this == thrown;
        }
    }

    /** One of them. */
    public record StepTaken(Step step, LocalDate on, double amount) {}

    /** Whether that was done, since it came out of the pot. */
    boolean done(Step step) {
        return steps.stream().anyMatch(s -> s.step() == step);
    }

    /** How it ended, if it did. */
    @Nullable
    Step gone() {
        return steps.stream()
                .map(StepTaken::step)
                .filter(Step::ends)
                .findFirst()
                .orElse(null);
    }

    /** The same after one more step on the version that was seen, with how well pH and salt are known now. */
    UsedMixWire after(StepTaken step, double phKnown, double ecKnown, int seen) {
        return new UsedMixWire(
                id,
                lotId,
                lotName,
                plant,
                mixName,
                takenOn,
                litres,
                lastPlant,
                coatedLeft,
                phKnown,
                ecKnown,
                Stream.concat(steps.stream(), Stream.of(step)).toList(),
                notes,
                seen,
                retired);
    }
}
