package honeylamp.edit;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Dimension;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Hold;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Lets dimensions and leaders of notes follow what they were put on: a point on a face, a drawn line, a corner, a wall's
 * end, a jamb or the middle of an opening, on a piece or a fixed part stays on it when an edit moves it. Points that lie on
 * nothing stay, as do dimensions and notes that the edit itself has changed. Where what a point lay on goes, the dimension
 * or leader has lost its hold.
 */
final class Following {
    /** So near to a face is on it, in mm. */
    private static final double ON_MM = 1;

    /** Faces that meet at a smaller sine have no corner a dimension could keep to: about 11 degrees. */
    private static final double CORNER_SINE = 0.2;

    private final Plan planBefore;
    private final Plan planAfter;
    private final Storey before;
    private final Map<WallId, Wall> after = new HashMap<>();
    private final Storey now;

    private Following(Plan planBefore, Storey before, Plan planAfter) {
        this.planBefore = planBefore;
        this.planAfter = planAfter;
        this.before = before;
        now = planAfter.storey(before.id());
        now.walls().forEach(w -> after.put(w.id(), w));
    }

    /** The plan after an edit, the dimensions and notes of a storey taken along. */
    static Plan words(Plan planBefore, Storey before, Plan planAfter) {
        var now = planAfter.storey(before.id());
        if (before.dimensions().isEmpty()
                        && before.notes().isEmpty()
                        && before.roundDimensions().isEmpty()
                || now.walls() == before.walls()
                        && now.openings() == before.openings()
                        && now.furnishings() == before.furnishings()
                        && now.structures() == before.structures()
                        && planAfter.wallTypes() == planBefore.wallTypes()) {
            return planAfter;
        }
        var following = new Following(planBefore, before, planAfter);
        var was = Set.copyOf(before.dimensions());
        var moved = now.dimensions().stream()
                .map(d -> was.contains(d) ? following.taken(d) : d)
                .toList();
        var notesBefore = Set.copyOf(before.notes());
        var notes = now.notes().stream()
                .map(n -> notesBefore.contains(n) ? following.taken(n) : n)
                .toList();
        var roundsBefore = Set.copyOf(before.roundDimensions());
        var rounds = now.roundDimensions().stream()
                .map(d -> roundsBefore.contains(d) ? following.taken(d) : d)
                .toList();
        return moved.equals(now.dimensions()) && notes.equals(now.notes()) && rounds.equals(now.roundDimensions())
                ? planAfter
                : planAfter.withStorey(
                        before.id(),
                        s -> s.with(Dimension.class, moved)
                                .with(Note.class, notes)
                                .with(RoundDimension.class, rounds));
    }

    private Dimension taken(Dimension dimension) {
        var from = taken(dimension.from());
        var to = taken(dimension.to());
        if (from.equals(to)) {
            return dimension;
        }
        var lost = dimension.places().stream().anyMatch(this::isLost);
        return dimension.with(copy -> copy.from(from)
                .to(to)
                .stops(dimension.stops().stream().map(this::taken).toList())
                .hold(lost ? Hold.LOST : dimension.hold()));
    }

    /** One whose points no longer measure anything so, such as along a wall that is straight now, has lost its hold. */
    private RoundDimension taken(RoundDimension dimension) {
        var from = taken(dimension.from());
        var middle = taken(dimension.middle());
        var to = taken(dimension.to());
        if (RoundDimension.whyNot(dimension.measures(), from, middle, to).isPresent()) {
            return dimension.withHold(Hold.LOST);
        }
        // where the legs of an angle meet need not lie on anything
        var lost = isLost(dimension.from())
                || isLost(dimension.to())
                || dimension.measures() != RoundDimension.Measures.ANGLE && isLost(dimension.middle());
        return dimension.with(copy -> copy.from(from).middle(middle).to(to).hold(lost ? Hold.LOST : dimension.hold()));
    }

