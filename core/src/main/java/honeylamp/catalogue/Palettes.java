package honeylamp.catalogue;

import honeylamp.plan.Colouring;
import honeylamp.plan.Colouring.Floors;
import honeylamp.plan.Oklch;
import honeylamp.plan.Palette;
import honeylamp.plan.Role;
import java.util.EnumMap;
import java.util.Map;

/** The palettes that ship with the program. */
public final class Palettes {
    /** Warm paper, quiet timber and textiles, cool porcelain. */
    public static final Palette DAYLIGHT = new Palette(Map.ofEntries(
            Map.entry(Role.PAPER, new Oklch(0.985, 0.008, 85)),
            Map.entry(Role.INK, new Oklch(0.27, 0.008, 70)),
            Map.entry(Role.POCHE, new Oklch(0.30, 0.010, 60)),
            Map.entry(Role.POCHE_TINT, new Oklch(0.46, 0.012, 60)),
            Map.entry(Role.WALL_SIDE, new Oklch(0.80, 0.012, 75)),
            Map.entry(Role.SHADOW, new Oklch(0.44, 0.014, 290)),
            Map.entry(Role.SUNLIGHT, new Oklch(0.990, 0.030, 90)),
            Map.entry(Role.BARE_FLOOR, new Oklch(0.965, 0.006, 85)),
            Map.entry(Role.LIVING_FLOOR, new Oklch(0.90, 0.040, 75)),
            Map.entry(Role.DINING_FLOOR, new Oklch(0.91, 0.036, 60)),
            Map.entry(Role.KITCHEN_FLOOR, new Oklch(0.91, 0.034, 110)),
            Map.entry(Role.BEDROOM_FLOOR, new Oklch(0.90, 0.030, 265)),
            Map.entry(Role.BATH_FLOOR, new Oklch(0.90, 0.034, 215)),
            Map.entry(Role.WORK_FLOOR, new Oklch(0.91, 0.030, 145)),
            Map.entry(Role.PASSAGE_FLOOR, new Oklch(0.93, 0.014, 85)),
            Map.entry(Role.STORE_FLOOR, new Oklch(0.92, 0.010, 50)),
            Map.entry(Role.SERVICE_FLOOR, new Oklch(0.92, 0.020, 240)),
            Map.entry(Role.TRADE_FLOOR, new Oklch(0.91, 0.040, 40)),
            Map.entry(Role.GARAGE_FLOOR, new Oklch(0.90, 0.006, 260)),
            Map.entry(Role.OUTDOOR_FLOOR, new Oklch(0.91, 0.040, 130)),
            Map.entry(Role.GLASS, new Oklch(0.93, 0.022, 225)),
            Map.entry(Role.FRAME, new Oklch(0.97, 0.006, 85)),
            Map.entry(Role.STEP, new Oklch(0.90, 0.022, 75)),
            Map.entry(Role.NEWEL, new Oklch(0.60, 0.055, 62)),
            Map.entry(Role.POST, new Oklch(0.60, 0.055, 62)),
            Map.entry(Role.RAMP, new Oklch(0.90, 0.014, 85)),
            Map.entry(Role.FIRE, new Oklch(0.50, 0.060, 40)),
            Map.entry(Role.HEARTH, new Oklch(0.80, 0.006, 85)),
            Map.entry(Role.DEPTH, new Oklch(0.93, 0.012, 80)),
            Map.entry(Role.PAINT, new Oklch(0.975, 0.004, 95)),
            Map.entry(Role.CAR, new Oklch(0.930, 0.012, 230)),
            Map.entry(Role.CAR_ROOF, new Oklch(0.955, 0.010, 230)),
            Map.entry(Role.CAR_GLASS, new Oklch(0.62, 0.020, 235)),
            Map.entry(Role.BODY, new Oklch(0.955, 0.010, 80)),
            Map.entry(Role.TIMBER, new Oklch(0.80, 0.052, 68)),
            Map.entry(Role.TIMBER_DARK, new Oklch(0.72, 0.055, 62)),
            Map.entry(Role.TEXTILE, new Oklch(0.915, 0.014, 150)),
            Map.entry(Role.TEXTILE_WARM, new Oklch(0.925, 0.020, 72)),
            Map.entry(Role.LINEN, new Oklch(0.972, 0.006, 90)),
            Map.entry(Role.CUSHION, new Oklch(0.78, 0.070, 60)),
            Map.entry(Role.CUSHION_COOL, new Oklch(0.78, 0.040, 160)),
            Map.entry(Role.PORCELAIN, new Oklch(0.980, 0.004, 220)),
            Map.entry(Role.WATER_SHADE, new Oklch(0.935, 0.010, 220)),
            Map.entry(Role.METAL, new Oklch(0.84, 0.006, 240)),
            Map.entry(Role.DARK, new Oklch(0.42, 0.008, 250)),
            Map.entry(Role.COUNTER, new Oklch(0.925, 0.010, 95)),
            Map.entry(Role.RUG, new Oklch(0.86, 0.030, 48)),
            Map.entry(Role.RUG_BORDER, new Oklch(0.925, 0.018, 75)),
            Map.entry(Role.LEAF_LIGHT, new Oklch(0.72, 0.070, 135)),
            Map.entry(Role.LEAF, new Oklch(0.63, 0.072, 142)),
            Map.entry(Role.LEAF_DEEP, new Oklch(0.53, 0.062, 150)),
            Map.entry(Role.EARTH, new Oklch(0.62, 0.045, 55))));

