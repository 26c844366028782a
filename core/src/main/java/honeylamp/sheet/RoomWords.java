package honeylamp.sheet;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.listing.Tags;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Point;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.LabelArt;
import honeylamp.illustrate.words.OtherWords;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Showing;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * The label of a room on a page.
 *
 * @param words what it says, from the top down; none if there was no place
 * @param at its middle on the page, in paper mm
 */
public record RoomWords(LaidView view, Room room, List<String> words, Optional<Point> at, Place place) {
    /** Where a label lies. */
    public enum Place {
        INSIDE,
        /** On a leader, in another room or outside. */
        BESIDE,
        /** In its room over furniture, on a ground of its own. */
        OVER,
        /** Nowhere: it would lie over walls or other words. */
        NOWHERE
    }

    /** Freezes the words. */
    public RoomWords {
        words = List.copyOf(words);
    }

    /** The labels of all views from above on a page. */
    public static List<RoomWords> on(LaidPage page) {
        return page.views().stream()
                .filter(v -> v.view().isPlan() && v.view().seen().shows(Showing.Kind.ROOM_NAMES))
                .flatMap(v -> of(page, v))
                .toList();
    }

    private static Stream<RoomWords> of(LaidPage page, LaidView view) {
        var frame = SheetComposer.frame(page, view.view().id());
        var labels = new LabelArt(view, frame, Pens.of(view.look(), frame.scale())).labels();
        var placed = labels.placed().stream()
                .map(p -> new RoomWords(
                        view,
                        p.room(),
                        p.words(),
                        Optional.of(p.centre()),
                        p.plated() ? Place.OVER : p.leader().isPresent() ? Place.BESIDE : Place.INSIDE));
        var nowhere =
                labels.unplaced().stream().map(r -> new RoomWords(view, r, List.of(), Optional.empty(), Place.NOWHERE));
        return Stream.concat(placed, nowhere);
    }

    /** Names of pieces, sizes of rooms and tags of openings that were to be written and are left out for want of a place. */
    private static Stream<Snag> leftOut(LaidPage page, LaidView view) {
        var frame = SheetComposer.frame(page, view.view().id());
        var without =
                OtherWords.of(view, frame, Pens.of(view.look(), frame.scale())).leftOut();
        var names = leftOutOf(page, without.names(), "the name of ");
        var distances = leftOutOf(page, without.distances(), "the distances of ");
        var sizes = leftOut(page, without.sizes(), "the width and depth of ");
        var tiles = leftOut(page, without.tiles(), "the rows of tiles of ");
        var written = Tags.of(view.plan());
        var tags = without.tags().stream()
                .flatMap(id -> view.storey().geometry().cuts().stream()
                        .filter(c -> c.opening().id().equals(id))
                        .map(c -> leftOut(page, c.middle().middle(), Stream.of(id), "the tag " + written.get(id))));
        var steps = without.steps().stream()
                .map(s -> leftOut(page, s.line().middle(), s.around().stream(), "the height of a step"));
        return Stream.of(names, distances, sizes, tiles, tags, steps).flatMap(Function.identity());
    }

    private static Stream<Snag> leftOutOf(LaidPage page, List<Furnishing> pieces, String what) {
        return pieces.stream()
                .map(f -> leftOut(
                        page,
                        Picking.footprint(f).bounds().centre(),
                        Stream.of(f.id()),
                        what + Furnishings.label(f).toLowerCase(Locale.ROOT)));
    }

    private static Stream<Snag> leftOut(LaidPage page, List<Room> rooms, String what) {
        return rooms.stream()
                .flatMap(r -> r.mark().stream()
                        .map(m -> leftOut(page, r.outline().bounds().centre(), Stream.of(m.id()), what + r.name())));
    }

    private static Snag leftOut(LaidPage page, Point where, Stream<? extends ElementId> about, String what) {
        return new Snag(
                Snag.Kind.LABEL_WITHOUT_PLACE,
                where,
                about.<ElementId>map(id -> id).toList(),
                "On " + page.name() + " no place is left for " + what
                        + ", or for all of it, so it is left out. Take a larger scale, or let fewer things say what they are.");
    }

    /** What is wrong with words on a storey: those that are left out for want of a place. */
    static List<Snag> snags(LaidPage page, ElementId.StoreyId storey) {
        var others = page.views().stream()
                .filter(v -> v.view().isPlan() && v.storey().id().equals(storey))
                .flatMap(v -> Stream.concat(leftOut(page, v), WordsOverWords.of(page, v).stream()));
        return Stream.concat(labels(page, storey), others).toList();
    }

    private static Stream<Snag> labels(LaidPage page, ElementId.StoreyId storey) {
        return on(page).stream()
                .filter(w -> w.place == Place.NOWHERE && w.view.storey().id().equals(storey))
                .map(
                        w -> new Snag(
                                Snag.Kind.LABEL_WITHOUT_PLACE,
                                w.room.outline().bounds().centre(),
                                w.room.mark().<ElementId>map(RoomMark::id).stream()
                                        .toList(),
                                "On " + page.name() + " no place is left for the label of " + w.room.name()
                                        + ", so it is left out. Drag it where it may lie, let labels say less, or take a larger scale."));
    }
}
