package evencistern.pot;

/** What is as long and as wide at any height: a rectangular prism. */
sealed interface Slab extends PotShape permits Box, Mount {
    double lengthM();

    double acrossM();

    @Override
    default double areaM2(double aboveFloorM) {
        return lengthM() * acrossM();
    }

    @Override
    default double widthM(double aboveFloorM) {
        return lengthM();
    }

    @Override
    default double perimeterM(double aboveFloorM) {
        return 2 * (lengthM() + acrossM());
    }

    @Override
    default double litresTo(double aboveFloorM) {
        return 1000 * areaM2(aboveFloorM) * aboveFloorM;
    }
}
