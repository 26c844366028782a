package honeylamp.catalogue;

import honeylamp.catalogue.pattern.LayingPattern;
import honeylamp.plan.Ground;
import honeylamp.plan.Oklch;

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
        };
    }

    /** What it is laid or grown with; a plot is bare ground. */
    public static Material material(Ground.Use use) {
        return switch (use) {
            case PLOT ->
                new Material(
                        "ground-plot",
                        "Ground",
                        new Oklch(0.955, 0.010, 95),
                        0,
                        0,
                        new LayingPattern.Grid(1000, 1000, 0));
            case DRIVE ->
                new Material(
                        "ground-drive",
                        "Gravel",
                        new Oklch(0.885, 0.012, 85),
                        0.012,
                        0.06,
                        new LayingPattern.Seamless(LayingPattern.Seamless.Texture.CLOUDS));
            case YARD ->
                new Material(
                        "ground-yard",
                        "Brick paving",
                        new Oklch(0.872, 0.020, 55),
                        0.016,
                        0.09,
                        new LayingPattern.Herringbone(110, 220, 6));
            case TERRACE ->
                new Material(
                        "ground-terrace",
                        "Stone paving",
                        new Oklch(0.890, 0.012, 95),
                        0.015,
                        0.09,
                        new LayingPattern.CoursedSlabs(450, 700, 8));
            case PATH ->
                new Material(
                        "ground-path",
                        "Paving",
                        new Oklch(0.900, 0.010, 90),
                        0.012,
                        0.08,
                        new LayingPattern.Grid(400, 400, 8));
            case LAWN ->
                new Material(
                        "ground-lawn",
                        "Lawn",
                        new Oklch(0.900, 0.036, 128),
                        0.012,
                        0.06,
                        new LayingPattern.Seamless(LayingPattern.Seamless.Texture.PILE));
            case PLANTING ->
                new Material(
                        "ground-planting",
                        "Planting",
                        new Oklch(0.870, 0.034, 118),
                        0.012,
                        0.06,
                        new LayingPattern.Seamless(LayingPattern.Seamless.Texture.CLOUDS));
        };
    }
}
