package honeylamp.sheet;

import honeylamp.derive.listing.ElevationNumbers;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.LineRole;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Raised;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;
import honeylamp.plan.View;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A storey, small: where the views of a page are that show only a part of it, or walls from the front. On a page that shows
 * storeys whole, where the views of other pages are, with the numbers of those pages.
 */
final class KeyPlan {
    private static final double MOST_HIGH_MM = 46;
    private static final double WIDE_MM = 54;
    private static final double HEADING_MM = 8;
    private static final double BELOW_MM = 3;
    private static final double ARROW_MM = 2.6;

    /** So strong is what is seen, so strong are walls. */
    private static final double TINT = 0.22;

    private static final double WALLS = 0.7;

    /** A view to be found in the plan, and what it is called there. */
    private record Place(LaidView view, String word) {}

    private KeyPlan() {}

    /** One for each storey in which there is something to find. */
    static List<PageList> of(LaidPage page) {
        Map<StoreyId, List<Place>> by = new LinkedHashMap<>();
        var own = page.views().stream().filter(KeyPlan::isPart).toList();
        if (own.isEmpty()) {
            others(page, by);
        } else {
            own.forEach(v ->
                    by.computeIfAbsent(v.storey().id(), _ -> new ArrayList<>()).add(new Place(v, number(page, v))));
        }
        var out = new ArrayList<PageList>();
        by.forEach((storey, places) -> {
            var laid = page.plan().on(storey);
            laid.geometry().shellBounds().ifPresent(box -> out.add(list(page, laid, box, places, by.size() > 1)));
        });
        return out;
    }

    /** Whether a view shows less than a storey: only what is not turned has its place in the plan as it is built. */
    private static boolean isPart(LaidView view) {
        return switch (view.view().subject()) {
            case View.Subject.StoreyPlan _ ->
                view.crop().isPresent() && view.view().turnDeg() == 0;
            case View.Subject.Front _, Raised.Cutaway _, Raised.Inside _, Raised.Section _ -> true;
            case Raised.WholeStorey _, Raised.Building _, Raised.RoofPlan _, Raised.Outside _ -> false;
        };
    }

    private static void others(LaidPage page, Map<StoreyId, List<Place>> by) {
        var shown = page.views().stream().map(v -> v.storey().id()).toList();
        var pages = page.plan().pages();
        for (var i = 0; i < pages.size(); i++) {
            for (var view : pages.get(i).views()) {
                if (pages.get(i).page().showsViews()
                        && isPart(view)
                        && shown.contains(view.storey().id())) {
                    by.computeIfAbsent(view.storey().id(), _ -> new ArrayList<>())
                            .add(new Place(view, String.valueOf(i + 1)));
                }
            }
        }
    }

    private static String number(LaidPage page, LaidView view) {
        return ElevationNumbers.of(page.plan().presentation(), view.view())
                .map(String::valueOf)
                .orElse("");
    }

    private static PageList list(LaidPage page, LaidStorey storey, Box box, List<Place> places, boolean hasOthers) {
        var heading = hasOthers ? "Key plan, " + storey.storey().name() : "Key plan";
        var scale = Math.max(box.width() / WIDE_MM, box.height() / MOST_HIGH_MM);
        var high = HEADING_MM + box.height() / scale + 2 * BELOW_MM;
        return new FixedList(Listing.KEY_PLAN, high, (rows, column) -> {
            var top = rows.heading(heading, column) - BELOW_MM;
            var fitting = Math.max(scale, box.width() / column.width());
            var frame = new PaperFrame(fitting, column.minX() - box.minX() / fitting, top + box.maxY() / fitting);
            draw(page, rows.pen(), storey, places, frame);
            return top + box.height() / fitting + BELOW_MM;
        });
    }

    private static void draw(LaidPage page, SheetPen pen, LaidStorey storey, List<Place> places, PaperFrame frame) {
        var ink = Ink.of(page.look().palette().of(Role.INK).argb());
        for (var place : places) {
            place.view.crop().ifPresent(crop -> {
                var box = frame.paper(crop);
                pen.fill(Figure.ring(box.ring()), ink.at(TINT));
                pen.stroke(Figure.ring(box.ring()), LineRole.RULE);
            });
        }
        for (var outline : storey.geometry().poche()) {
            pen.fill(frame.paper(outline), ink.at(WALLS));
        }
        for (var place : places) {
            place.view.crop().map(frame::paper).ifPresent(box -> word(pen, place.word, box.centre()));
            if (place.view.view().subject() instanceof Raised.Cutaway(var _, var id, var _, var _)) {
                storey.geometry().room(id).ifPresent(room -> {
                    pen.fill(frame.paper(room.outline()), ink.at(TINT));
                    word(
                            pen,
                            place.word,
                            frame.paper(LabelSpot.freest(room.outline()).centre()));
                });
            }
            if (place.view.view().subject() instanceof Raised.Inside inside) {
                var at = inside.at().point();
                eye(pen, frame, at, Point.direction(inside.towardsDeg()));
                word(pen, place.word, frame.paper(at));
            }
            if (place.view.view().subject() instanceof Raised.Section section) {
                var line = new Segment(section.from().point(), section.to().point());
                pen.stroke(frame.paper(Figure.line(line.a(), line.b())), LineRole.RULE);
                word(pen, place.word, frame.paper(line.a()));
            }
            if (place.view.view().subject() instanceof View.Subject.Front front) {
                var walls = WallElevation.all(storey, front);
                walls.forEach(wall -> arrow(pen, frame, wall));
                walls.stream().findFirst().ifPresent(wall -> word(pen, place.word, beside(frame, wall)));
            }
        }
    }

    private static Point towards(WallElevation wall) {
        return new Point(-wall.into().x(), wall.into().y()); // y is down on paper
    }

    /** Points at a wall from the side it is seen from. */
    private static void arrow(SheetPen pen, PaperFrame frame, WallElevation wall) {
        var tip = frame.paper(wall.middle());
        var back = tip.minus(towards(wall).times(ARROW_MM));
        var side = towards(wall).left().times(ARROW_MM * 0.55);
        pen.fill(Figure.builder().line(tip, back.plus(side), back.minus(side)).build());
    }

    /** Points where one looks who stands there. */
    private static void eye(SheetPen pen, PaperFrame frame, Point at, Point looks) {
        var towards = new Point(looks.x(), -looks.y()); // y is down on paper
        var tip = frame.paper(at).plus(towards.times(3 * ARROW_MM));
        var back = tip.minus(towards.times(ARROW_MM));
        var side = towards.left().times(ARROW_MM * 0.55);
        pen.fill(Figure.builder().line(tip, back.plus(side), back.minus(side)).build());
    }

    private static Point beside(PaperFrame frame, WallElevation wall) {
        return frame.paper(wall.middle()).minus(towards(wall).times(2 * ARROW_MM));
    }

    private static void word(SheetPen pen, String word, Point at) {
        pen.text(word, at.x(), at.y() + pen.cap(TextRole.SMALL) / 2, TextRole.SMALL, Typeface.SEMIBOLD, Align.MIDDLE);
    }
}
