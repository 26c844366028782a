package honeylamp.illustrate.words;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.tiers.DimensionTiers.SideTiers;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.RoomLines.Line;
import honeylamp.plan.Ground;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.TextRole;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/** Finds places beside rooms for words on a leader: around the building, within the tiers if there are any, or in other rooms. */
final class BesideRooms {
    /** Where words beside their rooms are looked for: as near as can be, then on each side. */
    static final List<Point> TOWARDS =
            List.of(new Point(0, 0), new Point(0, 1), new Point(1, 0), new Point(0, -1), new Point(-1, 0));

    /** The same straight out of the building, and a little aside, in paper mm. */
    private static final List<Double> ASIDE = List.of(0.0, -8.0, 8.0, -16.0, 16.0);

    /** Farther from its room nothing is written, in paper mm. */
    private static final double BESIDE_MM = 30;

    /** So much floor is seen around the end of a leader, in paper mm. */
    private static final double FLOOR_MM = 2.5;

    /** The line of an edge with the little air it has, to each side, in paper mm. */
    private static final double EDGE_MM = 0.2;

    /** Between words and where their leader begins, in paper mm. */
    static final double LEADER_AIR_MM = 0.65;

    private final LaidView view;
    private final PaperFrame frame;
    private final Pens pens;
    private final FreePlaces free;
    private final KeptOff off;
    private final List<Outline> written;
    private final List<SideTiers> sides;
    private final List<Outline> shells;
    private final List<Outline> figures;

    /**
     * For a view on a paper.
     *
     * @param others what is written already; no leader strikes it
     * @param off what words keep off
     */
    BesideRooms(LaidView view, PaperFrame frame, Pens pens, OtherWords others, FreePlaces free, KeptOff off) {
        this.view = view;
        this.frame = frame;
        this.pens = pens;
        this.free = free;
        this.off = off;
        this.written = others.written();
        this.sides = TierPlaces.seen(view);
        this.shells = view.storey().geometry().shells();
        this.figures = figuresOfTiers(others);
    }

    /**
     * A place beside a room.
     *
     * @param at the middle of the words, in plan mm
     * @param end of their leader, on the floor of the room, in plan mm
     */
    record Place(Point at, List<Line> lines, Point end) {}

    private record Sized(List<Line> lines, double widthMm, double heightMm) {
        static Sized of(List<Line> lines, double airMm) {
            return new Sized(lines, RoomLines.width(lines) + 2 * airMm, RoomLines.height(lines) + 2 * airMm);
        }
    }

    /**
     * The nearest place for the first of some forms that has one.
     *
     * @param outline of the room, in plan mm
     * @param places where it may lie: outside or in other rooms
     * @param labels that are written by now, in plan mm
     * @param airMm so much is free around it, in paper mm
     */
    Optional<Place> nearest(
            Outline outline, List<Outline> places, List<List<Line>> forms, List<Outline> labels, double airMm) {
        return nearest(outline, places, forms, labels, airMm, free::in);
    }

    /** The same, looked for in what coarser cells lose: a strip before a tier is hardly wider than a number with its air. */
    Optional<Place> nearestFinely(
            Outline outline, List<Outline> places, List<List<Line>> forms, List<Outline> labels, double airMm) {
        return nearest(outline, places, forms, labels, airMm, free::finelyIn);
    }

    private Optional<Place> nearest(
            Outline outline,
            List<Outline> places,
            List<List<Line>> forms,
            List<Outline> labels,
            double airMm,
            BiFunction<Outline, List<Outline>, FreePlaces.Space> spaces) {
        var middle = free.freest(outline);
        var floor = free.in(outline, off.near(outline.bounds()));
        var farthest = frame.planMm(BESIDE_MM) + outline.bounds().width();
        var starts =
                startsAround(middle).filter(p -> p.distance(middle) <= farthest).toList();
        var taken = Stream.concat(labels.stream(), figures.stream()).toList();
        var sized = forms.stream().map(form -> Sized.of(form, airMm)).toList();
        return places.stream()
                .flatMap(place -> {
                    var space = spaces.apply(place, off.near(place.bounds(), taken));
                    return sized.stream()
                            .map(form -> free(space, starts, form).stream()
                                    .map(at -> new Place(at, form.lines, middle))
                                    .toList())
                            .filter(some -> !some.isEmpty())
                            .limit(1)
                            .flatMap(List::stream);
                })
                .filter(place -> place.at.distance(middle) <= farthest)
                .sorted(Comparator.comparingDouble(place -> place.at.distance(middle)))
                .map(place -> new Place(
                        place.at,
                        place.lines,
                        floor.nearest(place.at, FLOOR_MM, FLOOR_MM).orElse(middle)))
                .filter(place -> isClear(new Segment(edge(place), place.end), taken))
                .findFirst();
    }

    /** The free places nearest to some; none near one means none at all. */
    private static List<Point> free(FreePlaces.Space space, List<Point> starts, Sized form) {
        return space.nearest(starts.getFirst(), form.widthMm, form.heightMm).isEmpty()
                ? List.of()
                : starts.stream()
                        .flatMap(near -> space.nearest(near, form.widthMm, form.heightMm).stream())
                        .distinct()
                        .toList();
    }

