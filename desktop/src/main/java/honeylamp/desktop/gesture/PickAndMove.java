package honeylamp.desktop.gesture;

import honeylamp.derive.AgainstWall;
import honeylamp.derive.ClearDistances;
import honeylamp.derive.Picking;
import honeylamp.derive.PieceHandles;
import honeylamp.derive.Snapping;
import honeylamp.derive.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.UnderlayEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Sketches;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Picks things of one stage and moves them; the plan changes once, when the button goes up. */
public record PickAndMove(Reach reach, Optional<Held> held, Optional<Plan> preview, Optional<Point> pointer)
        implements Gesture {
    private static final double TURN_STEP_DEG = 15;

    /** What can be picked. */
    public enum Reach {
        /** Walls and their corners. */
        WALLS,
        /** Openings. */
        OPENINGS,
        /** Furnishings. */
        FURNISHINGS,
        /** Underlays, posts, stairs, whatever no other stage picks. */
        UNDERLAYS
    }

    /** Nothing held. */
    public static PickAndMove of(Reach reach) {
        return new PickAndMove(reach, Optional.empty(), Optional.empty(), Optional.empty());
    }

    @Override
    public Step moved(Scene scene, Pointer pointer) {
        return Step.to(new PickAndMove(reach, Optional.empty(), Optional.empty(), Optional.of(pointer.at())));
    }

    @Override
    public Step pressed(Scene scene, Pointer pointer) {
        var handle = handle(scene, pointer.at());
        if (handle.isPresent()) {
            return Step.to(new PickAndMove(reach, handle, Optional.empty(), Optional.of(pointer.at())));
        }
        var hit = hit(scene, pointer.at());
        Set<ElementId> picked = new HashSet<>(pointer.keys().shift() ? scene.selection() : Set.of());
        hit.ifPresent(h -> {
            if (!picked.add(h)) {
                picked.remove(h);
            }
        });
        var grabbed = hit.flatMap(id -> grab(scene, id, pointer.at()));
        return Step.to(new PickAndMove(reach, grabbed, Optional.empty(), Optional.of(pointer.at())))
                .picking(picked);
    }

    private Optional<ElementId> hit(Scene scene, Point p) {
        var g = scene.geometry();
        return switch (reach) {
            case WALLS -> Picking.wall(g, p, scene.reachMm()).map(Wall::id);
            case OPENINGS -> Picking.opening(g, p, scene.reachMm()).map(Opening::id);
            case FURNISHINGS ->
                Picking.furnishing(g, p)
                        .<ElementId>map(Furnishing::id)
                        .or(() -> Picking.structure(g, p).map(s -> s.id()));
            case UNDERLAYS -> Picking.underlay(g, p).map(u -> u.id());
        };
    }

    private Optional<Held> grab(Scene scene, ElementId id, Point p) {
        var storey = scene.geometry().storey();
        return switch (id) {
            case ElementId.WallId wall -> storey.wall(wall).map(w -> grabWall(scene, w, p));
            case ElementId.OpeningId opening ->
                storey.opening(opening)
                        .flatMap(o -> storey.wall(o.host())
                                .map(w -> new Held.Hole(
                                        o, w, w.line().along(p) - o.offset().mm())));
            case ElementId.FurnishingId piece ->
                piece(scene, piece).map(f -> new Held.Piece(f, p.minus(f.at().point())));
            case ElementId.StructureId part ->
                storey.structures().stream()
                        .filter(x -> x.id().equals(part))
                        .findFirst()
                        .map(x -> new Held.Part(x, p.minus(x.at().point())));
            case ElementId.UnderlayId picture ->
                storey.underlays().stream()
                        .filter(u -> u.id().equals(picture) && u.lock() == Underlay.Lock.FREE)
                        .findFirst()
                        .map(u -> new Held.Picture(u, p));
            default -> Optional.empty();
        };
    }

    private static Held grabWall(Scene scene, Wall wall, Point p) {
        var near = 1.6 * scene.reachMm();
        if (wall.from().point().distance(p) <= near) {
            return new Held.Corner(wall.from());
        }
        return wall.to().point().distance(p) <= near ? new Held.Corner(wall.to()) : new Held.WholeWall(wall, p);
    }

    private static Optional<Furnishing> piece(Scene scene, ElementId id) {
        return scene.geometry().storey().furnishings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst();
    }

    private Optional<Furnishing> single(Scene scene) {
        return reach == Reach.FURNISHINGS && scene.selection().size() == 1
                ? piece(scene, scene.selection().iterator().next())
                : Optional.empty();
    }

    private Optional<Held> handle(Scene scene, Point p) {
        return single(scene).flatMap(piece -> {
            if (PieceHandles.turn(piece).distance(p) <= scene.reachMm()) {
                return Optional.of(new Held.Turn(piece));
            }
            return PieceHandles.size(piece).distance(p) <= scene.reachMm()
                    ? Optional.of(new Held.Size(piece))
                    : Optional.empty();
        });
    }

    @Override
    public Step dragged(Scene scene, Pointer pointer) {
        if (held.isEmpty()) {
            return moved(scene, pointer);
        }
        try {
            var plan = shifted(scene, held.get(), pointer);
            return Step.to(new PickAndMove(reach, held, Optional.of(plan), Optional.of(pointer.at())));
        } catch (IllegalArgumentException _) {
            return Step.to(this); // a wall would shrink to nothing: it waits at its last good place
        }
    }

    private Plan shifted(Scene scene, Held thing, Pointer pointer) {
        var plan = scene.plan();
        var storey = scene.storey();
        var p = pointer.at();
        return switch (thing) {
            case Held.Corner(var at) ->
                WallEdits.moveCorner(plan, storey, at, Position.of(corner(scene, at.point(), pointer)));
            case Held.WholeWall(var wall, var grabbed) -> {
                var across = wall.line().unit().left();
                var by = across.times(p.minus(grabbed).dot(across));
                yield WallEdits.moveWall(plan, storey, wall.id(), Length.ofMm(by.x()), Length.ofMm(by.y()));
            }
            case Held.Hole(var opening, var host, var grab) -> {
                var centre = host.line().along(p) - grab + opening.width().mm() / 2;
                var stretch = ClearDistances.around(scene.geometry().network(), host, centre);
                var middle = (stretch.stretchFromMm() + stretch.stretchToMm()) / 2;
                var caught = Math.abs(centre - middle) <= scene.reachMm()
                        && !pointer.keys().control();
                yield OpeningEdits.moveTo(
                        plan,
                        storey,
                        opening.id(),
                        OpeningEdits.offsetWithin(stretch, caught ? middle : centre, opening.width()));
            }
            case Held.Piece(var piece, var fromCentre) -> {
                var centre = p.minus(fromCentre);
                var wall = pointer.keys().control()
                        ? Optional.<AgainstWall.Place>empty()
                        : AgainstWall.nearest(
                                scene.geometry(),
                                centre,
                                piece.width().mm(),
                                piece.depth().mm(),
                                scene.reachMm());
                yield wall.map(w -> FurnishingEdits.place(plan, storey, piece.id(), Position.of(w.at()), w.turnDeg()))
                        .orElseGet(() -> FurnishingEdits.moveTo(plan, storey, piece.id(), Position.of(centre)));
            }
            case Held.Part(var part, var fromCentre) ->
                StructureEdits.moveTo(plan, storey, part.id(), Position.of(p.minus(fromCentre)));
            case Held.Picture(var underlay, var grabbed) -> {
                var by = p.minus(grabbed);
                yield UnderlayEdits.move(plan, storey, underlay.id(), Length.ofMm(by.x()), Length.ofMm(by.y()));
            }
            case Held.Turn(var piece) -> {
                var front = PieceHandles.facing(piece, p);
                var turn = pointer.keys().shift() ? front : TURN_STEP_DEG * Math.rint(front / TURN_STEP_DEG);
                yield FurnishingEdits.place(plan, storey, piece.id(), piece.at(), turn);
            }
            case Held.Size(var piece) -> FurnishingEdits.drawCornerTo(plan, storey, piece, p);
        };
    }

    private static Point corner(Scene scene, Point old, Pointer pointer) {
        if (pointer.keys().control()) {
            return pointer.at();
        }
        return Snapping.at(scene.geometry(), List.of(), pointer.at(), scene.reachMm())
                .map(Snapping.Snap::at)
                .filter(s -> s.distance(old) > 1)
                .orElse(pointer.at());
    }

    @Override
    public Step released(Scene scene, Pointer pointer) {
        var rest = new PickAndMove(reach, Optional.empty(), Optional.empty(), Optional.of(pointer.at()));
        return preview.map(plan -> Step.commit(rest, plan, action())).orElse(Step.to(rest));
    }

    private String action() {
        return held.map(h -> switch (h) {
                    case Held.Corner _ -> "Move corner";
                    case Held.WholeWall _ -> "Move wall";
                    case Held.Hole _ -> "Move opening";
                    case Held.Piece _ -> "Move furnishing";
                    case Held.Part _ -> "Move fixed part";
                    case Held.Picture _ -> "Move underlay";
                    case Held.Turn _ -> "Turn furnishing";
                    case Held.Size _ -> "Size furnishing";
                })
                .orElse("Move");
    }

    @Override
    public Step key(Scene scene, Key key) {
        if (scene.selection().isEmpty()) {
            return Step.to(this);
        }
        var openings = scene.selection().stream()
                .flatMap(id -> id instanceof ElementId.OpeningId o ? java.util.stream.Stream.of(o) : null)
                .toList();
        var pieces = scene.selection().stream()
                .flatMap(id -> id instanceof ElementId.FurnishingId f ? java.util.stream.Stream.of(f) : null)
                .toList();
        if (key == Key.TURN && !pieces.isEmpty()) {
            return Step.commit(
                    this, FurnishingEdits.turnBy(scene.plan(), scene.storey(), pieces, 90), "Turn furnishing");
        }
        if (openings.isEmpty() || key == Key.CLOSE) {
            return Step.to(this);
        }
        var plan = scene.plan();
        for (var opening : openings) {
            plan = key == Key.TURN
                    ? OpeningEdits.flipHand(plan, scene.storey(), opening)
                    : OpeningEdits.flipSwing(plan, scene.storey(), opening);
        }
        return Step.commit(this, plan, key == Key.TURN ? "Change hand" : "Change side");
    }

    @Override
    public Gesture dropped() {
        return of(reach);
    }

    @Override
    public boolean underWay() {
        return held.isPresent() && preview.isPresent();
    }

    @Override
    public Readout readout(Scene scene) {
        if (held.isPresent() && preview.isPresent() && pointer.isPresent()) {
            return new Readout(live(scene), "", "Let go to set it down. Ctrl keeps it from catching.");
        }
        return Readout.hint(
                switch (reach) {
                    case WALLS -> "Click a wall to pick it; drag a corner or a wall to move it.";
                    case OPENINGS -> "Click an opening to pick it; drag it along its wall.";
                    case FURNISHINGS -> "Click a piece to pick it; drag to move, the round handle turns.";
                    case UNDERLAYS -> "Click the picture to pick it.";
                });
    }

    private List<Readout.Field> live(Scene scene) {
        var plan = preview.orElse(scene.plan());
        var storey = plan.storey(scene.storey());
        return switch (held.orElseThrow()) {
            case Held.WholeWall(var wall, var grabbed) ->
                List.of(field(
                        scene,
                        "Across",
                        Math.abs(wall.line()
                                .unit()
                                .left()
                                .dot(pointer.orElseThrow().minus(grabbed)))));
            case Held.Corner(var at) -> moved(scene, at.point());
            case Held.Hole hole -> {
                var host = hole.host();
                var now = storey.opening(hole.opening().id()).orElse(hole.opening());
                var stretch = ClearDistances.around(
                        scene.geometry().network(),
                        host,
                        now.offset().mm() + now.width().mm() / 2);
                yield List.of(
                        field(scene, "Before", stretch.beforeMm(now)), field(scene, "After", stretch.afterMm(now)));
            }
            case Held.Piece piece -> size(scene, storey, piece.piece());
            case Held.Part part -> moved(scene, part.part().at().point().plus(part.fromCentre()));
            case Held.Picture picture -> moved(scene, picture.grabbed());
            case Held.Turn(var piece) -> size(scene, storey, piece);
            case Held.Size(var piece) -> size(scene, storey, piece);
        };
    }

    private List<Readout.Field> moved(Scene scene, Point from) {
        return List.of(field(scene, "Moved", from.distance(pointer.orElseThrow())));
    }

    private static List<Readout.Field> size(Scene scene, honeylamp.plan.Storey storey, Furnishing piece) {
        var now = storey.furnishings().stream()
                .filter(f -> f.id().equals(piece.id()))
                .findFirst()
                .orElse(piece);
        return List.of(
                field(scene, "Width", now.width().mm()),
                field(scene, "Depth", now.depth().mm()),
                new Readout.Field("Turn", "%.0f\u00b0".formatted(now.turnDeg()), Readout.Kind.ANGLE));
    }

    private static Readout.Field field(Scene scene, String name, double mm) {
        return new Readout.Field(name, LengthText.shown(Length.ofMm(mm), scene.units()));
    }

    @Override
    public List<Mark> sketch(Scene scene) {
        var out = new ArrayList<Mark>();
        if (preview.isPresent()) {
            out.addAll(moving(scene, preview.get()));
        } else {
            out.addAll(Sketches.picked(scene.frame(), scene.geometry(), scene.selection(), scene.penMm()));
            pointer.flatMap(p -> hit(scene, p))
                    .filter(id -> !scene.selection().contains(id))
                    .ifPresent(id -> out.addAll(
                            Sketches.picked(scene.frame(), scene.geometry(), Set.of(id), 0.7 * scene.penMm())));
            single(scene).ifPresent(piece -> {
                out.addAll(Sketches.handle(scene.frame(), PieceHandles.turn(piece), 5 * scene.penMm(), scene.penMm()));
                out.addAll(Sketches.handle(scene.frame(), PieceHandles.size(piece), 4 * scene.penMm(), scene.penMm()));
            });
            if (reach == Reach.WALLS) {
                corners(scene, out);
            }
        }
        return out;
    }

    private static void corners(Scene scene, List<Mark> out) {
        for (var wall : scene.geometry().storey().walls()) {
            if (scene.selection().contains(wall.id())) {
                for (var end : List.of(wall.from(), wall.to())) {
                    out.addAll(Sketches.handle(scene.frame(), end.point(), 4.5 * scene.penMm(), scene.penMm()));
                }
            }
        }
    }

    private List<Mark> moving(Scene scene, Plan plan) {
        var storey = plan.storey(scene.storey());
        return switch (held.orElseThrow()) {
            case Held.Corner _, Held.WholeWall _ -> {
                var changed = storey.walls().stream()
                        .filter(w -> !scene.geometry().storey().walls().contains(w))
                        .toList();
                var alone = honeylamp.plan.Storey.empty(storey.id(), "", storey.level(), storey.height())
                        .withWalls(changed);
                yield Sketches.walls(scene.frame(), StoreyGeometry.of(plan, alone), scene.penMm());
            }
            case Held.Hole hole ->
                storey.opening(hole.opening().id())
                        .map(o -> Sketches.opening(
                                plan,
                                scene.frame(),
                                honeylamp.derive.OpeningCut.of(
                                        o,
                                        hole.host(),
                                        plan.wallType(hole.host().type())
                                                .thickness()
                                                .mm()),
                                scene.penMm()))
                        .orElse(List.of());
            case Held.Piece piece -> piece(scene, storey, piece.piece());
            case Held.Part part -> outline(scene, plan, part.part().id());
            case Held.Picture picture -> outline(scene, plan, picture.underlay().id());
            case Held.Turn(var piece) -> piece(scene, storey, piece);
            case Held.Size(var piece) -> piece(scene, storey, piece);
        };
    }

    private static List<Mark> outline(Scene scene, Plan plan, ElementId id) {
        var geometry = StoreyGeometry.of(plan, plan.storey(scene.storey()));
        return Sketches.picked(scene.frame(), geometry, Set.of(id), scene.penMm());
    }

    private static List<Mark> piece(Scene scene, honeylamp.plan.Storey storey, Furnishing piece) {
        return storey.furnishings().stream()
                .filter(f -> f.id().equals(piece.id()))
                .findFirst()
                .map(f -> Sketches.piece(scene.frame(), f, scene.penMm()))
                .orElse(List.of());
    }
}
