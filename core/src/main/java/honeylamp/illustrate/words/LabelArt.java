package honeylamp.illustrate.words;

import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.RoomLines.Line;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Writes the labels of rooms at the freest places, or beside their rooms where none is free. */
public final class LabelArt {
    /** Between a label and everything beside it, where there is room for so much. */
    private static final double AIR_MM = 2.5;

    /** The same in small rooms, before a label leaves its room. */
    private static final double LEAST_AIR_MM = 0.65;

    private static final double PLATE_AIR_MM = 1.2;
    private static final double LEADER_DOT_MM = 0.5;

    /** Leaders that are shorter, in paper mm, point at nothing. */
    private static final double SHORTEST_MM = 0.1;

    /** A label over furniture covers no more of its room, unless there is no other place for it at all. */
    private static final double MOST_COVERED = 0.3;

    /** So much lower or higher a label lies to be in line with one before it. */
    private static final double IN_LINE_MM = 5;

    private final PaperFrame frame;
    private final Pens pens;
    private final LaidView view;
    private final OtherWords others;
    private final FreePlaces free;
    private final RoomLines lines;
    private final Remembered remembered;

    /** Writes with pens on paper. */
    public LabelArt(LaidView view, PaperFrame frame, Pens pens) {
        this(view, frame, pens, OtherWords.of(view, frame, pens), new Remembered());
    }

    /**
     * The same, with what was written before on this paper with these pens.
     *
     * @param others what lies where it must, and is kept off
     */
    public LabelArt(LaidView view, PaperFrame frame, Pens pens, OtherWords others, Remembered remembered) {
        this.remembered = remembered;
        this.pens = pens;
        this.frame = frame;
        this.free = new FreePlaces(frame, remembered);
        this.view = view;
        this.others = others;
        this.lines = new RoomLines(view, pens);
    }

    /** The labels of rooms, clear of other words and of what stands in the rooms. */
    public List<Mark> rooms() {
        var out = new ArrayList<Mark>();
        for (var label : placed()) {
            label.leader().ifPresent(line -> leader(out, line));
            if (label.plated()) {
                plate(out, label.centre(), label.lines());
            }
            write(out, label.centre(), label.lines());
        }
        return out;
    }

    /**
     * The name of a room where it is written.
     *
     * @param centre in paper mm
     * @param airMm so much is free around it; nothing if it lies over something and has a ground of its own to be read
     * @param leader from the label into its room, in paper mm, if it lies outside
     */
    public record Placed(Room room, Point centre, List<Line> lines, double airMm, Optional<Segment> leader) {
        /** Whether it lies over something. */
        public boolean plated() {
            return airMm == 0;
        }

        /** What it says, from the top down. */
        public List<String> words() {
            return lines.stream().map(Line::text).toList();
        }

        /** What it covers, in paper mm. */
        public Box box() {
            return LabelArt.box(centre, lines);
        }
    }

    /**
     * The labels of a view.
     *
     * @param unplaced rooms that are seen and whose label found no place
     */
    public record Labels(List<Placed> placed, List<Room> unplaced) {}

    /** The numbers of rooms that say nothing else: what they are is for a list to tell. */
    public Map<RoomId, String> told() {
        var out = new HashMap<RoomId, String>();
        for (var label : placed()) {
            var room = label.room;
            if (forms(room, room.outline()).listed().contains(label.lines)) {
                room.mark()
                        .ifPresent(m -> out.put(m.id(), label.lines.getFirst().text()));
            }
        }
        return out;
    }

    /** The names of all rooms that are seen, where they are written. */
    public List<Placed> placed() {
        return labels().placed();
    }

    /** The names of all rooms that are seen, where they are written, and those that are left out. */
    public Labels labels() {
        return remembered.answerOf(About.LABELS, List.of(view, others), this::found);
    }

    private enum About {
        LABELS
    }

    private Labels found() {
        var geometry = view.storey().geometry();
        var off = KeptOff.of(view, remembered, others.taken());
        var out = new ArrayList<Placed>();
        var homeless = new ArrayList<Room>();
        for (var i = 0; i < geometry.rooms().size(); i++) {
            var room = geometry.rooms().get(i);
            if (lines.tells(room)) {
                var byHand = byHand(room);
                byHand.or(() -> view.seen(room.outline()).flatMap(outline -> inside(room, outline, off)))
                        .ifPresentOrElse(out::add, () -> homeless.add(room));
            }
        }
        inLine(out, off);
        var left = homeless(homeless, off, out);
        return new Labels(List.copyOf(out), left);
    }

