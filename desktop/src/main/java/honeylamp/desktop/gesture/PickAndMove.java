package honeylamp.desktop.gesture;

import honeylamp.derive.Picking;
import honeylamp.derive.PieceHandles;
import honeylamp.drawing.Mark;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Sketches;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Picks things of one stage and moves them; the plan changes once, when the button goes up. */
public record PickAndMove(Reach reach, Optional<Held> held, Optional<Plan> preview, Optional<Point> pointer)
        implements Gesture {
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
            var plan = Moves.moved(scene, held.get(), pointer);
            return Step.to(new PickAndMove(reach, held, Optional.of(plan), Optional.of(pointer.at())));
        } catch (IllegalArgumentException _) {
            return Step.to(this); // a wall would shrink to nothing: it waits at its last good place
        }
    }

    @Override
    public Step released(Scene scene, Pointer pointer) {
        var rest = new PickAndMove(reach, Optional.empty(), Optional.empty(), Optional.of(pointer.at()));
        return preview.map(
                        plan -> Step.commit(rest, plan, held.map(Moves::action).orElse("Move")))
                .orElse(Step.to(rest));
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
            return new Readout(
                    MovePreview.fields(scene, held.get(), preview.get(), pointer.get()),
                    "",
                    "Let go to set it down. Ctrl keeps it from catching.");
        }
        return Readout.hint(
                switch (reach) {
                    case WALLS -> "Click a wall to pick it; drag a corner or a wall to move it.";
                    case OPENINGS -> "Click an opening to pick it; drag it along its wall.";
                    case FURNISHINGS -> "Click a piece to pick it; drag to move, the round handle turns.";
                    case UNDERLAYS -> "Click the picture to pick it.";
                });
    }

    @Override
    public List<Mark> sketch(Scene scene) {
        var out = new ArrayList<Mark>();
        if (held.isPresent() && preview.isPresent()) {
            out.addAll(MovePreview.marks(scene, held.get(), preview.get()));
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
}
