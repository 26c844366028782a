package honeylamp.sheet;

import honeylamp.catalogue.Scales;
import honeylamp.derive.listing.ElevationNumbers;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Blend;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.Extent;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.paper.Tooth;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.LabelArt;
import honeylamp.illustrate.words.OtherWords;
import honeylamp.plan.DrawingPaper;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.LineRole;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Raised;
import honeylamp.plan.Role;
import honeylamp.plan.RoomLabel.Cramped;
import honeylamp.plan.Sheet;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.TextRole;
import honeylamp.plan.View;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Lays views, title block, room schedule and finish legend on the sheet of a page. */
public final class SheetComposer {
    /** Below each of several views, for its name and scale. */
    private static final double CAPTION_MM = 8;

    /** Between the words of a caption and its bar. */
    private static final double BESIDE_BAR_MM = 4;

    private final LaidPage page;
    private final LaidPlan plan;
    private final Sheet sheet;
    private final SheetLayout layout;
    private final SheetPen.Rows rows;

    /** What had no room on the page that goes on here: asked for once. */
    private final Before before;

    private SheetComposer(LaidPage page, SheetPen.Rows rows, Before before) {
        this(
                page,
                SheetLayout.of(
                        page,
                        page.page().hasColumn()
                                ? 0
                                : SheetLists.bandMm(page, SheetLayout.bandWideMm(page), rows, before.lists())),
                rows,
                before);
    }

    private SheetComposer(LaidPage page, SheetLayout layout, SheetPen.Rows rows, Before before) {
        this.page = page;
        this.plan = page.plan();
        this.sheet = page.page().sheet();
        this.layout = layout;
        this.rows = rows;
        this.before = before;
    }

    /** The lists of the page before that had no room there. */
    private static final class Before {
        private final LaidPage page;
        private @Nullable List<PageList> lists;

        Before(LaidPage page) {
            this.page = page;
        }

        List<PageList> lists() {
            var known = lists;
            if (known == null) {
                known = page.continued().map(SheetComposer::restOf).orElse(List.of());
                lists = known;
            }
            return known;
        }
    }

    /** What of the lists of a page has no room on it, with what it goes on from. */
    private static List<PageList> restOf(LaidPage page) {
        var composer = of(page);
        var frames = composer.frames();
        var ofViews = frames.stream().map(_ -> new Remembered()).toList();
        var known = composer.known(frames, composer.told(frames, ofViews));
        return composer.lists(new SheetPen(page.look(), composer.rows), known).rest();
    }

    /** Lists that are too long for their place get another column where that makes no plan smaller, else closer rows. */
    private static SheetComposer of(LaidPage page) {
        var before = new Before(page);
        var usual = new SheetComposer(page, SheetPen.Rows.USUAL, before);
        if (!usual.isTooLong()) {
            return usual;
        }
        var wide = page.page().hasColumn() && page.page().showsViews()
                ? new SheetComposer(page, SheetLayout.withTwoColumns(page), SheetPen.Rows.USUAL, before)
                : usual;
        var place = wide != usual && wide.keeps(usual) ? wide : usual;
        if (place != usual && !place.isTooLong()) {
            return place;
        }
        return page.page().hasColumn()
                ? new SheetComposer(page, place.layout, SheetPen.Rows.CLOSE, before)
                : new SheetComposer(page, SheetPen.Rows.CLOSE, before);
    }

    /** Whether anything of the lists has no room. */
    private boolean isTooLong() {
        return !lists(new SheetPen(page.look(), rows), known(List.of(), Map.of()))
                .rest()
                .isEmpty();
    }

    private SheetLists.Known known(List<PaperFrame> frames, Map<RoomId, String> told) {
        return new SheetLists.Known(frames, scale(frames), told, before.lists());
    }

    /** All lists, drawn where they go. */
    private SheetLists lists(SheetPen pen, SheetLists.Known known) {
        var lists = new SheetLists(page, pen, known);
        if (layout.hasTwoColumns()) {
            lists.columns(layout.lists(), 2);
        } else if (layout.hasColumn()) {
            lists.column(besideTheBuilding(known));
        } else {
            lists.band(layout.lists());
        }
        lists.laid();
        return lists;
    }

