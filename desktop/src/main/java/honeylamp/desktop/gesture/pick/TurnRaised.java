package honeylamp.desktop.gesture.pick;

import honeylamp.derive.storeys.LaidView;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.raised.QuickPicture;
import honeylamp.illustrate.raised.SurfacePictures;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;
import java.util.List;
import java.util.Optional;

/**
 * Turns a raised view while the button is held: across turns it, up and down tilts it. The plan changes once, when the button
 * goes up.
 *
 * @param rests what goes on afterwards
 * @param turned how it is looked at if it is let go; empty while nothing was dragged
 */
public record TurnRaised(Gesture rests, Raised subject, Point grabbed, Optional<Eye> turned) implements HeldInFront {
    private static final double DEG_PER_PX = 0.35;
    private static final double TILT_DEG_PER_PX = 0.25;

    /** Moved less than so many pixels, nothing turns: a press is no drag. */
    private static final double STILL_PX = 3;

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        var px = pointer.at().minus(grabbed).times(1 / (scene.frame().scale() * scene.penMm()));
        if (turned.isEmpty() && px.length() < STILL_PX) {
            return Reply.to(this);
        }
        var eye = subject.eye().turnedBy(px.x() * DEG_PER_PX).tiltedBy(-px.y() * TILT_DEG_PER_PX);
        return Reply.to(new TurnRaised(rests, subject, grabbed, Optional.of(eye)));
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        return turned.map(eye -> Reply.outcome(
                        rests,
                        ViewEdits.lookedFrom(scene.plan(), scene.view().view().id(), eye),
                        rests,
                        "Turn raised view",
                        "That cannot be"))
                .orElseGet(() -> Reply.to(rests));
    }

    /** What is to be drawn while it turns; nothing before it is dragged. */
    public Optional<Turned> wanted(LaidView view, QuickPicture quick, SurfacePictures pictures, PaperFrame frame) {
        return turned.map(eye -> new Turned(view, quick, pictures, subject.seenFrom(eye), frame));
    }

    /** A view as another eye sees it. */
    public record Turned(
            LaidView view, QuickPicture quick, SurfacePictures pictures, Raised elsewhere, PaperFrame frame) {
        /** Whether both look alike. */
        public boolean isSame(Turned other) {
            return isOf(other.view, other.frame) && elsewhere.equals(other.elsewhere);
        }

        /** Whether it was drawn in a view where that lies so on paper. */
        public boolean isOf(LaidView other, PaperFrame lies) {
            return view.plan() == other.plan() && view.view().equals(other.view()) && frame.equals(lies);
        }

        /** Its picture in few pixels, over what is seen of the view now. */
        public List<Mark> picture() {
            return quick.from(elsewhere, pictures);
        }
    }

    @Override
    public Readout readout(Surroundings scene) {
        var eye = turned.orElse(subject.eye());
        return new Readout(
                List.of(),
                "turned " + whole(eye.turnDeg()) + ", looking down " + whole(eye.downDeg()),
                "Across turns it, up and down tilts it; Esc leaves it as it was.");
    }

    private static String whole(double deg) {
        return Math.round(deg) + "°";
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return turned.isPresent() ? scene.turned() : List.of();
    }
}
