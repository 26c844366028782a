package honeylamp.desktop.gesture.pick;

import honeylamp.catalogue.Scales;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.edit.ArrangementEdits;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Extent;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Arrangement.LaidList;
import honeylamp.plan.Arrangement.Run;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Page;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.View;
import honeylamp.sheet.NoteBoxes;
import honeylamp.sheet.SheetComposer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Something on the page that can be taken up, by its place among its like. */
sealed interface PageItem {
    record OfPictures(int at) implements PageItem {}

    record OfNotes(int at) implements PageItem {}

    record OfLists(Listing list) implements PageItem {}

    record OfLines(int at) implements PageItem {}

    record OfView(ViewId view) implements PageItem {}

    /** Where something lies, how wide it is made, and what it covers, in paper mm. */
    record Lies(PageItem item, double leftMm, double downMm, double widthMm, Box box) {}

    /**
     * Where the things of a page stand that are put by themselves, in paper mm.
     *
     * @param views the views beside the one worked on, each before it was nudged
     */
    record Stand(Map<Listing, Box> lists, Map<ViewId, Box> views) {
        static final Stand NOTHING = new Stand(Map.of(), Map.of());

        /** Freezes the places. */
        public Stand {
            lists = Map.copyOf(lists);
            views = Collections.unmodifiableMap(new LinkedHashMap<>(views)); // the last lies topmost
        }

        static Stand of(LaidPage page, ViewId worked) {
            var views = new LinkedHashMap<ViewId, Box>();
            var frames = page.page().showsViews() && page.views().size() > 1
                    ? SheetComposer.frames(page)
                    : List.<PaperFrame>of();
            for (var i = 0; i < frames.size(); i++) {
                var view = page.views().get(i);
                var frame = frames.get(i);
                if (!view.view().id().equals(worked)) {
                    var nudge = view.view().nudge();
                    var back = new Point(-nudge.rightMm(), -nudge.downMm());
                    Extent.of(view)
                            .ifPresent(e -> views.put(
                                    view.view().id(), frame.paper(e.planMm()).moved(back)));
                }
            }
            return new Stand(SheetComposer.lists(page), views);
        }
    }

    /** What it is called. */
    default String named() {
        return switch (this) {
            case OfPictures _ -> "picture";
            case OfNotes _ -> "note";
            case OfLists(var list) -> "\"" + list.label() + "\"";
            case OfLines _ -> "setting-out line";
            case OfView _ -> "view";
        };
    }

    /** What can be done with it, in words. */
    default String hint() {
        return switch (this) {
            case OfPictures _ -> "Drag the picture, or type where on the paper it lies and how wide it is.";
            case OfNotes _ -> "Drag the note, or type where on the paper it lies.";
            case OfLists _ ->
                "Drag the list, or type where on the paper it lies and how wide it is; Delete puts it back where it goes by itself.";
            case OfLines _ ->
                "Drag the setting-out line, or type its place; Delete takes it away. It is never printed.";
            case OfView _ -> "Drag the plan, or type how far from its place it lies; 0 puts it back.";
        };
    }

    /** Puts it elsewhere, or makes it another width. */
    default Outcome<Plan> put(Surroundings scene, double left, double down, double width) {
        var page = scene.page().orElseThrow();
        return switch (this) {
            case OfPictures(var at) -> PageEdits.putPicture(scene.plan(), page.id(), at, left, down, width);
            case OfNotes(var at) -> PageEdits.putNote(scene.plan(), page.id(), at, left, down);
            case OfLists(var list) -> ArrangementEdits.put(scene.plan(), page.id(), list, left, down, width);
            case OfLines(var at) ->
                ArrangementEdits.putLine(
                        scene.plan(),
                        page.id(),
                        at,
                        page.arrangement().lines().get(at).run() == Run.DOWN ? left : down);
            case OfView(var view) -> ViewEdits.nudge(scene.plan(), view, left, down);
        };
    }

    /** The plan without it; a list goes back where it goes by itself. Empty for a view. */
    default Optional<Plan> away(Plan plan, Page page) {
        return switch (this) {
            case OfPictures(var at) -> Optional.of(PageEdits.takePicture(plan, page.id(), at));
            case OfNotes(var at) -> Optional.of(PageEdits.takeNote(plan, page.id(), at));
            case OfLists(var list) -> Optional.of(ArrangementEdits.lift(plan, page.id(), list));
            case OfLines(var at) -> Optional.of(ArrangementEdits.takeLine(plan, page.id(), at));
            case OfView _ -> Optional.empty();
        };
    }

    /**
     * All that lies on a page, the topmost last.
     *
     * @param stand where its lists and its other views stand
     */
    static List<Lies> all(Surroundings scene, Page page, Stand stand) {
        var out = new ArrayList<Lies>();
        var lists = stand.lists;
        stand.views.forEach((id, box) -> scene.plan().presentation().view(id).ifPresent(v -> {
            var nudge = v.nudge();
            out.add(view(v, box.moved(new Point(nudge.rightMm(), nudge.downMm()))));
        }));
        if (page.showsViews()) {
            Extent.of(scene.view())
                    .ifPresent(
                            e -> out.add(view(scene.view().view(), scene.frame().paper(e.planMm()))));
        }
        for (var list : Listing.values()) {
            var box = lists.get(list);
            if (box != null && page.arrangement().of(list).isEmpty()) {
                out.add(new Lies(new OfLists(list), box.minX(), box.minY(), box.width(), box));
            }
        }
        for (var laid : page.arrangement().laid()) {
            var box = lists.get(laid.list());
            if (box != null) {
                out.add(laid(laid, box.height()));
            }
        }
        var notes = new NoteBoxes(scene.view(), page, Scales.said(scene.frame().scale(), scene.units()));
        for (var i = 0; i < page.boxes().size(); i++) {
            var note = page.boxes().get(i);
            out.add(new Lies(new OfNotes(i), note.leftMm(), note.downMm(), 0, notes.box(note)));
        }
        for (var i = 0; i < page.pictures().size(); i++) {
            var laid = page.pictures().get(i);
            out.add(new Lies(new OfPictures(i), laid.leftMm(), laid.downMm(), laid.widthMm(), laid.box()));
        }
        for (var i = 0; i < page.arrangement().lines().size(); i++) {
            out.add(line(i, page));
        }
        return out;
    }

    private static Lies laid(LaidList laid, double highMm) {
        return new Lies(
                new OfLists(laid.list()),
                laid.leftMm(),
                laid.downMm(),
                laid.widthMm(),
                new Box(laid.leftMm(), laid.downMm(), laid.leftMm() + laid.widthMm(), laid.downMm() + highMm));
    }

    private static Lies view(View view, Box box) {
        var nudge = view.nudge();
        return new Lies(new OfView(view.id()), nudge.rightMm(), nudge.downMm(), 0, box);
    }

    /** A line reaches from edge to edge of the paper. */
    private static Lies line(int at, Page page) {
        var line = page.arrangement().lines().get(at);
        var sheet = page.sheet();
        var isDown = line.run() == Run.DOWN;
        return new Lies(
                new OfLines(at),
                isDown ? line.mm() : 0,
                isDown ? 0 : line.mm(),
                0,
                isDown
                        ? new Box(line.mm(), 0, line.mm(), sheet.heightMm())
                        : new Box(0, line.mm(), sheet.widthMm(), line.mm()));
    }
}