    /** Where the lists of a page stand, and how large they are there, in paper mm. */
    public static Map<Listing, Box> lists(LaidPage page) {
        var composer = of(page);
        return composer.lists(new SheetPen(page.look(), composer.rows), composer.known(composer.frames(), Map.of()))
                .places();
    }

    /** Whether anything that is listed on a page has no room on it. */
    public static boolean goesOver(LaidPage page) {
        return of(page).isTooLong();
    }

    /** Where the mark of the house goes in the title block of a page, in paper mm: as large as it may be there. */
    public static Optional<Box> logo(LaidPage page) {
        return TitleBlockArt.logo(page, of(page).layout);
    }

    /** Whether all plans are as large, and have room. */
    private boolean keeps(SheetComposer other) {
        return IntStream.range(0, page.views().size())
                .allMatch(i -> frame(i).scale() == other.frame(i).scale()
                        && taken(i).map(cell(i).grown(HAIR_MM)::contains).orElse(true));
    }

    /** A page as it leaves the house; a plan without walls gives empty views. */
    public static ComposedPage compose(LaidPage page, Lamp lamp, double shadePxPerMm) {
        return compose(page, lamp, shadePxPerMm, new Remembered());
    }

    /** The same, faster where it is like pages before. */
    public static ComposedPage compose(LaidPage page, Lamp lamp, double shadePxPerMm, Remembered remembered) {
        var composer = of(page);
        var frames = composer.frames();
        return composer.composed(frames, frames.getFirst(), lamp, shadePxPerMm, remembered);
    }

    /** The page with one view where a frame puts it: for work under way, when nothing should jump. */
    public static ComposedPage compose(LaidPage page, ViewId worked, PaperFrame frame, Lamp lamp, double shadePxPerMm) {
        return compose(page, worked, frame, lamp, shadePxPerMm, new Remembered());
    }

    /** The same, faster where it is like pages before. */
    public static ComposedPage compose(
            LaidPage page, ViewId worked, PaperFrame frame, Lamp lamp, double shadePxPerMm, Remembered remembered) {
        var composer = of(page);
        var frames = new ArrayList<PaperFrame>();
        for (var i = 0; i < page.views().size(); i++) {
            var isWorked = page.views().get(i).view().id().equals(worked);
            frames.add(isWorked ? frame : composer.frame(i));
        }
        return composer.composed(frames, frame, lamp, shadePxPerMm, remembered);
    }

    /** Where the plan would lie on the page in a view of it, without drawing it. */
    public static PaperFrame frame(LaidPage page, ViewId worked) {
        var ids = page.views().stream().map(v -> v.view().id()).toList();
        return of(page).frame(Math.max(0, ids.indexOf(worked)));
    }

    /** The same of all its views, in their order. */
    public static List<PaperFrame> frames(LaidPage page) {
        return of(page).frames();
    }

    /** Whether a view of the page lies within the part of it that is meant for it. */
    static boolean fits(LaidPage page, ViewId worked) {
        var composer = of(page);
        var at = page.views().stream().map(v -> v.view().id()).toList().indexOf(worked);
        var cell = composer.cell(at).grown(HAIR_MM);
        return composer.taken(at).map(cell::contains).orElse(true);
    }

    /** What a view takes of its page with the dimensions around it, in paper mm; empty if there is nothing to see. */
    public static Optional<Box> taken(LaidPage page, ViewId view) {
        var ids = page.views().stream().map(v -> v.view().id()).toList();
        return of(page).taken(ids.indexOf(view));
    }

    private Optional<Box> taken(int index) {
        var frame = frame(index);
        return extent(index).map(e -> {
            var built = frame.paper(e.planMm());
            var room = e.paper();
            return new Box(
                    built.minX() - room.left(),
                    built.minY() - room.above(),
                    built.maxX() + room.right(),
                    built.maxY() + room.below());
        });
    }

