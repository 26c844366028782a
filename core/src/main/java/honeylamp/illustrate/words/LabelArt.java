package honeylamp.illustrate.words;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.listing.Tags;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Note;
import honeylamp.plan.Role;
import honeylamp.plan.Showing;
import honeylamp.plan.Structure;
import honeylamp.plan.TextRole;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.Rounding;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/** Writes room labels at the freest place and notes where they were put. */
public final class LabelArt {
    /** Between a label and the walls and furniture beside it. */
    private static final double AIR_MM = 0.65;

    private static final double LEADING = 1.75;
    private static final double TRACKING = 0.04;
    private static final double PLATE_AIR_MM = 1.2;
    private static final double LEADER_DOT_MM = 0.5;

    /** A label that touches less than this squared is taken to lie free. */
    private static final double TOUCH_MM = 0.7;

    /** So much of the plan the words of a ceiling take up at usual scales, in plan mm. */
    private static final double WORDS_WIDE_MM = 1600;

    private static final double WORDS_DEEP_MM = 300;

    private final PaperFrame frame;
    private final Pens pens;
    private final UnitSystem units;
    private final Rounding rounding;
    private final LaidView view;
    private final Remembered remembered;

    /** Writes with pens on paper. */
    public LabelArt(LaidView view, PaperFrame frame, Pens pens) {
        this(view, frame, pens, new Remembered());
    }

    /** The same, with what was written before on this paper with these pens. */
    public LabelArt(LaidView view, PaperFrame frame, Pens pens, Remembered remembered) {
        this.remembered = remembered;
        this.pens = pens;
        this.frame = frame;
        this.units = view.plan().units();
        this.rounding = view.plan().rounding();
        this.view = view;
    }

    /** One line of a label. */
    record Line(String text, double height, Typeface face, double tracking) {
        double width() {
            return face.widthMm(text, height, tracking);
        }
    }

    /** The labels of rooms, clear of tags and of what stands in the rooms. */
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

    /** The tags of openings, if the view shows them. */
    public Map<OpeningId, String> tags() {
        return view.view().showing().shows(Showing.Kind.TAGS) ? Tags.of(view.plan()) : Map.of();
    }

    /**
     * The name of a room where it is written.
     *
     * @param centre in paper mm
     * @param plated whether it needs a ground of its own to be read
     * @param leader from the label into its room, in paper mm, if it lies outside
     */
    public record Placed(Room room, Point centre, List<Line> lines, boolean plated, Optional<Segment> leader) {
        /** What it covers, in paper mm. */
        public Box box() {
            return LabelArt.box(centre, lines);
        }
    }

    /** The names of all rooms that are seen, where they are written. */
    public List<Placed> placed() {
        return placed(_ -> true);
    }

    /** The names of some rooms, where they are written. */
    public List<Placed> placed(Predicate<Room> wanted) {
        var geometry = view.storey().geometry();
        var taken = new TagArt(frame, pens).covered(geometry.cuts(), tags());
        var obstacles = Obstacles.of(obstacles(geometry, taken));
        var out = new ArrayList<Placed>();
        for (var room : geometry.rooms()) {
            if (!room.name().isBlank() && wanted.test(room)) {
                seen(room).ifPresent(outline -> out.add(byHand(room).orElseGet(() -> label(room, outline, obstacles))));
            }
        }
        return out;
    }

    /** Whether the name of a room may lie at a point: within the room, or wherever a hand put it. */
    public boolean mayLieAt(Room room, Point p, double reachMm) {
        return room.outline().bounds().grown(reachMm).contains(p)
                || room.mark().flatMap(m -> view.view().movedName(m.id())).isPresent();
    }

    /** The part of a room that is seen. */
    private Optional<Outline> seen(Room room) {
        if (view.crop().isEmpty()) {
            return Optional.of(room.outline());
        }
        var part = Outline.of(view.crop().get().ring());
        return Regions.intersection(List.of(room.outline()), List.of(part)).stream()
                .max(Comparator.comparingDouble(Outline::area));
    }

    /** The name of a room that was put somewhere by hand. */
    public Optional<Placed> placedByHand(RoomId room) {
        return view.storey().geometry().rooms().stream()
                .filter(r -> r.mark().filter(m -> m.id().equals(room)).isPresent())
                .findFirst()
                .flatMap(this::byHand);
    }

    /** A name that was put somewhere by hand, in full, with a leader if it lies outside its room. */
    private Optional<Placed> byHand(Room room) {
        return room.mark().flatMap(m -> view.view().movedName(m.id())).map(at -> {
            var centre = frame.paper(at.point());
            var lines = forms(room, room.outline()).getFirst();
            return new Placed(room, centre, lines, false, leaderTo(room, at.point(), box(centre, lines)));
        });
    }

