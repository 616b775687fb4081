package evencistern.mixlife;

import evencistern.need.Growth;
import evencistern.need.Situation;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * What to do about a mix that grows old.
 *
 * <p><b>Answers</b> is it time to renew this mix, how far, and when?
 * <p><b>Formula</b> sour smell, or water standing on a mix past half its life: at once, whatever the season; used up, below its
 * band of pH, or water standing: repot while roots grow, and until then refresh a part; from 70 % of its life or where algae
 * grow: repot at the next start of growth before it is used up; else look again then
 * <p><b>Units</b> days; growth 0–1
 * <p><b>Valid for</b> plants that grow by warmth and light; one in flower or fruit waits where nothing is urgent
 * <p><b>Source</b> [COMMON] note, partial refresh, repot at root flush, emergency, in that order
 * <p><b>Checked by</b> MixAgeTest
 *
 * @param on the day to do it, or to look again; at once where that is today
 * @param because what speaks for it
 */
public record Renewal(Step step, LocalDate on, List<Sign> because) {
    /** From this share of fresh mix on a pot counts as filled anew; common practice, no source. */
    private static final double MOSTLY = 0.5;

    private static final double OLD = 0.7;
    private static final double HALF_SPENT = 0.5;
    private static final double GROWING = 0.3;
    private static final int LOOK_AHEAD_DAYS = 400;
    private static final int LOOK_AGAIN_DAYS = 180;

    /** Whether a pot counts as filled with the new mix, of which it got such a share, 0–1; else the old one is the greater part. */
    public static boolean anew(double freshShare) {
        return freshShare >= MOSTLY;
    }

    /** Whether roots have to settle first, as after a repotting: most of the mix is fresh, or roots were cut, share 0–1. */
    public static boolean disturbs(double freshShare, double rootsCut) {
        return anew(freshShare) || rootsCut > 0;
    }

    /** What can be done, gentlest first. */
    public enum Step {
        LOOK_AGAIN,
        PLAN,
        PARTIAL,
        REPOT,
        EMERGENCY;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What tells that a mix is old: reckoned, measured, or seen by the person. */
    public enum Sign {
        GROWING_OLD,
        USED_UP,
        PH_BELOW_BAND,
        WATER_STANDS,
        ALGAE,
        SOUR_SMELL;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Whether only a person can see it. */
        public boolean seen() {
            return this == WATER_STANDS || this == ALGAE || this == SOUR_SMELL;
        }
    }

    /**
     * What is to be done, soonest first.
     *
     * @param seen by the person, or measured
     */
    public static List<Renewal> of(MixAge age, Set<Sign> seen, Situation s, LocalDate today) {
        List<Sign> signs = new ArrayList<>();
        if (age.spent() >= 1) {
            signs.add(Sign.USED_UP);
        } else if (age.spent() >= OLD) {
            signs.add(Sign.GROWING_OLD);
        }
        for (Sign sign : Sign.values()) {
            if (seen.contains(sign)) {
                signs.add(sign);
            }
        }
        boolean stands = signs.contains(Sign.WATER_STANDS);
        if (signs.contains(Sign.SOUR_SMELL) || (stands && age.spent() >= HALF_SPENT)) {
            return List.of(new Renewal(Step.EMERGENCY, today, signs));
        }
        LocalDate grows = growsFrom(today, s);
        if (stands || signs.contains(Sign.USED_UP) || signs.contains(Sign.PH_BELOW_BAND)) {
            return grows.equals(today)
                    ? List.of(new Renewal(Step.REPOT, today, signs))
                    : List.of(new Renewal(Step.PARTIAL, today, signs), new Renewal(Step.REPOT, grows, signs));
        }
        if (!signs.isEmpty()) {
            return List.of(new Renewal(Step.PLAN, grows, signs));
        }
        LocalDate soon = today.plusDays(LOOK_AGAIN_DAYS);
        Optional<LocalDate> early = age.lasts().earliest().filter(d -> d.isAfter(today) && d.isBefore(soon));
        return List.of(new Renewal(Step.LOOK_AGAIN, early.orElse(soon), List.of()));
    }

    /** The next day on which its roots grow; today where they do, or where its place never lets them. */
    private static LocalDate growsFrom(LocalDate today, Situation s) {
        for (int i = 0; i < LOOK_AHEAD_DAYS; i++) {
            LocalDate day = today.plusDays(i);
            if (Growth.on(day, s.species(), s.place()).factor() >= GROWING) {
                return day;
            }
        }
        return today;
    }
}
