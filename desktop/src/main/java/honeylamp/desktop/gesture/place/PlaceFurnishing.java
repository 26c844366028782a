package honeylamp.desktop.gesture.place;

import honeylamp.catalogue.FurnishingKind;
import honeylamp.catalogue.FurnishingKind.Stand;
import honeylamp.catalogue.Furnishings;
import honeylamp.derive.pointing.AgainstWall;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.FurnishingEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Places furnishings: the piece itself hangs at the pointer and leans against walls. */
@RecordBuilder
public record PlaceFurnishing(
        FurnishingKind kind, Length width, Length depth, Length height, Optional<Point> pointer, Place place)
        implements Gesture, PlaceFurnishingBuilder.With {
    private static final Ask<Length> WIDTH = Ask.length("Width");
    private static final Ask<Length> DEPTH = Ask.length("Depth");
    private static final Ask<Length> HEIGHT = Ask.length("Height");

    private static final double WALL_REACH_PX = 3;

    /** Where the piece would stand. */
    public record Place(Point at, double turnDeg, boolean atWall) {}

    /** A piece of a kind at its usual size. */
    public static PlaceFurnishing begin(String key) {
        var kind =
                Furnishings.of(key).orElseThrow(() -> new IllegalArgumentException("no furnishing is called " + key));
        return new PlaceFurnishing(
                kind, kind.width(), kind.depth(), kind.height(), Optional.empty(), new Place(Point.ORIGIN, 0, false));
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(aimed(scene, pointer));
    }

    private PlaceFurnishing aimed(Surroundings scene, Pointer pointer) {
        var p = pointer.at();
        var wall = kind.stand() == Stand.AT_WALL && !pointer.keys().control()
                ? AgainstWall.nearest(scene.geometry(), p, width.mm(), depth.mm(), WALL_REACH_PX * scene.reachMm())
                : Optional.<AgainstWall.Place>empty();
        var next = wall.map(w -> new Place(w.at(), w.turnDeg(), true))
                .orElse(new Place(p, place.atWall ? 0 : place.turnDeg, false));
        return with(copy -> copy.pointer(Optional.of(p)).place(next));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        return aimed(scene, pointer).placed(scene);
    }

    private Reply placed(Surroundings scene) {
        var added = FurnishingEdits.add(
                scene.plan(), scene.storey(), kind.key(), width, depth, height, Position.of(place.at), place.turnDeg);
        return Reply.commit(this, added.plan(), "Place " + kind.label().toLowerCase(java.util.Locale.ROOT))
                .picking(Set.of(added.id()));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (!typed.isEmpty()) {
            return Reply.to(with(copy -> copy.width(typed.of(WIDTH).orElse(width))
                    .depth(typed.of(DEPTH).orElse(depth))
                    .height(typed.of(HEIGHT).orElse(height))));
        }
        return pointer.isPresent() ? placed(scene) : Reply.to(this);
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        if (key != Key.TURN) {
            return Reply.to(this);
        }
        var turned = new Place(place.at, (place.turnDeg + 90) % 360, false);
        return Reply.to(withPlace(turned));
    }

    @Override
    public Gesture dropped() {
        return begin(kind.key());
    }

    @Override
    public Readout readout(Surroundings scene) {
        return new Readout(
                List.of(
                        new Readout.Field(WIDTH, LengthText.rounded(width, scene.units())),
                        new Readout.Field(DEPTH, LengthText.rounded(depth, scene.units())),
                        new Readout.Field(HEIGHT, LengthText.rounded(height, scene.units()))),
                place.atWall ? "face" : "",
                "Click to place. R turns, typed sizes remake it, Esc leaves.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return pointer.isEmpty()
                ? List.of()
                : Sketches.piece(
                        scene.frame(),
                        new Furnishing(
                                new FurnishingId(scene.plan().nextNumber()),
                                kind.key(),
                                width,
                                depth,
                                height,
                                Position.of(place.at),
                                place.turnDeg),
                        scene.penMm());
    }
}
