package honeylamp.catalogue;

import honeylamp.plan.Oklch;
import honeylamp.plan.Palette;
import honeylamp.plan.Role;
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

    private Palettes() {}
}
