package honeylamp.plan;

import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.units.Checks;
import honeylamp.units.Length;

/**
 * An opening that lives in a wall and takes its thickness, angle and side from it.
 *
 * @param offset from the host's first end to the nearer jamb, along the drawn line
 * @param sill height of the lower edge above the floor
 * @param head height of the upper edge above the floor
 */
public record Opening(
        OpeningId id,
        Kind kind,
        WallId host,
        Length offset,
        Length width,
        Length sill,
        Length head,
        Hand hand,
        Swing swing) {
    /** What fills the opening. */
    public enum Kind {
        /** One hinged leaf. */
        DOOR("Door"),
        /** Two hinged leaves. */
        PAIR_DOOR("Pair of doors"),
        /** A glazed frame. */
        WINDOW("Window"),
        /** Nothing: a plain opening. */
        PLAIN("Plain opening");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }

        /** Whether it has a leaf with a hand and a swing. */
        public boolean hasLeaf() {
            return this == DOOR || this == PAIR_DOOR;
        }
    }

    /** At which jamb the hinges sit, seen along the host from its first end. */
    public enum Hand {
        /** Hinged at the jamb nearer to the host's first end. */
        FIRST,
        /** Hinged at the other jamb. */
        SECOND;

        /** The other jamb. */
        public Hand flipped() {
            return this == FIRST ? SECOND : FIRST;
        }
    }

    /** To which side of the host the leaf opens, seen along the host from its first end. */
    public enum Swing {
        /** To the left. */
        LEFT,
        /** To the right. */
        RIGHT;

        /** The other side. */
        public Swing flipped() {
            return this == LEFT ? RIGHT : LEFT;
        }
    }

    /** Refuses sizes of zero or less and a head at or below the sill. */
    public Opening {
        Checks.positive("opening width", width);
        Checks.notNegative("opening offset", offset);
        Checks.notNegative("sill", sill);
        if (head.compareTo(sill) <= 0) {
            throw new IllegalArgumentException("head (" + head + ") must lie above the sill (" + sill + ")");
        }
    }

    /** The far jamb's distance from the host's first end. */
    public Length end() {
        return offset.plus(width);
    }

    /** The opening at another offset. */
    public Opening at(Length newOffset) {
        return new Opening(id, kind, host, newOffset, width, sill, head, hand, swing);
    }

    /** The opening with another offset and width. */
    public Opening sized(Length newOffset, Length newWidth) {
        return new Opening(id, kind, host, newOffset, newWidth, sill, head, hand, swing);
    }

    /** The opening with other heights. */
    public Opening withHeights(Length newSill, Length newHead) {
        return new Opening(id, kind, host, offset, width, newSill, newHead, hand, swing);
    }

    /** The opening with another hand and swing. */
    public Opening hung(Hand newHand, Swing newSwing) {
        return new Opening(id, kind, host, offset, width, sill, head, newHand, newSwing);
    }

    /** The opening as another kind. */
    public Opening as(Kind other) {
        return new Opening(id, other, host, offset, width, sill, head, hand, swing);
    }

    /** The opening in another host, or in another part of it. */
    public Opening in(WallId newHost, Length newOffset) {
        return new Opening(id, kind, newHost, newOffset, width, sill, head, hand, swing);
    }

    /** The opening under another id. */
    public Opening withId(OpeningId other) {
        return new Opening(other, kind, host, offset, width, sill, head, hand, swing);
    }

    /** The same opening where its host, so long, is drawn the other way. */
    public Opening reversed(Length hostLength) {
        var from = hostLength.minus(end());
        return new Opening(
                id, kind, host, Length.max(Length.ZERO, from), width, sill, head, hand.flipped(), swing.flipped());
    }

    /** The opening as a mirror shows it: hinged at the same jamb, opening to the other side of the drawn line. */
    public Opening mirrored() {
        return new Opening(id, kind, host, offset, width, sill, head, hand, swing.flipped());
    }
}
