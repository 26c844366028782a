package honeylamp.desktop.gesture.draw;

import honeylamp.catalogue.Grounds;
import honeylamp.derive.storeys.RegionPlaces;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.edit.GroundEdits;
import honeylamp.edit.Outcome;
import honeylamp.edit.OwnRegions;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.ElementId;
import honeylamp.plan.Finish;
import honeylamp.plan.Ground;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import java.util.List;
import java.util.Locale;

/** What an outline is drawn around. */
public sealed interface Outlining {
    /** A plan with what was drawn. */
    record Laid(Plan plan, ElementId id) {}

    /** What it is called within a sentence. */
    String label();

    /** What drawing it is called, for undo. */
    String action();

    /** The plan with it. */
    Outcome<Laid> laid(Surroundings scene, List<Point> corners);

    /** Whether a band along a line can be such a thing. */
    default boolean canBeBand() {
        return false;
    }

    /** Ground around the building. */
    record OnGround(Ground.Use use) implements Outlining {
        @Override
        public String label() {
            return Grounds.label(use).toLowerCase(Locale.ROOT);
        }

        @Override
        public String action() {
            return "Lay " + label();
        }

        @Override
        public Outcome<Laid> laid(Surroundings scene, List<Point> corners) {
            var added = GroundEdits.add(scene.plan(), scene.storey(), use, positions(corners));
            return Outcome.done(new Laid(added.plan(), added.id()));
        }
    }

    /** A region of a floor, covered with the finish that is chosen. */
    record OnFloor() implements Outlining {
        @Override
        public boolean canBeBand() {
            return true;
        }

        @Override
        public String label() {
            return "own region";
        }

        @Override
        public String action() {
            return "Outline a region";
        }

        @Override
        public Outcome<Laid> laid(Surroundings scene, List<Point> corners) {
            var box = new Ring(corners).bounds();
            var finish = new Finish(scene.choices().material(), 0, Position.ofMm(box.minX(), box.minY()));
            var added = OwnRegions.add(scene.plan(), scene.storey(), new Region.Floors(), positions(corners), finish);
            var region = added.plan().storey(scene.storey()).regions().getLast();
            return RegionPlaces.level(scene.laid(), region).isEmpty()
                    ? Outcome.refused("an own region lies on the floor of a room, and there is none here")
                    : Outcome.done(new Laid(added.plan(), added.id()));
        }
    }

    private static List<Position> positions(List<Point> corners) {
        return corners.stream().map(Position::of).toList();
    }
}
