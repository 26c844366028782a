package honeylamp.desktop.gesture;

import honeylamp.drawing.Mark;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.Sketches;
import honeylamp.plan.ElementId.UnderlayId;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Shows the angle at which a picture's own lines run, as lines laid over it; Enter turns it true.
 *
 * @param turnDeg how far its lines are turned now, counter-clockwise
 */
public record AcceptLevel(UnderlayId underlay, double turnDeg) implements Gesture {
    private static final int LINES = 4;

    @Override
    public Step moved(Scene scene, Pointer pointer) {
        return Step.to(this);
    }

    @Override
    public Step pressed(Scene scene, Pointer pointer) {
        return Step.to(this);
    }

    @Override
    public Step entered(Scene scene, List<String> typed) {
        var turn = turnDeg;
        var text = Gesture.field(typed, 0).replace("\u00b0", "").replace(',', '.');
        if (!text.isEmpty()) {
            try {
                turn = Double.parseDouble(text);
            } catch (NumberFormatException _) {
                return Step.complain(this, "\"" + text + "\" is no angle; type degrees, for example 1.4.");
            }
            if (!(Math.abs(turn) <= 180)) {
                return Step.complain(this, "An angle lies between -180 and 180 degrees.");
            }
        }
        var plan = UnderlayEdits.turn(scene.plan(), scene.storey(), underlay, -turn, OnPicture.traced(scene));
        return Step.commit(LevelPicture.begin(), plan, "Level picture").picking(Set.of(underlay));
    }

    @Override
    public Gesture dropped() {
        return LevelPicture.begin();
    }

    @Override
    public boolean underWay() {
        return true;
    }

    @Override
    public Readout readout(Scene scene) {
        return new Readout(
                List.of(new Readout.Field("Turned by", "%.2f\u00b0".formatted(turnDeg), Readout.Kind.ANGLE)),
                "",
                "The picture's lines run as shown. Enter makes them level, Esc leaves the picture.");
    }

    @Override
    public List<Mark> sketch(Scene scene) {
        var out = new ArrayList<Mark>();
        scene.geometry().storey().underlays().stream()
                .filter(u -> u.id().equals(underlay))
                .findFirst()
                .ifPresent(u -> {
                    var box = Box.around(u.corners());
                    var along = Point.direction(turnDeg);
                    var half = box.width() / 2;
                    for (var i = 1; i <= LINES; i++) {
                        var share = (double) i / (LINES + 1) - 0.5;
                        var level = box.centre().plus(along.left().times(share * box.height()));
                        var plumb = box.centre().plus(along.times(share * box.width()));
                        out.add(line(scene, level, along, half));
                        out.add(line(scene, plumb, along.left(), box.height() / 2));
                    }
                });
        return out;
    }

    private static Mark line(Scene scene, Point through, Point way, double halfMm) {
        return Sketches.line(
                scene.frame(),
                new Segment(through.minus(way.times(halfMm)), through.plus(way.times(halfMm))),
                scene.penMm(),
                true);
    }
}
