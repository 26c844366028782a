package honeylamp.illustrate.pen;

/** Room that dimensions take on the sides of what is drawn, in paper mm. */
public record PaperRoom(double left, double right, double above, double below) {
    /** As much on all sides. */
    public static PaperRoom around(double mm) {
        return new PaperRoom(mm, mm, mm, mm);
    }

    /** Enough for both. */
    public PaperRoom with(PaperRoom other) {
        return new PaperRoom(
                Math.max(left, other.left),
                Math.max(right, other.right),
                Math.max(above, other.above),
                Math.max(below, other.below));
    }

    /** Left and right together. */
    public double across() {
        return left + right;
    }

    /** Above and below together. */
    public double up() {
        return above + below;
    }
}
