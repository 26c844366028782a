package honeylamp.plan;

import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * An opening that lives in a wall and takes its thickness, angle and side from it.
 *
 * @param offset from the host's first end to the nearer jamb, along the drawn line
 * @param width jamb to jamb, in the wall
 * @param sill height of the lower edge above the floor
 * @param head height of the upper edge above the floor
 * @param keeping what it keeps to when its wall changes
 * @param works what becomes of it in the building works: one that goes is closed up
 */
@RecordBuilder
@RecordBuilder.Options(buildMethodName = "made")
public record Opening(
        OpeningId id,
        OpeningKind kind,
        WallId host,
        Length offset,
        Length width,
        Length sill,
        Length head,
        Hand hand,
        Swing swing,
        Keeping keeping,
        Build build,
        Wall.Works works)
        implements Element, OpeningBuilder.With {
    /** At which jamb the hinges sit, seen along the host from its first end. */
    public enum Hand {
        /** Hinged at the jamb nearer to the host's first end. */
        FIRST,
        /** Hinged at the other jamb. */
        SECOND;

        public Hand flipped() {
            return this == FIRST ? SECOND : FIRST;
        }
    }

    /** To which side of the host the leaf opens, seen along the host from its first end; of windows, the inner side. */
    public enum Swing {
        LEFT,
        RIGHT;

        public Swing flipped() {
            return this == LEFT ? RIGHT : LEFT;
        }

        /** One for the left side, minus one for the right. */
        public int sign() {
            return this == LEFT ? 1 : -1;
        }
    }

    /**
     * How an opening is made, beyond its size.
     *
     * @param mainLeaf the width of the wider leaf of an unequal pair, if it is not the usual share
     * @param reveal from the outer face of the wall to the frame, if the frame is not in the middle
     * @param product the name of the product it is, or empty words
     * @param strip what covers the joint of two floors that differ, if it reaches down to them
     */
    @RecordBuilder
    public record Build(Optional<Length> mainLeaf, Optional<Length> reveal, String product, FloorStrip strip)
            implements OpeningBuildBuilder.With {
        public static final Build USUAL = new Build(Optional.empty(), Optional.empty(), "", FloorStrip.USUAL);

        /** Refuses a leaf without width and a reveal outside the wall. */
        public Build {
            mainLeaf.ifPresent(l -> Checks.positive("main leaf", l));
            reveal.ifPresent(r -> Checks.notNegative("reveal", r));
        }

        public Build withMainLeaf(Length other) {
            return with(copy -> copy.mainLeaf(Optional.of(other)));
        }

        public Build withReveal(Length other) {
            return with(copy -> copy.reveal(Optional.of(other)));
        }
    }

    /** The wider leaf of an unequal pair takes this share of the width unless something else is said. */
    private static final double MAIN_LEAF_SHARE = 0.7;

    /** Refuses sizes of zero or less and a head at or below the sill. */
    public Opening {
        Checks.positive("opening width", width);
        Checks.notNegative("opening offset", offset);
        Checks.notNegative("sill", sill);
        if (!areHeights(sill, head)) {
            throw new IllegalArgumentException("head (" + head + ") must lie above the sill (" + sill + ")");
        }
    }

    /** Whether an opening can reach from one height to the other. */
    public static boolean areHeights(Length sill, Length head) {
        return head.compareTo(sill) > 0;
    }

    /** An opening made as usual, that stays where it is put. */
    public Opening(
            OpeningId id,
            OpeningKind kind,
            WallId host,
            Length offset,
            Length width,
            Length sill,
            Length head,
            Hand hand,
            Swing swing) {
        this(id, kind, host, offset, width, sill, head, hand, swing, Keeping.AS_PUT, Build.USUAL, Wall.Works.EXISTING);
    }

    /** Whether the opening is there when the works are done, if its wall is. */
    public boolean stands() {
        return works != Wall.Works.REMOVED;
    }

    /** The far jamb's distance from the host's first end. */
    public Length end() {
        return offset.plus(width);
    }

    /** The middle's distance from the host's first end, in mm. */
    public double middleMm() {
        return offset.mm() + width.mm() / 2;
    }

    /** The width of the wider leaf of an unequal pair. */
    public Length mainLeaf() {
        return build.mainLeaf()
                .filter(l -> l.compareTo(width) < 0)
                .orElseGet(() -> Length.ofMm(width.mm() * MAIN_LEAF_SHARE));
    }

    /** The opening with another offset and width. */
    public Opening sized(Length newOffset, Length newWidth) {
        return with(copy -> copy.offset(newOffset).width(newWidth));
    }

    /** The opening with other heights. */
    public Opening withHeights(Length newSill, Length newHead) {
        return with(copy -> copy.sill(newSill).head(newHead));
    }

    /** The opening with another hand and swing. */
    public Opening hung(Hand newHand, Swing newSwing) {
        return with(copy -> copy.hand(newHand).swing(newSwing));
    }

    /** The opening in another host, or in another part of it. */
    public Opening in(WallId newHost, Length newOffset) {
        return with(copy -> copy.host(newHost).offset(newOffset));
    }

    /** The same opening where its host, so long, is drawn the other way. */
    public Opening reversed(Length hostLength) {
        var from = Length.max(Length.ZERO, hostLength.minus(end()));
        return withOffset(from).hung(hand.flipped(), swing.flipped()).withKeeping(keeping.reversed());
    }

    /** The opening as a mirror shows it: hinged at the same jamb, opening to the other side of the drawn line. */
    public Opening mirrored() {
        return hung(hand, swing.flipped());
    }

    @Override
    public Opening moved(Motion motion) {
        return motion.mirrors() ? mirrored() : this;
    }

    @Override
    public Opening under(ElementId.Key key) {
        return withId(new OpeningId(key));
    }

    @Override
    public List<Position> places() {
        return List.of();
    }
}
