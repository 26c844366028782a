package honeylamp.store;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Schemes;
import honeylamp.plan.Sheet;
import honeylamp.plan.View;
import honeylamp.sheet.SheetComposer;
import honeylamp.takeoff.bought.ShoppingList;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a client page knows besides its pictures.
 *
 * @param form the form of remarks that come back
 * @param plan the name of the plan
 */
record ClientData(String form, String plan, List<PageData> pages) {
    /** The form of files of remarks, and its version. */
    static final String FORM = "honey-lamp-remarks-1";

    /** A chord of a curved edge, in paper mm, is given to this. */
    private static final double ROUND = 100;

    /**
     * A page.
     *
     * @param digest of all that is drawn on it
     * @param scheme the name of the scheme that alone is seen on it; empty if there are several, or none is asked for
     * @param look the name of its look
     * @param looks the pages that show the same in one look each, this one among them; none if it is the only one
     * @param alike the pages that show the same in one scheme each, this one among them; none if it is the only one
     * @param views where plans lie on it
     */
    record PageData(
            String id,
            String name,
            String digest,
            String scheme,
            List<String> alike,
            String look,
            List<String> looks,
            double widthMm,
            double heightMm,
            List<ViewData> views,
            List<Spot> rooms,
            List<Spot> pieces,
            List<Wish> list) {}

    /**
     * A plan on a page: its scale, how far it is turned, and where its origin lies, in paper mm.
     *
     * @param left of what is drawn of it, in paper mm, with the following its box
     */
    record ViewData(
            String storey,
            double scale,
            double turnDeg,
            double originX,
            double originY,
            double left,
            double top,
            double right,
            double bottom) {}

    /** Something that tells what it is: its outline in paper mm, x and y in turn. */
    record Spot(String name, String size, List<Double> outline) {}

    /** Something to buy. */
    record Wish(String key, String what, String where, int count) {}

    /**
     * What is known of a page.
     *
     * @param among the pages that go together, this one among them
     */
    static PageData of(LaidPage page, List<LaidPage> among, String digest) {
        var listed = page.views().stream().filter(v -> v.view().isPlan()).toList();
        var plans = page.page().showsViews() ? listed : List.<LaidView>of();
        var sheet = page.page().sheet();
        return new PageData(
                page.page().id().text(),
                page.name(),
                digest,
                ofScheme(page)
                        .map(v -> v.plan().drawn().schemes().name(scheme(v)))
                        .orElse(""),
                alike(page, among),
                page.look().name(),
                looks(page, among),
                sheet.widthMm(),
                sheet.heightMm(),
                plans.stream().flatMap(v -> view(page, v).stream()).toList(),
                plans.stream().flatMap(v -> rooms(page, v)).toList(),
                plans.stream().flatMap(v -> pieces(page, v)).toList(),
                wishes(listed));
    }

    /** The view of a page that shows one scheme and nothing else. */
    private static Optional<LaidView> ofScheme(LaidPage page) {
        return page.views().size() == 1
                ? page.views().stream()
                        .filter(v -> v.view().arranged().as().isPresent())
                        .findFirst()
                : Optional.empty();
    }

    private static SchemeId scheme(LaidView view) {
        return view.view().arranged().as().orElse(Schemes.AS_DRAWN);
    }

    private static List<String> alike(LaidPage page, List<LaidPage> among) {
        var subject = ofScheme(page).map(v -> v.view().subject());
        return several(among.stream()
                .filter(p -> subject.isPresent()
                        && ofScheme(p).map(v -> v.view().subject()).equals(subject)
                        && p.look().name().equals(page.look().name())));
    }

    /** What a page shows, whatever it looks like: one view alone. */
    private record Shown(View.Subject subject, View.Arranged arranged, Optional<View.Crop> crop, Sheet sheet) {
        static Optional<Shown> of(LaidPage page) {
            return page.page().showsViews() && page.views().size() == 1
                    ? page.views().stream()
                            .map(LaidView::view)
                            .map(v -> new Shown(
                                    v.subject(),
                                    v.arranged(),
                                    v.crop(),
                                    page.page().sheet()))
                            .findFirst()
                    : Optional.empty();
        }
    }

    private static List<String> looks(LaidPage page, List<LaidPage> among) {
        var shown = Shown.of(page);
        var all = among.stream()
                .filter(p -> shown.isPresent() && Shown.of(p).equals(shown))
                .toList();
        var names = all.stream().map(p -> p.look().name()).distinct().count();
        return names == all.size() ? several(all.stream()) : List.of();
    }

    private static List<String> several(Stream<LaidPage> pages) {
        var all = pages.map(p -> p.page().id().text()).toList();
        return all.size() > 1 ? all : List.of();
    }

    private static Optional<ViewData> view(LaidPage page, LaidView view) {
        var frame = frame(page, view);
        return SheetComposer.taken(page, view.view().id())
                .map(box -> new ViewData(
                        view.storey().id().text(),
                        frame.scale(),
                        view.view().turnDeg(),
                        frame.originX(),
                        frame.originY(),
                        box.minX(),
                        box.minY(),
                        box.maxX(),
                        box.maxY()));
    }

    private static PaperFrame frame(LaidPage page, LaidView view) {
        return SheetComposer.frame(page, view.view().id());
    }

    private static Stream<Spot> rooms(LaidPage page, LaidView view) {
        var frame = frame(page, view);
        var units = page.plan().units();
        return view.storey().geometry().rooms().stream()
                .filter(r -> !r.name().isBlank())
                .map(r -> new Spot(
                        r.name(),
                        AreaText.both(r.areaMm2()) + ", " + clear(r, units),
                        outline(frame, r.outline().shell())));
    }

    private static String clear(Room room, UnitSystem units) {
        var size = LabelSpot.clearSize(
                room.outline(), LabelSpot.freest(room.outline()).centre());
        return LengthText.roundedWithUnit(Length.ofMm(size.alongMm()), units) + " \u00d7 "
                + LengthText.roundedWithUnit(Length.ofMm(size.acrossMm()), units) + " clear";
    }

    private static Stream<Spot> pieces(LaidPage page, LaidView view) {
        var frame = frame(page, view);
        var units = page.plan().units();
        return view.storey().geometry().storey().furnishings().stream()
                .map(f -> new Spot(Furnishings.label(f), size(f, units), outline(frame, Picking.footprint(f))));
    }

    private static String size(Furnishing piece, UnitSystem units) {
        return Stream.of(piece.width(), piece.depth(), piece.height())
                        .map(l -> LengthText.rounded(l, units))
                        .reduce((a, b) -> a + " \u00d7 " + b)
                        .orElseThrow()
                + (units.isMetric() ? " mm" : "");
    }

    private static List<Double> outline(PaperFrame frame, Ring ring) {
        return ring.corners().stream()
                .map(frame::paper)
                .flatMap(p -> Stream.of(rounded(p.x()), rounded(p.y())))
                .toList();
    }

    private static double rounded(double mm) {
        return Math.rint(mm * ROUND) / ROUND;
    }

    private static List<Wish> wishes(List<LaidView> views) {
        return ShoppingList.of(views.stream().map(LaidView::storey).toList()).stream()
                .map(e -> new Wish(e.storey().text() + " " + e.room() + " " + e.name(), e.name(), e.room(), e.count()))
                .toList();
    }
}
