package honeylamp.illustrate.raised;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.PaperRoom;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Raised;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.TextRole;
import honeylamp.raised.Scene;
import honeylamp.raised.SeenSpots.Spot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What rooms and pieces of a raised view are called: in a column on each side of it, with leaders to where they are seen
 * best, so that no word lies on what is drawn. Pieces of one name in one room are named once, with how many there are.
 */
final class SideLabels {
    private static final double AWAY_MM = 5;
    private static final double LEADER_OFF_MM = 1;
    private static final double DOT_MM = 0.45;
    private static final double LEADING = 1.9;

    /** Of less than this on paper nobody sees what it is. */
    private static final double LEAST_MM2 = 1;

    /** Longer names are cut. */
    private static final double WIDEST_MM = 46;

    /** However low a picture is, so many names stand beside it. */
    private static final int LEAST_ROWS = 4;

    private static final int MOST_SWAPS = 200;

    private final LaidView view;
    private final PaperFrame frame;
    private final Pens pens;
    private final double cap;
    private final Typeface face;

    SideLabels(LaidView view, PaperFrame frame, Pens pens) {
        this.view = view;
        this.frame = frame;
        this.pens = pens;
        this.cap = pens.cap(TextRole.NOTE);
        this.face = pens.face(TextRole.NOTE, Typeface.REGULAR);
    }

    /** What is named, and the words for it. */
    private record Named(String words, List<ElementId> things) {}

    /**
     * A name where it is written, and the place it points at.
     *
     * @param area of what it names, as far as that is seen
     */
    private record Placed(String words, Point at, double y, double area) {
        Placed moved(double to) {
            return new Placed(words, at, to, area);
        }
    }

    /** The room that names take beside a view, in paper mm. */
    static PaperRoom room(LaidView view, Raised subject) {
        var labels = new SideLabels(view, PaperFrame.atOrigin(1), Pens.of(view.look(), 1));
        var widest = labels.named(subject).stream()
                .mapToDouble(n -> labels.widthMm(n.words))
                .max();
        return widest.isEmpty()
                ? PaperRoom.around(0)
                : new PaperRoom(AWAY_MM + widest.getAsDouble(), AWAY_MM + widest.getAsDouble(), 0, 0);
    }

    private double widthMm(String words) {
        return face.widthMm(words, cap, 0);
    }

    /** What a view names: rooms, where several are seen, and the kinds of pieces that it is asked to name. */
    private List<Named> named(Raised subject) {
        var storeys = switch (subject) {
            case Raised.Cutaway _, Raised.WholeStorey _, Raised.Inside _ -> List.of(view.storey());
            case Raised.Building _ -> view.plan().all();
            case Raised.RoofPlan _, Raised.Outside _, Raised.Section _ -> List.<LaidStorey>of();
        };
        var seen = view.view().seen();
        var out = new ArrayList<Named>();
        for (var storey : storeys) {
            var rooms = storey.geometry().rooms().stream()
                    .filter(r -> isSeen(subject, storey, r))
                    .toList();
            var isNamed = seen.shows(Kind.ROOM_NAMES)
                    && (subject instanceof Raised.WholeStorey || subject instanceof Raised.Building);
            for (var room : rooms) {
                room.mark()
                        .filter(m -> isNamed && !m.name().isBlank())
                        .ifPresent(m -> out.add(new Named(m.name(), List.of(m.id()))));
                if (seen.shows(Kind.FURNITURE) && seen.shows(Kind.NOTES)) {
                    out.addAll(pieces(storey.geometry().furnishingsIn(room)));
                }
            }
        }
        return out;
    }

    private static boolean isSeen(Raised subject, LaidStorey storey, Room room) {
        return switch (subject) {
            case Raised.Cutaway cutaway ->
                room.mark().map(RoomMark::id).filter(cutaway.room()::equals).isPresent();
            case Raised.Inside inside ->
                storey.geometry()
                        .roomAt(inside.at().point())
                        .filter(room::equals)
                        .isPresent();
            case Raised.WholeStorey _, Raised.Building _, Raised.RoofPlan _, Raised.Outside _, Raised.Section _ -> true;
        };
    }

    private List<Named> pieces(List<Furnishing> pieces) {
        var wanted = view.view().annotation().pieces();
        Map<String, List<ElementId>> byName = new LinkedHashMap<>();
        for (var piece : pieces) {
            if (Furnishings.of(piece)
                    .filter(k -> wanted.contains(k.group().name().toLowerCase(Locale.ROOT)))
                    .isPresent()) {
                byName.computeIfAbsent(Furnishings.called(piece), _ -> new ArrayList<>())
                        .add(piece.id());
            }
        }
        return byName.entrySet().stream()
                .map(e -> new Named(
                        e.getValue().size() == 1
                                ? e.getKey()
                                : e.getKey() + " \u00d7 " + e.getValue().size(),
                        e.getValue()))
                .toList();
    }

