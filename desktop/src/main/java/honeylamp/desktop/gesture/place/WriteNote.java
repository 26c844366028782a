package honeylamp.desktop.gesture.place;

import honeylamp.derive.pointing.Snapping;
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
import honeylamp.plan.NoteForm.Sign;
import honeylamp.plan.Position;
import honeylamp.takeoff.PlanFields;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Writes a note: a click says where, typed words and Enter say what. One on a leader is begun at what it speaks of, and
 * without words of its own says what that is. Levels and entrances are notes with a sign.
 *
 * @param tip what it points at
 */
public record WriteNote(Kind kind, Optional<Point> tip, Optional<Point> at, Optional<Point> pointer)
        implements Gesture {
    private static final Ask<String> NOTE = Ask.words("Note");

    /** Whether it points at something. */
    public enum Kind {
        PLAIN(Sign.NONE, "", "Click where the note goes.", "Type the note and press Enter."),
        POINTING(
                Sign.NONE,
                PlanFields.Field.NAME.braced(),
                "Click what the note speaks of: a piece, a wall, a floor.",
                "Press Enter to say what it is, or type the note first."),
        /** The level of the floor where it is clicked. */
        LEVEL(Sign.LEVEL, PlanFields.Field.LEVEL.braced(), "Click the floor whose level is told.", ""),
        /** How high what is pointed at is. */
        HEIGHT(
                Sign.NONE,
                PlanFields.Field.HEIGHT.braced(),
                "Click what is so high: an opening, a piece, a wall, or a floor for what is clear above it.",
                "Press Enter to say how high it is, or type the note first."),
        /** Where one goes in. */
        ENTRANCE(
                Sign.ENTRANCE,
                "Entrance",
                "Click the threshold one enters by.",
                "Press Enter for an entrance, or type what it is called first.");

        private final Sign sign;
        private final String usual;
        private final String first;
        private final String then;

        /**
         * A kind of note.
         *
         * @param usual what it says if nothing is typed
         * @param first said before the first click
         * @param then said once it has its place
         */
        Kind(Sign sign, String usual, String first, String then) {
            this.sign = sign;
            this.usual = usual;
            this.first = first;
            this.then = then;
        }

        private boolean points() {
            return this == POINTING || this == HEIGHT || this == ENTRANCE;
        }
    }

    /** No place yet. */
    public static WriteNote begin() {
        return begin(Kind.PLAIN);
    }

    /** Nothing pointed at yet. */
    public static WriteNote pointing() {
        return begin(Kind.POINTING);
    }

    /** No level marked yet. */
    public static WriteNote level() {
        return begin(Kind.LEVEL);
    }

    /** Nothing pointed at yet whose height is told. */
    public static WriteNote height() {
        return begin(Kind.HEIGHT);
    }

    /** No entrance marked yet. */
    public static WriteNote entrance() {
        return begin(Kind.ENTRANCE);
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
        var there = Optional.of(
                kind == Kind.ENTRANCE && tip.isEmpty()
                        ? Snapping.measured(scene.laid(), List.of(), pointer.at(), scene.reachMm())
                                .map(Snapping.Snap::at)
                                .orElse(pointer.at())
                        : pointer.at());
        if (kind == Kind.LEVEL) {
            return written(scene, pointer.at(), kind.usual);
        }
        return Reply.to(
                kind.points() && tip.isEmpty()
                        ? new WriteNote(kind, there, at, there)
                        : new WriteNote(kind, tip, there, there));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var said = typed.of(NOTE).orElse("");
        var text = said.isEmpty() && tip.isPresent() ? usual(scene, tip.get()) : said;
        if (at.isEmpty() || text.isEmpty()) {
            return Reply.complain(this, readout(scene).hint());
        }
        if (text.length() > Note.LONGEST) {
            return Reply.complain(
                    this,
                    "A note has at most " + Note.LONGEST + " letters. Part it in two, or write it below the lists.");
        }
        return written(scene, at.get(), text);
    }

    private String usual(Surroundings scene, Point there) {
        return kind == Kind.HEIGHT ? PlanFields.heightWords(scene.laid(), there) : kind.usual;
    }

    private Reply written(Surroundings scene, Point where, String text) {
        var added = NoteEdits.add(scene.plan(), scene.storey(), Position.of(where), text, tip.map(Position::of));
        var signed = NoteEdits.form(added.plan(), scene.storey(), added.id(), f -> f.withSign(kind.sign));
        return Reply.commit(begin(kind), signed, "Write note").picking(Set.of(added.id()));
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
        if (kind.points() && tip.isEmpty()) {
            return Readout.hint(kind.first);
        }
        if (kind == Kind.LEVEL) {
            return Readout.hint(kind.first);
        }
        if (at.isEmpty()) {
            return Readout.hint("Click where the note goes.");
        }
        return new Readout(List.of(new Readout.Field(NOTE, "")), "", kind.then);
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
