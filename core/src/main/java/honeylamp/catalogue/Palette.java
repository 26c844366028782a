package honeylamp.catalogue;

/** Every colour of the picture, in one place. */
public final class Palette {
    /** The paper. */
    public static final Oklch PAPER = new Oklch(0.985, 0.008, 85);
    /** Lines and text. */
    public static final Oklch INK = new Oklch(0.27, 0.008, 70);
    /** Cut walls that carry. */
    public static final Oklch POCHE = new Oklch(0.30, 0.010, 60);
    /** Cut walls that carry nothing. */
    public static final Oklch POCHE_TINT = new Oklch(0.46, 0.012, 60);
    /** Sides of walls in a raised picture; those that face the light are lighter. */
    public static final Oklch WALL_SIDE = new Oklch(0.80, 0.012, 75);
    /** The colour that cast shadows multiply by. */
    public static final Oklch SHADOW = new Oklch(0.44, 0.014, 290);
    /** The ground around the building. */
    public static final Oklch GROUND = new Oklch(0.955, 0.010, 95);
    /** Floors nobody chose a finish for. */
    public static final Oklch BARE_FLOOR = new Oklch(0.965, 0.006, 85);
    /** Marks of things picked or under way on screen. */
    public static final Oklch HONEY = new Oklch(0.68, 0.125, 72);
    /** What is measured, right, or noted. */
    public static final Oklch SAGE = new Oklch(0.56, 0.065, 152);
    /** What is wrong. */
    public static final Oklch BRICK = new Oklch(0.53, 0.105, 33);

    private Palette() {}

    /** The colour of a part of a furnishing. */
    public static Oklch of(SymbolPart.Tone tone) {
        return switch (tone) {
            case BODY -> new Oklch(0.955, 0.010, 80);
            case TIMBER -> new Oklch(0.80, 0.052, 68);
            case TIMBER_DARK -> new Oklch(0.72, 0.055, 62);
            case TEXTILE -> new Oklch(0.915, 0.014, 150);
            case TEXTILE_WARM -> new Oklch(0.925, 0.020, 72);
            case LINEN -> new Oklch(0.972, 0.006, 90);
            case CUSHION -> new Oklch(0.78, 0.070, 60);
            case CUSHION_COOL -> new Oklch(0.78, 0.040, 160);
            case PORCELAIN -> new Oklch(0.980, 0.004, 220);
            case WATER_SHADE -> new Oklch(0.935, 0.010, 220);
            case METAL -> new Oklch(0.84, 0.006, 240);
            case DARK -> new Oklch(0.42, 0.008, 250);
            case COUNTER -> new Oklch(0.925, 0.010, 95);
            case RUG -> new Oklch(0.86, 0.030, 48);
            case RUG_BORDER -> new Oklch(0.925, 0.018, 75);
            case LEAF_LIGHT -> new Oklch(0.72, 0.070, 135);
            case LEAF -> new Oklch(0.63, 0.072, 142);
            case LEAF_DEEP -> new Oklch(0.53, 0.062, 150);
            case EARTH -> new Oklch(0.62, 0.045, 55);
        };
    }
}