    private Note taken(Note note) {
        return note.withLeader(note.leader()
                .map(l -> new Note.Leader(taken(l.tip()), isLost(l.tip()) ? Hold.LOST : l.hold())));
    }

    /** Whether what a point lay on is gone, and nothing else that it lay on is left. */
    private boolean isLost(Position end) {
        var p = end.point();
        var lay = lyingUnder(planBefore, before, p);
        return !lay.isEmpty()
                && lay.stream().noneMatch(e -> now.elements().find(e.id()).isPresent())
                && lyingUnder(planAfter, now, p).isEmpty();
    }

    private static List<Element> lyingUnder(Plan plan, Storey storey, Point p) {
        return Stream.concat(storey.walls().stream().filter(w -> isOn(plan, w, p)), standing(storey, p))
                .toList();
    }

    private static boolean isOn(Plan plan, Wall wall, Point p) {
        var thick = plan.wallType(wall.type()).thickness().mm();
        var along = wall.line().along(p);
        var left = wall.body().leftShare() * thick;
        var offset = wall.line().offset(p);
        return along >= -ON_MM
                && along <= wall.line().length() + ON_MM
                && offset <= left + ON_MM
                && offset >= left - thick - ON_MM;
    }

    /** What stands at a point or just beside it, the smallest first. */
    private static Stream<Element> standing(Storey storey, Point p) {
        var pieces = storey.furnishings().stream().filter(f -> holds(f.placing(), f.width(), f.depth(), p));
        var parts = storey.structures().stream()
                .filter(x -> holds(x.placing(), x.width(), x.depth(), p))
                .filter(x -> !(x.form() instanceof Structure.Block block
                        && block.kind().saysWhatIsAbove()));
        return Stream.concat(
                pieces.sorted(Comparator.comparingDouble(
                        f -> f.width().mm() * f.depth().mm())),
                parts);
    }

    private static boolean holds(Affine placing, Length width, Length depth, Point p) {
        var local = placing.inverse().apply(p);
        return Math.abs(local.x()) <= width.mm() / 2 + ON_MM && Math.abs(local.y()) <= depth.mm() / 2 + ON_MM;
    }

    /** Where a point of something that stands is when that is moved, turned or made another size. */
    private Optional<Position> alongWith(Position end) {
        return standing(before, end.point())
                .flatMap(was -> now.elements().find(was.id()).stream()
                        .filter(is -> !is.equals(was))
                        .map(is -> alongWith(end, was, is)))
                .findFirst();
    }

    private static Position alongWith(Position end, Element was, Element is) {
        if (was instanceof Furnishing a && is instanceof Furnishing b) {
            return carried(end, a.placing(), a.width(), a.depth(), b.placing(), b.width(), b.depth());
        }
        return was instanceof Structure a && is instanceof Structure b
                ? carried(end, a.placing(), a.width(), a.depth(), b.placing(), b.width(), b.depth())
                : end;
    }

    private static Position carried(
            Position end, Affine was, Length width, Length depth, Affine is, Length widthNow, Length depthNow) {
        var local = was.inverse().apply(end.point());
        return Position.of(
                is.apply(new Point(local.x() * widthNow.mm() / width.mm(), local.y() * depthNow.mm() / depth.mm())));
    }

    /** A wall that an end lies on, before and after. */
    private record On(Wall was, Wall is, double offsetMm, double offsetAfterMm) {
        boolean stays() {
            return was.line().equals(is.line()) && offsetMm == offsetAfterMm;
        }

        Segment lineAfter() {
            return is.chord().shiftedLeft(offsetAfterMm);
        }
    }

    private Position taken(Position end) {
        var p = end.point();
        var on = before.walls().stream().flatMap(w -> on(w, p).stream()).toList();
        var moved = on.stream().filter(o -> !o.stays()).findFirst();
        if (moved.isEmpty()) {
            return on.stream()
                    .flatMap(o -> atJamb(o, p).stream())
                    .findFirst()
                    .or(() -> on.isEmpty() ? alongWith(end) : Optional.empty())
                    .orElse(end);
        }
        return Position.of(where(moved.get(), on, p));
    }

