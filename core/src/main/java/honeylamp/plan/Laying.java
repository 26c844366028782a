package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * How the pieces of a finish are laid. Sizes are those of the pieces themselves in every pattern; the joint comes on top.
 *
 * @param width of a piece across the courses
 * @param length of a piece along the courses
 * @param joint between two pieces
 * @param jointTone the colour of the joints; empty for that which suits the material
 * @param blend tones that are mixed; none for that of the material
 * @param figure how strongly grain, veins and what else is seen on the material shows: 1 as usual, 0 not at all
 * @param face what a picture shows on it, running on under the joints; empty for grain and veins of its own
 * @param coat what is on the pieces
 * @param goods what is known of the pieces as they are bought
 */
@RecordBuilder
public record Laying(
        Pattern pattern,
        Length width,
        Length length,
        Length joint,
        Optional<Oklch> jointTone,
        Turning turning,
        Blend blend,
        double figure,
        Optional<FacePicture> face,
        Coat coat,
        Goods goods)
        implements LayingBuilder.With {
    /** The least and the greatest side of a piece. */
    public static final Length LEAST_SIDE = Length.ofMm(2);

    public static final Length GREATEST_SIDE = Length.ofMm(20_000);

    public static final double STRONGEST_FIGURE = 2;

    public static final Length WIDEST_JOINT = Length.ofMm(500);

    /** Whether pieces are turned before they are laid. */
    public enum Turning {
        /** All the same way. */
        NONE,
        /** By quarters of a turn, by chance, so that no two neighbours look the same. */
        BY_CHANCE
    }

    /**
     * Tones that are mixed.
     *
     * @param shares none, or two to four
     */
    public record Blend(Mixing mixing, List<Share> shares) {
        /** How tones come after each other. */
        public enum Mixing {
            /** By chance, the same at every redraw. */
            BY_CHANCE,
            /** One after the other, along the courses and across. */
            IN_TURN
        }

        /** The tone of the material alone. */
        public static final Blend NONE = new Blend(Mixing.BY_CHANCE, List.of());

        private static final int MOST_TONES = 4;

        public Blend {
            shares = List.copyOf(shares);
            if (shares.size() == 1 || shares.size() > MOST_TONES) {
                throw new IllegalArgumentException("a blend has " + shares.size() + " tones, needs 2 to " + MOST_TONES);
            }
        }
    }

    /**
     * A tone among others.
     *
     * @param share of all pieces, in relation to the other shares
     */
    public record Share(Oklch tone, double share) {
        public Share {
            Checks.positive("share of a tone", share);
        }
    }

    /** How much light pieces throw back. */
    public enum Sheen {
        MATT("Matt"),
        SATIN("Satin"),
        GLOSSY("Glossy");

        private final String label;

        Sheen(String label) {
            this.label = label;
        }

        /** The word people see. */
        public String label() {
            return label;
        }
    }

    /**
     * What is on pieces.
     *
     * @param second how strongly a second pass of colour shows over the first, in strokes along each piece, from 0 to 1
     */
    public record Coat(double second, Sheen sheen) {
        /** One pass, matt. */
        public static final Coat PLAIN = new Coat(0, Sheen.MATT);

        /** Refuses a pass that is stronger than all. */
        public Coat {
            Checks.within("second pass", second, 0, 1);
        }

        /** The same with a second pass. */
        public Coat withSecond(double other) {
            return new Coat(other, sheen);
        }

        /** The same with another sheen. */
        public Coat withSheen(Sheen other) {
            return new Coat(second, other);
        }
    }

    /**
     * Pieces as they are bought.
     *
     * @param thickness nothing if nobody said
     * @param perBox pieces in a box; 0 if nobody said
     * @param price of a box in whole cents, or of a piece if there are no boxes; 0 if nobody said
     * @param grams that a piece weighs; 0 if nobody said
     * @param blade so much is lost along every cut
     */
    @RecordBuilder
    public record Goods(Length thickness, int perBox, int price, int grams, Length blade)
            implements LayingGoodsBuilder.With {
        /** Nothing is known. */
        public static final Goods UNKNOWN = new Goods(Length.ZERO, 0, 0, 0, Length.ofMm(3));

        private static final int MOST = 100_000_000;

        public Goods {
            Checks.notNegative("thickness of a piece", thickness);
            Checks.notNegative("blade", blade);
            Checks.within("pieces in a box", perBox, 0, MOST);
            Checks.within("price", price, 0, MOST);
            Checks.within("weight of a piece", grams, 0, MOST);
        }
    }

    /** Refuses pieces that are too small or too large, and joints wider than any. */
    public Laying {
        within("width of a piece", width, LEAST_SIDE, GREATEST_SIDE);
        within("length of a piece", length, LEAST_SIDE, GREATEST_SIDE);
        within("joint", joint, Length.ZERO, WIDEST_JOINT);
        Checks.within("figure", figure, 0, STRONGEST_FIGURE);
    }

    private static void within(String role, Length value, Length least, Length most) {
        if (value.compareTo(least) < 0 || value.compareTo(most) > 0) {
            throw new IllegalArgumentException(
                    role + " (" + value.mm() + " mm) must be " + least.mm() + " to " + most.mm() + " mm");
        }
    }

    /** A laying with the usual joints, all pieces alike. */
    public static Laying of(Pattern pattern, double widthMm, double lengthMm, double jointMm) {
        return new Laying(
                pattern,
                Length.ofMm(widthMm),
                Length.ofMm(lengthMm),
                Length.ofMm(jointMm),
                Optional.empty(),
                Turning.NONE,
                Blend.NONE,
                1,
                Optional.empty(),
                Coat.PLAIN,
                Goods.UNKNOWN);
    }

    /** In one piece. */
    public static Laying seamless() {
        return of(new Pattern.Seamless(), 1000, 1000, 0);
    }

    public boolean isSeamless() {
        return pattern instanceof Pattern.Seamless;
    }
}
