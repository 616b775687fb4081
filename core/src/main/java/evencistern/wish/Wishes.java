package evencistern.wish;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.media.Component;
import evencistern.pot.Pot;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is asked for.
 *
 * @param atHand components to choose from, at least one, at most 60, each once
 * @param pot that water, air and weight are meant in
 * @param mayLime whether a mix that comes out too sour may be limed
 * @param mostComponents in one recipe, 1–5
 * @param mostParts that the whole parts of a recipe may sum to, 2–20
 */
public record Wishes(
        List<Component> atHand, List<Wish> wishes, Pot pot, boolean mayLime, int mostComponents, int mostParts) {
    /** Whole parts that people still count without losing count. */
    public static final int USUAL_PARTS = 16;

    private static final int MOST_AT_HAND = 60;
    private static final int MOST_WISHES = 80;

    public Wishes {
        atHand = List.copyOf(atHand);
        wishes = List.copyOf(wishes);
        Faults faults = new Faults();
        if (atHand.isEmpty()) {
            faults.add(FaultCode.MISSING, "wish.at_hand", "");
        }
        faults.within("wish.at_hand", atHand.size(), 0, MOST_AT_HAND, "");
        faults.within("wish.wishes", wishes.size(), 0, MOST_WISHES, "");
        faults.within("wish.components", mostComponents, 1, 5, "");
        faults.within("wish.parts", mostParts, 2, 20, "");
        faults.throwIfAny();
        Set<String> keys = atHand.stream().map(Component::key).collect(Collectors.toSet());
        for (Wish wish : wishes) {
            if (wish instanceof Wish.Holding holding && !keys.contains(holding.component())) {
                throw new FaultException(Fault.of(FaultCode.COMPONENT_UNKNOWN, "wish.at_hand", holding.component()));
            }
        }
    }

    boolean priced() {
        return wishes.stream().flatMap(w -> w.ranges().stream()).anyMatch(r -> r.quality() == Quality.COST);
    }
}
