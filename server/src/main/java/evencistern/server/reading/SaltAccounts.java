package evencistern.server.reading;

import evencistern.media.PotWater;
import evencistern.need.Situation;
import evencistern.plan.LotPlan;
import evencistern.reading.Band;
import evencistern.reading.FlushVolume;
import evencistern.salt.SaltAccount;
import evencistern.salt.SaltAccount.Estimate;
import evencistern.server.GardenId;
import evencistern.server.dose.StepWire;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.server.lot.Story;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The salt account of a lot, from its own waterings, feeds and readings. */
@Service
public class SaltAccounts {
    private static final int MOST_POINTS = 200;

    private final Lots lots;

    SaltAccounts(Lots lots) {
        this.lots = lots;
    }

    /** The line of the account on a day, mS/cm. */
    record SaltPoint(LocalDate on, double msCm, double low, double high) {
        static SaltPoint of(LocalDate on, Estimate e) {
            return new SaltPoint(on, e.value(), e.low(), e.high());
        }
    }

    /** What the account had said when the roots were read, mS/cm. */
    record SaltCheck(LocalDate on, double said, double low, double high, double read) {}

    /**
     * The account of one pot.
     *
     * @param since the day it begins with; {@code sinceRead} whether that was a reading, else fresh mix or the lot's first day
     * @param watered how often water was recorded since
     * @param begun,water,feed,plant,drained,now g of salt
     * @param msCm,low,high what a pour-through would likely read, and the range for four pots of five
     * @param dryMsCm the same as dry as it is
     * @param held litres the drained pot holds
     * @param readingAsks whether the flush in the plan is asked for by a reading, which comes before the account
     * @param aboveOn the first watering at which it is likely above the band
     * @param flushLeast,flushMost litres of plain water that bring a drained pot back then
     */
    record SaltAccountWire(
            LocalDate since,
            boolean sinceRead,
            long watered,
            double begun,
            double water,
            double feed,
            double plant,
            double drained,
            double now,
            double msCm,
            double low,
            double high,
            double dryMsCm,
            double held,
            VerdictWire.BandWire band,
            boolean readingAsks,
            @Nullable LocalDate aboveOn,
            @Nullable Double flushLeast,
            @Nullable Double flushMost,
            List<SaltCheck> checks,
            List<SaltPoint> course,
            List<StepWire> working) {}

    SaltAccountWire of(GardenId garden, UUID id) {
        GardenContext context = lots.context(garden);
        LotWithState standing = lots.require(context, id);
        Lot lot = standing.lot();
        Situation s = context.situation(standing);
        Story story = lots.story(context, lot, true);
        Working.Recorder working = new Working.Recorder();
        SaltAccount account = story.salt(context, lot, s, working);
        Band band = Story.saltBand(s, context.coated(lot));
        Optional<FlushVolume> flush = Story.back(context, lot, s, account);
        SaltAccount.Grams g = account.grams();
        return new SaltAccountWire(
                account.since(),
                !account.checks().isEmpty(),
                story.watered(account.since()),
                g.began(),
                g.water(),
                g.feed(),
                g.plant(),
                g.drained(),
                g.now(),
                account.msCm().value(),
                account.msCm().low(),
                account.msCm().high(),
                account.nowMsCm(),
                new PotWater(s.mix(), s.pot()).capacityLitres(),
                VerdictWire.BandWire.of(band),
                LotPlan.of(s, context.garden().today(), Working.off())
                        .flush()
                        .filter(f -> f.asker() == LotPlan.Flush.Asker.READING)
                        .isPresent(),
                account.above().orElse(null),
                flush.map(FlushVolume::leastLitres).orElse(null),
                flush.map(FlushVolume::mostLitres).orElse(null),
                account.checks().stream()
                        .map(c -> new SaltCheck(
                                c.on(),
                                c.said().value(),
                                c.said().low(),
                                c.said().high(),
                                c.readMsCm()))
                        .toList(),
                thinned(account.course()),
                StepWire.all(working));
    }

    /** As many as a chart can show, the last among them. */
    private static List<SaltPoint> thinned(List<SaltAccount.Point> course) {
        int step = course.size() / MOST_POINTS + 1;
        List<SaltPoint> points = new ArrayList<>();
        for (int i = (course.size() - 1) % step; i < course.size(); i += step) {
            points.add(SaltPoint.of(course.get(i).on(), course.get(i).msCm()));
        }
        return points;
    }
}
