package honeylamp.plan;

import honeylamp.plan.ElementId.NoteId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/** A line of text on the plan, centred at a point. */
@RecordBuilder
public record Note(NoteId id, Position at, String text) implements Element, NoteBuilder.With {
    @Override
    public Note moved(Motion motion) {
        return withAt(motion.of(at));
    }

    @Override
    public Note under(ElementId.Key key) {
        return withId(new NoteId(key));
    }

    @Override
    public List<Position> places() {
        return List.of(at);
    }
}