    private Optional<Segment> leaderTo(Room room, Point at, Box label) {
        if (room.outline().contains(at)) {
            return Optional.empty();
        }
        var end = frame.paper(freest(room.outline()));
        var air = label.grown(AIR_MM);
        var start = new Point(Math.clamp(end.x(), air.minX(), air.maxX()), Math.clamp(end.y(), air.minY(), air.maxY()));
        return Optional.of(new Segment(start, end));
    }

    private void leader(List<Mark> out, Segment line) {
        out.add(new Mark.Stroke(Figure.line(line.a(), line.b()), pens.dimension(), pens.dimensionInk()));
        out.add(new Mark.Fill(Figure.circle(line.b(), LEADER_DOT_MM), pens.dimensionInk()));
    }

    /** What labels keep off: furniture, posts, stairs, and the swing of doors. */
    private List<Outline> obstacles(StoreyGeometry geometry, List<Outline> taken) {
        var showing = view.view().showing();
        var fixed = view.storey().fixedParts();
        var out = new ArrayList<Outline>();
        if (showing.shows(Showing.Kind.FURNITURE)) {
            for (var piece : geometry.storey().furnishings()) {
                out.addAll(remembered.answerAbout(About.FOOTPRINTS, piece, () -> footprints(piece)));
            }
        }
        out.addAll(taken);
        for (var part : fixed.blocks()) {
            if (part.form() instanceof Structure.Block block && block.kind().saysWhatIsAbove()) {
                writtenOn(part, block).ifPresent(out::add);
            } else if (!part.is(Structure.Kind.BALCONY)) {
                out.add(Outline.of(part.footprint()));
            }
        }
        out.addAll(remembered.answerAbout(
                About.STAIRS,
                fixed,
                () -> fixed.stairs().stream()
                        .flatMap(stair -> (stair.seen() == FixedParts.End.HEAD
                                        ? stair.well()
                                        : stair.steps().outline())
                                .stream())
                        .toList()));
        out.addAll(remembered.answerOf(
                About.LEAVES,
                List.of(geometry.cuts()),
                () -> geometry.cuts().stream()
                        .flatMap(cut -> LeafSweep.of(cut).stream())
                        .map(LeafSweep::area)
                        .toList()));
        return out;
    }

    /** Where the height of a ceiling is written: within its upper edge, or beside the arrow down its slope. */
    private static Optional<Outline> writtenOn(Structure part, Structure.Block block) {
        var box = part.box();
        var centre = switch (block.kind()) {
            case TRAY_CEILING -> new Point(0, box.maxY() - WORDS_DEEP_MM / 2);
            case SLOPING_CEILING -> new Point(-box.width() / 4, box.minY() + box.height() * 0.3);
            default -> null;
        };
        return Optional.ofNullable(centre)
                .map(c -> new Box(
                        c.x() - WORDS_WIDE_MM / 2,
                        c.y() - WORDS_DEEP_MM / 2,
                        c.x() + WORDS_WIDE_MM / 2,
                        c.y() + WORDS_DEEP_MM / 2))
                .map(words -> Outline.of(words.ring().through(part.placing())));
    }

    private enum About {
        FOOTPRINTS,
        STAIRS,
        LEAVES
    }

    private static List<Outline> footprints(Furnishing piece) {
        var out = new ArrayList<Outline>();
        Furnishings.of(piece).ifPresent(kind -> {
            for (var solid : kind.symbol(piece).solids()) {
                out.add(Outline.of(solid.footprint().through(piece.placing()).counterClockwise()));
            }
            out.add(Outline.of(Picking.footprint(piece)));
        });
        return List.copyOf(out);
    }

    private record Obstacles(List<Outline> all, BoxIndex boxes) {
        static Obstacles of(List<Outline> all) {
            return new Obstacles(all, new BoxIndex(all.size(), i -> all.get(i).bounds()));
        }

        List<Outline> near(Box box) {
            return boxes.meeting(box).stream().map(all::get).toList();
        }
    }

    /** What the place of a label depends on: the forms it may take, and what it keeps off. */
    private record Asked(Outline seen, List<List<Line>> forms, List<Outline> near) {}

    /** The form that was chosen, and where it lies in plan mm. */
    private record Answer(Point at, List<Line> form, boolean plated) {}

    private Placed label(Room room, Outline outline, Obstacles obstacles) {
        var near = obstacles.near(outline.bounds());
        var asked = new Asked(outline, forms(room, outline), near);
        var answer = remembered.answer(asked, () -> answer(asked));
        return new Placed(room, frame.paper(answer.at), answer.form, answer.plated, Optional.empty());
    }

    /** From the fullest label to the smallest; the first that lies free is written, else one on a plate. */
    private Answer answer(Asked asked) {
        var middle = freest(asked.seen);
        for (var form : asked.forms) {
            var spot = spot(asked.seen, middle, form, asked.near);
            if (spot.overlapMm2() <= frame.planMm(TOUCH_MM) * frame.planMm(TOUCH_MM)) {
                return new Answer(spot.at(), form, false);
            }
        }
        var last = asked.forms.getLast();
        return new Answer(spot(asked.seen, middle, last, asked.near).at(), last, true);
    }

