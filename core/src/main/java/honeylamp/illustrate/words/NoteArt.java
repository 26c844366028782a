package honeylamp.illustrate.words;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Note;
import honeylamp.plan.TextRole;
import java.util.List;

/** Writes notes where they were put. */
final class NoteArt {
    private final PaperFrame frame;
    private final Pens pens;

    NoteArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    List<Mark> marks(List<Note> notes) {
        return notes.stream().map(this::mark).toList();
    }

    private Mark mark(Note note) {
        var high = pens.cap(TextRole.NOTE);
        var at = frame.paper(note.at().point()).plus(new Point(0, high / 2));
        return new Mark.Text(note.text(), at, high, Typeface.REGULAR, 0, Mark.Align.MIDDLE, 0, pens.ink());
    }
}
