package evencistern.feed;

/** Nitrogen, phosphorus and potassium as elements, in mg/L or g as the holder says. */
public record Nutrients(double n, double p, double k) {

    static Nutrients of(Analysis analysis, double perPercent) {
        return new Nutrients(analysis.n() * perPercent, analysis.p() * perPercent, analysis.k() * perPercent);
    }
}
