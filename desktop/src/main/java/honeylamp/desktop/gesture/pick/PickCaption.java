package honeylamp.desktop.gesture.pick;

import honeylamp.derive.pointing.Picking;
import honeylamp.derive.pointing.Snapping;
import honeylamp.derive.storeys.LaidView;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.desktop.gesture.TypedMove;
import honeylamp.drawing.Mark;
import honeylamp.edit.FreeMarkEdits;
import honeylamp.edit.Grouping;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.Outcome;
import honeylamp.edit.PickedEdits;
import honeylamp.edit.RoundDimensionEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Captions;
import honeylamp.illustrate.sketch.RoomNames;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.illustrate.sketch.TierLines;
import honeylamp.plan.Dimension;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Note;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.View;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Picks notes, free marks and single dimensions. A note is dragged where it should be, a dimension's line beside what it measures,
 * and an end of a picked dimension to another point; the name of a room and a tier of dimensions are dragged where this
 * view should have them.
 *
 * @param tier the tier taken up last: its distance can be typed
 * @param name the name of a room taken up last: it can be sent back to its own place
 */
public record PickCaption(
        Optional<Grip> grip,
        Optional<Plan> preview,
        Optional<Point> pointer,
        Optional<Grip.Tier> tier,
        Optional<RoomId> name)
        implements Gesture {
    private static final Ask<Length> AWAY = Ask.length("From the building, on paper");
    private static final Ask<Length> LENGTH = Ask.length("Length");

    /** What the button holds. */
    sealed interface Grip {
        /** All that is picked, grabbed at a point. */
        record Whole(Point grabbed) implements Grip {}

        /** The line of a dimension, grabbed so far to its left. */
        record Line(Dimension dimension, double besideMm) implements Grip {}

        /** A box to pick by, begun at a point. */
        record Boxed(Point from) implements Grip {}

        /** The name of a room, grabbed so far from its middle. */
        record RoomName(RoomId room, Point from) implements Grip {}

        /** A tier of dimensions, so far from the building when it was grabbed, in paper mm. */
        record Tier(TierLines.Along along, int index, double fromBuildingMm, Point grabbed) implements Grip {}

        /** A point of a dimension: 0 for its first end, 1 for its last, then its stops. */
        record End(Dimension dimension, int point) implements Grip {}

        /** The line of a dimension that does not run straight. */
        record Bent(RoundDimension dimension) implements Grip {}

        /** A point of a free mark. */
        record MarkPoint(FreeMark mark, int point) implements Grip {}

        /** Where the leader of a note ends. */
        record Tip(Note note) implements Grip {}
    }

    /** Nothing held. */
    public static PickCaption begin() {
        return new PickCaption(
                Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    private PickCaption resting(Point p) {
        return new PickCaption(Optional.empty(), Optional.empty(), Optional.of(p), tier, name);
    }

    private static PickCaption holding(Grip grip, Point p) {
        return new PickCaption(Optional.of(grip), Optional.empty(), Optional.of(p), taken(grip), name(grip));
    }

    private static Optional<Grip.Tier> taken(Grip grip) {
        return grip instanceof Grip.Tier t ? Optional.of(t) : Optional.empty();
    }

    private static Optional<RoomId> name(Grip grip) {
        return grip instanceof Grip.RoomName n ? Optional.of(n.room()) : Optional.empty();
    }

    private static Optional<ElementId> hit(Surroundings scene, Point p) {
        return Captions.at(scene.view(), scene.geometry().storey(), scene.frame(), p, scene.reachMm())
                .filter(id -> !id.isCopied());
    }

    private static Optional<Dimension> dimension(Surroundings scene, ElementId id) {
        return scene.geometry().storey().elements().find(Dimension.class, id);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(resting(pointer.at()));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var p = pointer.at();
        var end = end(scene, p);
        if (end.isPresent()) {
            return Reply.to(holding(end.get(), p));
        }
        var hit = hit(scene, p);
        var name = hit.isPresent()
                ? Optional.<RoomNames.Name>empty()
                : scene.names()
                        .orElseGet(() -> RoomNames.of(scene.view(), scene.frame()))
                        .at(scene.frame(), p, scene.reachMm());
        if (name.isPresent()) {
            var held = new Grip.RoomName(name.get().room(), p.minus(name.get().middle(scene.frame())));
            return Reply.to(holding(held, p)).picking(Set.of());
        }
        var line = hit.isPresent()
                ? Optional.<TierLines.Line>empty()
                : TierLines.at(scene.view(), scene.frame(), p, scene.reachMm());
        if (line.isPresent()) {
            var taken = line.get();
            return Reply.to(holding(new Grip.Tier(taken.along(), taken.index(), taken.fromBuildingMm(), p), p))
                    .picking(Set.of());
        }
        if (hit.isEmpty()) {
            return Reply.to(holding(new Grip.Boxed(p), p))
                    .picking(pointer.keys().shift() ? scene.selection() : Set.of());
        }
        var id = hit.get();
        Set<ElementId> picked =
                new HashSet<>(pointer.keys().shift() || scene.selection().contains(id) ? scene.selection() : Set.of());
        if (!picked.add(id) && pointer.keys().shift()) {
            picked.remove(id);
        }
        if (!scene.selection().contains(id)) {
            picked.addAll(Grouping.whole(scene.plan(), scene.geometry().storey(), picked));
        }
        var held = picked.size() == 1
                ? dimension(scene, id)
                        .<Grip>map(d -> new Grip.Line(d, d.line().offset(p)))
                        .or(() -> scene.geometry()
                                .storey()
                                .elements()
                                .find(RoundDimension.class, id)
                                .map(Grip.Bent::new))
                        .orElse(new Grip.Whole(p))
                : new Grip.Whole(p);
        return Reply.to(holding(held, p)).picking(picked);
    }

    private static Optional<Grip> end(Surroundings scene, Point p) {
        var elements = scene.geometry().storey().elements();
        var tip = scene.selection().stream()
                .flatMap(id -> elements.find(Note.class, id).stream())
                .filter(n -> n.leader()
                        .filter(l -> l.tip().point().distance(p) <= scene.reachMm())
                        .isPresent())
                .<Grip>map(Grip.Tip::new)
                .findFirst();
        var ofMark = scene.selection().stream()
                .flatMap(id -> elements.find(FreeMark.class, id).stream())
                .filter(m -> m.shape() != FreeMark.Shape.FREEHAND)
                .flatMap(m -> IntStream.range(0, m.points().size())
                        .filter(i -> m.points().get(i).point().distance(p) <= scene.reachMm())
                        .<Grip>mapToObj(i -> new Grip.MarkPoint(m, i)))
                .findFirst();
        return tip.or(() -> ofMark)
                .or(() -> scene.selection().stream()
                        .flatMap(id -> dimension(scene, id).stream())
                        .flatMap(d -> IntStream.range(0, d.places().size())
                                .filter(i -> d.places().get(i).point().distance(p) <= scene.reachMm())
                                .mapToObj(i -> new Grip.End(d, i)))
                        .findFirst());
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        if (grip.isEmpty()) {
            return moved(scene, pointer);
        }
        if (grip.get() instanceof Grip.Boxed) {
            return Reply.to(new PickCaption(grip, Optional.empty(), Optional.of(pointer.at()), tier, name));
        }
        return moved(scene, grip.get(), pointer)
                .result()
                .map(plan -> Reply.to(new PickCaption(grip, Optional.of(plan), Optional.of(pointer.at()), tier, name)))
                .orElseGet(() -> Reply.to(this)); // both ends on one point: it waits where it was
    }

    private static Outcome<Plan> moved(Surroundings scene, Grip grip, Pointer pointer) {
        var p = pointer.at();
        var plan = scene.plan();
        return switch (grip) {
            case Grip.Boxed _ -> Outcome.done(plan);
            case Grip.Whole(var grabbed) -> {
                var by = p.minus(grabbed);
                yield PickedEdits.move(
                        plan, scene.storey(), scene.selection(), Length.ofMm(by.x()), Length.ofMm(by.y()));
            }
            case Grip.Line(var d, var beside) -> {
                var away = Length.ofMm(d.offset().mm() + d.line().offset(p) - beside);
                yield Outcome.done(NoteEdits.aside(plan, scene.storey(), d.id(), away));
            }
            case Grip.RoomName(var room, var from) ->
                Outcome.done(ViewEdits.moveName(
                        plan, scene.view().view().id(), room, Optional.of(Position.of(p.minus(from)))));
            case Grip.Tier(var along, var index, var from, var grabbed) ->
                putTier(scene, along, index, from + TierLines.outwardMm(along, scene.frame(), grabbed, p));
            case Grip.Tip(var note) ->
                Outcome.done(NoteEdits.point(plan, scene.storey(), note.id(), Optional.of(Position.of(p))));
            case Grip.Bent(var d) -> Outcome.done(RoundDimensionEdits.through(plan, scene.storey(), d.id(), p));
            case Grip.MarkPoint(var mark, var point) ->
                FreeMarkEdits.put(plan, scene.storey(), mark.id(), point, Position.of(p));
            case Grip.End(var d, var point) -> {
                var to = pointer.keys().control()
                        ? p
                        : Snapping.measured(scene.laid(), List.of(), p, scene.reachMm())
                                .map(Snapping.Snap::at)
                                .orElse(p);
                yield NoteEdits.put(plan, scene.storey(), d.id(), point, Position.of(to));
            }
        };
    }

    /** Farther than a page is wide it is not put. */
    private static Outcome<Plan> putTier(Surroundings scene, TierLines.Along along, int index, double fromBuildingMm) {
        var away = new TierLines.Line(along, index, fromBuildingMm).awayMm(scene.view());
        var view = scene.view().view().id();
        if (Math.abs(away) > View.MovedTier.MOST_MM) {
            return Outcome.refused("a tier lies no farther than 200 mm from its place on paper");
        }
        return switch (along) {
            case TierLines.Along.OfSide(var side) -> ViewEdits.moveTier(scene.plan(), view, side, index, away);
            case TierLines.Along.OfFace(var wall, var _) ->
                Outcome.done(ViewEdits.moveTier(scene.plan(), view, wall, index, away));
        };
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        var rest = resting(pointer.at());
        if (grip.orElse(null) instanceof Grip.Boxed(var from) && from.distance(pointer.at()) > scene.reachMm()) {
            var picked = new HashSet<>(pointer.keys().shift() ? scene.selection() : Set.<ElementId>of());
            var how = pointer.at().x() >= from.x() ? Picking.Within.INSIDE : Picking.Within.TOUCHING;
            picked.addAll(
                    Picking.inBox(scene.geometry(), Box.around(List.of(from, pointer.at())), how, PickCaption::takes));
            return Reply.to(rest)
                    .picking(Grouping.whole(scene.plan(), scene.geometry().storey(), picked));
        }
        return preview.map(plan ->
                        Reply.commit(rest, plan, grip.map(PickCaption::action).orElse("Move")))
                .orElse(Reply.to(rest));
    }

    private static boolean takes(Element element) {
        return !element.id().isCopied()
                && (element instanceof Note
                        || element instanceof Dimension
                        || element instanceof RoundDimension
                        || element instanceof FreeMark);
    }

    private static String action(Grip grip) {
        return switch (grip) {
            case Grip.Boxed _ -> "Pick";
            case Grip.Whole _ -> "Move what is picked";
            case Grip.Line _, Grip.Bent _ -> "Move dimension line";
            case Grip.RoomName _ -> "Move room name";
            case Grip.Tier _ -> "Move tier of dimensions";
            case Grip.End _ -> "Measure from elsewhere";
            case Grip.MarkPoint _ -> "Change mark";
            case Grip.Tip _ -> "Point elsewhere";
        };
    }

    /** What is picked is moved by typed lengths across and up. */
    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (tier.isPresent() && scene.selection().isEmpty()) {
            var taken = tier.get();
            return typed.of(AWAY)
                    .map(away -> Reply.outcome(
                            this,
                            putTier(scene, taken.along(), taken.index(), away.mm()),
                            this,
                            "Move tier of dimensions",
                            "That cannot be"))
                    .orElse(Reply.to(this));
        }
        return scene.selection().isEmpty() ? Reply.to(this) : TypedMove.entered(this, scene, typed);
    }

    @Override
    public boolean takesAway() {
        return name.isPresent();
    }

    /** A name that was put by hand goes back to where it finds room by itself. */
    @Override
    public Reply key(Surroundings scene, Key key) {
        return key != Key.AWAY || name.isEmpty()
                ? Reply.to(this)
                : Reply.commit(
                        begin(),
                        ViewEdits.moveName(scene.plan(), scene.view().view().id(), name.get(), Optional.empty()),
                        "Put name back");
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return preview.isPresent() || grip.orElse(null) instanceof Grip.Boxed;
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (preview.isPresent() && grip.orElse(null) instanceof Grip.End end) {
            var held = end.dimension();
            var now = preview.get()
                    .storey(scene.storey())
                    .elements()
                    .find(Dimension.class, held.id())
                    .orElse(held);
            var mm = now.line().length();
            return new Readout(
                    List.of(new Readout.Field(LENGTH, LengthText.rounded(Length.ofMm(mm), scene.units()))),
                    "",
                    "Let go to measure from here. Ctrl keeps it from catching.");
        }
        if (tier.isPresent() && scene.selection().isEmpty()) {
            var taken = tier.get();
            var now = TierLines.now(seen(scene), scene.frame(), taken.along(), taken.index())
                    .map(TierLines.Line::fromBuildingMm)
                    .orElse(taken.fromBuildingMm());
            return new Readout(
                    List.of(new Readout.Field(AWAY, LengthText.rounded(Length.ofMm(now), scene.units()))),
                    "",
                    "Drag the tier nearer or farther, or type how far it lies from the building.");
        }
        if (name.isPresent() && scene.selection().isEmpty()) {
            return Readout.hint("Drag the name on, or press Delete to let it find its own place again.");
        }
        return scene.selection().isEmpty()
                ? Readout.hint(
                        "Click a note, a mark or a dimension, or draw a box around them; Shift adds. Drag a room\u2019s name or a tier where it should be.")
                : new Readout(
                        TypedMove.fields(),
                        "",
                        "Drag it, or type how far it moves; a dimension by its line, an end or a corner by itself.");
    }

    /** The view with what is being dragged where it is now, as one draws in it. */
    private LaidView seen(Surroundings scene) {
        return preview.flatMap(p -> p.presentation().view(scene.view().view().id()))
                .map(v -> scene.view().seenAs(v.straight()))
                .orElse(scene.view());
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var storey = preview.map(p -> p.storey(scene.storey()))
                .orElse(scene.geometry().storey());
        var ids = new HashSet<>(scene.selection());
        if (preview.isEmpty()) {
            pointer.flatMap(p -> hit(scene, p)).ifPresent(ids::add);
        }
        var out = new ArrayList<>(Captions.picked(seen(scene), storey, scene.frame(), ids, scene.penMm()));
        if (grip.orElse(null) instanceof Grip.RoomName(var room, var _)) {
            out.addAll(RoomNames.held(seen(scene), scene.frame(), room, scene.penMm()));
        }
        if (scene.selection().isEmpty()) {
            tier.ifPresent(
                    t -> out.addAll(TierLines.held(seen(scene), scene.frame(), t.along(), t.index(), scene.penMm())));
        }
        if (grip.orElse(null) instanceof Grip.Boxed(var from)
                && pointer.filter(p -> !p.equals(from)).isPresent()) {
            var box = Box.around(List.of(from, pointer.get()));
            out.addAll(Sketches.box(
                    scene.frame(), box, scene.penMm(), pointer.get().x() < from.x()));
        }
        return out;
    }
}
