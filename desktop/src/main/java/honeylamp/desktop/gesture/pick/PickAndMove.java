package honeylamp.desktop.gesture.pick;

import honeylamp.derive.pointing.Picking;
import honeylamp.derive.pointing.PieceHandles;
import honeylamp.derive.snags.SwingJudgement;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.desktop.gesture.TypedMove;
import honeylamp.drawing.Mark;
import honeylamp.edit.ActivityEdits;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.Grouping;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.WallShaping;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.ClearOfIt;
import honeylamp.illustrate.sketch.FitSketch;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Activity;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Opening;
import honeylamp.plan.Outlined;
import honeylamp.plan.Plan;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Picks things of one stage and moves them; the plan changes once, when the button goes up.
 *
 * @param boxFrom where a box to pick by was begun
 */
public record PickAndMove(
        Reach reach, Optional<Held> held, Optional<Plan> preview, Optional<Point> pointer, Optional<Point> boxFrom)
        implements Gesture {
    /** What can be picked. */
    public enum Reach {
        /** Walls and their corners. */
        WALLS,
        OPENINGS,
        FURNISHINGS,
        /** Stairs, posts and other fixed parts. */
        PARTS,
        /** Ground and parking bays. */
        SITE,
        /** Parts of surfaces that were outlined. */
        REGIONS,
        /** Lights, switches, outlets. */
        FITTINGS,
        UNDERLAYS
    }

    /** Nothing held. */
    public static PickAndMove of(Reach reach) {
        return new PickAndMove(reach, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(at(Optional.empty(), Optional.empty(), pointer.at()));
    }

    private PickAndMove at(Optional<Held> holding, Optional<Plan> shown, Point p) {
        return new PickAndMove(reach, holding, shown, Optional.of(p), Optional.empty());
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var handle = handle(scene, pointer.at());
        if (handle.isPresent()) {
            return Reply.to(at(handle, Optional.empty(), pointer.at()));
        }
        var hit = hit(scene, pointer);
        if (hit.isEmpty()) {
            var rest = at(Optional.empty(), Optional.empty(), pointer.at());
            return Reply.to(rest.boxed(pointer.at())).picking(pointer.keys().shift() ? scene.selection() : Set.of());
        }
        var id = hit.get();
        if (scene.selection().size() > 1
                && scene.selection().contains(id)
                && !pointer.keys().shift()
                && !pointer.keys().alt()
                && pointer.clicks() == 1
                && movable(scene)) {
            var several = new Held.Several(scene.selection(), Optional.of(id), pointer.at());
            return Reply.to(at(Optional.of(several), Optional.empty(), pointer.at()));
        }
        var picked = picked(scene, pointer, id);
        var whole = scene.selection().contains(id) ? picked : whole(scene, picked);
        var grabbed = whole.size() == picked.size()
                ? grab(scene, id, pointer.at())
                : Optional.<Held>of(new Held.Several(whole, Optional.empty(), pointer.at()));
        return Reply.to(at(grabbed, Optional.empty(), pointer.at())).picking(whole);
    }

    private PickAndMove boxed(Point from) {
        return new PickAndMove(reach, held, preview, pointer, Optional.of(from));
    }

    /** What is kept together is picked together. */
    private static Set<ElementId> whole(Surroundings scene, Set<ElementId> picked) {
        return Grouping.whole(scene.plan(), scene.geometry().storey(), picked);
    }

    /** Shift adds or takes away; a second click on a wall takes its chain. Setting-out lines are picked alone. */
    private static Set<ElementId> picked(Surroundings scene, Pointer pointer, ElementId hit) {
        if (hit instanceof ElementId.SettingOutId) {
            return Set.of(hit);
        }
        Set<ElementId> out = new HashSet<>(pointer.keys().shift() ? scene.selection() : Set.of());
        out.removeIf(ElementId.SettingOutId.class::isInstance);
        if (pointer.clicks() > 1 && hit instanceof ElementId.WallId wall) {
            out.addAll(WallShaping.chain(scene.plan(), scene.storey(), wall));
        } else if (!out.add(hit)) {
            out.remove(hit);
        }
        return out;
    }

    /** What a press means; with Alt held, what lies below that, and so on down. */
    private Optional<ElementId> hit(Surroundings scene, Pointer pointer) {
        var all = hits(scene, pointer);
        var last = all.stream().filter(scene.selection()::contains).findFirst();
        return all.isEmpty() || !pointer.keys().alt()
                ? all.stream().findFirst()
                : Optional.of(all.get((last.map(all::indexOf).orElse(-1) + 1) % all.size()));
    }

    /** With Alt held everything that lies there, of whatever stage, else what this stage works on; nothing locked. */
    private List<ElementId> hits(Surroundings scene, Pointer pointer) {
        var every = pointer.keys().alt();
        return Picking.at(
                scene.geometry(),
                pointer.at(),
                scene.reachMm(),
                e -> scene.isFree(e)
                        && (reach == Reach.UNDERLAYS
                                ? e instanceof Underlay
                                : takes(e) || every && !(e instanceof RoomMark || e instanceof Underlay)));
    }

    private Optional<Held> grab(Surroundings scene, ElementId id, Point p) {
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
            case ElementId.FittingId fitting ->
                storey.elements().find(Fitting.class, fitting).flatMap(f -> grabFitting(scene, f, p));
            case ElementId.ActivityId mark ->
                storey.elements()
                        .find(Activity.class, mark)
                        .flatMap(a -> ActivityPlaces.of(storey, a))
                        .map(at -> new Held.Done(at.activity(), p.minus(at.at())));
            case ElementId.StructureId part ->
                storey.elements().find(Structure.class, part).map(x -> new Held.Part(x, p.minus(x.at().point())));
            case ElementId.GroundId ground ->
                storey.elements().find(Ground.class, ground).map(g -> grabOutline(scene, g, p));
            case ElementId.RegionId region ->
                storey.elements().find(Region.class, region).map(r -> grabRegion(scene, r, p));
            case ElementId.UnderlayId picture ->
                storey.underlays().stream()
                        .filter(u -> u.id().equals(picture) && u.lock() == Underlay.Lock.FREE)
                        .findFirst()
                        .map(u -> new Held.Picture(u, p));
            case ElementId.StoreyId _,
                    ElementId.WallTypeId _,
                    ElementId.RoomId _,
                    ElementId.DimensionId _,
                    ElementId.NoteId _,
                    ElementId.FreeMarkId _,
                    ElementId.RoundDimensionId _,
                    ElementId.SchemeId _,
                    ElementId.SettingOutId _,
                    ElementId.BoundaryId _,
                    ElementId.UnitId _,
                    ElementId.UnitCopyId _,
                    ElementId.CoveringId _,
                    ElementId.LookId _,
                    ElementId.ViewId _,
                    ElementId.PageId _ -> Optional.empty();
        };
    }

    /** A row goes with its room, wall or piece: it is not dragged. */
    private static Optional<Held> grabFitting(Surroundings scene, Fitting fitting, Point p) {
        return fitting.on() instanceof Fitting.Row && fitting.places().isEmpty()
                ? Optional.empty()
                : FittingPlaces.of(scene.geometry(), fitting).stream()
                        .findFirst()
                        .map(at -> new Held.Fit(
                                fitting,
                                fitting.on() instanceof Fitting.Ring ring
                                        ? p.minus(ring.at().point())
                                        : p.minus(at.at())));
    }

    private static Held grabOutline(Surroundings scene, Outlined outline, Point p) {
        return outline.corners().stream()
                .filter(c -> c.point().distance(p) <= 1.6 * scene.reachMm())
                .findFirst()
                .<Held>map(c -> new Held.OutlineCorner(outline, c))
                .orElseGet(() -> new Held.WholeOutline(outline, p));
    }

    private static Held grabRegion(Surroundings scene, Region region, Point p) {
        return region.wall()
                .flatMap(scene.geometry().storey()::wall)
                .<Held>map(w -> new Held.OnWall(region, w, w.line().along(p)))
                .orElseGet(() -> grabOutline(scene, region, p));
    }

    private static Held grabWall(Surroundings scene, Wall wall, Point p) {
        var near = 1.6 * scene.reachMm();
        if (wall.from().point().distance(p) <= near) {
            return new Held.Corner(wall.from());
        }
        return wall.to().point().distance(p) <= near ? new Held.Corner(wall.to()) : new Held.WholeWall(wall, p);
    }

    private static Optional<Furnishing> piece(Surroundings scene, ElementId id) {
        return scene.geometry().storey().elements().find(Furnishing.class, id);
    }

    private Optional<Furnishing> single(Surroundings scene) {
        return reach == Reach.FURNISHINGS && scene.selection().size() == 1
                ? piece(scene, scene.selection().iterator().next())
                : Optional.empty();
    }

    private Optional<Held> handle(Surroundings scene, Point p) {
        if (reach == Reach.WALLS) { // the corners of walls that are picked, even where others lie over them
            return scene.geometry().storey().walls().stream()
                    .filter(w -> scene.selection().contains(w.id()))
                    .map(w -> grabWall(scene, w, p))
                    .filter(Held.Corner.class::isInstance)
                    .findFirst();
        }
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
    public Reply dragged(Surroundings scene, Pointer pointer) {
        if (boxFrom.isPresent()) {
            return Reply.to(new PickAndMove(reach, held, preview, Optional.of(pointer.at()), boxFrom));
        }
        if (held.isEmpty()) {
            return moved(scene, pointer);
        }
        return Moves.moved(scene, held.get(), pointer)
                .result()
                .map(plan -> Reply.to(at(held, Optional.of(plan), pointer.at())))
                .orElseGet(() -> Reply.to(this)); // a wall would shrink to nothing: it waits at its last good place
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        var rest = at(Optional.empty(), Optional.empty(), pointer.at());
        if (boxFrom.isPresent() && boxFrom.get().distance(pointer.at()) > scene.reachMm()) {
            var picked = new HashSet<>(pointer.keys().shift() ? scene.selection() : Set.<ElementId>of());
            picked.addAll(inBox(scene, boxFrom.get(), pointer.at()));
            return Reply.to(rest).picking(whole(scene, picked));
        }
        if (preview.isEmpty()
                && held.orElse(null) instanceof Held.Several several
                && several.under().isPresent()) {
            return Reply.to(rest).picking(Set.of(several.under().get())); // a click on one of them picks it alone
        }
        return preview.map(
                        plan -> Reply.commit(rest, plan, held.map(Moves::action).orElse("Move")))
                .orElse(Reply.to(rest));
    }

    /** A box drawn to the right takes what lies inside; one drawn to the left what it touches. */
    private Set<ElementId> inBox(Surroundings scene, Point from, Point to) {
        var box = Box.around(List.of(from, to));
        var what = to.x() >= from.x() ? Picking.Within.INSIDE : Picking.Within.TOUCHING;
        return Picking.inBox(scene.geometry(), box, what, e -> takes(e) && scene.isFree(e));
    }

    private boolean takes(Element element) {
        return switch (reach) {
            case WALLS -> element instanceof Wall || element instanceof SettingOutLine;
            case OPENINGS -> element instanceof Opening;
            case FURNISHINGS -> element instanceof Furnishing;
            case PARTS -> element instanceof Structure s && !(s.form() instanceof Structure.ParkingBay);
            case SITE ->
                element instanceof Ground || element instanceof Structure s && s.form() instanceof Structure.ParkingBay;
            case REGIONS -> element instanceof Region;
            case FITTINGS -> element instanceof Fitting || element instanceof Activity;
            case UNDERLAYS -> false; // a picture lies under everything: a box over the plan would always take it
        };
    }

    /** What is picked is moved by typed lengths across and up. */
    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (!movable(scene)) {
            return Reply.to(this);
        }
        return TypedMove.entered(this, scene, typed);
    }

    private boolean movable(Surroundings scene) {
        return (reach == Reach.WALLS
                        || reach == Reach.FURNISHINGS
                        || reach == Reach.PARTS
                        || reach == Reach.SITE
                        || reach == Reach.REGIONS
                        || reach == Reach.FITTINGS)
                && scene.selection().stream()
                        .anyMatch(id -> id instanceof ElementId.WallId
                                || id instanceof ElementId.FurnishingId
                                || id instanceof ElementId.StructureId
                                || id instanceof ElementId.GroundId
                                || id instanceof ElementId.RegionId
                                || isFree(scene, id));
    }

    /** Whether something is a fitting or an activity with a place of its own. */
    private static boolean isFree(Surroundings scene, ElementId id) {
        return scene.geometry()
                .storey()
                .elements()
                .find(id)
                .filter(e -> e instanceof Fitting || e instanceof Activity)
                .filter(e -> !e.places().isEmpty())
                .isPresent();
    }

    /** Activities that are picked face an eighth of a turn farther. */
    private Reply turnedActivities(Surroundings scene) {
        var plan = scene.plan();
        for (var id : scene.selection()) {
            if (id instanceof ElementId.ActivityId mark) {
                plan = ActivityEdits.change(plan, scene.storey(), mark, a -> a.facing(a.facingDeg() + 45));
            }
        }
        return plan == scene.plan() ? Reply.to(this) : Reply.commit(this, plan, "Turn activity");
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        if (scene.selection().isEmpty()) {
            return Reply.to(this);
        }
        var pieces = scene.selection().stream()
                .flatMap(id -> id instanceof ElementId.FurnishingId f ? java.util.stream.Stream.of(f) : null)
                .toList();
        if (key == Key.TURN && !pieces.isEmpty()) {
            return Reply.commit(
                    this, FurnishingEdits.turnBy(scene.plan(), scene.storey(), pieces, 90), "Turn furnishing");
        }
        if (key == Key.TURN && reach == Reach.FITTINGS) {
            return turnedActivities(scene);
        }
        var parts = scene.selection().stream()
                .filter(ElementId.StructureId.class::isInstance)
                .toList();
        if (key == Key.TURN && !parts.isEmpty()) {
            return Reply.commit(this, turned(scene), "Turn fixed part");
        }
        return PickedOpenings.key(this, scene, key).orElse(Reply.to(this));
    }

    /** Each picked part a quarter turn about its own middle. */
    private static Plan turned(Surroundings scene) {
        var plan = scene.plan();
        for (var id : scene.selection()) {
            if (id instanceof ElementId.StructureId part) {
                plan = StructureEdits.change(plan, part, x -> x.turnedTo(x.turnDeg() + 90));
            }
        }
        return plan;
    }

    @Override
    public Gesture dropped() {
        return of(reach);
    }

    @Override
    public boolean underWay() {
        return held.isPresent() && preview.isPresent() || boxFrom.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (held.isPresent() && preview.isPresent() && pointer.isPresent()) {
            return new Readout(
                    MovePreview.fields(scene, held.get(), preview.get(), pointer.get()),
                    "",
                    "Let go to set it down. Ctrl keeps it from catching.");
        }
        if (movable(scene)) {
            return new Readout(
                    TypedMove.fields(),
                    "",
                    "Drag it, or type how far it moves. Shift adds, Alt takes what lies below, a double click the chain.");
        }
        return Readout.hint(
                switch (reach) {
                    case WALLS ->
                        "Click a wall, or draw a box: to the right for what is inside, to the left for what it touches.";
                    case OPENINGS ->
                        "Click an opening, or draw a box; drag it along its wall. R hand, F side, C centre.";
                    case FURNISHINGS -> "Click a piece to pick it; drag to move, the round handle turns.";
                    case PARTS -> "Click a stair or another fixed part, or draw a box; drag to move, R turns it.";
                    case SITE ->
                        "Click ground or a bay; drag it, or a corner of ground. A plot is picked by its boundary.";
                    case REGIONS ->
                        "Click a region, on a wall at the wall's face; drag it, or a corner of one on a floor.";
                    case FITTINGS ->
                        "Click a light, a switch, an outlet or an activity, or draw a box; drag it. Lights and switches picked together are linked.";
                    case UNDERLAYS -> "Click the picture to pick it.";
                });
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        if (held.isPresent() && preview.isPresent()) {
            out.addAll(MovePreview.marks(scene, held.get(), preview.get()));
        } else if (boxFrom.isPresent() && pointer.isPresent() && !boxFrom.get().equals(pointer.get())) {
            var right = pointer.get().x() >= boxFrom.get().x();
            out.addAll(Sketches.box(
                    scene.frame(), Box.around(List.of(boxFrom.get(), pointer.get())), scene.penMm(), !right));
        } else {
            out.addAll(Sketches.picked(scene.frame(), scene.geometry(), scene.selection(), scene.penMm()));
            pointer.flatMap(p -> hits(scene, Pointer.at(p)).stream().findFirst())
                    .filter(id -> !scene.selection().contains(id))
                    .ifPresent(id -> out.addAll(
                            Sketches.picked(scene.frame(), scene.geometry(), Set.of(id), 0.7 * scene.penMm())));
            scene.stuck()
                    .ifPresent(place -> out.addAll(
                            Sketches.conflict(scene.frame(), List.of(Outline.of(place.lies())), scene.penMm())));
            single(scene).ifPresent(piece -> {
                out.addAll(FitSketch.marks(scene.frame(), scene.geometry(), piece, scene.plan(), scene.penMm()));
                out.addAll(Sketches.handle(scene.frame(), PieceHandles.turn(piece), 5 * scene.penMm(), scene.penMm()));
                out.addAll(Sketches.handle(scene.frame(), PieceHandles.size(piece), 4 * scene.penMm(), scene.penMm()));
            });
            if (reach == Reach.WALLS) {
                corners(scene, out);
            }
            if (reach == Reach.OPENINGS) {
                if (scene.selection().size() == 1
                        && scene.selection().iterator().next() instanceof ElementId.OpeningId id) {
                    out.addAll(ClearOfIt.marks(scene.frame(), scene.geometry(), id, scene.units(), scene.penMm()));
                }
                conflicts(scene, out);
            }
        }
        return out;
    }

    /** What speaks against how the picked doors are hung. */
    private static void conflicts(Surroundings scene, List<Mark> out) {
        var judgement = new SwingJudgement(scene.geometry(), scene.plan());
        scene.geometry().cuts().stream()
                .filter(c -> scene.selection().contains(c.opening().id()))
                .flatMap(c -> judgement.of(c).stream())
                .forEach(c -> out.addAll(Sketches.conflict(scene.frame(), c.parts(), scene.penMm())));
    }

    private static void corners(Surroundings scene, List<Mark> out) {
        for (var wall : scene.geometry().storey().walls()) {
            if (scene.selection().contains(wall.id())) {
                for (var end : List.of(wall.from(), wall.to())) {
                    out.addAll(Sketches.handle(scene.frame(), end.point(), 4.5 * scene.penMm(), scene.penMm()));
                }
            }
        }
    }
}
