package honeylamp.plan;

import honeylamp.plan.ElementId.NoteId;
import java.util.List;

/** A line of text on the plan, centred at a point. */
public record Note(NoteId id, Position at, String text) implements Element {
    @Override
    public Note moved(Motion motion) {
        return new Note(id, motion.of(at), text);
    }

    @Override
    public Note under(ElementId.Key key) {
        return new Note(new NoteId(key), at, text);
    }

    @Override
    public List<Position> places() {
        return List.of(at);
    }
}