    private record Freest(Outline room) {}

    private Point freest(Outline room) {
        return remembered.answer(new Freest(room), () -> LabelSpot.freest(room).centre());
    }

    private List<List<Line>> forms(Room room, Outline outline) {
        var middle = freest(outline);
        var name = room.name().toUpperCase(Locale.ROOT);
        var area = new Line(AreaText.rounded(room.areaMm2(), units), pens.cap(TextRole.ROOM_SIZE), Typeface.REGULAR, 0);
        var clear = new Line(
                clearText(LabelSpot.clearSize(room.outline(), middle)),
                pens.cap(TextRole.ROOM_SIZE),
                Typeface.REGULAR,
                0);
        var small = new Line(area.text, pens.cap(TextRole.SMALL_ROOM_SIZE), Typeface.REGULAR, 0);
        return List.of(
                List.of(name(name, pens.cap(TextRole.ROOM_NAME)), area, clear),
                List.of(name(name, pens.cap(TextRole.ROOM_NAME)), area),
                List.of(name(name, pens.cap(TextRole.SMALL_ROOM_NAME)), small),
                broken(name, small));
    }

    private static Line name(String text, double height) {
        return new Line(text, height, Typeface.MEDIUM, TRACKING);
    }

    /** The name in two lines where it has words to break between. */
    private List<Line> broken(String name, Line area) {
        var middle = name.indexOf(' ');
        return middle < 0
                ? List.of(name(name, pens.cap(TextRole.SMALL_ROOM_NAME)), area)
                : List.of(
                        name(name.substring(0, middle), pens.cap(TextRole.SMALL_ROOM_NAME)),
                        name(name.substring(middle + 1), pens.cap(TextRole.SMALL_ROOM_NAME)),
                        area);
    }

    private String clearText(LabelSpot.ClearSize clear) {
        if (!rounding.equals(Rounding.finest(units))) {
            var inMetres = units.isMetric() ? Rounding.to(UnitSystem.M, rounding.step()) : rounding;
            return inMetres.shown(Length.ofMm(clear.alongMm())) + " \u00d7 "
                    + inMetres.shown(Length.ofMm(clear.acrossMm())) + (units.isMetric() ? " m" : "");
        }
        var shownIn = units.isMetric() ? UnitSystem.M : units;
        var a = LengthText.rounded(Length.ofMm(clear.alongMm()), shownIn);
        var b = LengthText.rounded(Length.ofMm(clear.acrossMm()), shownIn);
        return units.isMetric()
                ? a.substring(0, a.length() - 1) + " \u00d7 " + b.substring(0, b.length() - 1) + " m"
                : a + " \u00d7 " + b;
    }

    private LabelSpot.Spot spot(Outline outline, Point middle, List<Line> lines, List<Outline> obstacles) {
        return LabelSpot.forLabel(
                outline,
                middle,
                frame.planMm(width(lines) + 2 * AIR_MM),
                frame.planMm(height(lines) + 2 * AIR_MM),
                obstacles);
    }

    private static double width(List<Line> lines) {
        return lines.stream().mapToDouble(Line::width).max().orElse(0);
    }

    private static double height(List<Line> lines) {
        var sum = lines.getFirst().height;
        for (var i = 1; i < lines.size(); i++) {
            sum += lines.get(i).height * LEADING;
        }
        return sum;
    }

    private static Box box(Point centre, List<Line> lines) {
        var w = width(lines) / 2;
        var h = height(lines) / 2;
        return new Box(centre.x() - w, centre.y() - h, centre.x() + w, centre.y() + h);
    }

    private void plate(List<Mark> out, Point centre, List<Line> lines) {
        var path = Figure.builder()
                .roundedBox(box(centre, lines).grown(PLATE_AIR_MM), 1)
                .build();
        out.add(new Mark.Fill(path, new Ink(pens.colour(Role.PAPER).argb(), 0.86)));
    }

    private void write(List<Mark> out, Point centre, List<Line> lines) {
        var y = centre.y() - height(lines) / 2 + lines.getFirst().height;
        for (var i = 0; i < lines.size(); i++) {
            var line = lines.get(i);
            y += i == 0 ? 0 : line.height * LEADING;
            out.add(new Mark.Text(
                    line.text,
                    new Point(centre.x(), y),
                    line.height,
                    line.face,
                    line.tracking,
                    Mark.Align.MIDDLE,
                    0,
                    pens.ink()));
        }
    }

    public List<Mark> notes(List<Note> notes) {
        var out = new ArrayList<Mark>();
        for (var note : notes) {
            var high = pens.cap(TextRole.NOTE);
            var at = frame.paper(note.at().point()).plus(new Point(0, high / 2));
            out.add(new Mark.Text(note.text(), at, high, Typeface.REGULAR, 0, Mark.Align.MIDDLE, 0, pens.ink()));
        }
        return out;
    }
}
