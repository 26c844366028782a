package honeylamp.desktop.gesture.place;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.pointing.Picking;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.ActivityEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Activity;
import honeylamp.plan.Doing;
import honeylamp.plan.ElementId.ActivityId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Position;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Marks what is done where: on a piece it goes with that and faces its front; a drag says where one faces.
 *
 * @param turnDeg how it is turned beside that
 * @param pressed where the button went down
 */
@RecordBuilder
public record MarkActivity(Doing doing, double turnDeg, Optional<Point> pressed, Optional<Pointer> pointer)
        implements Gesture, MarkActivityBuilder.With {
    private static final double FRONT_DEG = 270;
    private static final double STEP_DEG = 45;

    /** What is chosen, not turned. */
    public static MarkActivity begin(Doing doing) {
        return new MarkActivity(doing, 0, Optional.empty(), Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer at) {
        return Reply.to(withPointer(Optional.of(at)));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer at) {
        return Reply.to(with(copy -> copy.pressed(Optional.of(at.at())).pointer(Optional.of(at))));
    }

    @Override
    public Reply released(Surroundings scene, Pointer at) {
        return pressed.isEmpty() ? Reply.to(this) : withPointer(Optional.of(at)).placed(scene);
    }

    private Reply placed(Surroundings scene) {
        var rest = withPressed(Optional.empty());
        return activity(scene)
                .map(a -> {
                    var added = ActivityEdits.add(scene.plan(), scene.storey(), a);
                    return Reply.commit(
                                    rest, added.plan(), "Mark " + doing.label().toLowerCase(Locale.ROOT))
                            .picking(Set.of(added.id()));
                })
                .orElseGet(() -> Reply.to(rest));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        return pointer.isPresent() ? placed(scene) : Reply.to(this);
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return Reply.to(key == Key.TURN ? withTurnDeg((turnDeg + STEP_DEG) % 360) : this);
    }

    @Override
    public Gesture dropped() {
        return begin(doing);
    }

    @Override
    public boolean underWay() {
        return pressed.isPresent();
    }

    private Optional<Activity> activity(Surroundings scene) {
        return pointer.map(now -> {
            var at = pressed.orElse(now.at());
            var ahead = now.at().minus(at);
            var drawn = pressed.isPresent() && ahead.length() > 2 * scene.reachMm()
                    ? Optional.of(ahead.angleDeg())
                    : Optional.<Double>empty();
            return now.keys().control()
                    ? free(scene, at, drawn)
                    : piece(scene, at).map(f -> on(scene, f, at, drawn)).orElseGet(() -> free(scene, at, drawn));
        });
    }

    private Activity free(Surroundings scene, Point at, Optional<Double> drawn) {
        return new Activity(id(scene), doing, Position.of(at), 0).facing(Math.rint(drawn.orElse(turnDeg)));
    }

    private Activity on(Surroundings scene, Furnishing piece, Point at, Optional<Double> drawn) {
        var inverse = piece.placing().inverse();
        var local = inverse.apply(at);
        var facing = drawn.map(deg -> inverse.apply(at.plus(Point.direction(deg)))
                        .minus(local)
                        .angleDeg())
                .orElse(FRONT_DEG + turnDeg);
        return new Activity(id(scene), doing, Position.of(local), 0, Optional.of(piece.id())).facing(Math.rint(facing));
    }

    private static ActivityId id(Surroundings scene) {
        return new ActivityId(scene.plan().nextNumber());
    }

    /** The piece that lies topmost there and is more than a rug. */
    private static Optional<Furnishing> piece(Surroundings scene, Point at) {
        return Picking.at(
                        scene.geometry(),
                        at,
                        0,
                        e -> e instanceof Furnishing f && f.top().mm() > 100)
                .stream()
                .flatMap(id -> scene.geometry().storey().elements().find(Furnishing.class, id).stream())
                .findFirst();
    }

    @Override
    public Readout readout(Surroundings scene) {
        var with = pointer.filter(p -> !p.keys().control())
                .flatMap(p -> piece(scene, pressed.orElse(p.at())))
                .map(f -> "with " + Furnishings.label(f).toLowerCase(Locale.ROOT))
                .orElse("");
        return new Readout(
                List.of(),
                with,
                "Click where it is done, or drag the way one faces. R turns, Ctrl keeps it off the piece, Esc leaves.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return activity(scene)
                .map(a -> Sketches.newActivity(scene.frame(), scene.geometry(), a, scene.penMm()))
                .orElse(List.of());
    }
}
