package honeylamp.catalogue;

import honeylamp.plan.Ground;
import honeylamp.plan.Laying;
import honeylamp.plan.Oklch;
import honeylamp.plan.Pattern;
import java.util.Optional;

/** What the ground around a building is made of. */
public final class Grounds {
    private Grounds() {}

    /** The name shown to people. */
    public static String label(Ground.Use use) {
        return switch (use) {
            case PLOT -> "Plot";
            case DRIVE -> "Drive";
            case YARD -> "Yard";
            case TERRACE -> "Terrace";
            case PATH -> "Path";
            case LAWN -> "Lawn";
            case PLANTING -> "Planting";
            case HEDGE -> "Hedge";
            case POOL -> "Pool";
        };
    }

    /** What it is laid or grown with; a plot is bare ground. */
    public static Material material(Ground.Use use) {
        return switch (use) {
            case PLOT -> ground("ground-plot", "Ground", new Oklch(0.955, 0.010, 95), Grain.PLAIN, Laying.seamless());
            case DRIVE ->
                ground("ground-drive", "Gravel", new Oklch(0.885, 0.012, 85), Grain.CLOUDS, Laying.seamless());
            case YARD ->
                ground(
                        "ground-yard",
                        "Brick paving",
                        new Oklch(0.872, 0.020, 55),
                        Grain.PLAIN,
                        Laying.of(new Pattern.Herringbone(1), 104, 214, 6));
            case TERRACE ->
                ground(
                        "ground-terrace",
                        "Stone paving",
                        new Oklch(0.890, 0.012, 95),
                        Grain.PLAIN,
                        Laying.of(new Pattern.CoursedSlabs(), 450, 700, 8));
            case PATH ->
                ground(
                        "ground-path",
                        "Paving",
                        new Oklch(0.900, 0.010, 90),
                        Grain.PLAIN,
                        Laying.of(new Pattern.Stack(), 400, 400, 8));
            case LAWN -> ground("ground-lawn", "Lawn", new Oklch(0.900, 0.036, 128), Grain.PILE, Laying.seamless());
            case PLANTING ->
                ground("ground-planting", "Planting", new Oklch(0.870, 0.034, 118), Grain.CLOUDS, Laying.seamless());
            case HEDGE -> ground("ground-hedge", "Hedge", new Oklch(0.860, 0.036, 122), Grain.PLAIN, Laying.seamless());
            case POOL -> ground("ground-pool", "Pool", new Oklch(0.880, 0.030, 215), Grain.PLAIN, Laying.seamless());
        };
    }

    private static Material ground(String key, String label, Oklch tone, Grain grain, Laying laying) {
        var family = laying.isSeamless() ? Family.PLANTING : Family.PAVING;
        return new Material(key, label, family, tone, 0.013, 0.08, grain, laying, Optional.empty());
    }
}