    private ComposedPage composed(
            List<PaperFrame> frames, PaperFrame worked, Lamp lamp, double shadePxPerMm, Remembered remembered) {
        remembered.next();
        // once for each view: asked twice, it would take the second time for the next picture
        var ofViews = IntStream.range(0, page.views().size())
                .mapToObj(i -> remembered.within(shown(i)))
                .toList();
        var drawing = surround(frames, told(frames, ofViews));
        for (var i = 0; page.page().showsViews() && i < frames.size(); i++) {
            var view = page.views().get(i);
            drawing = drawing.with(Illustration.of(view, frames.get(i), lamp, shadePxPerMm, ofViews.get(i)));
        }
        var boxes = new NoteBoxes(page.views().getFirst(), page.page(), scale(frames)).marks();
        if (!boxes.isEmpty()) {
            drawing = drawing.with(new Drawing(List.of(Layer.of(LayerKind.LABELS, boxes))));
        }
        var surface = remembered.answer(
                new Surface(page.look().paper(), layout.page()),
                () -> Tooth.of(page.look().paper(), layout.page()));
        if (surface.isPresent()) {
            var tooth = new Layer(LayerKind.TOOTH, Blend.MULTIPLY, List.of(surface.get()));
            drawing = drawing.with(new Drawing(List.of(tooth)));
        }
        return new ComposedPage(
                layout.page().width(),
                layout.page().height(),
                worked,
                title(),
                page.name(),
                sheet.title().author(),
                drawing);
    }

    /**
     * What a view shows, and how many before it on the page show the same: a copy of the page asks as it did, and a view
     * that was turned.
     */
    private Shown shown(int index) {
        var subjects = page.views().stream()
                .map(v -> v.view().subject())
                .map(s -> s instanceof Raised raised ? raised.fromAnywhere() : s)
                .toList();
        return new Shown(subjects.get(index), Collections.frequency(subjects.subList(0, index), subjects.get(index)));
    }

    private record Shown(View.Subject subject, int before) {}

    private record Surface(DrawingPaper paper, Box page) {}

    private record Told(Pens pens, PaperFrame frame) {}

    /** The numbers of rooms of which the views show nothing else. */
    private Map<RoomId, String> told(List<PaperFrame> frames, List<Remembered> ofViews) {
        var out = new HashMap<RoomId, String>();
        for (var i = 0; i < frames.size(); i++) {
            var view = page.views().get(i);
            var says = view.view().annotation().rooms().cramped() == Cramped.NUMBER && view.hasRoomList();
            if (says && view.view().isPlan() && view.view().seen().shows(Kind.ROOM_NAMES)) {
                var pens = Pens.of(view.look(), frames.get(i).scale());
                var ofView = ofViews.get(i).within(new Told(pens, frames.get(i)));
                var others = OtherWords.of(view, frames.get(i), pens, ofView);
                out.putAll(new LabelArt(view, frames.get(i), pens, others, ofView).told());
            }
        }
        return out;
    }

    private String scale(List<PaperFrame> frames) {
        return frames.isEmpty()
                ? ""
                : LengthText.built(Scales.said(frames.getFirst().scale(), plan.units()));
    }

    private String title() {
        return TitleBlockArt.title(page);
    }

    /** Rounding, in paper mm. */
    private static final double HAIR_MM = 1e-6;

    private List<PaperFrame> frames() {
        return IntStream.range(0, page.views().size()).mapToObj(this::frame).toList();
    }

    /** Where a view lies: the whole room for views, or its share of it with room for its caption. */
    private Box cell(int index) {
        var count = page.views().size();
        if (count == 1) {
            return layout.view();
        }
        var cell = share(index);
        return new Box(cell.minX(), cell.minY(), cell.maxX(), cell.maxY() - CAPTION_MM);
    }

