package honeylamp.catalogue;

import honeylamp.catalogue.pattern.LayingPattern;
import honeylamp.plan.Oklch;
import java.util.List;
import java.util.Optional;

/** The floor materials that ship with the program. */
public final class Materials {
    /** What balconies are laid with. */
    public static final String DECKING = "decking-larch";

    private static final List<Material> ALL = List.of(
            new Material(
                    "wide-plank-oak",
                    "Wide plank, oak",
                    new Oklch(0.855, 0.042, 74),
                    0.022,
                    0.11,
                    new LayingPattern.Plank(190, 2200, 2)),
            new Material(
                    "wide-plank-ash",
                    "Wide plank, pale ash",
                    new Oklch(0.905, 0.026, 82),
                    0.016,
                    0.09,
                    new LayingPattern.Plank(160, 2000, 2)),
            new Material(
                    "herringbone-oak",
                    "Herringbone, oak",
                    new Oklch(0.835, 0.048, 70),
                    0.024,
                    0.10,
                    new LayingPattern.Herringbone(90, 540, 1.5)),
            new Material(
                    "square-tile",
                    "Square tile, 300",
                    new Oklch(0.915, 0.012, 225),
                    0.010,
                    0.09,
                    new LayingPattern.Grid(300, 300, 4)),
            new Material(
                    "hexagon-tile",
                    "Hexagon tile, 200",
                    new Oklch(0.900, 0.016, 205),
                    0.013,
                    0.09,
                    new LayingPattern.Hexagon(200, 4)),
            new Material(
                    "carpet-oat",
                    "Carpet, oat",
                    new Oklch(0.905, 0.018, 78),
                    0.012,
                    0.06,
                    new LayingPattern.Seamless(LayingPattern.Seamless.Texture.PILE)),
            new Material(
                    "carpet-mist",
                    "Carpet, mist",
                    new Oklch(0.905, 0.013, 235),
                    0.012,
                    0.06,
                    new LayingPattern.Seamless(LayingPattern.Seamless.Texture.PILE)),
            new Material(
                    "stone-slabs",
                    "Stone slabs",
                    new Oklch(0.880, 0.014, 92),
                    0.016,
                    0.10,
                    new LayingPattern.CoursedSlabs(300, 520, 6)),
            new Material(
                    "screed",
                    "Screed",
                    new Oklch(0.905, 0.006, 110),
                    0.010,
                    0.07,
                    new LayingPattern.Seamless(LayingPattern.Seamless.Texture.CLOUDS)),
            new Material(
                    DECKING,
                    "Decking, larch",
                    new Oklch(0.815, 0.030, 72),
                    0.022,
                    0.20,
                    new LayingPattern.Plank(140, 3600, 8)));

    private Materials() {}

    /** All materials in the order the tray shows them. */
    public static List<Material> all() {
        return ALL;
    }

    /** The material of a key; empty for keys of other libraries. */
    public static Optional<Material> of(String key) {
        return ALL.stream().filter(m -> m.key().equals(key)).findFirst();
    }
}