    /** Writes those without space in their rooms, after all others, and tells for which there is no place at all. */
    private List<Room> homeless(List<Room> rooms, KeptOff off, List<Placed> written) {
        if (rooms.isEmpty()) {
            return List.of();
        }
        var left = new ArrayList<Room>();
        var fixed = KeptOff.unmoved(view, remembered, others.taken());
        var beside = new BesideRooms(view, frame, pens, others, free, off);
        // The smallest first: they have the fewest places.
        var ordered =
                rooms.stream().sorted(Comparator.comparingDouble(Room::areaMm2)).toList();
        var labels = new ArrayList<>(covered(written));
        for (var room : ordered) {
            view.seen(room.outline()).ifPresent(outline -> {
                var around = beside.outside(outline);
                var within = beside.otherRooms(outline);
                beside(room, outline, beside, around, labels, AIR_MM)
                        .or(() -> besideByNumber(room, outline, beside, around, labels))
                        .or(() -> closer(room, outline, off, labels))
                        .or(() -> beside(room, outline, beside, around, labels, LEAST_AIR_MM))
                        .or(() -> over(room, outline, fixed.near(outline.bounds(), labels), MOST_COVERED))
                        .or(() -> beside(room, outline, beside, within, labels, AIR_MM))
                        .or(() -> beside(room, outline, beside, within, labels, LEAST_AIR_MM))
                        .or(() -> over(room, outline, fixed.near(outline.bounds(), labels), 1))
                        .ifPresentOrElse(
                                label -> {
                                    written.add(label);
                                    labels.addAll(covered(List.of(label)));
                                },
                                () -> left.add(room));
            });
        }
        return left;
    }

    /** Where labels outside all rooms are read, in paper mm, with the air around them: no witness line crosses it. */
    public List<Box> readOutside() {
        return placed().stream()
                .filter(p ->
                        view.storey().geometry().roomAt(frame.plan(p.centre)).isEmpty())
                .map(p -> p.box().grown(p.airMm))
                .toList();
    }

    /** What the labels cover, in plan mm. */
    List<Outline> covered() {
        return covered(placed());
    }

    /** The name of a room that was put somewhere by hand: where it lies asks for no other words. */
    public static Optional<Placed> byHand(LaidView view, PaperFrame frame, Pens pens, RoomId room) {
        var alone = new LabelArt(view, frame, pens, OtherWords.none(frame), new Remembered());
        return view.storey().geometry().rooms().stream()
                .filter(r -> r.mark().filter(m -> m.id().equals(room)).isPresent())
                .findFirst()
                .flatMap(alone::byHand);
    }

    /**
     * A name that was put somewhere by hand, with a leader if it lies outside its room: in the fullest form that stays within
     * the room there, or in full where none does.
     */
    private Optional<Placed> byHand(Room room) {
        return room.mark().flatMap(m -> view.view().movedName(m.id())).flatMap(at -> {
            var centre = frame.paper(at.point());
            var forms = forms(room, room.outline()).all().toList();
            return forms.stream()
                    .filter(form -> isWithin(room, box(centre, form)))
                    .findFirst()
                    .or(() -> forms.stream().findFirst())
                    .map(form -> new Placed(
                            room,
                            centre,
                            form,
                            LEAST_AIR_MM,
                            leaderTo(room, at.point(), box(centre, form), free.freest(room.outline()))));
        });
    }

    private boolean isWithin(Room room, Box label) {
        var corners = label.ring().corners().stream().map(frame::plan).toList();
        return LinePlaces.isWithin(room.outline(), Outline.of(new Ring(corners).counterClockwise()));
    }

    private RoomLines.Forms forms(Room room, Outline outline) {
        return lines.forms(room, areaMm2(room), LabelSpot.clearSize(room.outline(), free.freest(outline)));
    }

    /** By the basis of the view; only those that reach beyond the inner faces have to be worked out. */
    private double areaMm2(Room room) {
        var basis = view.view().annotation().rooms().basis();
        if (basis == AreaBasis.INNER_FACES) {
            return room.areaMm2();
        }
        var at = view.storey().geometry().rooms().indexOf(room);
        return view.storey().areas().rooms().get(at).getOrDefault(basis, room.areaMm2());
    }

