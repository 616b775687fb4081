package evencistern.climate;

/** Water that a well-watered reference surface loses in a day, in mm, which is L per m². */
public interface ReferenceWaterUse {
    double mmPerDay(Place.Day day);

    /** The bibliography key of the method. */
    String source();

    /**
     * The method that suits what is known of a place: under a roof by light and dry air; outdoors by sun, humidity and wind
     * where somebody has said how the air moves, by temperatures alone where nobody has.
     */
    static ReferenceWaterUse of(Place place) {
        if (place.kind() != Place.Kind.OUTDOORS) {
            return new IndoorLightAndDryness(
                    place.exposure().air().orElse(Air.STILL).dryingIndoors());
        }
        return place.exposure().air().isPresent()
                ? new PenmanMonteith(
                        place.exposure().altitudeM(),
                        place.exposure().air().get().metresPerSecond())
                : new Hargreaves1985();
    }
}
