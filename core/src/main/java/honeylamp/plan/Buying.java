package honeylamp.plan;

import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * What is known of a piece as it is bought.
 *
 * @param name of the product, perhaps nothing
 * @param source where it is bought
 * @param link to it
 * @param price in whole cents; 0 if nobody said
 * @param picture of the real thing
 */
@RecordBuilder
public record Buying(String name, String source, String link, int price, State state, Optional<SmallPicture> picture)
        implements BuyingBuilder.With {
    /** Nothing is known, and it is not bought yet. */
    public static final Buying UNKNOWN = new Buying("", "", "", 0, State.WANTED, Optional.empty());

    private static final int MOST_CENTS = 100_000_000;
    /** Names, sources and links are at most so many letters long. */
    public static final int LONGEST = 500;

    /** How far one has come. */
    public enum State {
        WANTED,
        BOUGHT
    }

    /** Refuses prices below nothing, and words without an end. */
    public Buying {
        Checks.within("price", price, 0, MOST_CENTS);
        Checks.within("length of a name, a source or a link", name.length(), 0, LONGEST);
        Checks.within("length of a name, a source or a link", source.length(), 0, LONGEST);
        Checks.within("length of a name, a source or a link", link.length(), 0, LONGEST);
    }
}
