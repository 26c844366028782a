package honeylamp.desktop.command;

import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Workspace;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Something a person can ask the window for.
 *
 * @param id its name for the program, which stays when its words change
 * @param words its name for people
 * @param hint what it does, as a tooltip begins
 * @param keys the keys that ask for it, the usual ones first; empty if there are none
 * @param where where the keyboard must be for these keys
 * @param possible when it can be done
 */
public record Command(
        String id,
        String words,
        String hint,
        Place place,
        List<Keys> keys,
        Where where,
        Predicate<Workspace> possible,
        Runnable action) {
    /** What a command is about. */
    public enum Place {
        /** Plans and files. */
        PLAN("Plans and files"),
        /** Pictures to trace. */
        PICTURE("Pictures to trace"),
        /** What is picked, and what was done. */
        PICKED("What is picked, and taking back"),
        /** Gestures under way. */
        GESTURE("While drawing and placing"),
        /** What is drawn or put in next. */
        NEXT("What comes next"),
        SEEN("What is seen"),
        /** The pointer and the keyboard. */
        HANDS("Pointer and keyboard"),
        DEVICE("Devices");

        private final String label;

        Place(String label) {
            this.label = label;
        }

        /** The heading shown to people. */
        public String label() {
            return label;
        }
    }

    /** Where the keyboard must be for the keys of a command. */
    public enum Where {
        /** Anywhere, also where something is being typed. */
        ANYWHERE,
        /** Anywhere but where something is being typed. */
        OUTSIDE_TEXT,
        DRAWING
    }

    public Command {
        keys = List.copyOf(keys);
    }

    /** Whether it is found by its words; what moves the pointer or goes from field to field is not. */
    public boolean isFound() {
        return place != Place.HANDS;
    }

    /** Its keys in words, e.g. {@code Ctrl+Z}; empty if it has none. */
    public String keyText() {
        return keys.stream().map(Keys::text).distinct().collect(Collectors.joining(", "));
    }

    /** What a tooltip says: what it does, and its first keys. */
    public String tip() {
        return tip(hint);
    }

    /** A tooltip of other words with its first keys. */
    public String tip(String words) {
        return keys.isEmpty() ? words : words + " (" + keys.getFirst().text() + ")";
    }
}
