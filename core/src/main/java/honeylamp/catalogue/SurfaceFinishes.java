package honeylamp.catalogue;

import honeylamp.plan.Oklch;
import java.util.List;
import java.util.Optional;

/** Finishes of walls and ceilings. */
public final class SurfaceFinishes {
    private static final List<SurfaceFinish> ALL = List.of(
            new SurfaceFinish("lime-white", "Limewash, white", new Oklch(0.97, 0.006, 95)),
            new SurfaceFinish("lime-sand", "Limewash, sand", new Oklch(0.93, 0.024, 80)),
            new SurfaceFinish("clay-rose", "Clay plaster, rose", new Oklch(0.86, 0.036, 40)),
            new SurfaceFinish("clay-grey", "Clay plaster, grey", new Oklch(0.84, 0.010, 85)),
            new SurfaceFinish("paint-sage", "Paint, sage", new Oklch(0.80, 0.040, 150)),
            new SurfaceFinish("paint-harbour", "Paint, harbour blue", new Oklch(0.72, 0.045, 240)),
            new SurfaceFinish("panel-oak", "Panelling, oak", new Oklch(0.80, 0.050, 70)),
            new SurfaceFinish("tile-white", "Tile, white", new Oklch(0.96, 0.006, 220)));

    private SurfaceFinishes() {}

    /** A finish of a wall or a ceiling. */
    public record SurfaceFinish(String key, String label, Oklch tone) {}

    /** All of them. */
    public static List<SurfaceFinish> all() {
        return ALL;
    }

    /** The finish of a key, if there is one. */
    public static Optional<SurfaceFinish> of(String key) {
        return ALL.stream().filter(f -> f.key().equals(key)).findFirst();
    }
}