    private Optional<Segment> leaderTo(Room room, Point at, Box label, Point to) {
        if (room.outline().contains(at)) {
            return Optional.empty();
        }
        var end = frame.paper(to);
        var air = label.grown(BesideRooms.LEADER_AIR_MM);
        var start = new Point(Math.clamp(end.x(), air.minX(), air.maxX()), Math.clamp(end.y(), air.minY(), air.maxY()));
        return Optional.of(new Segment(start, end)).filter(l -> l.length() > SHORTEST_MM);
    }

    private void leader(List<Mark> out, Segment line) {
        out.add(new Mark.Stroke(Figure.line(line.a(), line.b()), pens.dimension(), pens.dimensionInk()));
        out.add(new Mark.Fill(Figure.circle(line.b(), LEADER_DOT_MM), pens.dimensionInk()));
    }

    /** What the place of a label depends on: the forms it may take, and what it keeps off. */
    private record Asked(Outline seen, Point middle, RoomLines.Forms forms, List<Outline> near) {}

    /** The form that was chosen, and where it lies in plan mm. */
    private record Answer(Point at, List<Line> form, double airMm) {}

    private Optional<Placed> inside(Room room, Outline outline, KeptOff off) {
        var asked = new Asked(outline, free.freest(outline), forms(room, outline), off.near(outline.bounds()));
        return remembered
                .answer(asked, () -> answer(asked))
                .map(a -> new Placed(room, frame.paper(a.at), a.form, a.airMm, Optional.empty()));
    }

    /**
     * From the fullest label to the smallest the first that lies free with all its air, and then its number if a list
     * tells it; where no list does, the fullest with as much air as can be.
     */
    private Optional<Answer> answer(Asked asked) {
        var space = free.in(asked.seen, asked.near);
        var forms = asked.forms;
        var full = Stream.of(forms.telling(), forms.bare(), forms.listed())
                .flatMap(some -> answer(space, asked.middle, some, AIR_MM).stream())
                .findFirst();
        return full.or(() -> finely(asked))
                .or(() -> forms.listed().isEmpty() ? closer(space, asked.middle, forms) : Optional.empty());
    }

    /** A name or a number alone, in what coarser cells lose. */
    private Optional<Answer> finely(Asked asked) {
        var fine = free.finelyIn(asked.seen, asked.near);
        return Stream.of(asked.forms.bare(), asked.forms.listed())
                .flatMap(some -> answer(fine, asked.middle, some, AIR_MM).stream())
                .findFirst();
    }

    private Optional<Answer> closer(FreePlaces.Space space, Point middle, RoomLines.Forms forms) {
        return Stream.of(AIR_MM / 2, LEAST_AIR_MM)
                .flatMap(air -> Stream.of(forms.telling(), forms.bare(), forms.listed())
                        .flatMap(some -> answer(space, middle, some, air).stream()))
                .findFirst();
    }

    private Optional<Answer> answer(FreePlaces.Space space, Point middle, List<List<Line>> forms, double airMm) {
        for (var form : forms) {
            var at = space.nearest(middle, form, airMm);
            if (at.isPresent()) {
                return Optional.of(new Answer(at.get(), form, airMm));
            }
        }
        return Optional.empty();
    }

    /** In its room with less air than is due, where no leader leads out of it. */
    private Optional<Placed> closer(Room room, Outline outline, KeptOff off, List<Outline> labels) {
        return closer(free.in(outline, off.near(outline.bounds(), labels)), free.freest(outline), forms(room, outline))
                .map(a -> new Placed(room, frame.paper(a.at), a.form, a.airMm, Optional.empty()));
    }

    /** Brings labels in line with those before them where they stay as free as they are. */
    private void inLine(List<Placed> all, KeptOff off) {
        for (var i = 1; i < all.size(); i++) {
            var label = all.get(i);
            if (!isByHand(label.room)) {
                var before = all.subList(0, i);
                all.set(
                        i,
                        before.stream()
                                .map(b -> b.centre.y())
                                .filter(y -> y != label.centre.y() && Math.abs(y - label.centre.y()) <= IN_LINE_MM)
                                .min(Comparator.comparingDouble(y -> Math.abs(y - label.centre.y())))
                                .map(y -> new Point(label.centre.x(), y))
                                .filter(at -> isFreeAt(label, at, off))
                                .map(at -> new Placed(label.room, at, label.lines, label.airMm, label.leader))
                                .orElse(label));
            }
        }
    }

