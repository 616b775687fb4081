package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.units.Uncertain;
import evencistern.working.Working;
import org.junit.jupiter.api.Test;

class LimeCourseTest {
    private static final Liming.Start PEAT =
            new Liming.Start(Uncertain.plusMinus95(4.2, 0.3), Uncertain.plusMinus95(2, 0.6));

    private static LimeCourse course(Liming.Material material, Liming.Fineness fineness, double target) {
        Liming.Lime lime = Liming.Lime.of(material, fineness);
        return LimeCourse.of(PEAT, lime, Liming.to(target, PEAT, lime, Working.off()));
    }

    private static double on(LimeCourse course, int day) {
        return course.points().stream()
                .filter(p -> p.day() == day)
                .findFirst()
                .orElseThrow()
                .ph();
    }

    /** Common practice, no source: powdered lime has done nearly all within four weeks, and is measured at one, two and four. */
    @Test
    void powderHasActedWithinAMonth() {
        LimeCourse course = course(Liming.Material.DOLOMITE, Liming.Fineness.POWDER, 5.8);
        assertThat(on(course, 0)).isCloseTo(4.2, within(1e-9));
        assertThat(on(course, 28)).isBetween(5.7, 5.8);
        assertThat(course.measureDays()).containsExactly(7, 14, 28);
        assertThat(course.later()).isEqualTo(5.8);
    }

    /** By arithmetic: 5.0 needs 1.6 g CaCO3; a fifth of coarse calcite acts, so 8 g are mixed in and 6.4 g stay: 3.2 pH in 2 g/L. */
    @Test
    void coarseLimeComesLateAndGoesOn() {
        LimeCourse coarse = course(Liming.Material.CALCITE, Liming.Fineness.COARSE, 5.0);
        LimeCourse fine = course(Liming.Material.CALCITE, Liming.Fineness.POWDER, 5.0);
        assertThat(on(coarse, 14)).isLessThan(on(fine, 14));
        assertThat(coarse.later()).isCloseTo(5.0 + 3.2, within(1e-9));
        assertThat(on(coarse, 365)).isGreaterThan(on(fine, 365));
        assertThat(coarse.measureDays().get(0)).isGreaterThan(28);
    }

    /** Burnt lime and ash act within days, whatever their grain. */
    @Test
    void burntLimeActsWithinDays() {
        LimeCourse burnt = course(Liming.Material.HYDRATED, Liming.Fineness.POWDER, 5.8);
        assertThat(on(burnt, 7)).isBetween(5.7, 5.8);
        assertThat(burnt.measureDays()).containsExactly(7, 14);
    }

    @Test
    void everyCourseHoldsItsRangeAndRisesToLimeAndFallsToSulfur() {
        for (Liming.Material material : Liming.Material.values()) {
            double last = 0;
            for (LimeCourse.Point p :
                    course(material, Liming.Fineness.GROUND, 5.2).points()) {
                assertThat(p.ph()).isBetween(p.low(), p.high()).isGreaterThanOrEqualTo(last);
                last = p.ph();
            }
        }
        double last = 14;
        for (LimeCourse.Point p :
                course(Liming.Material.DOLOMITE, Liming.Fineness.POWDER, 3.8).points()) {
            assertThat(p.ph()).isLessThanOrEqualTo(last);
            last = p.ph();
        }
    }

    /** Ash brings potash: 5 % of it, from memory. */
    @Test
    void ashBringsPotassium() {
        Liming.Lime ash = Liming.Lime.of(Liming.Material.ASH, Liming.Fineness.POWDER);
        Liming.Correction c = Liming.to(5.2, PEAT, ash, Working.off());
        assertThat(c.gramsPerLitre()).isCloseTo(2 / 0.45, within(1e-9));
        assertThat(c.potassium()).isCloseTo(c.gramsPerLitre() * 50, within(1e-9));
    }
}
