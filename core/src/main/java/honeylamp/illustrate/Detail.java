package honeylamp.illustrate;

import honeylamp.catalogue.SymbolPart;

/** How much is drawn at a scale: nothing finer than 0.35 mm on paper. */
record Detail(double scale) {
    static final double FINEST_PAPER_MM = 0.35;

    /** Below this pitch on paper a pattern becomes its mean tone. */
    static final double LEAST_PITCH_PAPER_MM = 0.8;

    boolean shows(SymbolPart.Detail detail) {
        return switch (detail) {
            case PLAIN -> true;
            case DRAWN -> scale <= 100;
            case RICH -> scale <= 50;
        };
    }

    boolean showsPattern(double pitchMm) {
        return pitchMm / scale >= LEAST_PITCH_PAPER_MM;
    }

    boolean showsGrain() {
        return scale <= 50;
    }
}
