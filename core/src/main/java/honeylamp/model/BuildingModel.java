package honeylamp.model;

import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.OpeningKind;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;

/**
 * A building as it was handed over, in mm.
 *
 * @param units what its lengths were given in
 * @param storeys from the lowest to the highest
 * @param unread what there is that is not understood, in words
 */
public record BuildingModel(String name, UnitSystem units, List<ModelStorey> storeys, List<String> unread) {
    /** Freezes the lists. */
    public BuildingModel {
        storeys = List.copyOf(storeys);
        unread = List.copyOf(unread);
    }

    /**
     * A storey.
     *
     * @param levelMm of its floor
     */
    public record ModelStorey(String name, double levelMm, List<ModelWall> walls, List<ModelSpace> spaces) {
        /** Freezes the lists. */
        public ModelStorey {
            walls = List.copyOf(walls);
            spaces = List.copyOf(spaces);
        }
    }

    /**
     * A wall by what it covers on the floor; several rings where its body has several parts.
     *
     * @param heightMm from its foot to its top
     */
    public record ModelWall(List<Ring> rings, double heightMm, List<ModelHole> holes) {
        /** Freezes the lists. */
        public ModelWall {
            rings = List.copyOf(rings);
            holes = List.copyOf(holes);
        }
    }

    /**
     * What is cut out of a wall, and what it is filled with.
     *
     * @param sillMm over the floor of its storey
     * @param hung how its leaf hangs; empty if that is not told, or it has none
     */
    public record ModelHole(Ring ring, double sillMm, double headMm, OpeningKind kind, Optional<Hung> hung) {}

    /**
     * How a leaf hangs.
     *
     * @param hinge a point near the jamb it is hinged at
     * @param opensTo a direction it opens in
     */
    public record Hung(Point hinge, Point opensTo) {}

    /** A room with its name. */
    public record ModelSpace(String name, Ring ring) {}
}
