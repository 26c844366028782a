package honeylamp.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * What a view writes into its rooms, line by line.
 *
 * @param parts from the top down, each at most once
 * @param basis up to where areas are counted
 * @param cramped what a room says that has no space for its name
 */
@RecordBuilder
public record RoomLabel(List<Part> parts, AreaBasis basis, Cramped cramped) implements RoomLabelBuilder.With {
    /** Something to be said of a room. */
    public enum Part {
        NAME("Name"),
        NUMBER("Number"),
        USE("Use"),
        AREA("Area"),
        /** Width and depth from face to face. */
        CLEAR_SIZE("Clear size"),
        CLEAR_HEIGHT("Clear height"),
        /** The finish of its floor. */
        FLOOR("Floor finish"),
        /** What was written for this room alone. */
        OWN_WORDS("Own words");

        private final String label;

        Part(String label) {
            this.label = label;
        }

        /** The name people see. */
        public String label() {
            return label;
        }
    }

    /** What a room says whose name cannot have air all around it. */
    public enum Cramped {
        /** Its number, which the list of rooms on the page explains; its name where there is no such list. */
        NUMBER,
        /** Its name, closer to what stands there. */
        NAME;

        /** The other of the two. */
        public Cramped other() {
            return this == NUMBER ? NAME : NUMBER;
        }
    }

    /** As new plans have it. */
    public static final RoomLabel USUAL =
            new RoomLabel(List.of(Part.NAME, Part.AREA, Part.CLEAR_SIZE, Part.OWN_WORDS), AreaBasis.INNER_FACES);

    /** One that says the number of a room which has no space for its name. */
    public RoomLabel(List<Part> parts, AreaBasis basis) {
        this(parts, basis, Cramped.NUMBER);
    }

    /** Takes out what is said twice. */
    public RoomLabel {
        parts = parts.stream().distinct().toList();
    }

    /** With a part as the last line, or without it. */
    public RoomLabel toggling(Part part) {
        var other = new ArrayList<>(parts);
        if (!other.remove(part)) {
            other.add(part);
        }
        return withParts(other);
    }

    /** With a part one line higher; the first stays. */
    public RoomLabel higher(Part part) {
        var at = parts.indexOf(part);
        if (at < 1) {
            return this;
        }
        var other = new ArrayList<>(parts);
        Collections.swap(other, at, at - 1);
        return withParts(other);
    }
}
