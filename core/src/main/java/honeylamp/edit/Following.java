package honeylamp.edit;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Lets single dimensions follow the walls they measure: an end on a face, a drawn line, a corner, a wall's end or the
 * jamb of an opening stays on it when an edit moves it. Ends that lie on no wall stay, as do dimensions that the edit
 * itself has changed.
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

    /** The plan after an edit, the dimensions of a storey taken along. */
    public static Plan dimensions(Plan planBefore, Storey before, Plan planAfter) {
        var now = planAfter.storey(before.id());
        if (before.dimensions().isEmpty()
                || now.walls() == before.walls()
                        && now.openings() == before.openings()
                        && planAfter.wallTypes() == planBefore.wallTypes()) {
            return planAfter;
        }
        var following = new Following(planBefore, before, planAfter);
        var moved = now.dimensions().stream()
                .map(d -> before.dimensions().contains(d) ? following.taken(d) : d)
                .toList();
        return moved.equals(now.dimensions())
                ? planAfter
                : planAfter.withStorey(before.id(), s -> s.with(Dimension.class, moved));
    }

    private Dimension taken(Dimension dimension) {
        var from = taken(dimension.from());
        var to = taken(dimension.to());
        return from.equals(to) ? dimension : dimension.between(from, to);
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
            return on.stream().flatMap(o -> atJamb(o, p).stream()).findFirst().orElse(end);
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