    /** Paler and lighter than things are. */
    static final Colouring PALE = new Colouring(Floors.LAID, 0.6, 0.34, 1, 0, 0);

    /** Graphite: no colour, floors by their joints. */
    static final Colouring GRAPHITE = new Colouring(Floors.JOINTS, 0, 0.4, 0.968, 0.008, 88);

    /** Inks of markers, stronger than things are. */
    static final Colouring INKED = new Colouring(Floors.LAID, 1.45, 0.02, 0.985, 0, 0);

    /** Pigments in water: clearer than things are, never black. */
    static final Colouring WASHED = new Colouring(Floors.LAID, 1.45, 0.16, 0.99, 0, 0);

    /** Without any colour, floors by their joints. */
    static final Colouring COLOURLESS = new Colouring(Floors.JOINTS, 0, 0.45, 1, 0, 0);

    /** Greys as light as things are. */
    static final Colouring GREYS = new Colouring(Floors.LAID, 0, 0.1, 1, 0.003, 80);

    /** Light and dark turned about, deep blue. */
    static final Colouring NIGHTLY = new Colouring(Floors.LAID, 0.06, 0.66, 0.28, 0.050, 260);

    /** Washes for uses; what lies on them paler and lighter than it is. */
    static final Colouring BY_USE = new Colouring(Floors.BY_USE, 0.5, 0.5, 1, 0, 0);

    /** White paper, neutral walls, everything on it pale. */
    static final Palette LISTING = through(PALE)
            .with(Map.of(
                    Role.PAPER, new Oklch(1, 0, 0),
                    Role.INK, new Oklch(0.25, 0.004, 260),
                    Role.POCHE, new Oklch(0.36, 0.006, 260),
                    Role.POCHE_TINT, new Oklch(0.55, 0.006, 260),
                    Role.FRAME, new Oklch(0.99, 0, 0),
                    Role.SHADOW, new Oklch(0.50, 0.012, 270)));

    /** Black on white; what must be told from white has a light grey. */
    static final Palette INK = white();

    /** Graphite on warm paper; what is not paper has a light tone of it. */
    static final Palette PENCIL = graphite();

    /** Clear inks on toned paper, which is left bare where things are light. */
    static final Palette MARKER = through(INKED)
            .with(Map.of(
                    Role.PAPER, new Oklch(0.945, 0.020, 82),
                    Role.INK, new Oklch(0.22, 0.006, 60),
                    Role.POCHE, new Oklch(0.29, 0.008, 60),
                    Role.POCHE_TINT, new Oklch(0.46, 0.010, 60),
                    Role.SHADOW, new Oklch(0.52, 0.030, 295),
                    Role.FRAME, new Oklch(0.975, 0.012, 82)))
            .with(Map.of(
                    Role.LINEN, new Oklch(0.975, 0.010, 82),
                    Role.BODY, new Oklch(0.965, 0.014, 82),
                    Role.PORCELAIN, new Oklch(0.975, 0.008, 150)));

    /** Washes on rough paper, walls in indigo, lines in sepia. */
    static final Palette WASH = through(WASHED)
            .with(Map.of(
                    Role.PAPER, new Oklch(0.985, 0.010, 88),
                    Role.INK, new Oklch(0.25, 0.022, 50),
                    Role.POCHE, new Oklch(0.40, 0.036, 262),
                    Role.POCHE_TINT, new Oklch(0.60, 0.036, 262),
                    Role.SHADOW, new Oklch(0.50, 0.040, 282),
                    Role.FRAME, new Oklch(0.98, 0.010, 88),
                    Role.LINEN, new Oklch(0.980, 0.012, 85),
                    Role.BODY, new Oklch(0.970, 0.014, 80),
                    Role.PORCELAIN, new Oklch(0.980, 0.008, 220)));

    /** A house after dark: words light on the paper around it, windows that glow. */
    static final Palette DUSK = DAYLIGHT.with(Map.of(
            Role.PAPER, new Oklch(0.235, 0.030, 275),
            Role.INK, new Oklch(0.945, 0.024, 85),
            Role.POCHE, new Oklch(0.34, 0.026, 275),
            Role.POCHE_TINT, new Oklch(0.46, 0.026, 275),
            Role.GLASS, new Oklch(0.90, 0.085, 88),
            Role.FRAME, new Oklch(0.80, 0.070, 80)));

