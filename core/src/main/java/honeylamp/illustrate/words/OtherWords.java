package honeylamp.illustrate.words;

import honeylamp.derive.listing.FloorSteps;
import honeylamp.derive.listing.FloorSteps.Step;
import honeylamp.derive.listing.GroupsElsewhere;
import honeylamp.derive.listing.Tags;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.building.StairArt;
import honeylamp.illustrate.fitting.FittingArt;
import honeylamp.illustrate.ground.StepArt;
import honeylamp.illustrate.paper.Depth;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Annotation;
import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Furnishing;
import honeylamp.plan.RoomPairs;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Storey;
import honeylamp.takeoff.CutNumbers;
import honeylamp.takeoff.lighting.FittingList;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * All words and figures of a view that lie where something is, and that labels of rooms therefore keep off.
 *
 * @param figures single dimensions, radii and sizes of rooms
 * @param notes what was written by hand
 * @param sights marks of elevations
 * @param parts what pieces and parts of own pieces are called
 * @param stairs up or down, and how many risers; and how high steps of floors are
 * @param tags tags of openings
 * @param fittings symbols of lights, switches and outlets, with their numbers
 * @param lines of dimensions and leaders, in plan mm
 * @param leftOut what found no place
 */
@RecordBuilder
public record OtherWords(
        PaperFrame frame,
        List<Mark> figures,
        List<Mark> notes,
        List<Mark> sights,
        List<Mark> parts,
        List<Mark> stairs,
        List<Mark> tags,
        List<Mark> fittings,
        List<Segment> lines,
        LeftOut leftOut)
        implements OtherWordsBuilder.With {
    /**
     * What was to be written and found no place: names and distances of pieces, sizes and tiles of rooms, tags, heights of
     * steps.
     */
    @RecordBuilder
    public record LeftOut(
            List<Furnishing> names,
            List<Furnishing> distances,
            List<Room> sizes,
            List<Room> tiles,
            List<OpeningId> tags,
            List<Step> steps)
            implements OtherWordsLeftOutBuilder.With {
        private static final LeftOut NOTHING =
                new LeftOut(List.of(), List.of(), List.of(), List.of(), List.of(), List.of());
    }

    private static final double AIR_MM = 0.3;

    /** Around words outside the building, as plates have it. */
    private static final double OUTSIDE_AIR_MM = 0.8;

    private static final double CHORD_ERROR_MM = 20;

    /** The words of a view that are seen. */
    public static OtherWords of(LaidView view, PaperFrame frame, Pens pens) {
        return of(view, frame, pens, new Remembered());
    }

    /** The same, with what is remembered of pictures before. */
    public static OtherWords of(LaidView view, PaperFrame frame, Pens pens, Remembered remembered) {
        var words = alone(view, frame, pens, remembered);
        var annotation = view.view().annotation();
        var seen = view.view().seen();
        if (annotation.words() == Annotation.Words.WRITTEN && seen.shows(Kind.FIXED_PARTS)) {
            words = words.withSteps(view, pens, remembered);
        }
        var tags = tags(view);
        if (!tags.isEmpty()) {
            words = words.withTags(view, tags, pens, remembered);
        }
        if (!annotation.pairs().equals(RoomPairs.NONE) && seen.shows(Kind.DIMENSIONS)) {
            words = withPairs(words, view, frame, pens, remembered);
        }
        if (annotation.tiles() == Annotation.Tiles.MEASURED
                && seen.shows(Kind.DIMENSIONS)
                && seen.shows(Kind.FINISHES)) {
            words = withTiles(words, view, frame, pens, remembered);
        }
        if (annotation.tiles() == Annotation.Tiles.NUMBERED && seen.shows(Kind.FINISHES)) {
            words = withNumbers(words, view, frame, pens, remembered);
        }
        if (!annotation.distances().isEmpty() && seen.shows(Kind.FURNITURE) && seen.shows(Kind.DIMENSIONS)) {
            var measured = new PieceNames(view, frame, pens)
                    .distances(KeptOff.of(view, remembered, words.taken()), words.withLabels(view, pens, remembered));
            words = words.withMore(measured.marks(), List.of(), measured.lines())
                    .withLeftOut(words.leftOut.withDistances(measured.without()));
        }
        if (!annotation.pieces().isEmpty() && seen.shows(Kind.FURNITURE) && seen.shows(Kind.NOTES)) {
            var taken = words.taken();
            var written = new PieceNames(view, frame, pens)
                    .names(
                            KeptOff.of(view, remembered, taken),
                            KeptOff.unmoved(view, remembered, taken),
                            words.written());
            words = words.withMore(List.of(), written.marks(), written.lines())
                    .withLeftOut(words.leftOut.withNames(written.without()));
        }
        return words;
    }

    /** With how high steps of floors are: clear of all that stands there, or at least of walls and words. */
    private OtherWords withSteps(LaidView view, Pens pens, Remembered remembered) {
        var geometry = view.storey().geometry();
        List<Step> steps = remembered.answerOf(
                About.STEPS,
                List.of(geometry.rooms(), geometry.cuts(), geometry.storey().regions()),
                () -> FloorSteps.on(view.storey()));
        if (steps.isEmpty()) {
            return this;
        }
        List<Outline> walls = remembered.answerOf(
                About.STANDING,
                List.of(geometry.network(), geometry.cuts(), steps),
                () -> KeptOff.standingNear(view, steps.stream().map(Step::line).toList()));
        var clear = KeptOff.of(view, remembered, taken()).and(walls);
        var fair = KeptOff.of(written()).and(walls);
        var heights =
                new StepArt(frame, pens).heights(steps, view.plan().rounding(), List.of(clear::isFree, fair::isFree));
        return withStairs(joined(stairs, heights.marks())).withLeftOut(leftOut.withSteps(heights.without()));
    }

    private enum About {
        STEPS,
        NUMBERS,
        FITTINGS,
        STANDING
    }

    private OtherWords withTags(LaidView view, Map<OpeningId, String> wanted, Pens pens, Remembered remembered) {
        var taken = new ArrayList<>(taken());
        var sides = TierPlaces.seen(view);
        if (!sides.isEmpty()) {
            new DimensionArt(frame, pens)
                    .figures(view, sides, List.of())
                    .forEach(b -> taken.add(Outline.of(onPlan(b))));
        }
        var tagged = new TagArt(frame, pens)
                .tagged(
                        view.storey().geometry(),
                        wanted,
                        KeptOff.of(view, remembered, taken).walled(view),
                        KeptOff.unmoved(view, remembered, taken).walled(view));
        return withTags(tagged.marks()).withLeftOut(leftOut.withTags(tagged.without()));
    }

    private static OtherWords withTiles(
            OtherWords known, LaidView view, PaperFrame frame, Pens pens, Remembered remembered) {
        var off = KeptOff.of(view, remembered, known.taken());
        var rows = new TileRows(view, frame, pens).rows(off, known.withLabels(view, pens, remembered));
        return known.withMore(rows.marks(), List.of(), rows.lines())
                .withLeftOut(known.leftOut.withTiles(rows.without()));
    }

    private static OtherWords withNumbers(
            OtherWords known, LaidView view, PaperFrame frame, Pens pens, Remembered remembered) {
        List<CutNumbers.Numbered> numbers =
                remembered.answerOf(About.NUMBERS, List.of(view.plan()), () -> CutNumbers.of(view.plan()));
        var off = KeptOff.of(view, remembered, known.taken());
        return known.withMore(
                new TileNumbers(view, frame, pens).of(numbers, off, known.withLabels(view, pens, remembered)),
                List.of(),
                List.of());
    }

    /** What words cover, and where labels of rooms would lie. */
    private List<Outline> withLabels(LaidView view, Pens pens, Remembered remembered) {
        return view.view().seen().shows(Kind.ROOM_NAMES)
                ? joined(new LabelArt(view, frame, pens, this, remembered).covered(), written())
                : written();
    }

    private static OtherWords withPairs(
            OtherWords known, LaidView view, PaperFrame frame, Pens pens, Remembered remembered) {
        var off = KeptOff.of(view, remembered, known.taken());
        var pairs = new RoomSizes(view, frame, pens, remembered).pairs(off, known.withLabels(view, pens, remembered));
        return known.withMore(pairs.marks(), List.of(), pairs.lines())
                .withLeftOut(known.leftOut.withSizes(pairs.without()));
    }

    private OtherWords withMore(List<Mark> moreFigures, List<Mark> moreParts, List<Segment> moreLines) {
        return withFigures(joined(figures, moreFigures))
                .withParts(joined(parts, moreParts))
                .withLines(joined(lines, moreLines));
    }

    private static <T> List<T> joined(List<T> a, List<T> b) {
        return Stream.concat(a.stream(), b.stream()).toList();
    }

    /** No words, on a paper. */
    static OtherWords none(PaperFrame frame) {
        return new OtherWords(
                frame,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                LeftOut.NOTHING);
    }

    /** All but the sizes of rooms, which keep off the rest. */
    private static OtherWords alone(LaidView view, PaperFrame frame, Pens pens, Remembered remembered) {
        var showing = view.view().seen();
        var storey = view.storey().geometry().storey();
        var art = new DimensionArt(frame, pens);
        var in = view.shownIn();
        var figures = new ArrayList<Mark>();
        if (showing.shows(Kind.DIMENSIONS)) {
            figures.addAll(art.singles(storey.dimensions(), in));
            var round = new RoundArt(frame, pens);
            figures.addAll(round.rounds(storey.roundDimensions(), in));
            figures.addAll(round.radii(storey.standing(), storey.roundDimensions(), in));
        }
        var isWritten = view.view().annotation().words() == Annotation.Words.WRITTEN;
        var isNoted = showing.shows(Kind.NOTES);
        var placed = none(frame)
                .withFigures(figures)
                .withNotes(isNoted ? notes(view, storey, frame, pens) : List.of())
                .withSights(isNoted ? ElevationMarks.of(view, frame, pens) : List.of())
                .withParts(
                        isWritten && showing.shows(Kind.FURNITURE)
                                ? new PartLabels(frame, pens).marks(storey.furnishings())
                                : List.of())
                .withFittings(showing.shows(Kind.FITTINGS) ? fittings(view, frame, pens, remembered) : List.of())
                .withLines(lines(view, storey));
        return isWritten && showing.shows(Kind.FIXED_PARTS) ? placed.withStairs(view, pens) : placed;
    }

    /** With words at stairs, clear of walls and of what lies where a hand put it. */
    private OtherWords withStairs(LaidView view, Pens pens) {
        var cutMm = view.storey().geometry().storey().levels().cut().mm();
        var off = KeptOff.of(written()).walled(view);
        var words = Depth.of(view, frame)
                .map(depth -> StairArt.raised(depth, pens, Lamp.LIT))
                .orElseGet(() -> new StairArt(frame, pens, Lamp.LIT, cutMm))
                .words(view.storey().fixedParts().stairs(), off::isFree);
        return withStairs(words);
    }

    private static List<Mark> fittings(LaidView view, PaperFrame frame, Pens pens, Remembered remembered) {
        var geometry = view.storey().geometry();
        var storey = geometry.storey();
        var isTagged = view.view().showing().shows(Kind.TAGS);
        return remembered.answerOf(
                About.FITTINGS,
                List.of(
                        storey.fittings(),
                        geometry.network(),
                        geometry.rooms(),
                        storey.furnishings(),
                        storey.levels(),
                        isTagged || view.plan().storeys().size() > 1
                                ? view.plan().storeys()
                                : isTagged),
                () -> {
                    var placed = FittingPlaces.on(geometry);
                    var art = new FittingArt(frame, pens);
                    Function<Fitting, String> tags = isTagged ? FittingList.tags(view.plan())::of : _ -> "";
                    return joined(art.symbols(placed), art.numbers(placed, tags, GroupsElsewhere.of(view.storey())));
                });
    }

    private static List<Mark> notes(LaidView view, Storey storey, PaperFrame frame, Pens pens) {
        return joined(
                new FreeMarkArt(frame, pens).marks(storey.freeMarks()),
                new NoteArt(view, frame, pens).marks(storey.notes()));
    }

    /** Lines of dimensions, axes and free marks, and leaders of notes from the middle of their words. */
    private static List<Segment> lines(LaidView view, Storey storey) {
        var showing = view.view().seen();
        var out = new ArrayList<Segment>();
        if (showing.shows(Kind.DIMENSIONS)) {
            storey.dimensions().stream().map(Dimension::line).forEach(out::add);
            storey.roundDimensions().forEach(d -> out.addAll(chords(d)));
        }
        if (AxisArt.isSeen(view)) {
            out.addAll(AxisArt.lines(view));
        }
        if (showing.shows(Kind.NOTES)) {
            storey.freeMarks().forEach(m -> out.addAll(m.lines()));
            storey.notes()
                    .forEach(n -> n.leader()
                            .ifPresent(l ->
                                    out.add(new Segment(n.at().point(), l.tip().point()))));
        }
        out.removeIf(l -> l.length() < 1);
        return out;
    }

    private static List<Segment> chords(RoundDimension dimension) {
        var line = dimension.line();
        var points = new ArrayList<Point>();
        points.add(line.a());
        points.addAll(line.between(CHORD_ERROR_MM));
        points.add(line.b());
        var out = new ArrayList<Segment>();
        for (var i = 1; i < points.size(); i++) {
            out.add(new Segment(points.get(i - 1), points.get(i)));
        }
        return out;
    }

    /** The tags of openings, if a view shows them. */
    private static Map<OpeningId, String> tags(LaidView view) {
        return view.view().seen().shows(Kind.TAGS) ? Tags.of(view.plan()) : Map.of();
    }

    /** All of it. */
    public List<Mark> all() {
        return Stream.of(figures, notes, sights, parts, stairs, tags, fittings)
                .flatMap(List::stream)
                .toList();
    }

    /** Where figures, notes, names of pieces and words at stairs are read, in paper mm. */
    public List<Box> read() {
        return read(joined(joined(figures, notes), joined(parts, stairs)));
    }

    /** Where tags, notes and other words are read outside the building, in paper mm. */
    public List<Box> readOutside(StoreyGeometry geometry) {
        return Stream.of(figures, notes, sights, tags)
                .flatMap(marks -> read(marks).stream())
                .filter(box -> geometry.roomAt(frame.plan(box.centre())).isEmpty())
                .map(box -> box.grown(OUTSIDE_AIR_MM))
                .toList();
    }

    /** Where words are read, in paper mm. */
    public List<Box> read(List<Mark> words) {
        return Mark.words(words)
                .map(t -> Box.around(
                        covered(t).shell().corners().stream().map(frame::paper).toList()))
                .toList();
    }

    /** What words and figures cover, in plan mm: no line strikes them. */
    List<Outline> written() {
        var out = new ArrayList<Outline>();
        Stream.of(figures, notes, sights, parts, stairs, tags).forEach(marks -> covered(out, marks));
        return out;
    }

    /** What they and their lines cover, in plan mm. */
    List<Outline> taken() {
        var out = written();
        lines.forEach(line -> out.add(covered(line, frame)));
        return out;
    }

    /** Whether a line runs over words or ends on them, all in plan mm. */
    static boolean strikes(Segment line, Outline words) {
        return words.bounds().meets(line.bounds())
                && (words.contains(line.b()) || words.shell().edges().stream().anyMatch(line::touches));
    }

    /** What a drawn line covers with a little air, in plan mm as the line is; it is no mere point. */
    static Outline covered(Segment line, PaperFrame frame) {
        var aside = line.unit().left().times(frame.planMm(AIR_MM));
        return Outline.of(new Ring(List.of(
                        line.a().plus(aside),
                        line.a().minus(aside),
                        line.b().minus(aside),
                        line.b().plus(aside)))
                .counterClockwise());
    }

    private void covered(List<Outline> out, List<Mark> marks) {
        for (var mark : marks) {
            switch (mark) {
                case Mark.Text text -> out.add(covered(text));
                case Mark.Haloed haloed -> out.add(covered(haloed.text()));
                case Mark.Fill fill -> out.add(Outline.of(onPlan(fill.path().bounds())));
                case Mark.Stroke _, Mark.Shaded _, Mark.Image _, Mark.Picture _, Mark.Clip _ -> {}
            }
        }
    }

    /** The line of text from a little below its base line to a little above its capitals, as it is turned. */
    private Outline covered(Mark.Text text) {
        var start = text.start();
        var along = Point.direction(text.turnDeg());
        var down = Point.direction(text.turnDeg() + 90);
        var from = start.plus(down.times(text.capHeightMm() * 0.3)).minus(along.times(AIR_MM));
        var to = from.plus(along.times(text.widthMm() + 2 * AIR_MM));
        var up = down.times(-text.capHeightMm() * 1.5);
        return Outline.of(new Ring(Stream.of(from, to, to.plus(up), from.plus(up))
                        .map(frame::plan)
                        .toList())
                .counterClockwise());
    }

    private Ring onPlan(Box box) {
        return new Ring(box.ring().corners().stream().map(frame::plan).toList()).counterClockwise();
    }
}
