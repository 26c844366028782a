package honeylamp.desktop.gesture.pick;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.pointing.AgainstWall;
import honeylamp.derive.pointing.OpeningPlacing;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.pointing.PieceHandles;
import honeylamp.derive.pointing.Snapping;
import honeylamp.derive.pointing.TouchingWalls;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.edit.ActivityEdits;
import honeylamp.edit.FittingEdits;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.Outcome;
import honeylamp.edit.OutlineEdits;
import honeylamp.edit.PickedEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.UnderlayEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Stand;
import honeylamp.takeoff.lighting.FittingSpot;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;

/** What becomes of the plan when something held is moved. */
final class Moves {
    private static final double TURN_STEP_DEG = 15;
    private static final double SLIDE_REACHES = 4;

    private Moves() {}

    /**
     * The plan with a held thing where the pointer now is; refused if a wall would shrink to nothing.
     */
    static Outcome<Plan> moved(Surroundings scene, Held thing, Pointer pointer) {
        var plan = scene.plan();
        var storey = scene.storey();
        var p = pointer.at();
        return switch (thing) {
            case Held.Corner(var at) ->
                WallEdits.moveCorner(plan, storey, at, Position.of(corner(scene, at.point(), pointer)));
            case Held.WholeWall(var wall, var grabbed) -> {
                var across = wall.chord().unit().left();
                var by = across.times(p.minus(grabbed).dot(across));
                yield WallEdits.moveWall(plan, storey, wall.id(), Length.ofMm(by.x()), Length.ofMm(by.y()));
            }
            case Held.Hole(var opening, var host, var grab) -> {
                var middle = host.line().along(p) - grab + opening.width().mm() / 2;
                var free = pointer.keys().control() || opening.kind() == OpeningKind.CORNER_WINDOW;
                var spot = new OpeningPlacing(scene.geometry(), host, opening).at(middle, free ? 0 : scene.reachMm());
                yield Outcome.done(
                        spot.fit() == OpeningPlacing.Fit.NONE ? plan : OpeningEdits.put(plan, storey, spot.opening()));
            }
            case Held.Piece(var piece, var fromCentre) -> {
                var centre = p.minus(fromCentre);
                var free = pointer.keys().control()
                        || Furnishings.of(piece)
                                .filter(k -> k.stand() == Stand.AT_WALL)
                                .isEmpty();
                var wall = free
                        ? Optional.<AgainstWall.Place>empty()
                        : AgainstWall.nearest(
                                scene.geometry(),
                                centre,
                                piece.width().mm(),
                                piece.depth().mm(),
                                scene.reachMm());
                yield Outcome.done(wall.map(
                                w -> FurnishingEdits.place(plan, storey, piece.id(), Position.of(w.at()), w.turnDeg()))
                        .orElseGet(() -> FurnishingEdits.moveTo(plan, storey, piece.id(), Position.of(centre))));
            }
            case Held.Fit(var fitting, var from) ->
                Outcome.done(FittingEdits.change(
                        plan,
                        storey,
                        fitting.id(),
                        f -> FittingSpot.moved(
                                scene.geometry(),
                                f,
                                p.minus(from),
                                pointer.keys().control() ? 0 : scene.reachMm(),
                                scene.units())));
            case Held.Done(var activity, var from) ->
                Outcome.done(ActivityEdits.moved(plan, storey, activity.id(), p.minus(from)));
            case Held.Part(var part, var fromCentre) -> {
                var free = part.withAt(Position.of(p.minus(fromCentre)));
                var shift = pointer.keys().control()
                        ? Optional.<Point>empty()
                        : TouchingWalls.shift(scene.geometry(), free, scene.reachMm());
                var at = shift.map(free.at().point()::plus).map(Position::of).orElse(free.at());
                yield Outcome.done(StructureEdits.moveTo(plan, part.id(), at));
            }
            case Held.OutlineCorner(var outline, var from) -> {
                var to = pointer.keys().control()
                        ? p
                        : Snapping.at(scene.geometry(), List.of(), p, scene.reachMm())
                                .map(Snapping.Snap::at)
                                .orElse(p);
                yield Outcome.done(OutlineEdits.moveCorner(plan, storey, outline, from, Position.of(to)));
            }
            case Held.WholeOutline(var outline, var grabbed) -> {
                var by = p.minus(grabbed);
                yield Outcome.done(OutlineEdits.move(plan, storey, outline, Length.ofMm(by.x()), Length.ofMm(by.y())));
            }
            case Held.OnWall(var region, var wall, var grab) -> {
                var by = wall.line().along(p) - grab;
                yield Outcome.done(OutlineEdits.move(plan, storey, region, Length.ofMm(by), Length.ZERO));
            }
            case Held.Picture(var underlay, var grabbed) -> {
                var by = p.minus(grabbed);
                yield Outcome.done(
                        UnderlayEdits.move(plan, storey, underlay.id(), Length.ofMm(by.x()), Length.ofMm(by.y())));
            }
            case Held.Several several -> {
                var by = p.minus(several.grabbed());
                yield PickedEdits.move(plan, storey, several.ids(), Length.ofMm(by.x()), Length.ofMm(by.y()));
            }
            case Held.Turn(var piece) -> {
                var front = PieceHandles.facing(piece, p);
                var turn = pointer.keys().shift() ? front : TURN_STEP_DEG * Math.rint(front / TURN_STEP_DEG);
                yield Outcome.done(FurnishingEdits.place(plan, storey, piece.id(), piece.at(), turn));
            }
            case Held.Size(var piece) -> Outcome.done(FurnishingEdits.drawCornerTo(plan, storey, piece, p));
        };
    }

    private static Point corner(Surroundings scene, Point old, Pointer pointer) {
        if (pointer.keys().control()) {
            return pointer.at();
        }
        var host = Picking.hostAt(scene.geometry().storey(), old);
        if (host.isPresent() && host.get().line().distance(pointer.at()) <= SLIDE_REACHES * scene.reachMm()) {
            return host.get().line().nearest(pointer.at()); // a wall that ends on another slides along it
        }
        return Snapping.at(scene.geometry(), List.of(), pointer.at(), scene.reachMm())
                .map(Snapping.Snap::at)
                .filter(s -> s.distance(old) > 1)
                .orElse(pointer.at());
    }

    /** What moving it is called, for undo. */
    static String action(Held held) {
        return switch (held) {
            case Held.Corner _ -> "Move corner";
            case Held.WholeWall _ -> "Move wall";
            case Held.Hole _ -> "Move opening";
            case Held.Piece _ -> "Move furnishing";
            case Held.Fit _ -> "Move fitting";
            case Held.Done _ -> "Move activity";
            case Held.Part _ -> "Move fixed part";
            case Held.OutlineCorner _ -> "Move corner of outline";
            case Held.WholeOutline _, Held.OnWall _ -> "Move outline";
            case Held.Picture _ -> "Move underlay";
            case Held.Several _ -> "Move what is picked";
            case Held.Turn _ -> "Turn furnishing";
            case Held.Size _ -> "Size furnishing";
        };
    }
}
