package evencistern.plan;

/** Situations that are like another but for one thing, for tests. */
final class Situations {
    private Situations() {}

    static Situation told(Situation s, Particulars told) {
        return new Situation(
                s.species(),
                s.pot(),
                s.mix(),
                s.place(),
                s.feed(),
                s.startedOn(),
                s.repottedOn(),
                s.lastWatered(),
                s.lastFed(),
                told);
    }
}