    private PaperFrame frame(int index) {
        var laid = page.views().get(index);
        var view = cell(index);
        var extent = extent(index);
        if (extent.isEmpty()) {
            var scale = laid.view().scale().orElse(plan.units().isMetric() ? 50 : 48);
            var middle = view.centre();
            return new PaperFrame(scale, middle.x(), middle.y());
        }
        var box = extent.get().planMm();
        var room = extent.get().paper();
        var scale = laid.view().isFilling()
                ? filling(index)
                : laid.view().scale().orElseGet(() -> scaleThatFits(index)).doubleValue();
        var nudge = laid.view().nudge();
        var centre = box.centre();
        // the optical centre lies a little above the middle, where there is room for it
        var spare = Math.max(0, view.height() - room.up() - 2 * layout.airMm() - box.height() / scale);
        var x = view.centre().x() + (room.left() - room.right()) / 2 - centre.x() / scale;
        var y = view.centre().y() + (room.above() - room.below()) / 2 - Math.min(4, spare * 0.1) + centre.y() / scale;
        return new PaperFrame(scale, x + nudge.rightMm(), y + nudge.downMm());
    }

    /**
     * What a view takes of its part of the page. Storeys side by side all take what they take together, each at its place in
     * it: so walls stand beside walls, and stairs beside stairs.
     */
    private Optional<Extent> extent(int index) {
        var views = page.views();
        var own = Extent.of(views.get(index));
        if (own.isEmpty() || !isWholeStorey(views.get(index).view())) {
            return own;
        }
        return views.stream()
                .filter(v -> isBeside(v.view(), views.get(index).view()))
                .flatMap(v -> Extent.of(v).stream())
                .reduce(Extent::with);
    }

    private static boolean isWholeStorey(View view) {
        return view.isPlan() && view.crop().isEmpty();
    }

    private static boolean isBeside(View a, View b) {
        return isWholeStorey(a)
                && a.turnDeg() == b.turnDeg()
                && a.scale().equals(b.scale())
                && a.isFilling() == b.isFilling();
    }

    /**
     * The largest scale at which a view fits. Walls from the front on one page have one scale, that of the largest; so have
     * all storeys on pages alike: on such paper, with as many views.
     */
    private int scaleThatFits(int index) {
        var view = page.views().get(index).view();
        if (view.isPlan()) {
            return isWhole(view) ? scaleOfStoreys() : largest(index);
        }
        return IntStream.range(0, page.views().size())
                .filter(i -> !page.views().get(i).view().isPlan())
                .filter(i -> page.views().get(i).view().scale().isEmpty())
                .filter(i -> !page.views().get(i).view().isFilling())
                .filter(i -> Extent.of(page.views().get(i)).isPresent())
                .map(this::largest)
                .max()
                .orElseThrow();
    }

    /** Whether a view shows a storey from end to end, at whichever scale it fits. */
    private static boolean isWhole(View view) {
        return view.isPlan() && view.crop().isEmpty() && view.scale().isEmpty() && !view.isFilling();
    }

    private int scaleOfStoreys() {
        var paper = page.page().sheet();
        return plan.pages().stream()
                .filter(other -> other.page().sheet().paper() == paper.paper()
                        && other.page().sheet().way() == paper.way()
                        && other.views().size() == page.views().size())
                .filter(other -> other.page().showsViews() || other.page().equals(page.page()))
                .map(other -> other.page().equals(page.page())
                        ? this
                        : new SheetComposer(other, SheetPen.Rows.USUAL, new Before(other)))
                .flatMapToInt(SheetComposer::scalesOfStoreys)
                .max()
                .orElseThrow();
    }

    private IntStream scalesOfStoreys() {
        return IntStream.range(0, page.views().size())
                .filter(i -> isWhole(page.views().get(i).view()))
                .filter(i -> Extent.of(page.views().get(i)).isPresent())
                .map(this::largest);
    }

    private int largest(int index) {
        var box = extent(index).orElseThrow().planMm();
        var free = free(index);
        return Scales.largestThatFits(plan.units(), box.width(), box.height(), free.width(), free.height());
    }

    /** The ratio at which a view fills its part of the page. */
    private double filling(int index) {
        var box = extent(index).orElseThrow().planMm();
        var free = free(index);
        return Scales.filling(box.width(), box.height(), free.width(), free.height());
    }

