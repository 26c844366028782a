package honeylamp.desktop.gesture.place;

import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.FurnishingKind.Hung;
import honeylamp.catalogue.piece.FurnishingKind.Made;
import honeylamp.catalogue.piece.Runs;
import honeylamp.derive.pointing.AgainstWall;
import honeylamp.derive.pointing.StandsOn;
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
import honeylamp.illustrate.sketch.FitSketch;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Position;
import honeylamp.plan.Stand;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Places furnishings: the piece itself hangs at the pointer and leans against walls, or stands on what is below it.
 *
 * @param made its size; empty for the usual one
 */
@RecordBuilder
public record PlaceFurnishing(FurnishingKind kind, Optional<Made> made, Optional<Point> pointer, Place place)
        implements Gesture, PlaceFurnishingBuilder.With {
    private static final Ask<Length> WIDTH = Ask.length("Width");
    private static final Ask<Length> DEPTH = Ask.length("Depth");
    private static final Ask<Length> HEIGHT = Ask.length("Height");

    private static final double WALL_REACH_PX = 3;

    /** Where the piece would stand, and how high above the floor. */
    public record Place(Point at, double turnDeg, boolean atWall, Length bottom) {}

    /** A piece of a kind in a size; none means the usual one. */
    public static PlaceFurnishing begin(FurnishingKind kind, Optional<Made> made) {
        return new PlaceFurnishing(kind, made, Optional.empty(), new Place(Point.ORIGIN, 0, false, kind.bottom()));
    }

    private Made size(Surroundings scene) {
        return made.orElseGet(() -> kind.usual(scene.units()));
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(aimed(scene, pointer));
    }

    private PlaceFurnishing aimed(Surroundings scene, Pointer pointer) {
        var p = pointer.at();
        var size = size(scene);
        var wall = kind.leans() && !pointer.keys().control()
                ? AgainstWall.nearest(
                        scene.geometry(), p, size.width().mm(), size.depth().mm(), WALL_REACH_PX * scene.reachMm())
                : Optional.<AgainstWall.Place>empty();
        var bottom = kind.stand() == Stand.ON_TOP
                ? StandsOn.top(scene.geometry().storey(), p)
                : hung(scene, p).bottom();
        var next = wall.map(w -> new Place(w.at(), w.turnDeg(), true, bottom))
                .orElse(new Place(p, place.atWall ? 0 : place.turnDeg, false, bottom));
        return with(copy -> copy.pointer(Optional.of(p)).place(next));
    }

    /** How it hangs at a place, if it hangs from the ceiling; a typed height stays as it is. */
    private Hung hung(Surroundings scene, Point at) {
        return kind.under(scene.geometry().clearHeightAt(at), size(scene).height(), made.map(Made::height));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        return aimed(scene, pointer).placed(scene);
    }

    private Reply placed(Surroundings scene) {
        var added = FurnishingEdits.add(scene.plan(), scene.storey(), piece(scene));
        return Reply.commit(this, added.plan(), "Place " + kind.label().toLowerCase(java.util.Locale.ROOT))
                .picking(Set.of(added.id()));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (!typed.isEmpty()) {
            var size = size(scene);
            return Reply.to(withMade(Optional.of(new Made(
                    typed.of(WIDTH).orElse(size.width()),
                    typed.of(DEPTH).orElse(size.depth()),
                    typed.of(HEIGHT).orElse(size.height())))));
        }
        return pointer.isPresent() ? placed(scene) : Reply.to(this);
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        if (key != Key.TURN) {
            return Reply.to(this);
        }
        var turned = new Place(place.at, (place.turnDeg + 90) % 360, false, place.bottom);
        return Reply.to(withPlace(turned));
    }

    @Override
    public Gesture dropped() {
        return begin(kind, made);
    }

    @Override
    public Readout readout(Surroundings scene) {
        var size = size(scene);
        return new Readout(
                List.of(
                        new Readout.Field(WIDTH, LengthText.rounded(size.width(), scene.units())),
                        new Readout.Field(DEPTH, LengthText.rounded(size.depth(), scene.units())),
                        new Readout.Field(
                                HEIGHT, LengthText.rounded(hung(scene, place.at).height(), scene.units()))),
                place.atWall ? "face" : "",
                "Click to place. R turns, typed sizes remake it, Esc leaves.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        if (pointer.isEmpty()) {
            return List.of();
        }
        var piece = piece(scene);
        var out = new ArrayList<>(Sketches.piece(scene.frame(), piece, scene.penMm()));
        out.addAll(FitSketch.marks(scene.frame(), scene.geometry(), piece, scene.plan(), scene.penMm()));
        return out;
    }

    private Furnishing piece(Surroundings scene) {
        var size = size(scene);
        return new Furnishing(
                        new FurnishingId(scene.plan().nextNumber()),
                        kind.key(),
                        size.width(),
                        size.depth(),
                        hung(scene, place.at).height(),
                        Position.of(place.at),
                        place.turnDeg)
                .withBottom(place.bottom)
                .with(copy -> copy.run(Runs.of(kind.key(), scene.units()))
                        .own(kind.own())
                        .buying(kind.own().map(OwnPiece::buying).orElse(Buying.UNKNOWN)));
    }
}
