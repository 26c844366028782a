package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What an opening keeps to when its wall, or what meets the wall, changes.
 *
 * @param between what bounds the stretch of wall it keeps to
 * @param nib the distance kept from an end of the stretch; zero where none is
 * @param place its place from the first end in a row with equal gaps, from one
 * @param of how many such openings are in the row; one means centred
 */
@RecordBuilder
public record Keeping(Rule rule, Between between, Length nib, int place, int of) implements KeepingBuilder.With {
    /** It stays where it was put. */
    public static final Keeping AS_PUT = new Keeping(Rule.AS_PUT, Between.WALLS, Length.ZERO, 1, 1);

    /** The most openings in a row with equal gaps. */
    public static final int MOST = 60;

    public enum Rule {
        /** The place in the wall. */
        AS_PUT,
        /** The distance from the stretch's beginning, seen from the wall's first end. */
        FROM_FIRST,
        /** The distance from the stretch's end. */
        FROM_SECOND,
        /** Equal gaps on both sides; centred if it is alone. */
        EVEN
    }

    /** What bounds a stretch of wall. */
    public enum Between {
        /** The walls that meet it, on whichever side. */
        WALLS("walls"),
        /** Those, and the openings beside it. */
        NEIGHBOURS("neighbours"),
        /** The faces of the room it opens into. */
        ROOM_FACES("room faces");

        private final String label;

        Between(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** Refuses a negative distance, and a place outside its row. */
    public Keeping {
        Checks.notNegative("distance kept", nib);
        Checks.within("openings in a row", of, 1, MOST);
        Checks.within("place in a row", place, 1, of);
    }

    /** Centred in a stretch. */
    public static Keeping centred(Between between) {
        return evenly(1, 1, between);
    }

    /** One of several with equal gaps. */
    public static Keeping evenly(int place, int of, Between between) {
        return new Keeping(Rule.EVEN, between, Length.ZERO, place, of);
    }

    /** So far from the beginning of its stretch. */
    public static Keeping fromFirst(Length nib) {
        return new Keeping(Rule.FROM_FIRST, Between.WALLS, nib, 1, 1);
    }

    /** So far from the end of its stretch. */
    public static Keeping fromSecond(Length nib) {
        return new Keeping(Rule.FROM_SECOND, Between.WALLS, nib, 1, 1);
    }

    /** The same where the wall is drawn the other way. */
    public Keeping reversed() {
        return switch (rule) {
            case AS_PUT -> this;
            case FROM_FIRST -> withRule(Rule.FROM_SECOND);
            case FROM_SECOND -> withRule(Rule.FROM_FIRST);
            case EVEN -> withPlace(of + 1 - place);
        };
    }
}
