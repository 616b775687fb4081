package evencistern.remedy;

import evencistern.table.DataFile;
import java.util.List;

/**
 * Something steeped at home. What is in it nobody knows: it is thinned, and no figure is claimed.
 *
 * @param fold litres made of one litre of brew
 * @param steepDays at most
 * @param food whether it may go on plants that are eaten
 */
public record Brew(String key, double fold, int steepDays, boolean food) {
    private static final List<Brew> ALL = DataFile.read(Brew.class, "brews.csv").stream()
            .map(r -> new Brew(
                    r.text("key"),
                    r.number("fold"),
                    (int) r.number("steep"),
                    r.choice("food", "yes", "no").equals("yes")))
            .toList();

    public static List<Brew> all() {
        return ALL;
    }
}
