package evencistern.tank;

import evencistern.fault.Faults;

/**
 * A siphon jar or a feeding tank that fills up with water as it gives its feed away.
 *
 * <p><b>Answers</b> how much weaker is the feed after so many litres, and after how many is it too weak?
 * <p><b>Formula</b> strength/first strength = e^(−drawn/jar), where water takes the place of what is drawn; drawn = feed/DF
 * <p><b>Units</b> L; shares 0–1
 * <p><b>Valid for</b> a jar of 0.1–1 000 L that is stirred by the water coming in; one whose stock does not mix with the water
 * keeps its strength and ends at once
 * <p><b>Source</b> [COMMON] mass balance of a stirred vessel
 * <p><b>Checked by</b> SiphonTest
 *
 * @param jarLitres what it holds
 * @param injector how many times over its contents are diluted on the way to the plants
 */
public record Siphon(double jarLitres, Injector injector) {
    public Siphon {
        Faults.require("siphon.jar", jarLitres, 0.1, 1000, "L");
    }

    /** Of the first strength, what the feed still has once so many litres of it were given, 0–1. */
    public double strengthAfter(double feedLitres) {
        Faults.require("siphon.feed", feedLitres, 0, 1e6, "L");
        return Math.exp(-feedLitres / injector.dilutionFactor() / jarLitres);
    }

    /** Litres of feed until no more than a share of the first strength is left. */
    public double litresUntil(double share) {
        Faults.require("siphon.share", share, 0.01, 1, "");
        return -Math.log(share) * jarLitres * injector.dilutionFactor();
    }
}
