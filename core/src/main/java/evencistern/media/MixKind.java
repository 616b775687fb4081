package evencistern.media;

/** What a mix is mainly made of; it chooses which runoff band applies. */
public enum MixKind {
    PEAT,
    BARK,
    MINERAL
}