    /**
     * The names and their leaders; those of what is hidden are left out.
     *
     * @param seen where things are seen best
     */
    List<Mark> of(Scene scene, Raised subject, Function<Set<ElementId>, Map<ElementId, Spot>> seen) {
        var named = named(subject);
        var box = scene.bounds().map(frame::paper);
        if (named.isEmpty() || box.isEmpty()) {
            return List.of();
        }
        var things = named.stream().flatMap(n -> n.things.stream()).collect(Collectors.toSet());
        var places = seen.apply(things);
        var least = LEAST_MM2 * frame.scale() * frame.scale();
        var all = new ArrayList<Placed>();
        for (var n : named) {
            n.things.stream()
                    .flatMap(id -> Optional.ofNullable(places.get(id)).stream())
                    .max(Comparator.comparingDouble(Spot::area))
                    .filter(spot -> spot.area() > least)
                    .ifPresent(spot -> {
                        var at = frame.paper(spot.at());
                        all.add(new Placed(n.words, at, at.y(), spot.area()));
                    });
        }
        var out = new ArrayList<Mark>();
        var beside = SquareWords.own(view, subject);
        var told = told(all, box.get());
        var middle = told.stream().mapToDouble(p -> p.at.x()).sorted().toArray();
        var split = middle.length == 0 ? 0 : middle[middle.length / 2];
        column(out, told.stream().filter(p -> p.at.x() < split).toList(), box.get(), beside, Mark.Align.RIGHT);
        column(out, told.stream().filter(p -> p.at.x() >= split).toList(), box.get(), beside, Mark.Align.LEFT);
        if (told.size() < all.size()) {
            var at = new Point(
                    box.get().maxX() + beside.right() + AWAY_MM, box.get().maxY() + 2 * cap * LEADING);
            var more = "and " + (all.size() - told.size()) + " more without a name";
            out.add(new Mark.Text(more, at, cap, face, 0, Mark.Align.LEFT, 0, pens.dimensionInk()));
        }
        return out;
    }

    /** As many as have room beside the picture: those of which most is seen. */
    private List<Placed> told(List<Placed> all, Box box) {
        var most = 2 * Math.max(LEAST_ROWS, (int) (box.height() / (cap * LEADING)));
        return all.size() <= most
                ? all
                : all.stream()
                        .sorted(Comparator.comparingDouble(Placed::area)
                                .reversed()
                                .thenComparing(Placed::words)
                                .thenComparingDouble(Placed::y))
                        .limit(most)
                        .toList();
    }

    /** One under the other from where they point at, then apart, then so that no leader crosses another. */
    private void column(List<Mark> out, List<Placed> names, Box box, PaperRoom beside, Mark.Align align) {
        if (names.isEmpty()) {
            return;
        }
        var step = cap * LEADING;
        var sorted = names.stream()
                .sorted(Comparator.comparingDouble(Placed::y).thenComparing(Placed::words))
                .toList();
        var ys = apart(sorted.stream().mapToDouble(Placed::y).toArray(), step, box);
        var x = align == Mark.Align.RIGHT
                ? box.minX() - beside.left() - AWAY_MM
                : box.maxX() + beside.right() + AWAY_MM;
        var placed = new ArrayList<Placed>();
        for (var i = 0; i < ys.length; i++) {
            placed.add(sorted.get(i).moved(ys[i]));
        }
        uncrossed(placed, x);
        var off = align == Mark.Align.RIGHT ? LEADER_OFF_MM : -LEADER_OFF_MM;
        for (var p : placed) {
            var words = fitting(p.words);
            out.add(new Mark.Stroke(Figure.line(new Point(x + off, p.y), p.at), pens.dimension(), pens.dimensionInk()));
            out.add(new Mark.Fill(Figure.circle(p.at, DOT_MM), pens.dimensionInk()));
            out.add(new Mark.Text(words, new Point(x, p.y + cap / 2), cap, face, 0, align, 0, pens.ink()));
        }
    }

    private String fitting(String words) {
        var cut = words;
        while (widthMm(cut) > WIDEST_MM && cut.length() > 2) {
            cut = cut.substring(0, cut.length() - 2).strip() + "\u2026";
        }
        return cut;
    }

    /** Rising places at least a step apart, as near to where they want to be as that lets them, within a box if they fit. */
    private static double[] apart(double[] wanted, double step, Box box) {
        var out = wanted.clone();
        for (var i = 1; i < out.length; i++) {
            out[i] = Math.max(out[i], out[i - 1] + step);
        }
        // what was pushed down beyond the foot goes up again
        var most = Math.max(box.maxY(), box.minY() + step * (out.length - 1));
        for (var i = out.length - 1; i >= 0; i--) {
            out[i] = Math.min(out[i], most - step * (out.length - 1 - i));
        }
        return out;
    }

    private static void uncrossed(List<Placed> placed, double x) {
        for (var swaps = 0; swaps < MOST_SWAPS; swaps++) {
            if (!swapOne(placed, x)) {
                return;
            }
        }
    }

    /** Swaps the places of two whose leaders cross; whether there were such. */
    private static boolean swapOne(List<Placed> placed, double x) {
        for (var i = 0; i < placed.size(); i++) {
            for (var k = i + 1; k < placed.size(); k++) {
                var a = placed.get(i);
                var b = placed.get(k);
                var one = new Segment(new Point(x, a.y), a.at);
                var other = new Segment(new Point(x, b.y), b.at);
                if (one.crossing(other).isPresent()) {
                    placed.set(i, b.moved(a.y));
                    placed.set(k, a.moved(b.y));
                    return true;
                }
            }
        }
        return false;
    }
}
