package honeylamp.illustrate.building;

import honeylamp.derive.fixed.FixedParts.End;
import honeylamp.derive.fixed.FixedParts.Flights;
import honeylamp.derive.fixed.StairSteps;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.building.StepsInDepth.Step;
import honeylamp.illustrate.paper.Depth;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Role;
import honeylamp.plan.Stair;
import honeylamp.plan.TextRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Draws stairs: at the foot the steps up to where the plan is cut, the rest dashed above it; at the head all
 * steps that are seen through the open floor. An arrow runs the way one goes.
 */
public final class StairArt {
    private static final double CLEAR_MM = 1.2;
    private static final double DARKER_EACH = 0.026;
    private static final double DARKEST = 0.30;

    /** A step as light as this takes all of the dark. */
    private static final double LIGHT_STEP = 0.90;

    /** The slant of the line of cut, as a share of the flight's width. */
    private static final double SLANT = 0.22;

    /** Between the two lines of cut. */
    private static final double CUT_GAP_MM = 60;

    private final PaperFrame frame;
    private final Pens pens;
    private final Lamp lamp;
    private final double cutMm;
    private final Optional<StepsInDepth> raised;

    /** An art for a storey cut so far above its floor, in mm. */
    public StairArt(PaperFrame frame, Pens pens, Lamp lamp, double cutMm) {
        this(frame, pens, lamp, cutMm, Optional.empty());
    }

    private StairArt(PaperFrame frame, Pens pens, Lamp lamp, double cutMm, Optional<StepsInDepth> raised) {
        this.frame = frame;
        this.pens = pens;
        this.lamp = lamp;
        this.cutMm = cutMm;
        this.raised = raised;
    }

    /** An art for a storey that one looks down into. */
    public static StairArt raised(Depth depth, Pens pens, Lamp lamp) {
        return new StairArt(depth.frame(), pens, lamp, depth.cutMm(), Optional.of(new StepsInDepth(depth, pens)));
    }

    public List<Mark> marks(List<Flights> stairs) {
        var out = new ArrayList<Mark>();
        for (var stair : stairs) {
            if (stair.seen() == End.FOOT) {
                foot(out, stair);
            } else {
                head(out, stair);
            }
        }
        return out;
    }

    private void foot(List<Mark> out, Flights flights) {
        var steps = flights.steps();
        var cutAt = steps.upTo(cutMm);
        var whole = cutAt >= steps.treads().size();
        var lower = whole ? steps.outline() : belowCut(flights, cutAt);
        if (raised.isEmpty()) {
            fill(out, lower, tone(0));
        }
        var dashed = Figure.builder();
        for (var riser : steps.risers()
                .subList(
                        Math.min(cutAt + 1, steps.risers().size()),
                        steps.risers().size())) {
            // where a spiral comes round again its steps hang above those below
            if (lower.stream().noneMatch(o -> o.contains(riser.middle()))) {
                dashed.line(riser.a(), riser.b());
            }
        }
        if (!whole) {
            for (var part : Regions.difference(steps.from(cutAt), lower)) {
                dashed.path(part.path());
            }
            var line = cutLine(flights, cutAt, CUT_GAP_MM);
            out.add(new Mark.Stroke(frame.paper(Figure.line(line.a(), line.b())), pens.swing(), pens.ink()));
            out.add(new Mark.Stroke(frame.paper(dashed.build()), pens.overhead(), pens.swingInk()));
        }
        raised.ifPresentOrElse(
                depth -> out.addAll(depth.standing(climbing(flights, cutAt))), () -> lines(out, steps, lower, cutAt));
        newel(out, flights);
        arrow(out, climb(flights), flights);
    }

    private void lines(List<Mark> out, StairSteps steps, List<Outline> lower, int cutAt) {
        var solid = Figure.builder();
        for (var i = 0; i <= Math.min(cutAt, steps.risers().size() - 1); i++) {
            solid.line(steps.risers().get(i).a(), steps.risers().get(i).b());
        }
        out.add(new Mark.Stroke(frame.paper(solid.build()), pens.swing(), pens.swingInk()));
        outline(out, lower);
    }

