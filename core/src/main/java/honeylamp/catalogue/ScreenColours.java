package honeylamp.catalogue;

import honeylamp.plan.Oklch;

/** The colours of marks above the picture, which are the program's own and no part of any look. */
public final class ScreenColours {
    /** What is picked or under way. */
    public static final Oklch HONEY = new Oklch(0.68, 0.125, 72);
    /** What is measured, right, or noted. */
    public static final Oklch SAGE = new Oklch(0.56, 0.065, 152);

    public static final Oklch BRICK = new Oklch(0.53, 0.105, 33);
    /** Words and crosses. */
    public static final Oklch INK = new Oklch(0.27, 0.008, 70);
    /** Plates under words, and the paper pictures are traced on. */
    public static final Oklch PAPER = new Oklch(0.985, 0.008, 85);

    private ScreenColours() {}
}
