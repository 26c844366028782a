package honeylamp.desktop.workspace;

import honeylamp.derive.listing.RaisedNames;
import honeylamp.derive.listing.SeenFromCorner;
import honeylamp.derive.rooms.Room;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.edit.Added;
import honeylamp.edit.ViewEdits;
import honeylamp.edit.WalkingInside;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Plan;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;
import honeylamp.plan.RoomMark;
import honeylamp.plan.View;
import honeylamp.raised.Looking;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;

/** What can be done with raised views. */
public final class RaisedActions {
    /** Storeys of a raised building usually stand so far apart. */
    private static final Length APART = Length.ofMm(2500);

    /** A step when walking through a storey. */
    private static final double STEP_MM = 500;

    private final WorkspaceModel model;
    private Optional<ViewId> lookedAt = Optional.empty();
    private Optional<Turned> turned = Optional.empty();

    /** A storey nobody has turned yet is seen from the south-west. */
    private static final Eye GLANCE = new Eye(Raised.Rays.PARALLEL, 28, 42);

    RaisedActions(WorkspaceModel model) {
        this.model = model;
    }

    /** The workspace has changed: which raised view was looked at last is remembered. */
    void changed() {
        seen().ifPresent(_ -> lookedAt = Optional.of(model.now().view().id()));
    }

    /** What a glance beside the plan shows: what was looked at raised last if that is on this storey, else the storey. */
    public Raised glanced() {
        var base = glancedAt();
        return turned.filter(t -> t.of.equals(base))
                .<Raised>map(t -> base.seenFrom(t.eye))
                .orElse(base);
    }

    /** A glance that was turned where it lies, without what it shows. */
    private record Turned(Raised of, Eye eye) {}

    /** Turns and tilts a glance where it lies; the view that it shows stays as it is. */
    public void turnGlance(double turnDeg, double tiltDeg) {
        turned = Optional.of(
                new Turned(glancedAt(), glanced().eye().turnedBy(turnDeg).tiltedBy(tiltDeg)));
    }

    private Raised glancedAt() {
        var storey = model.now().currentStorey();
        return lookedAt.flatMap(id -> model.now().plan().presentation().view(id))
                .flatMap(v -> v.subject() instanceof Raised raised ? Optional.of(raised) : Optional.<Raised>empty())
                .filter(raised ->
                        raised instanceof Raised.Building || raised.storey().equals(storey.id()))
                .filter(raised -> !(raised instanceof Raised.Cutaway cutaway)
                        || model.shown()
                                .storey()
                                .geometry()
                                .room(cutaway.room())
                                .isPresent())
                .orElseGet(() ->
                        new Raised.WholeStorey(storey.id(), storey.levels().cut(), GLANCE));
    }

    /** Goes to what a glance shows. */
    public void goToGlanced() {
        if (isBuilt()) {
            var from = glanced();
            show(glancedAt());
            if (seen().filter(s -> !s.equals(from)).isPresent()) {
                look(from.eye());
            }
        }
    }

    /** What is seen raised now; empty in a plan and before walls. */
    public Optional<Raised> seen() {
        return model.now().view().subject() instanceof Raised raised ? Optional.of(raised) : Optional.empty();
    }

    /** From which corners a room is looked into; none of a room that has no mark. */
    public List<SeenFromCorner> corners(Room room) {
        return room.mark().isEmpty() ? List.of() : SeenFromCorner.of(room);
    }

    /** From which corners what is seen raised now may be looked at. */
    public List<SeenFromCorner> corners() {
        return seen().map(raised -> switch (raised) {
                    case Raised.Cutaway(var _, var id, var _, var _) ->
                        model.shown()
                                .storey()
                                .geometry()
                                .room(id)
                                .map(SeenFromCorner::of)
                                .orElse(List.of());
                    case Raised.WholeStorey _, Raised.Building _ -> ofStorey();
                    case Raised.Outside _ -> sides();
                    case Raised.Inside _, Raised.RoofPlan _, Raised.Section _ -> List.<SeenFromCorner>of();
                })
                .orElse(List.of());
    }

