package honeylamp.plan;

import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a note is set.
 *
 * @param widthMm of each column, in paper mm; 0 if lines are as long as they were typed
 * @param columns how many stand side by side
 */
@RecordBuilder
public record NoteForm(double widthMm, int columns, Setting setting, Edge edge, Ground ground, Sign sign)
        implements NoteFormBuilder.With {
    /** Where lines begin. */
    public enum Setting {
        LEFT("Left"),
        MIDDLE("Middle");

        private final String label;

        Setting(String label) {
            this.label = label;
        }

        /** The word people see. */
        public String label() {
            return label;
        }
    }

    /** What is drawn around a note. */
    public enum Edge {
        NONE("No edge"),
        LINE("Line around it");

        private final String label;

        Edge(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** What lies under a note. */
    public enum Ground {
        NONE("No ground"),
        PAPER("On paper of its own");

        private final String label;

        Ground(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** A sign that a note goes with. */
    public enum Sign {
        NONE("No sign"),
        /** A mark of a level, its tip at the note's place. */
        LEVEL("Level"),
        /** A full head at the end of the leader, pointing in. */
        ENTRANCE("Entrance");

        private final String label;

        Sign(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** Columns are no wider than this. */
    public static final double MOST_WIDTH_MM = 400;

    /** No more columns than this. */
    public static final int MOST_COLUMNS = 4;

    /** A line in the middle of nothing. */
    public static final NoteForm USUAL = new NoteForm(0, 1, Setting.MIDDLE, Edge.NONE, Ground.NONE, Sign.NONE);

    /** Refuses columns without end, and more than four. */
    public NoteForm {
        Checks.within("width of a note", widthMm, 0, MOST_WIDTH_MM);
        Checks.within("columns of a note", columns, 1, MOST_COLUMNS);
    }
}