    private Optional<On> on(Wall wall, Point p) {
        var is = after.get(wall.id());
        if (is == null) {
            return Optional.empty();
        }
        var thick = planBefore.wallType(wall.type()).thickness().mm();
        var thickAfter = planAfter.wallType(is.type()).thickness().mm();
        var along = wall.line().along(p);
        if (along < -2 * thick || along > wall.line().length() + 2 * thick) {
            return Optional.empty();
        }
        var offset = wall.line().offset(p);
        var lines = lines(wall, thick);
        var linesAfter = lines(is, thickAfter);
        for (var i = 0; i < lines.size(); i++) {
            if (Math.abs(offset - lines.get(i)) <= ON_MM) {
                return Optional.of(new On(wall, is, offset, offset + linesAfter.get(i) - lines.get(i)));
            }
        }
        return Optional.empty();
    }

    /** Left face, right face, drawn line and middle, as offsets to the left of the drawn line, in mm. */
    private static List<Double> lines(Wall wall, double thick) {
        var left = wall.body().leftShare() * thick;
        return List.of(left, left - thick, 0.0, left - thick / 2);
    }

    private Point where(On moved, List<On> all, Point p) {
        if (moved.was.isCurved() || moved.is.isCurved()) {
            var line = moved.was.line();
            var share = Math.clamp(line.along(p) / line.length(), 0, 1);
            var face = moved.is.line().shiftedLeft(moved.offsetAfterMm);
            return face.at(share * face.length());
        }
        var line = moved.lineAfter();
        for (var other : all) {
            if (!other.is.isCurved()
                    && !other.was.isCurved()
                    && Math.abs(other.was.chord().unit().cross(moved.was.chord().unit())) > CORNER_SINE
                    && Math.abs(other.is.chord().unit().cross(moved.is.chord().unit())) > CORNER_SINE) {
                return crossing(line, other.lineAfter());
            }
        }
        var jamb = atJamb(moved, p);
        if (jamb.isPresent()) {
            return jamb.get().point();
        }
        var along = moved.was.chord().along(p);
        if (Math.abs(along) <= ON_MM) {
            return line.at(along);
        }
        if (Math.abs(along - moved.was.chord().length()) <= ON_MM) {
            return line.at(line.length() + along - moved.was.chord().length());
        }
        var by = moved.is.from().point().minus(moved.was.from().point());
        var other = moved.is.to().point().minus(moved.was.to().point());
        return line.at(line.along(by.distance(other) < ON_MM ? p.plus(by) : p));
    }

    private static Point crossing(Segment a, Segment b) {
        return a.at(-b.offset(a.a()) / b.unit().cross(a.unit()));
    }

    /** Where the jamb that an end lies at is now, if it lies at one. */
    private Optional<Position> atJamb(On on, Point p) {
        if (on.was.isCurved() || on.is.isCurved()) {
            return Optional.empty();
        }
        var along = on.was.chord().along(p);
        var out = new ArrayList<Position>();
        for (var opening : before.openings()) {
            if (opening.host().equals(on.was.id())) {
                now.opening(opening.id())
                        .filter(o -> o.host().equals(on.is.id()))
                        .ifPresent(o -> {
                            if (Math.abs(opening.offset().mm() - along) <= ON_MM) {
                                out.add(Position.of(on.lineAfter().at(o.offset().mm())));
                            } else if (Math.abs(end(opening) - along) <= ON_MM) {
                                out.add(Position.of(on.lineAfter().at(end(o))));
                            } else if (Math.abs(opening.middleMm() - along) <= ON_MM) {
                                out.add(Position.of(on.lineAfter().at(o.middleMm())));
                            }
                        });
            }
        }
        return out.stream().findFirst();
    }

    private static double end(Opening opening) {
        return opening.end().mm();
    }
}