    private List<SeenFromCorner> ofStorey() {
        return SeenFromCorner.of(outer());
    }

    private List<SeenFromCorner> sides() {
        return SeenFromCorner.sides(outer());
    }

    private List<Segment> outer() {
        return model.shown().storey().geometry().shells().stream()
                .flatMap(o -> o.shell().edges().stream())
                .toList();
    }

    /** Cuts a room away from a corner: looks at the view of it there is, or makes one on a new page. */
    public void cutAway(Room room, Eye eye) {
        room.mark()
                .map(RoomMark::id)
                .ifPresent(id -> show(new Raised.Cutaway(model.now().storey(), id, eye)));
    }

    /** Stands in a room: where one stood there last, else just within one of its doors. */
    public void standIn(Room room) {
        var stood = model.now().plan().presentation().views().stream()
                .filter(v -> v.subject() instanceof Raised.Inside inside
                        && inside.storey().equals(model.now().storey())
                        && room.outline().contains(inside.at().point()))
                .map(View::id)
                .reduce((_, later) -> later);
        if (stood.isPresent()) {
            turn(model.now().plan(), stood.get());
            return;
        }
        WalkingInside.in(model.shown().storey(), room)
                .ifPresentOrElse(
                        this::show,
                        () -> model.complain("There is no room to stand in. Close its walls first, in Walls."));
    }

    /** Stands in the room that is picked, else in the one in the middle of what is seen. */
    public void standHere() {
        here().ifPresentOrElse(
                        this::standIn,
                        () -> model.complain("There is no room here to stand in. Pick one first, in Rooms."));
    }

    private Optional<Room> here() {
        var geometry = model.shown().storey().geometry();
        return model.now().selection().stream()
                .filter(RoomId.class::isInstance)
                .flatMap(id -> geometry.room((RoomId) id).stream())
                .findFirst()
                .or(() -> geometry.roomAt(model.now().viewport().centre()));
    }

    /** Raises the storey worked on. */
    public void raiseStorey() {
        var storey = model.now().currentStorey();
        if (isBuilt()) {
            show(new Raised.WholeStorey(
                    storey.id(), storey.levels().cut(), ofStorey().getFirst().eye()));
        }
    }

    /** Raises all storeys, one above the other. */
    public void raiseBuilding() {
        if (isBuilt()) {
            show(new Raised.Building(
                    lowest(model.now().plan()), APART, ofStorey().getFirst().eye()));
        }
    }

    /** Looks at the roofs from straight above. */
    public void roofPlan() {
        if (isBuilt()) {
            show(new Raised.RoofPlan(lowest(model.now().plan())));
        }
    }

    /** Looks at the building straight from its sides: a page for each of the four there is none of yet. */
    public void fromOutside() {
        if (!isBuilt()) {
            return;
        }
        var plan = model.now().plan();
        var storey = lowest(plan);
        var first = Optional.<ViewId>empty();
        for (var side : sides()) {
            var towards = ((90 - side.eye().turnDeg()) % 360 + 360) % 360;
            var there = with(plan, new Raised.Outside(storey, towards));
            plan = there.plan();
            first = first.or(() -> Optional.of(there.id()));
        }
        turn(plan, first.orElseThrow());
    }

    private static StoreyId lowest(Plan plan) {
        return plan.storeys().getFirst().id();
    }

    private boolean isBuilt() {
        var isBuilt = !model.shown().storey().geometry().shells().isEmpty();
        if (!isBuilt) {
            model.complain("Nothing is built on this storey yet. Draw its walls first, in Walls.");
        }
        return isBuilt;
    }

    /** Cuts away the room that is picked, else the one in the middle of what is seen; raises the storey if there is none. */
    public void cutAwayHere() {
        var room = here().filter(r -> r.mark().isPresent());
        room.ifPresentOrElse(r -> cutAway(r, corners(r).getFirst().eye()), this::raiseStorey);
    }

