package evencistern.climate;

/** Water that a well-watered reference surface loses in a day, in mm, which is L per m². */
public interface ReferenceWaterUse {
    double mmPerDay(Place.Day day);

    /** The bibliography key of the method. */
    String source();

    /** The method that suits a place: by temperatures outdoors, by light and dry air indoors. */
    static ReferenceWaterUse of(Place.Kind kind) {
        return kind == Place.Kind.OUTDOORS ? new Hargreaves1985() : new IndoorLightAndDryness();
    }
}