    /** The steps below the cut: the one that is cut as far as it is there. */
    private List<Step> climbing(Flights flights, int cutAt) {
        var treads = flights.steps().treads();
        var out = new ArrayList<Step>();
        for (var i = 0; i <= Math.min(cutAt, treads.size() - 1); i++) {
            var whole = List.of(Outline.of(treads.get(i).outline()));
            var parts = i < cutAt ? whole : Regions.intersection(whole, belowCut(flights, cutAt));
            var below = i == 0 ? 0 : treads.get(i - 1).topMm();
            out.add(new Step(parts, below, treads.get(i).topMm(), tone(0)));
        }
        return out;
    }

    /** A line along steps between two heights above the floor, as it is seen. */
    private List<Point> seen(List<Point> line, double fromMm, double toMm) {
        return raised.map(depth -> depth.seen(line, fromMm, toMm)).orElse(line);
    }

    /** What of the steps lies below the cut, ended by the slanting line. */
    private static List<Outline> belowCut(Flights flights, int cutAt) {
        var steps = flights.steps();
        var line = cutLine(flights, cutAt, 0);
        var away = spotOn(steps, cutAt).unit().times(3 * flights.stair().going().mm());
        var beyond = Ring.of(line.a(), line.b(), line.b().plus(away), line.a().plus(away))
                .counterClockwise();
        var reached = steps.treads().subList(0, cutAt + 1).stream()
                .map(t -> Outline.of(t.outline()))
                .toList();
        return Regions.difference(Regions.union(reached), List.of(Outline.of(beyond)));
    }

    private static StairSteps.Spot spotOn(StairSteps steps, int tread) {
        return steps.spot((steps.riserAt().get(tread) + steps.riserAt().get(tread + 1)) / 2);
    }

    /** The slanting line across a tread, a little beyond both of its sides. */
    private static Segment cutLine(Flights flights, int tread, double onwardMm) {
        var spot = spotOn(flights.steps(), tread);
        var half = flights.stair().flight().mm() / 2;
        var across = spot.unit().left().times(half).plus(spot.unit().times(half * SLANT));
        var at = spot.at().plus(spot.unit().times(onwardMm));
        return new Segment(at.minus(across), at.plus(across));
    }

    private void head(List<Mark> out, Flights flights) {
        var well = flights.well();
        if (well.isEmpty()) {
            return;
        }
        var steps = flights.steps();
        raised.ifPresentOrElse(
                depth -> {
                    var floor = depth.depth().at(0);
                    for (var part : well) {
                        var hole = floor.paper(part);
                        var seen = new ArrayList<Mark>();
                        seen.add(new Mark.Fill(hole, tone(steps.treads().size())));
                        seen.addAll(depth.sidesOf(
                                part.shell(), flights.stair().rise().mm()));
                        seen.addAll(depth.hanging(descending(flights)));
                        out.add(new Mark.Clip(hole, seen));
                        out.add(new Mark.Stroke(hole, pens.leaf(), pens.ink()));
                    }
                },
                () -> flat(out, flights, well));
        newel(out, flights);
        arrow(out, descentSeen(flights), flights);
    }

    /** The walking line up as it is seen. */
    private List<Point> climb(Flights flights) {
        return seen(flights.steps().walkingLine(), 0, flights.stair().rise().mm());
    }

    /** The same down to where the floor hides it. */
    private List<Point> descentSeen(Flights flights) {
        var at = flights.steps().riserAt();
        var deepest = flights.stair().rise().mm() * (at.get(flights.openFrom()) / at.getLast() - 1);
        return seen(descent(flights), 0, deepest);
    }

    private void flat(List<Mark> out, Flights flights, List<Outline> well) {
        var steps = flights.steps();
        fill(out, well, tone(steps.treads().size()));
        for (var i = flights.openFrom(); i < steps.treads().size(); i++) { // higher steps over lower ones
            fill(
                    out,
                    List.of(Outline.of(steps.treads().get(i).outline())),
                    tone(steps.treads().size() - i));
            var riser = steps.risers().get(i);
            out.add(new Mark.Stroke(frame.paper(Figure.line(riser.a(), riser.b())), pens.swing(), pens.swingInk()));
        }
        outline(out, well);
    }

