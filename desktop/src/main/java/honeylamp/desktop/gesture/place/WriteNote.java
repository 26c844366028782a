package honeylamp.desktop.gesture.place;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.NoteEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Note;
import honeylamp.plan.Position;
import honeylamp.takeoff.PlanFields;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Writes a note: a click says where, typed words and Enter say what. One on a leader is begun at what it speaks of, and
 * without words of its own says what that is.
 *
 * @param tip what it points at
 */
public record WriteNote(Kind kind, Optional<Point> tip, Optional<Point> at, Optional<Point> pointer)
        implements Gesture {
    private static final Ask<String> NOTE = Ask.words("Note");

    /** Whether it points at something. */
    public enum Kind {
        PLAIN,
        POINTING
    }

    /** No place yet. */
    public static WriteNote begin() {
        return begin(Kind.PLAIN);
    }

    /** Nothing pointed at yet. */
    public static WriteNote pointing() {
        return begin(Kind.POINTING);
    }

    private static WriteNote begin(Kind kind) {
        return new WriteNote(kind, Optional.empty(), Optional.empty(), Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new WriteNote(kind, tip, at, Optional.of(pointer.at())));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var there = Optional.of(pointer.at());
        return Reply.to(
                kind == Kind.POINTING && tip.isEmpty()
                        ? new WriteNote(kind, there, at, there)
                        : new WriteNote(kind, tip, there, there));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var said = typed.of(NOTE).orElse("");
        var text = said.isEmpty() && tip.isPresent() ? PlanFields.Field.NAME.braced() : said;
        if (at.isEmpty() || text.isEmpty()) {
            return Reply.complain(this, readout(scene).hint());
        }
        if (text.length() > Note.LONGEST) {
            return Reply.complain(
                    this,
                    "A note has at most " + Note.LONGEST + " letters. Part it in two, or write it below the lists.");
        }
        var added = NoteEdits.add(scene.plan(), scene.storey(), Position.of(at.get()), text, tip.map(Position::of));
        return Reply.commit(begin(kind), added.plan(), "Write note").picking(Set.of(added.id()));
    }

    @Override
    public Gesture dropped() {
        return begin(kind);
    }

    @Override
    public boolean underWay() {
        return at.isPresent() || tip.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (kind == Kind.POINTING && tip.isEmpty()) {
            return Readout.hint("Click what the note speaks of: a piece, a wall, a floor.");
        }
        if (at.isEmpty()) {
            return Readout.hint("Click where the note goes.");
        }
        return new Readout(
                List.of(new Readout.Field(NOTE, "")),
                "",
                tip.isPresent()
                        ? "Press Enter to say what it is, or type the note first."
                        : "Type the note and press Enter.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        tip.ifPresent(p -> {
            out.add(Sketches.spot(scene.frame(), p, 4 * scene.penMm(), scene.penMm()));
            at.or(() -> pointer)
                    .filter(q -> q.distance(p) > 1)
                    .ifPresent(q -> out.add(Sketches.line(scene.frame(), new Segment(p, q), scene.penMm(), false)));
        });
        at.ifPresent(p -> out.add(Sketches.spot(scene.frame(), p, 6 * scene.penMm(), scene.penMm())));
        return out;
    }
}