    /** Whether a leader strikes no words. */
    private boolean isClear(Segment leader, List<Outline> taken) {
        return Stream.concat(written.stream(), taken.stream()).noneMatch(w -> OtherWords.strikes(leader, w));
    }

    /** Where the leader of a place begins, in plan mm. */
    private Point edge(Place place) {
        var wide = frame.planMm(RoomLines.width(place.lines) / 2 + LEADER_AIR_MM);
        var high = frame.planMm(RoomLines.height(place.lines) / 2 + LEADER_AIR_MM);
        return new Point(
                Math.clamp(place.end.x(), place.at.x() - wide, place.at.x() + wide),
                Math.clamp(place.end.y(), place.at.y() - high, place.at.y() + high));
    }

    /** From where places are looked for: near a room's middle, and straight out of the building. */
    private Stream<Point> startsAround(Point middle) {
        var near = TOWARDS.stream().map(way -> middle.plus(way.times(frame.planMm(BESIDE_MM / 2))));
        var around = shells.stream().map(Outline::bounds).filter(box -> box.contains(middle));
        return Stream.concat(
                near,
                around.flatMap(box -> ASIDE.stream().flatMap(aside -> {
                    var x = middle.x() + frame.planMm(aside);
                    var y = middle.y() + frame.planMm(aside);
                    return Stream.of(
                            new Point(x, box.maxY()),
                            new Point(box.maxX(), y),
                            new Point(x, box.minY()),
                            new Point(box.minX(), y));
                })));
    }

    /** What the figures of tiers cover, in plan mm. */
    private List<Outline> figuresOfTiers(OtherWords others) {
        return sides.isEmpty()
                ? List.of()
                : new DimensionArt(frame, pens)
                        .figures(view, sides, others.readOutside(view.storey().geometry())).stream()
                                .map(this::onPlan)
                                .toList();
    }

    /** The rooms near one, as far as they are seen: words there are easily taken for theirs. */
    List<Outline> otherRooms(Outline room) {
        var near = near(room);
        return view.storey().geometry().rooms().stream()
                .map(Room::outline)
                .filter(other -> !other.equals(room) && other.bounds().meets(near))
                .flatMap(other -> view.seen(other).stream())
                .toList();
    }

    /** What is near a room outside the building: between its walls and the first tiers, and around all tiers. */
    List<Outline> outside(Outline room) {
        if (view.crop().isPresent()) {
            return List.of();
        }
        var near = List.of(Outline.of(near(room).ring()));
        var around = Regions.difference(near, indoors());
        return Stream.concat(beforeTiers(near).stream(), around.stream()).toList();
    }

    private Box near(Outline room) {
        return room.bounds().grown(frame.planMm(BESIDE_MM));
    }

    /** What lies between the building and the first tier of each side near a room; nothing where there are no tiers. */
    private List<Outline> beforeTiers(List<Outline> near) {
        if (sides.isEmpty()) {
            return List.of();
        }
        List<Outline> before = free.remembered()
                .answerOf(
                        Around.BEFORE_TIERS,
                        List.of(view.storey().geometry(), view.view()),
                        () -> List.of(onPlan(TierPlaces.before(view, frame, sides))));
        var box = near.getFirst().bounds();
        var built = builtOutside().stream().filter(o -> o.bounds().meets(box)).toList();
        return Regions.difference(Regions.intersection(near, before), built);
    }

    /** The building, what tiers keep clear of outside it, and tiers along slanted faces. */
    private List<Outline> builtOutside() {
        return free.remembered().answerOf(Around.BUILT, List.of(view.storey().geometry(), view.view()), () -> {
            var geometry = view.storey().geometry();
            var out = new ArrayList<>(shells);
            TierPlaces.keptClear(geometry).forEach(box -> out.add(Outline.of(box.ring())));
            if (view.view().seen().shows(Kind.GROUND)) {
                geometry.storey().grounds().forEach(g -> out.addAll(edges(g)));
            }
            TierPlaces.alongFaces(view, frame)
                    .forEach(tier -> out.add(onPlan(
                            Box.around(List.of(tier.line().a(), tier.line().b())))));
            return List.copyOf(out);
        });
    }

    /** What the edge of ground takes, a plot's setback too: words lie on it or beside it, not half on both. */
    private List<Outline> edges(Ground ground) {
        var own = List.of(Outline.of(ground.ring()));
        var line = frame.planMm(EDGE_MM);
        return Stream.of(0.0, ground.setback().mm())
                .distinct()
                .flatMap(
                        in -> Regions.difference(Regions.inset(own, in - line), Regions.inset(own, in + line)).stream())
                .toList();
    }

    /** The building with its tiers, in plan mm. */
    private List<Outline> indoors() {
        return sides.isEmpty()
                ? shells
                : free.remembered()
                        .answerOf(
                                Around.INDOORS,
                                List.of(view.storey().geometry(), view.view()),
                                () -> List.of(
                                        onPlan(TierPlaces.around(view, frame, sides, pens.cap(TextRole.DIMENSION)))));
    }

    private enum Around {
        INDOORS,
        BEFORE_TIERS,
        BUILT
    }

    private Outline onPlan(Box paper) {
        return Outline.of(
                Box.around(paper.ring().corners().stream().map(frame::plan).toList())
                        .ring());
    }
}
