package honeylamp.desktop.gesture.pick;

import honeylamp.derive.openings.ClearDistances;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Difference;
import honeylamp.desktop.gesture.Ends;
import honeylamp.desktop.gesture.LivePlan;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.FitSketch;
import honeylamp.illustrate.sketch.PartSketches;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Activity;
import honeylamp.plan.ElementId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Outlined;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.takeoff.lighting.FittingSpot;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What is shown of a thing while it is moved: its numbers and its outline. */
final class MovePreview {
    private MovePreview() {}

    /** The live numbers of the thing held. */
    static List<Readout.Field> fields(Surroundings scene, Held held, Plan plan, Point pointer) {
        var storey = plan.storey(scene.storey());
        return switch (held) {
            case Held.WholeWall(var wall, var grabbed) ->
                List.of(field(
                        scene, "Sideways", Math.abs(wall.chord().unit().left().dot(pointer.minus(grabbed)))));
            case Held.Corner(var at) -> moved(scene, at.point(), pointer);
            case Held.Hole hole -> {
                var host = hole.host();
                var now = storey.opening(hole.opening().id()).orElse(hole.opening());
                var stretch = ClearDistances.around(
                        scene.geometry().network(),
                        host,
                        now.offset().mm() + now.width().mm() / 2);
                var sides = Ends.of(host.chord());
                yield List.of(
                        field(scene, sides.from(), stretch.beforeMm(now)),
                        field(scene, sides.to(), stretch.afterMm(now)));
            }
            case Held.Piece piece -> size(scene, storey, piece.piece());
            case Held.Fit(var fitting, var _) -> fitted(scene, plan, fitting);
            case Held.Done(var activity, var from) ->
                ActivityPlaces.of(scene.geometry().storey(), activity)
                        .map(at -> moved(scene, at.at().plus(from), pointer))
                        .orElse(List.of());
            case Held.Part part -> moved(scene, part.part().at().point().plus(part.fromCentre()), pointer);
            case Held.OutlineCorner(var outline, var corner) -> {
                var at = outline.corners().indexOf(corner);
                var corners = now(storey, outline).corners();
                var last = corners.size() - 1;
                yield List.of(
                        field(scene, "One side", length(corners.get(at == 0 ? last : at - 1), corners.get(at))),
                        field(scene, "Other side", length(corners.get(at), corners.get(at == last ? 0 : at + 1))));
            }
            case Held.WholeOutline outline -> moved(scene, outline.grabbed(), pointer);
            case Held.OnWall(var region, var _, var _) -> {
                var box = now(storey, region).ring().bounds();
                yield List.of(field(scene, "From", box.minX()), field(scene, "To", box.maxX()));
            }
            case Held.Picture picture -> moved(scene, picture.grabbed(), pointer);
            case Held.Several several -> moved(scene, several.grabbed(), pointer);
            case Held.Turn(var piece) -> size(scene, storey, piece);
            case Held.Size(var piece) -> size(scene, storey, piece);
        };
    }

    /** How far from the ends of its stretch of wall what is on a wall is; of others how high. */
    private static List<Readout.Field> fitted(Surroundings scene, Plan plan, Fitting before) {
        var now = plan.storey(scene.storey())
                .elements()
                .find(Fitting.class, before.id())
                .orElse(before);
        return FittingSpot.distances(scene.geometry(), now).stream()
                .map(d -> field(scene, d.name(), d.mm()))
                .toList();
    }

    private static double length(Position a, Position b) {
        return a.point().distance(b.point());
    }

    private static List<Readout.Field> moved(Surroundings scene, Point from, Point pointer) {
        return List.of(field(scene, "Moved", from.distance(pointer)));
    }

    private static List<Readout.Field> size(Surroundings scene, Storey storey, Furnishing piece) {
        var now = storey.elements().find(Furnishing.class, piece.id()).orElse(piece);
        return List.of(
                field(scene, "Width", now.width().mm()),
                field(scene, "Depth", now.depth().mm()),
                new Readout.Field(Ask.angle("Turn"), Words.of("%.0f\u00b0", now.turnDeg())));
    }

    private static Readout.Field field(Surroundings scene, String name, double mm) {
        return new Readout.Field(Ask.length(name), LengthText.rounded(Length.ofMm(mm), scene.units()));
    }

    /** The thing held, where it would now be. */
    static List<Mark> marks(Surroundings scene, Held held, Plan plan) {
        var storey = plan.storey(scene.storey());
        return switch (held) {
            case Held.Corner _, Held.WholeWall _ -> LivePlan.marks(scene, plan);
            case Held.Hole hole ->
                storey.opening(hole.opening().id())
                        .map(o -> Sketches.opening(
                                scene.view().look(),
                                scene.frame(),
                                OpeningCut.in(plan, storey, hole.host(), o),
                                scene.penMm()))
                        .orElse(List.of());
            case Held.Piece piece -> piece(scene, storey, piece.piece());
            case Held.Fit(var fitting, var _) ->
                storey.elements()
                        .find(Fitting.class, fitting.id())
                        .map(f -> Sketches.newFitting(scene.frame(), scene.geometry(), f, scene.penMm()))
                        .orElse(List.of());
            case Held.Done(var activity, var _) ->
                storey.elements()
                        .find(Activity.class, activity.id())
                        .map(a -> Sketches.newActivity(scene.frame(), scene.geometry(), a, scene.penMm()))
                        .orElse(List.of());
            case Held.Part(var part, var _) ->
                storey.elements()
                        .find(Structure.class, part.id())
                        .map(x -> PartSketches.part(scene.frame(), plan, storey, x, scene.penMm()))
                        .orElse(List.of());
            case Held.OutlineCorner(var outline, var _) -> outline(scene, now(storey, outline));
            case Held.WholeOutline(var outline, var _) -> outline(scene, now(storey, outline));
            case Held.OnWall(var region, var _, var _) -> outline(scene, plan, region.id());
            case Held.Picture picture -> outline(scene, plan, picture.underlay().id());
            case Held.Several _ -> Difference.marks(scene, plan);
            case Held.Turn(var piece) -> piece(scene, storey, piece);
            case Held.Size(var piece) -> piece(scene, storey, piece);
        };
    }

    private static Outlined now(Storey storey, Outlined before) {
        return storey.elements().find(before.id()).map(Outlined.class::cast).orElse(before);
    }

    private static List<Mark> outline(Surroundings scene, Outlined outline) {
        return PartSketches.outline(scene.frame(), outline.ring().corners(), scene.penMm());
    }

    private static List<Mark> outline(Surroundings scene, Plan plan, ElementId id) {
        var geometry = StoreyGeometry.of(plan, plan.storey(scene.storey()));
        return Sketches.picked(scene.frame(), geometry, Set.of(id), scene.penMm());
    }

    /** A piece where it now is, with what is free beside it. */
    static List<Mark> fitting(Surroundings scene, Furnishing piece) {
        var out = new ArrayList<>(Sketches.piece(scene.frame(), scene.geometry().storey(), piece, scene.penMm()));
        out.addAll(FitSketch.marks(scene.frame(), scene.geometry(), piece, scene.plan(), scene.penMm()));
        return out;
    }

    private static List<Mark> piece(Surroundings scene, Storey storey, Furnishing piece) {
        return storey.elements()
                .find(Furnishing.class, piece.id())
                .map(f -> fitting(scene, f))
                .orElse(List.of());
    }
}