    /** Greys, with honey for what is soft. */
    static final Palette ONE_ACCENT = through(GREYS)
            .with(Map.of(
                    Role.PAPER, new Oklch(0.99, 0.002, 85),
                    Role.INK, new Oklch(0.25, 0.003, 80),
                    Role.POCHE, new Oklch(0.31, 0.004, 80),
                    Role.POCHE_TINT, new Oklch(0.52, 0.004, 80),
                    Role.SHADOW, new Oklch(0.46, 0.004, 280),
                    Role.CUSHION, new Oklch(0.74, 0.120, 72),
                    Role.CUSHION_COOL, new Oklch(0.80, 0.100, 76),
                    Role.TEXTILE, new Oklch(0.87, 0.070, 76),
                    Role.RUG, new Oklch(0.92, 0.030, 78),
                    Role.RUG_BORDER, new Oklch(0.95, 0.018, 78)));

    /** Light lines on deep blue. */
    static final Palette NIGHT = through(NIGHTLY)
            .with(Map.of(
                    Role.PAPER, new Oklch(0.255, 0.052, 262),
                    Role.INK, new Oklch(0.945, 0.018, 225),
                    Role.POCHE, new Oklch(0.880, 0.024, 228),
                    Role.POCHE_TINT, new Oklch(0.640, 0.034, 240),
                    Role.WALL_SIDE, new Oklch(0.430, 0.040, 255),
                    Role.SHADOW, new Oklch(0.170, 0.030, 265),
                    Role.GLASS, new Oklch(0.480, 0.070, 230),
                    Role.FRAME, new Oklch(0.330, 0.050, 260),
                    Role.POST, new Oklch(0.780, 0.040, 80),
                    Role.CUSHION, new Oklch(0.560, 0.080, 75)));

    /** White paper, pale things, clear washes that differ in lightness too. */
    static final Palette USE = through(BY_USE)
            .with(Map.of(
                    Role.PAPER, new Oklch(1, 0, 0),
                    Role.INK, new Oklch(0.24, 0.006, 260),
                    Role.POCHE, new Oklch(0.34, 0.008, 260),
                    Role.POCHE_TINT, new Oklch(0.52, 0.008, 260),
                    Role.SHADOW, new Oklch(0.48, 0.014, 280)))
            .with(Map.ofEntries(
                    Map.entry(Role.BARE_FLOOR, new Oklch(0.970, 0.002, 85)),
                    Map.entry(Role.LIVING_FLOOR, new Oklch(0.925, 0.050, 92)),
                    Map.entry(Role.DINING_FLOOR, new Oklch(0.900, 0.050, 68)),
                    Map.entry(Role.KITCHEN_FLOOR, new Oklch(0.875, 0.042, 48)),
                    Map.entry(Role.BEDROOM_FLOOR, new Oklch(0.850, 0.042, 288)),
                    Map.entry(Role.BATH_FLOOR, new Oklch(0.900, 0.040, 215)),
                    Map.entry(Role.WORK_FLOOR, new Oklch(0.915, 0.050, 155)),
                    Map.entry(Role.PASSAGE_FLOOR, new Oklch(0.960, 0.010, 85)),
                    Map.entry(Role.STORE_FLOOR, new Oklch(0.790, 0.018, 60)),
                    Map.entry(Role.SERVICE_FLOOR, new Oklch(0.800, 0.030, 245)),
                    Map.entry(Role.TRADE_FLOOR, new Oklch(0.840, 0.050, 15)),
                    Map.entry(Role.GARAGE_FLOOR, new Oklch(0.850, 0.006, 260)),
                    Map.entry(Role.OUTDOOR_FLOOR, new Oklch(0.890, 0.056, 130))));

    private Palettes() {}

    /** The usual colours as a look shows those of things. */
    private static Palette through(Colouring colouring) {
        var out = new EnumMap<Role, Oklch>(Role.class);
        for (var role : Role.values()) {
            out.put(role, colouring.of(DAYLIGHT.of(role)));
        }
        return new Palette(out);
    }

    private static Palette white() {
        var out = new EnumMap<Role, Oklch>(Role.class);
        for (var role : Role.values()) {
            out.put(role, new Oklch(lightness(role), 0, 0));
        }
        return new Palette(out);
    }

    private static Palette graphite() {
        var paper = new Oklch(0.968, 0.011, 88);
        var out = new EnumMap<Role, Oklch>(Role.class);
        for (var role : Role.values()) {
            var white = lightness(role);
            out.put(role, white == 1 ? paper : new Oklch(0.25 + 0.718 * white, 0.010, 88));
        }
        out.put(Role.INK, new Oklch(0.28, 0.010, 265));
        out.put(Role.POCHE, new Oklch(0.40, 0.005, 265));
        out.put(Role.POCHE_TINT, new Oklch(0.60, 0.005, 265));
        return new Palette(out);
    }

    /** Light enough that a copier leaves it white, or dark. */
    private static double lightness(Role role) {
        return switch (role) {
            case INK, POCHE, DARK, FIRE -> 0.18;
            case POCHE_TINT, SHADOW, CAR_GLASS, POST, NEWEL -> 0.45;
            case LEAF_DEEP, EARTH -> 0.80;
            case LEAF -> 0.90;
            case WALL_SIDE, METAL, DEPTH, HEARTH, WATER_SHADE -> 0.93;
            default -> 1;
        };
    }
}
