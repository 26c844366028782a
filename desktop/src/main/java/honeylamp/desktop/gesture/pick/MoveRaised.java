package honeylamp.desktop.gesture.pick;

import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.RaisedSketches;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Structure;
import honeylamp.raised.SeenThings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Moves a piece or a fixed part over its floor where one sees it raised; what was grabbed stays below the pointer. The plan
 * changes once, when the button goes up.
 *
 * @param rests what goes on afterwards
 * @param pressed where the button went down, in picture mm
 * @param grabbed the point that was grabbed
 * @param thing as it was
 * @param moved what becomes of it if it is let go; empty while nothing was dragged
 */
public record MoveRaised(Gesture rests, Element thing, Point pressed, SeenThings.Place grabbed, Optional<Moved> moved)
        implements HeldInFront {
    /**
     * Where it is dragged to.
     *
     * @param over the place of the plan the pointer is over, at the height of what was grabbed
     */
    record Moved(Plan plan, Point over) {}

    /** Moved less than the reach by this share, nothing moves: a press is no drag. */
    private static final double STILL = 0.25;

    /** A piece or a fixed part of the storey that is looked at, held at a point of a raised view; empty if it is none. */
    static Optional<MoveRaised> of(Gesture rests, Surroundings scene, ElementId id, Point pressed) {
        return scene.things()
                .flatMap(things -> things.placeAt(pressed))
                .flatMap(at -> scene.geometry()
                        .storey()
                        .elements()
                        .find(id)
                        .filter(e -> held(e, at.plan()).isPresent())
                        .map(thing -> new MoveRaised(rests, thing, pressed, at, Optional.empty())));
    }

    private static Optional<Held> held(Element thing, Point grabbed) {
        if (thing instanceof Furnishing piece) {
            return Optional.of(new Held.Piece(piece, grabbed.minus(piece.at().point())));
        }
        return thing instanceof Structure part
                ? Optional.of(new Held.Part(part, grabbed.minus(part.at().point())))
                : Optional.empty();
    }

    private Held held() {
        return held(thing, grabbed.plan()).orElseThrow();
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        if (moved.isEmpty() && pointer.at().distance(pressed) < STILL * scene.reachMm()) {
            return Reply.to(this);
        }
        return over(scene, pointer.at())
                .flatMap(at -> Moves.moved(scene, held(), new Pointer(at, pointer.clicks(), pointer.keys()))
                        .result()
                        .map(plan -> new Moved(plan, at)))
                .map(there -> Reply.to(new MoveRaised(rests, thing, pressed, grabbed, Optional.of(there))))
                .orElseGet(() -> Reply.to(this)); // past the horizon it waits at its last place
    }

    /** Over which place of the plan the pointer is at the height at which it was grabbed. */
    private Optional<Point> over(Surroundings scene, Point picture) {
        return scene.things().flatMap(things -> things.onLevel(picture, grabbed.highMm()));
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        return moved.map(Moved::plan)
                .filter(plan -> !plan.equals(scene.plan()))
                .map(plan -> Reply.commit(rests, plan, Moves.action(held())))
                .orElseGet(() -> Reply.to(rests));
    }

    @Override
    public Readout readout(Surroundings scene) {
        return new Readout(
                moved.map(there -> MovePreview.fields(scene, held(), there.plan, there.over))
                        .orElse(List.of()),
                "",
                "Let go to set it down. Ctrl keeps it from catching, Esc leaves it where it was.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return scene.things()
                .flatMap(things -> moved.map(there -> marks(scene, things, there.plan)))
                .orElse(List.of());
    }

    private List<Mark> marks(Surroundings scene, SeenThings things, Plan plan) {
        var storey = plan.storey(scene.storey());
        var foot = things.footMm(thing.id()).orElse(storey.level().mm());
        var raisedBy = thing instanceof Furnishing piece ? piece.bottom().mm() : 0;
        var sketches = new RaisedSketches(things, scene.frame(), foot - raisedBy, scene.penMm());
        var out = new ArrayList<Mark>();
        if (storey.elements().find(thing.id()).orElse(thing) instanceof Furnishing now
                && thing instanceof Furnishing before) {
            out.addAll(sketches.fit(scene.geometry(), now, scene.plan()));
            out.addAll(sketches.edges(
                    before.id(), way(before.at().point(), now.at().point(), now.turnDeg() - before.turnDeg())));
        }
        if (storey.elements().find(thing.id()).orElse(thing) instanceof Structure now
                && thing instanceof Structure before) {
            out.addAll(sketches.edges(
                    before.id(), way(before.at().point(), now.at().point(), 0)));
        }
        return out;
    }

    private static Affine way(Point from, Point to, double turnDeg) {
        return Affine.move(-from.x(), -from.y()).then(Affine.turn(turnDeg)).then(Affine.move(to.x(), to.y()));
    }
}
