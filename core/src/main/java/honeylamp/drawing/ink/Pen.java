package honeylamp.drawing.ink;

import honeylamp.units.Checks;
import java.util.List;

/** A pen: width, dashes and gaps in paper mm, and how its lines end and turn. */
public record Pen(double widthMm, Tip tip, List<Double> dashMm) {
    /** How lines end and turn. */
    public enum Tip {
        /** Square ends, mitred corners: for building. */
        BUTT,
        /** Round ends and corners: for furniture. */
        ROUND
    }

    /** Freezes the dashes. */
    public Pen {
        Checks.positive("pen width", widthMm);
        dashMm = List.copyOf(dashMm);
    }

    /** A full line with square ends. */
    public static Pen butt(double widthMm) {
        return new Pen(widthMm, Tip.BUTT, List.of());
    }

    /** A full line with round ends. */
    public static Pen round(double widthMm) {
        return new Pen(widthMm, Tip.ROUND, List.of());
    }

    /** The same pen, dashed. */
    public Pen dashed(double dash, double gap) {
        return new Pen(widthMm, tip, List.of(dash, gap));
    }
}
