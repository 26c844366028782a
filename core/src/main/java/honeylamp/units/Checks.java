package honeylamp.units;

/** Guards for arguments: each names the role and the value, refuses NaN, and returns the value. */
public final class Checks {
    private Checks() {}

    /**
     * The value itself, if it is a finite number.
     *
     * @throws IllegalArgumentException if it is NaN or infinite
     */
    public static double finite(String role, double value) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException(role + " (" + value + ") must be a finite number");
        }
        return value;
    }

    /**
     * The value itself, if it is finite and above zero.
     *
     * @throws IllegalArgumentException otherwise, also for NaN
     */
    public static double positive(String role, double value) {
        if (!(value > 0) || value == Double.POSITIVE_INFINITY) {
            throw new IllegalArgumentException(role + " (" + value + ") must be finite and > 0");
        }
        return value;
    }

    /**
     * The length itself, if it is above zero.
     *
     * @throws IllegalArgumentException otherwise
     */
    public static Length positive(String role, Length value) {
        if (value.nanometres() <= 0) {
            throw new IllegalArgumentException(role + " (" + value + ") must be > 0");
        }
        return value;
    }

    /**
     * The length itself, if it is zero or above.
     *
     * @throws IllegalArgumentException otherwise
     */
    public static Length notNegative(String role, Length value) {
        if (value.nanometres() < 0) {
            throw new IllegalArgumentException(role + " (" + value + ") must be >= 0");
        }
        return value;
    }

    /**
     * The value itself, if it lies in the closed range.
     *
     * @throws IllegalArgumentException otherwise, also for NaN
     */
    public static double within(String role, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(role + " (" + value + ") must be from " + least + " to " + most);
        }
        return value;
    }
}
