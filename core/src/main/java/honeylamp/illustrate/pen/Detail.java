package honeylamp.illustrate.pen;

import honeylamp.catalogue.symbol.SymbolShape;

/** How much is drawn at a scale: nothing finer than 0.35 mm on paper. */
public record Detail(double scale) {
    static final double FINEST_PAPER_MM = 0.35;

    /** Below this pitch on paper a pattern becomes its mean tone. */
    static final double LEAST_PITCH_PAPER_MM = 0.8;

    public boolean shows(SymbolShape.Detail detail) {
        return switch (detail) {
            case PLAIN -> true;
            case DRAWN -> scale <= 100;
            case RICH -> scale <= 50;
        };
    }

    public boolean showsPattern(double pitchMm) {
        return pitchMm / scale >= LEAST_PITCH_PAPER_MM;
    }

    public boolean showsGrain() {
        return scale <= 50;
    }
}