    /** Goes back to the plan of the storey. */
    public void backToPlan() {
        var now = model.now();
        model.act(new Intent.TurnTo(new Worked(ViewEdits.first(now.plan(), now.storey()), Optional.empty())));
    }

    private void show(Raised subject) {
        var there = with(model.now().plan(), subject);
        turn(there.plan(), there.id());
    }

    /** The plan with a view of something raised: the one there is, looked at so, or one more on a new page. */
    private Added<ViewId> with(Plan plan, Raised subject) {
        var known = plan.presentation().views().stream()
                .filter(v -> isOfSame(v, subject))
                .map(View::id)
                .findFirst();
        if (known.isPresent()) {
            var looked = ViewEdits.lookedFrom(plan, known.get(), subject.eye())
                    .result()
                    .orElse(plan);
            return new Added<>(looked, known.get());
        }
        var name = RaisedNames.of(model.shown().storey(), subject);
        var added = ViewEdits.raised(plan, model.now().view().id(), subject, name);
        var views = added.plan().presentation().page(added.id()).orElseThrow().views();
        return new Added<>(added.plan(), views.getFirst());
    }

    private static boolean isOfSame(View view, Raised subject) {
        return view.subject() instanceof Raised raised
                && (raised.equals(subject)
                        || !(raised instanceof Raised.Inside || raised instanceof Raised.Outside)
                                && raised.seenFrom(subject.eye()).equals(subject));
    }

    private void turn(Plan plan, ViewId view) {
        var page = plan.presentation().pageOf(view).map(p -> p.id());
        model.act(new Intent.Edit(plan, "Raise"), new Intent.TurnTo(new Worked(view, page)));
    }

    /** Looks at it from elsewhere. */
    public void look(Eye eye) {
        model.edit(ViewEdits.lookedFrom(model.now().plan(), model.now().view().id(), eye), "Turn raised view");
    }

    /** All three directions alike, from the corner nearest to where one looks from now. */
    public Eye isometric(Eye eye) {
        var first = corners().getFirst().eye().turnDeg() - SeenFromCorner.USUAL_TURN_DEG;
        var corner = Math.rint((eye.turnDeg() - 45 - first) / 90) * 90 + 45 + first;
        return new Eye(Raised.Rays.PARALLEL, (corner % 360 + 360) % 360, Looking.ISOMETRIC_DOWN_DEG);
    }

    /** Turns it by so many degrees, counter-clockwise seen from above. */
    public void turnBy(double deg) {
        seen().ifPresent(raised -> look(raised.eye().turnedBy(deg)));
    }

    /** Looks down on it more steeply by so many degrees; who stands inside walks a step on, or back. */
    public void tiltBy(double deg) {
        seen().ifPresent(raised -> {
            if (raised.isSquare()) {
                return;
            }
            if (raised instanceof Raised.Inside) {
                model.edit(WalkingInside.step(model.shown().view(), Math.signum(deg) * STEP_MM), "Walk");
            } else {
                look(raised.eye().tiltedBy(deg));
            }
        });
    }

    /** Looks from the next corner. */
    public void nextCorner() {
        seen().ifPresent(raised -> {
            var all = corners();
            var turn = raised.eye().turnDeg();
            all.stream()
                    .map(SeenFromCorner::eye)
                    .filter(e -> e.turnDeg() > turn + 1)
                    .min((a, b) -> Double.compare(a.turnDeg(), b.turnDeg()))
                    .or(() -> all.stream()
                            .map(SeenFromCorner::eye)
                            .min((a, b) -> Double.compare(a.turnDeg(), b.turnDeg())))
                    .ifPresent(e -> look(new Eye(
                            raised.eye().rays(), e.turnDeg(), raised.eye().downDeg())));
        });
    }
}
