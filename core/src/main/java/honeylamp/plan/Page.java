package honeylamp.plan;

import honeylamp.geometry.Box;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Underlay.Picture;
import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * A page that leaves the house: views of the plan, lists and words on a sheet.
 *
 * @param name empty if it is called like its first view
 * @param views those on it, side by side in this order
 * @param lists those beside the views, or below them on narrow paper
 * @param notes what is written below the lists; lines as they were typed
 * @param pictures those laid on it, the last on top
 * @param boxes notes laid on it
 * @param arrangement how all this stands on the paper
 */
@RecordBuilder
public record Page(
        PageId id,
        String name,
        Sheet sheet,
        List<ViewId> views,
        Set<Listing> lists,
        String notes,
        List<LaidPicture> pictures,
        List<LaidNote> boxes,
        Arrangement arrangement)
        implements PageBuilder.With {
    /** What pages list until somebody chooses. */
    private static final Set<Listing> USUAL_LISTS =
            Collections.unmodifiableSet(EnumSet.of(Listing.ROOMS, Listing.FINISHES));

    /**
     * A picture laid on the page, as a mark of the house or a photograph; it keeps its proportions.
     *
     * @param leftMm from the left edge of the paper to its own, in paper mm
     * @param downMm from the upper edge of the paper to its own, in paper mm
     * @param widthMm in paper mm
     */
    public record LaidPicture(Picture picture, double leftMm, double downMm, double widthMm) {
        /** Smaller than this nothing is seen of a picture, in paper mm. */
        public static final double LEAST_MM = 2;

        /** Refuses pictures narrower than 2 mm, and places that are none. */
        public LaidPicture {
            Checks.within("width of a picture", widthMm, LEAST_MM, 2000);
            Checks.within("left of a picture", leftMm, 0, 2000);
            Checks.within("top of a picture", downMm, 0, 2000);
        }

        /** In paper mm. */
        public double heightMm() {
            return widthMm * picture.heightPx() / picture.widthPx();
        }

        /** What it covers, in paper mm. */
        public Box box() {
            return new Box(leftMm, downMm, leftMm + widthMm, downMm + heightMm());
        }
    }

    /**
     * A note laid on the page: paragraphs, headings and lists as in {@link Note}.
     *
     * @param leftMm from the left edge of the paper to what is written, in paper mm
     * @param downMm from the upper edge of the paper to what is written, in paper mm
     */
    public record LaidNote(String text, double leftMm, double downMm, NoteForm form) {
        /** Refuses words without end, and places that are none. */
        public LaidNote {
            if (text.length() > Note.LONGEST) {
                throw new IllegalArgumentException("a note has " + text.length() + " letters, at most " + Note.LONGEST);
            }
            Checks.within("left of a note", leftMm, 0, 2000);
            Checks.within("top of a note", downMm, 0, 2000);
        }
    }

    /** So much of what is laid on a page is seen on any paper, in paper mm. */
    private static final double LEAST_SEEN_MM = 30;

    /** A list that makes itself. */
    public enum Listing {
        /** Rooms with their areas. */
        ROOMS("Rooms and areas"),
        /** The finishes that are seen. */
        FINISHES("Finishes"),
        /** The types of walls that are cut, and what becomes of walls in the works. */
        WALLS("Walls"),
        /** What to order for the surfaces that are seen. */
        ORDER("To order"),
        /** The colours that are seen, and where. */
        COLOURS("Colours"),
        /** The pieces that are seen, with pictures and prices. */
        SHOPPING("Shopping list"),
        /** What the runs that are seen are made up of. */
        UNITS("Units of runs"),
        /** What the pieces that are seen come to, room by room. */
        COSTS("Cost by room"),
        /** How wide the ways to rooms are. */
        WAYS("Ways to rooms"),
        /** What the storeys of the house come to, net and gross, and what is counted apart. */
        AREAS("Areas of the house"),
        /** In what the schemes that are seen differ from those they are marked against. */
        DIFFERENCES("What differs"),
        /** The symbols of lights, switches and outlets, and how many there are. */
        FITTINGS("Lighting and power"),
        /** Fittings room by room, with what they draw and cost, and their sums. */
        FITTING_SCHEDULE("Lighting schedule"),
        /** A square of a known side, to measure on a print. */
        SQUARE("Checking square"),
        /** Doors and plain openings of the storeys that are seen. */
        DOORS("Doors"),
        WINDOWS("Windows"),
        /** Chips of what is laid and painted, side by side, each with its name and where it is. */
        PALETTE("Palette strip"),
        /** Where in the storey the views are that show only a part of it, or walls from the front. */
        KEY_PLAN("Key plan"),
        /** What was changed, and when. */
        REVISIONS("Revisions"),
        /** North and the scale with its bar, where they should not stand in the title block. */
        ORIENTATION("Scale and north");

        private final String label;

        Listing(String label) {
            this.label = label;
        }

        /** The name people see. */
        public String label() {
            return label;
        }
    }

    /** Freezes the lists; refuses a page without a view, and one that has a view twice. */
    public Page {
        boxes = List.copyOf(boxes);
        views = List.copyOf(views);
        if (views.isEmpty() || views.stream().distinct().count() < views.size()) {
            throw new IllegalArgumentException("page " + id.text() + " needs views, each once");
        }
        var listed = EnumSet.noneOf(Listing.class);
        listed.addAll(lists);
        lists = Collections.unmodifiableSet(listed);
        pictures = List.copyOf(pictures);
    }

    /** A page as a new plan has it for a view: with all lists where they take no room from it. */
    public static Page of(PageId id, ViewId view, Sheet sheet) {
        return new Page(id, "", sheet, List.of(view), USUAL_LISTS, "", List.of(), List.of(), Arrangement.USUAL);
    }

    /**
     * The page on another sheet; what lay where there is no paper any more comes in from its edge.
     */
    public Page on(Sheet other) {
        var right = other.widthMm() - LEAST_SEEN_MM;
        var bottom = other.heightMm() - LEAST_SEEN_MM;
        var laid = pictures.stream()
                .map(p -> new LaidPicture(
                        p.picture,
                        Math.min(p.leftMm, right),
                        Math.min(p.downMm, bottom),
                        Math.min(p.widthMm, other.widthMm())))
                .toList();
        var notes = boxes.stream()
                .map(n -> new LaidNote(n.text, Math.min(n.leftMm, right), Math.min(n.downMm, bottom), n.form))
                .toList();
        return with(copy ->
                copy.sheet(other).pictures(laid).boxes(notes).arrangement(arrangement.on(other, LEAST_SEEN_MM)));
    }

    /** The page with a list, or without it if it has it; it comes back where it goes by itself. */
    public Page toggling(Listing list) {
        var other = EnumSet.noneOf(Listing.class);
        other.addAll(lists);
        if (!other.remove(list)) {
            other.add(list);
        }
        return with(copy -> copy.lists(other).arrangement(arrangement.lifting(list)));
    }

    /** Whether what is listed stands in a column beside the views; else in a band below them. */
    public boolean hasColumn() {
        return showsViews() && isBeside();
    }

    private boolean isBeside() {
        return switch (arrangement.lists()) {
            case BY_PAPER -> sheet.hasColumn();
            case RIGHT, LEFT -> sheet.hasRoomForColumn();
            case BELOW -> false;
        };
    }

    /** Whether its views are drawn on it. */
    public boolean showsViews() {
        return arrangement.shares() != Arrangement.Shares.LISTS_ONLY;
    }

    /** The page with a view put in place of another. */
    public Page putting(ViewId instead, ViewId of) {
        var other = new ArrayList<>(views);
        other.replaceAll(v -> v.equals(of) ? instead : v);
        return withViews(other);
    }
}