    private boolean isByHand(Room room) {
        return room.mark().flatMap(m -> view.view().movedName(m.id())).isPresent();
    }

    private boolean isFreeAt(Placed label, Point at, KeptOff off) {
        var box = onPlan(box(at, label.lines).grown(label.airMm));
        return view.seen(label.room.outline())
                .filter(seen -> LabelSpot.overlap(seen, box, off.near(box)) == 0)
                .isPresent();
    }

    private Box onPlan(Box paper) {
        return Box.around(paper.ring().corners().stream().map(frame::plan).toList());
    }

    /** The label of a room without space: beside it on a leader, as near as can be. */
    private Optional<Placed> beside(
            Room room, Outline outline, BesideRooms beside, List<Outline> places, List<Outline> labels, double airMm) {
        var forms = lines.beside(room, areaMm2(room), LabelSpot.clearSize(room.outline(), free.freest(outline)));
        return beside.nearest(outline, places, forms, labels, airMm).map(place -> onLeader(room, place, airMm));
    }

    /** The number of a room that a list tells, where its name finds no space beside it either. */
    private Optional<Placed> besideByNumber(
            Room room, Outline outline, BesideRooms beside, List<Outline> places, List<Outline> labels) {
        var numbers = forms(room, outline).listed();
        return beside.nearest(outline, places, numbers, labels, AIR_MM)
                .or(() -> beside.nearestFinely(outline, places, numbers, labels, AIR_MM))
                .map(place -> onLeader(room, place, AIR_MM));
    }

    private Placed onLeader(Room room, BesideRooms.Place place, double airMm) {
        var centre = frame.paper(place.at());
        var line = leaderTo(room, place.at(), box(centre, place.lines()), place.end());
        return new Placed(room, centre, place.lines(), airMm, line);
    }

    private List<Outline> covered(List<Placed> written) {
        return written.stream()
                .flatMap(w -> Stream.concat(
                        Stream.of(Outline.of(onPlan(w.box()).ring())),
                        w.leader.stream()
                                .map(l -> new Segment(frame.plan(l.a()), frame.plan(l.b())))
                                .map(l -> OtherWords.covered(l, frame))))
                .toList();
    }

    /**
     * Over furniture of its own room, on a ground of its own; never over walls, stairs or other words.
     *
     * @param most the share of the room that it may cover
     */
    private Optional<Placed> over(Room room, Outline outline, List<Outline> fixed, double most) {
        var space = free.in(outline, fixed);
        var largest = most * outline.area() / frame.scale() / frame.scale();
        return forms(room, outline).smallestFirst().stream()
                .filter(form -> RoomLines.width(form) * RoomLines.height(form) <= largest)
                .flatMap(form -> space.nearest(free.freest(outline), form, LEAST_AIR_MM).stream()
                        .map(at -> new Placed(room, frame.paper(at), form, 0, Optional.empty())))
                .findFirst();
    }

    private static Box box(Point centre, List<Line> lines) {
        var w = RoomLines.width(lines) / 2;
        var h = RoomLines.height(lines) / 2;
        return new Box(centre.x() - w, centre.y() - h, centre.x() + w, centre.y() + h);
    }

    private void plate(List<Mark> out, Point centre, List<Line> lines) {
        var path = Figure.builder()
                .roundedBox(box(centre, lines).grown(PLATE_AIR_MM), 1)
                .build();
        out.add(new Mark.Fill(path, new Ink(pens.colour(Role.PAPER).argb(), 0.92)));
    }

    private void write(List<Mark> out, Point centre, List<Line> lines) {
        var y = centre.y() - RoomLines.height(lines) / 2 + lines.getFirst().height();
        for (var i = 0; i < lines.size(); i++) {
            var line = lines.get(i);
            y += i == 0 ? 0 : line.height() * RoomLines.LEADING;
            out.add(new Mark.Text(
                    line.text(),
                    new Point(centre.x(), y),
                    line.height(),
                    line.face(),
                    line.tracking(),
                    Mark.Align.MIDDLE,
                    0,
                    pens.ink()));
        }
    }
}