    /** What of a view's part of the page is left for what is built. */
    private Box free(int index) {
        var taken = extent(index).orElseThrow().paper();
        var room = cell(index);
        var air = 2 * layout.airMm();
        return new Box(
                0, 0, Math.max(0, room.width() - taken.across() - air), Math.max(0, room.height() - taken.up() - air));
    }

    private Drawing surround(List<PaperFrame> frames, Map<RoomId, String> told) {
        var paper = new Mark.Fill(
                Figure.ring(layout.page().ring()),
                Ink.of(page.look().palette().of(Role.PAPER).argb()));
        var pen = new SheetPen(page.look());
        var listed = new SheetPen(page.look(), rows);
        lists(listed, known(frames, told));
        pen.marks().addAll(listed.marks());
        var block = new TitleBlockArt(page, layout, pen, frames);
        block.draw(title());
        var names = new SheetPen(page.look()); // what views are called goes with them, wherever they go
        if (frames.size() > 1 && page.page().showsViews()) {
            captions(frames, pen, names);
        }
        var bare =
                new Drawing(List.of(Layer.of(LayerKind.PAPER, List.of(paper)), Layer.of(LayerKind.SHEET, pen.marks())));
        return names.marks().isEmpty()
                ? bare
                : bare.with(new Drawing(List.of(Layer.of(LayerKind.LABELS, names.marks()))));
    }

    /** The column of lists, from the top of the building down where they have room for it: headings and walls align. */
    private Box besideTheBuilding(SheetLists.Known known) {
        var lists = layout.lists();
        if (known.frames().size() != 1) {
            return lists;
        }
        var view = page.views().getFirst();
        var shell = view.view().isPlan() && view.crop().isEmpty()
                ? view.storey().geometry().shellBounds()
                : Extent.of(view).map(Extent::planMm);
        var top = shell.map(box -> known.frames().getFirst().paper(box).minY()).orElse(lists.minY());
        var down = lists.maxY() - SheetLists.columnMm(page, lists.width(), rows, known);
        return top > lists.minY() && top <= down ? new Box(lists.minX(), top, lists.maxX(), lists.maxY()) : lists;
    }

    private Box share(int index) {
        return layout.cell(index, page.views().size(), page.page().arrangement().shares());
    }

    /** Where a view's caption stands: at the foot of its part of the page, but below storeys not far from them. */
    private double captionMm(int index) {
        var foot = share(index).maxY() - 1;
        return page.views().stream().allMatch(v -> isWholeStorey(v.view()))
                ? taken(index)
                        .map(box -> Math.min(foot, box.maxY() + 2 * CAPTION_MM))
                        .orElse(foot)
                : foot;
    }

    /** Below each of several views its name and scale, with a bar where they have several. */
    private void captions(List<PaperFrame> frames, SheetPen pen, SheetPen names) {
        var orientation = new Orientation(page, pen, frames);
        for (var i = 0; i < frames.size(); i++) {
            var cell = share(i);
            var laid = page.views().get(i);
            var name = ElevationNumbers.of(plan.drawn().presentation(), laid.view())
                    .map(n -> n + "   " + laid.name())
                    .orElseGet(laid::name);
            var scale = laid.view().isMeasured()
                    ? LengthText.built(Scales.said(frames.get(i).scale(), plan.units()))
                    : Scales.NONE;
            var y = captionMm(i);
            names.text(name, cell.minX(), y, TextRole.HEADING, Typeface.MEDIUM, Align.LEFT);
            pen.quiet(scale, cell.maxX(), y, TextRole.BODY, Typeface.REGULAR, Align.RIGHT);
            if (!orientation.isAlike() && !scale.equals(Scales.NONE)) {
                var right = cell.maxX() - pen.width(scale, TextRole.BODY, Typeface.REGULAR) - BESIDE_BAR_MM;
                var left = cell.minX() + names.width(name, TextRole.HEADING, Typeface.MEDIUM) + BESIDE_BAR_MM;
                orientation.smallBar(left, right, y, frames.get(i).scale());
            }
            pen.rule(cell.minX(), cell.maxX(), y - CAPTION_MM + 2, LineRole.RULE);
        }
    }
}
