package evencistern.server.feed;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import evencistern.label.LabelReader;
import evencistern.label.LabelReading;
import evencistern.label.Product;
import evencistern.label.Question;
import java.util.Map;

/** The labels of feeds that are in use, read once: a label reads the same whenever it is asked for. */
final class LabelsRead {
    private static final long MOST = 2_000;

    private static final Cache<Asked, LabelReading> READ =
            Caffeine.newBuilder().maximumSize(MOST).build();

    private LabelsRead() {}

    private record Asked(String label, Product product, Map<Question, Question.Choice> answers) {}

    /** How a label reads; see {@link LabelReader#read}. */
    static LabelReading read(String label, Product product, Map<Question, Question.Choice> answers) {
        return READ.get(
                new Asked(label, product, Map.copyOf(answers)),
                asked -> LabelReader.read(asked.label(), asked.product(), asked.answers()));
    }
}