    /** The steps below an open floor, the lowest first. */
    private List<Step> descending(Flights flights) {
        var treads = flights.steps().treads();
        var rise = flights.stair().rise().mm();
        var out = new ArrayList<Step>();
        for (var i = flights.openFrom(); i < treads.size(); i++) {
            var below = i == 0 ? 0 : treads.get(i - 1).topMm();
            var parts = List.of(Outline.of(treads.get(i).outline()));
            out.add(new Step(parts, below - rise, treads.get(i).topMm() - rise, tone(treads.size() - i)));
        }
        return out;
    }

    /** The walking line from the upper floor down to where the floor hides it. */
    private static List<Point> descent(Flights flights) {
        var steps = flights.steps();
        var from = steps.riserAt().get(flights.openFrom());
        var out = new ArrayList<Point>();
        out.add(steps.spot(from).at());
        var along = 0.0;
        for (var i = 1; i < steps.walkingLine().size(); i++) {
            along += steps.walkingLine().get(i).distance(steps.walkingLine().get(i - 1));
            if (along > from + 1) {
                out.add(steps.walkingLine().get(i));
            }
        }
        return out.reversed();
    }

    /** Deeper steps lie in the dark of the well. */
    private Ink tone(int below) {
        var tone = lamp == Lamp.DRAFT ? pens.colour(Role.PAPER) : pens.colour(Role.STEP);
        var lit = lamp == Lamp.DRAFT || pens.hasJointsAlone();
        var share = Math.min(1, tone.lightness() / LIGHT_STEP); // dark paper has little left to take away
        return Ink.of(tone.lighter(lit ? 0 : -share * share * Math.min(DARKEST, DARKER_EACH * below))
                .argb());
    }

    private void fill(List<Mark> out, List<Outline> parts, Ink ink) {
        for (var part : parts) {
            out.add(new Mark.Fill(frame.paper(part), ink));
        }
    }

    private void outline(List<Mark> out, List<Outline> parts) {
        for (var part : parts) {
            out.add(new Mark.Stroke(frame.paper(part), pens.leaf(), pens.ink()));
        }
    }

    private void newel(List<Mark> out, Flights flights) {
        var stair = flights.stair();
        if (stair.shape() == Stair.Shape.SPIRAL && stair.well().mm() > 0) {
            var at = flights.part().placing().apply(Point.ORIGIN);
            var circle = frame.paper(Figure.circle(at, stair.well().mm() / 2));
            if (raised.isPresent() && flights.seen() == End.FOOT) {
                out.addAll(raised.get().newel(at, stair.well().mm() / 2));
                return;
            }
            out.add(new Mark.Fill(circle, Ink.of(pens.colour(Role.NEWEL).argb())));
            out.add(new Mark.Stroke(circle, pens.leaf(), pens.ink()));
        }
    }

    private void arrow(List<Mark> out, List<Point> line, Flights flights) {
        var half = flights.stair().flight().mm() / 2;
        var shown = shortened(line, Math.min(130, flights.stair().going().mm() / 2));
        var end = shown.getLast();
        var unit = end.minus(shown.get(shown.size() - 2)).unit();
        var head = Math.min(90, half * 0.22);
        var back = end.minus(unit.times(1.7 * head));
        var path = Figure.builder()
                .line(shown.toArray(Point[]::new))
                .line(
                        back.plus(unit.left().times(head)),
                        end,
                        back.minus(unit.left().times(head)))
                .build();
        out.add(new Mark.Stroke(frame.paper(path), pens.leaf(), pens.ink()));
        out.add(new Mark.Fill(Figure.circle(frame.paper(shown.getFirst()), 0.6), pens.ink()));
    }

    /** A line less so much at both ends. */
    private static List<Point> shortened(List<Point> line, double byMm) {
        var out = new ArrayList<>(line);
        trim(out, byMm);
        var reversed = new ArrayList<>(out.reversed());
        trim(reversed, byMm);
        return reversed.reversed();
    }

    private static void trim(List<Point> line, double byMm) {
        var left = byMm;
        while (line.size() > 2 && line.get(0).distance(line.get(1)) <= left) {
            left -= line.get(0).distance(line.get(1));
            line.removeFirst();
        }
        var length = line.get(0).distance(line.get(1));
        line.set(0, line.get(0).towards(line.get(1), Math.min(0.4, left / length)));
    }

