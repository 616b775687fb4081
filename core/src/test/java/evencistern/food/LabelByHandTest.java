package evencistern.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.feed.Analysis;
import evencistern.feed.DoseLimit;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.feed.Measured;
import evencistern.feed.Measured.Piece;
import evencistern.feed.Measured.Tool;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class LabelByHandTest {
    private static final LabelByHand.Means SPOONS =
            new LabelByHand.Means(ProductForm.LIQUID, 1.2, HandMeasure.SPOONS, HandMeasure.FULL_SET);
    private static final LabelByHand.Means SCALE =
            new LabelByHand.Means(ProductForm.DRY, 0.9, HandMeasure.SCALE, HandMeasure.FULL_SET);
    private static final Optional<Pot> POT = Optional.of(Pot.filled(new RoundTaper(0.2, 0.15, 0.18)));

    private static LabelByHand of(Rate rate, double can, LabelByHand.Means means) {
        return LabelByHand.of(rate, OptionalDouble.of(can), POT, OptionalDouble.empty(), Optional.empty(), means)
                .orElseThrow();
    }

    private static List<Piece> pieces(Measured m) {
        return m.pieces();
    }

    /** Arithmetic: 0.5 to 1 mL/L in 5 L are 2.5 to 5 mL, half a teaspoon to one. */
    @Test
    void inTheCanItIsSoManySpoons() {
        LabelByHand hand = of(new Rate.PerWater(0.5, 1, Measure.MILLILITRES), 5, SPOONS);
        assertThat(pieces(hand.low())).containsExactly(new Piece(Tool.TEASPOON, 0.5));
        assertThat(pieces(hand.high())).containsExactly(new Piece(Tool.TEASPOON, 1));
    }

    /** Arithmetic: 5 g for a pot of 10 cm are 10 g for one of 20 cm; a plant is a plant; a m² is the pot's own surface. */
    @Test
    void forThePotItGoesByWhatTheLabelCounts() {
        assertThat(of(new Rate.PerPotWidth(5, 5, Measure.GRAMS, 0.1), 5, SCALE)
                        .high()
                        .exact())
                .isCloseTo(10, within(1e-9));
        assertThat(of(new Rate.PerPlant(4, 6, Measure.GRAMS), 5, SCALE).low().exact())
                .isEqualTo(4);
        Pot pot = POT.orElseThrow();
        assertThat(of(new Rate.PerArea(70, 70, Measure.GRAMS), 5, SCALE).high().exact())
                .isCloseTo(70 * pot.surfaceM2(), within(1e-9));
        assertThat(of(new Rate.PerMix(3, 3, Measure.GRAMS), 5, SCALE).high().exact())
                .isCloseTo(3 * pot.mixLitres(), within(1e-9));
    }

    @Test
    void whatIsNotToldGivesNoAmount() {
        Rate water = new Rate.PerWater(1, 1, Measure.MILLILITRES);
        assertThat(LabelByHand.of(water, OptionalDouble.empty(), POT, OptionalDouble.empty(), Optional.empty(), SPOONS))
                .isEmpty();
        Rate plant = new Rate.PerPlant(1, 1, Measure.MILLILITRES);
        assertThat(LabelByHand.of(
                        plant,
                        OptionalDouble.of(5),
                        Optional.empty(),
                        OptionalDouble.empty(),
                        Optional.empty(),
                        SPOONS))
                .isEmpty();
        Rate height = new Rate.PerHeight(1, 1, Measure.MILLILITRES);
        assertThat(LabelByHand.of(height, OptionalDouble.of(5), POT, OptionalDouble.empty(), Optional.empty(), SPOONS))
                .isEmpty();
        assertThat(LabelByHand.of(height, OptionalDouble.of(5), POT, OptionalDouble.of(0.5), Optional.empty(), SPOONS)
                        .orElseThrow()
                        .high()
                        .exact())
                .isCloseTo(0.5, within(1e-9));
    }

    /** A label that would give a pot more than any plant stands is held back: so much quick nitrogen a litre of mix, by the table of limits. */
    @Test
    void aPotGetsNoMoreThanItsMixMayHold() {
        Feed salts = new Feed(
                Analysis.npk(20, 20, 20),
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                new Rate.PerPlant(50, 50, Measure.GRAMS),
                new Rhythm.EveryDays(30, 30));
        Pot pot = POT.orElseThrow();
        LabelByHand held = LabelByHand.of(
                        salts.rate(), OptionalDouble.empty(), POT, OptionalDouble.empty(), Optional.of(salts), SCALE)
                .orElseThrow();
        assertThat(held.heldBack()).isTrue();
        double nitrogen = held.high().practical() * 200 / pot.mixLitres();
        assertThat(nitrogen).isLessThanOrEqualTo(DoseLimit.QUICK_N.of(DoseLimit.Stands.HIGH) * 1.002);
        assertThat(held.high().practical()).isLessThan(50);
        assertThat(of(new Rate.PerPlant(1, 1, Measure.GRAMS), 5, SCALE).heldBack())
                .isFalse();
    }
}
