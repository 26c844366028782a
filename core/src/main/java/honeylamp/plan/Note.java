package honeylamp.plan;

import honeylamp.plan.ElementId.NoteId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Words on the plan about a point. A line that begins with {@code #} is a heading, one that begins with {@code -} a point
 * of a list, as in CommonMark; words in braces are read from the plan.
 *
 * @param at the middle of all that is written
 * @param leader from the words to what they speak of
 */
@RecordBuilder
public record Note(NoteId id, Position at, String text, NoteForm form, Optional<Leader> leader)
        implements Element, NoteBuilder.With {
    /** Longer notes belong in a document of their own. */
    public static final int LONGEST = 8000;

    /**
     * A line to what is meant.
     *
     * @param tip where it ends
     */
    public record Leader(Position tip, Hold hold) {
        /** A line to what lies there. */
        public static Leader to(Position tip) {
            return new Leader(tip, Hold.HELD);
        }
    }

    /** Refuses words without end. */
    public Note {
        if (text.length() > LONGEST) {
            throw new IllegalArgumentException("a note has " + text.length() + " letters, at most " + LONGEST);
        }
    }

    /** A line of words in the usual form. */
    public Note(NoteId id, Position at, String text) {
        this(id, at, text, NoteForm.USUAL, Optional.empty());
    }

    /** The place it speaks of: the tip of its leader, or where it stands. */
    public Position about() {
        return leader.map(Leader::tip).orElse(at);
    }

    @Override
    public Note moved(Motion motion) {
        return with(copy -> copy.at(motion.of(at)).leader(leader.map(l -> new Leader(motion.of(l.tip), l.hold))));
    }

    @Override
    public Note under(ElementId.Key key) {
        return withId(new NoteId(key));
    }

    @Override
    public List<Position> places() {
        return Stream.concat(Stream.of(at), leader.map(Leader::tip).stream()).toList();
    }
}
