package evencistern.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.reading.BatchCourse.Blame;
import evencistern.reading.BatchCourse.Cell;
import evencistern.reading.BatchCourse.Measure;
import evencistern.reading.BatchCourse.Shared;
import evencistern.reading.BatchCourse.Thing;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BatchCourseTest {
    private static final int YEAR = 13;

    /** A garden that is made up: how much its batches, weeks, lots and single readings differ, as standard deviations. */
    private record Garden(int batches, int lots, double ofBatches, double ofWeeks, double ofLots, double ofReadings) {
        /** Every lot of every batch, read once in each four weeks; {@code shift} of batch 0 from {@code since} on. */
        Year year(Random chance, double shift, int since) {
            List<Cell> cells = new ArrayList<>();
            double first = 0;
            for (int b = 0; b < batches; b++) {
                double batch = ofBatches * chance.nextGaussian();
                first = b == 0 ? batch : first;
                double[] lot = chance.doubles(lots)
                        .map(x -> ofLots * chance.nextGaussian())
                        .toArray();
                for (int k = 0; k < YEAR; k++) {
                    double week = ofWeeks * chance.nextGaussian() - 0.05 * k;
                    double[] read = new double[lots];
                    for (int l = 0; l < lots; l++) {
                        read[l] = 6 + batch + week + lot[l] + ofReadings * chance.nextGaussian();
                        read[l] += b == 0 && k >= since ? shift : 0;
                    }
                    cells.add(cell("batch " + b, k, read));
                }
            }
            return new Year(cells, first + shift);
        }
    }

    /** What was read, and by how much batch 0 is apart from what is usual at the end of it. */
    private record Year(List<Cell> cells, double apart) {}

    private static Cell cell(String batch, int period, double... values) {
        double mean = 0;
        for (double v : values) {
            mean += v / values.length;
        }
        double squares = 0;
        for (double v : values) {
            squares += (v - mean) * (v - mean);
        }
        return new Cell(batch, period, "tap", "shelf", values.length, mean, squares);
    }

    private static final List<Garden> GARDENS = List.of(
            new Garden(6, 8, 0.15, 0.1, 0.2, 0.2),
            new Garden(3, 2, 0.15, 0.1, 0.2, 0.2),
            new Garden(10, 30, 0.2, 0.15, 0.3, 0.1),
            new Garden(4, 5, 0.05, 0.05, 0.1, 0.4),
            new Garden(5, 4, 0.25, 0.2, 0.15, 0.15));

    /** Looked at every four weeks of a year, as a person does. */
    @Test
    void whereNothingIsWrongFewerAreToldSoThanIsStated() {
        Random chance = new Random(7);
        int gardens = 0;
        int told = 0;
        for (Garden garden : GARDENS) {
            for (int i = 0; i < 50; i++) {
                List<Cell> year = garden.year(chance, 0, 0).cells();
                boolean off = false;
                for (int now = 1; now < YEAR && !off; now++) {
                    int until = now;
                    List<Cell> known =
                            year.stream().filter(c -> c.period() <= until).toList();
                    off = BatchCourse.of(Measure.PH, known, 2 * garden.batches()).stream()
                            .anyMatch(BatchCourse::off);
                }
                gardens++;
                told += off ? 1 : 0;
            }
        }
        assertThat((double) told / gardens).isLessThan(BatchCourse.FALSE_ALARMS);
    }

    @ParameterizedTest
    @CsvSource({"-1.3, 0", "-0.8, 4", "0.8, 8"})
    void whatGoesOffIsFoundWithItsSizeAndItsTime(double shift, int since) {
        Random chance = new Random(8);
        Garden garden = GARDENS.get(0);
        int found = 0;
        int others = 0;
        int covered = 0;
        int when = 0;
        int gardens = 100;
        for (int i = 0; i < gardens; i++) {
            Year year = garden.year(chance, shift, since);
            for (BatchCourse course : BatchCourse.of(Measure.PH, year.cells(), 2 * garden.batches())) {
                if (course.batch().equals("batch 0")) {
                    found += course.off() ? 1 : 0;
                    covered += course.low() <= year.apart() && year.apart() <= course.high() ? 1 : 0;
                    when += course.earliest() <= since && since <= course.latest() ? 1 : 0;
                } else {
                    others += course.off() ? 1 : 0;
                }
            }
        }
        assertThat(found).isGreaterThan(85);
        assertThat(covered).isGreaterThan(85);
        assertThat(when).isGreaterThan(85);
        assertThat(others).isLessThanOrEqualTo(5);
    }

    @Test
    void oneOfFewLotsIsShrunkenMoreThanOneOfMany() {
        List<Cell> cells = new ArrayList<>();
        for (String batch : List.of("a", "b", "c")) {
            cells.add(cell(batch, 0, 5.8, 6.0, 6.2));
        }
        cells.add(cell("few", 0, 5.4, 5.6));
        cells.add(cell("many", 0, 5.3, 5.4, 5.5, 5.6, 5.7, 5.4, 5.5, 5.6, 5.3, 5.7));
        List<BatchCourse> courses = BatchCourse.of(Measure.PH, cells, 10);
        double few = of(courses, "few").difference();
        double many = of(courses, "many").difference();
        assertThat(few).isNegative().isGreaterThan(-0.5);
        assertThat(many).isLessThan(few);
        assertThat(of(courses, "few").high() - of(courses, "few").low())
                .isGreaterThan(of(courses, "many").high() - of(courses, "many").low());
    }

    private static BatchCourse of(List<BatchCourse> courses, String batch) {
        return courses.stream().filter(c -> c.batch().equals(batch)).findFirst().orElseThrow();
    }

    @Test
    void twoBatchesSayNothingOfOneAnother() {
        assertThat(BatchCourse.of(Measure.PH, List.of(cell("a", 0, 4, 4), cell("b", 0, 7, 7)), 4))
                .isEmpty();
        assertThat(BatchCourse.of(Measure.PH, List.of(), 4)).isEmpty();
    }

    /** One lot is a lot that goes off, and no batch. */
    @Test
    void aBatchOfOneLotIsNotJudged() {
        List<Cell> cells =
                List.of(cell("a", 0, 6, 6.1), cell("b", 0, 6, 6.1), cell("c", 0, 6, 6.1), cell("lone", 0, 3.0));
        assertThat(BatchCourse.of(Measure.PH, cells, 8))
                .extracting(BatchCourse::batch)
                .containsExactlyInAnyOrder("a", "b", "c");
    }

    @Test
    void howItIsPutTogetherFromPlacesAndWatersDoesNotMatter() {
        List<Cell> whole = new ArrayList<>();
        List<Cell> parts = new ArrayList<>();
        for (String batch : List.of("a", "b", "c", "d")) {
            double x = batch.equals("d") ? 5 : 6;
            whole.add(cell(batch, 1, x, x + 0.2, x + 0.1, x - 0.3));
            parts.add(cell(batch, 1, x, x + 0.2));
            parts.add(cell(batch, 1, x + 0.1, x - 0.3));
        }
        BatchCourse one = of(BatchCourse.of(Measure.PH, whole, 8), "d");
        BatchCourse two = of(BatchCourse.of(Measure.PH, parts, 8), "d");
        assertThat(two.difference()).isCloseTo(one.difference(), within(1e-9));
        assertThat(two.high()).isCloseTo(one.high(), within(1e-9));
    }

    @Test
    void whatItsLotsShareIsToldWithWhatTheOthersSayOfIt() {
        List<Cell> cells = new ArrayList<>();
        for (String batch : List.of("a", "b", "c")) {
            cells.add(new Cell(batch, 0, "tap", "shelf", 4, 6.0, 0.1));
            cells.add(new Cell(batch, 0, "rain", "shelf", 4, 5.1, 0.1));
        }
        List<Cell> byWater = new ArrayList<>(cells);
        byWater.add(new Cell("d", 0, "rain", "yard", 8, 4.6, 0.1));
        BatchCourse d = new BatchCourse("d", -0.9, -1.2, -0.6, true, 0, 0, 0, 0, 8, 3);
        assertThat(d.shared(byWater))
                .containsExactly(
                        new Shared(Thing.WATER, "rain", Blame.LIKELY),
                        new Shared(Thing.PLACE, "yard", Blame.CANNOT_TELL));
        List<Cell> notByWater = cells.stream()
                .map(c -> new Cell(c.batch(), 0, c.water(), "shelf", 4, 6.0, 0.1))
                .collect(Collectors.toCollection(ArrayList::new));
        notByWater.add(new Cell("d", 0, "rain", "shelf", 8, 5.0, 0.1));
        assertThat(d.shared(notByWater)).containsExactly(new Shared(Thing.WATER, "rain", Blame.NOT_IT));
    }
}
