package evencistern.server.age;

import evencistern.mixlife.MixAge;
import evencistern.mixlife.Renewal;
import evencistern.need.Situation;
import evencistern.plan.LotYear;
import evencistern.reading.Judgement;
import evencistern.server.GardenId;
import evencistern.server.dose.StepWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.server.lot.Story;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The age of the mix of a lot, from the lot's own waterings, places and repottings. */
@Service
public class MixAges {
    private static final double ALL = 100;

    private final Lots lots;

    MixAges(Lots lots) {
        this.lots = lots;
    }

    /** What to do, and what speaks for it. */
    record RenewalWire(Renewal.Step step, LocalDate on, List<Renewal.Sign> because) {
        static RenewalWire of(Renewal r) {
            return new RenewalWire(r.step(), r.on(), r.because());
        }
    }

    /**
     * The age.
     *
     * @param since when the pot was filled; {@code sinceKnown} whether that was told, or is the day the lot began
     * @param wetYears,cycledYears that the mix lasts
     * @param spent share of its life, per cent, with its range
     * @param assumedUntil up to which day waterings are taken from the plan, if any are
     * @param earliest,likely,latest when it will be used up; absent beyond 15 years
     */
    record AgeWire(
            LocalDate since,
            boolean sinceKnown,
            double wetMonths,
            double wetYears,
            double cycledYears,
            double spent,
            double spentLow,
            double spentHigh,
            @Nullable LocalDate assumedUntil,
            @Nullable LocalDate earliest,
            @Nullable LocalDate likely,
            @Nullable LocalDate latest,
            List<RenewalWire> advice,
            List<StepWire> working) {}

    /**
     * The age of the mix of a lot today.
     *
     * @param seen signs that the person sees
     */
    AgeWire of(GardenId garden, UUID id, List<Renewal.Sign> seen) {
        GardenContext context = lots.context(garden);
        GardenWire g = context.garden();
        LotWithState standing = lots.require(garden, id);
        Lot lot = standing.lot();
        Situation situation = context.situation(standing);
        Story told = lots.story(context, lot, false);
        Working.Recorder working = new Working.Recorder();
        MixAge age = MixAge.of(situation, told.ofMix(), g.today(), working);
        Set<Renewal.Sign> signs = EnumSet.noneOf(Renewal.Sign.class);
        seen.stream().filter(Renewal.Sign::seen).forEach(signs::add);
        String ph = standing.state().phFinding();
        if (ph != null && Judgement.Finding.of(ph).low()) {
            signs.add(Renewal.Sign.PH_BELOW_BAND);
        }
        MixAge.Lasts lasts = age.lasts();
        return new AgeWire(
                age.since(),
                told.sinceKnown(),
                age.wetMonths(),
                situation.mix().wetYears(),
                situation.mix().cycledYears(),
                age.spent() * ALL,
                age.spentLow() * ALL,
                age.spentHigh() * ALL,
                age.assumedUntil().orElse(null),
                lasts.earliest().orElse(null),
                lasts.likely().orElse(null),
                lasts.latest().orElse(null),
                Renewal.of(age, signs, situation, g.today()).stream()
                        .map(RenewalWire::of)
                        .toList(),
                StepWire.all(working));
    }

    /** When the mix of a lot will likely be used up; empty beyond the year ahead. */
    public Optional<LocalDate> spentOn(GardenContext context, LotWithState standing) {
        GardenWire g = context.garden();
        Story told = lots.story(context, standing.lot(), false);
        return MixAge.spentWithin(context.situation(standing), told.ofMix(), g.today(), LotYear.DAYS);
    }

    /** The share of its life that the mix of a lot has spent today. */
    public double spent(GardenContext context, LotWithState standing) {
        GardenWire g = context.garden();
        Story told = lots.story(context, standing.lot(), false);
        return MixAge.spent(context.situation(standing), told.ofMix(), g.today());
    }
}
