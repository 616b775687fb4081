package evencistern.media;

import java.util.OptionalDouble;

/**
 * A mix as a recipe says it.
 *
 * @param targetPh that it is to have once limed; empty where it is used as it comes
 */
public record Recipe(Mix mix, OptionalDouble targetPh) {
    public String key() {
        return mix.key();
    }
}