    /**
     * What is written at the tail of each arrow: up or down, and how many risers.
     *
     * @param isFree whether words may cover a rectangle of the plan
     */
    public List<Mark> words(List<Flights> stairs, Predicate<Outline> isFree) {
        return stairs.stream()
                .filter(f -> f.seen() == End.FOOT || !f.well().isEmpty())
                .map(f -> words(f, isFree))
                .toList();
    }

    /** Across the tail of the arrow, along it, or above it on the steps: the first that is free. */
    private Mark words(Flights flights, Predicate<Outline> isFree) {
        var isFoot = flights.seen() == End.FOOT;
        var text = (isFoot ? "UP " : "DOWN ") + flights.stair().risers() + " R";
        var line = isFoot ? climb(flights) : descentSeen(flights);
        var wide = frame.planMm(pens.face(TextRole.STAIR, Typeface.REGULAR).widthMm(text, cap(), 0));
        var places = places(flights, line, wide);
        var free = places.stream()
                .filter(p -> isFree.test(p.covered(wide, frame.planMm(cap()))))
                .findFirst()
                .orElse(places.getLast());
        return written(pens, text, frame.paper(free.at), free.turn);
    }

    private double cap() {
        return pens.cap(TextRole.STAIR);
    }

    /** The middle of words in plan mm, and their turn, clockwise on the page. */
    private record Place(Point at, double turn) {
        Outline covered(double wide, double high) {
            var along = Point.direction(-turn).times(wide / 2);
            var up = Point.direction(90 - turn).times(high / 2);
            return Outline.of(Ring.of(
                    at.minus(along).minus(up),
                    at.plus(along).minus(up),
                    at.plus(along).plus(up),
                    at.minus(along).plus(up)));
        }
    }

    private List<Place> places(Flights flights, List<Point> line, double wide) {
        var air = frame.planMm(CLEAR_MM);
        var high = frame.planMm(cap());
        if (flights.stair().shape() == Stair.Shape.SPIRAL) {
            var middle = flights.part().placing().apply(Point.ORIGIN);
            var off = flights.stair().depth().mm() / 2 + air + high / 2;
            return List.of(new Place(middle.plus(new Point(0, -off)), 0), new Place(middle.plus(new Point(0, off)), 0));
        }
        var tail = line.getFirst();
        var back = tail.minus(line.get(1)).unit();
        var level = Math.abs(back.x()) * wide / 2 + Math.abs(back.y()) * high / 2;
        var turn = upright(-back.angleDeg());
        var first = new Segment(tail, line.get(1));
        var above = Point.direction(90 - turn).times(flights.stair().flight().mm() / 4);
        var before = tail.plus(back.times(level + air));
        // in line with an edge of the flight where a wall stands beside the other
        var aside =
                new Point(Math.max(0, ((wide - flights.stair().flight().mm()) / 2 + air / 2) * Math.abs(back.y())), 0);
        return List.of(
                new Place(before, 0),
                new Place(before.plus(aside), 0),
                new Place(before.minus(aside), 0),
                new Place(tail.plus(back.times(wide / 2 + air)), turn),
                new Place(first.middle().plus(above), turn));
    }

    /** Words centred on a paper point, turned clockwise. */
    static Mark written(Pens pens, String text, Point centre, double turnDeg) {
        var up = new Point(Math.sin(Math.toRadians(turnDeg)), -Math.cos(Math.toRadians(turnDeg)));
        return new Mark.Text(
                text,
                centre.minus(up.times(pens.cap(TextRole.STAIR) / 2)),
                pens.cap(TextRole.STAIR),
                pens.face(TextRole.STAIR, Typeface.REGULAR),
                0,
                Mark.Align.MIDDLE,
                turnDeg,
                pens.ink());
    }

    /** A clockwise page turn from -90 up to 90, so that no text stands on its head. */
    static double upright(double turnDeg) {
        var turn = ((turnDeg % 360) + 360) % 360;
        return turn > 90.001 && turn <= 270.001 ? turn - 180 : turn > 270 ? turn - 360 : turn;
    }
}
