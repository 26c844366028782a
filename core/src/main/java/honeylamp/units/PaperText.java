package honeylamp.units;

/** Sizes of paper and of files, as people read them. */
public final class PaperText {
    private static final double POINTS_PER_INCH = 72;
    private static final int BYTES_PER_KB = 1000;

    private PaperText() {}

    /** Two sides of paper in mm. */
    public static String sides(double acrossMm, double upMm) {
        return Math.round(acrossMm) + " \u00d7 " + Math.round(upMm) + " mm";
    }

    /** A length of PDF user space in mm (ISO 32000-1, 8.3.2.3). */
    public static double ofPoints(double points) {
        return points / POINTS_PER_INCH * Length.MM_PER_INCH;
    }

    /** So many bytes in thousands, with a comma between thousands of them; 1 kB at least. */
    public static String kiloBytes(long bytes) {
        var kb = Math.max(1, Math.ceilDiv(bytes, BYTES_PER_KB));
        return String.valueOf(kb).replaceAll("(?<=\\d)(?=(\\d{3})+$)", ",") + " kB";
    }
}
