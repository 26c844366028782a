package honeylamp.desktop.gesture.look;

import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Position;
import honeylamp.plan.Raised.Section;
import honeylamp.plan.View;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The line of a section is taken up: dragged as a whole or by one of its ends, and taken away with its page.
 *
 * @param held the view that is cut along it
 * @param from where it was pressed; empty once it was let go, and still taken up
 */
public record MoveSection(ViewId held, Grip grip, Optional<Point> from, Point pointer) implements Gesture {
    private static final double SPOT_PX = 5;

    /** By what of a line it is held. */
    public enum Grip {
        FIRST_END,
        SECOND_END,
        LINE
    }

    /** The line that is pressed, if one is. */
    static Optional<MoveSection> at(Surroundings scene, Point p) {
        for (var view : scene.plan().presentation().views()) {
            if (view.subject() instanceof Section section) {
                var grip = grip(scene, section, p);
                if (grip.isPresent()) {
                    return grip.map(g -> new MoveSection(view.id(), g, Optional.of(p), p));
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Grip> grip(Surroundings scene, Section section, Point p) {
        var line = new Segment(section.from().point(), section.to().point());
        if (line.a().distance(p) < scene.reachMm() || Sketches.isOnNumber(scene.frame(), line, p)) {
            return Optional.of(Grip.FIRST_END);
        }
        if (line.b().distance(p) < scene.reachMm() || Sketches.isOnNumber(scene.frame(), line.reversed(), p)) {
            return Optional.of(Grip.SECOND_END);
        }
        return line.distance(p) < scene.reachMm() ? Optional.of(Grip.LINE) : Optional.empty();
    }

    @Override
    public Reply moved(Surroundings scene, Pointer at) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer at) {
        var other = at(scene, at.at());
        return other.isPresent() ? Reply.to(other.get()) : DrawSection.begin().pressed(scene, at);
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer at) {
        return Reply.to(new MoveSection(held, grip, from, at.at()));
    }

    @Override
    public Reply released(Surroundings scene, Pointer at) {
        var stays = new MoveSection(held, grip, Optional.empty(), at.at());
        if (from.isEmpty() || from.get().distance(at.at()) < 1) {
            return Reply.to(stays);
        }
        var there = section(scene).map(s -> dragged(s, at.at()));
        if (there.isEmpty()) {
            return Reply.to(DrawSection.begin());
        }
        if (there.get().length() < 1) {
            return Reply.complain(stays, "Both ends would lie on the same spot; let go farther away.");
        }
        return Reply.outcome(
                stays,
                ViewEdits.cutAlong(
                        scene.plan(),
                        held,
                        s -> new Section(
                                s.storey(),
                                Position.of(there.get().a()),
                                Position.of(there.get().b()),
                                s.depth())),
                stays,
                "Move section",
                "That cannot be");
    }

    /** Where the line lies when it is dragged so far. */
    private Segment dragged(Section section, Point to) {
        var line = new Segment(section.from().point(), section.to().point());
        return switch (grip) {
            case FIRST_END -> new Segment(to, line.b());
            case SECOND_END -> new Segment(line.a(), to);
            case LINE -> {
                // along itself it need not go
                var across = line.unit().left();
                yield line.moved(across.times(to.minus(from.orElse(to)).dot(across)));
            }
        };
    }

    private Optional<Section> section(Surroundings scene) {
        return scene.plan()
                .presentation()
                .view(held)
                .map(View::subject)
                .flatMap(s -> s instanceof Section section ? Optional.of(section) : Optional.empty());
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        if (key != Key.AWAY) {
            return Reply.to(this);
        }
        return Reply.outcome(
                this,
                ViewEdits.remove(scene.plan(), held),
                DrawSection.begin(),
                "Take section away",
                "The section stays");
    }

    @Override
    public boolean takesAway() {
        return true;
    }

    @Override
    public Gesture dropped() {
        return DrawSection.begin();
    }

    @Override
    public boolean underWay() {
        return true;
    }

    @Override
    public Readout readout(Surroundings scene) {
        return Readout.hint(
                from.isPresent()
                        ? "Drag the line, or an end of it, to where the building shall be cut."
                        : "Drag the line or an end to move it; Delete takes the section and its page away; Esc lets go.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        section(scene)
                .map(s -> from.isPresent()
                        ? dragged(s, pointer)
                        : new Segment(s.from().point(), s.to().point()))
                .ifPresent(line -> {
                    var pen = scene.penMm();
                    out.add(Sketches.line(scene.frame(), line, 2.5 * pen, true));
                    for (var end : List.of(line.a(), line.b())) {
                        out.add(Sketches.spot(scene.frame(), end, SPOT_PX * pen, 1.5 * pen));
                    }
                });
        return out;
    }
}
