package honeylamp.derive.tiers;

import honeylamp.derive.storeys.LaidPlan;
import honeylamp.geometry.Segment;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The axes of a building: lines through the middles of the walls that carry and of posts, of all storeys together, so that
 * every storey has the same. Walls that lie neither level nor plumb and curved ones have none.
 */
public final class Axes {
    /** A wall that leans by more than this has no axis along the building: half a degree. */
    private static final double SLANT = Math.tan(Math.toRadians(0.5));

    /** Axes nearer than this are one; the longest wall says where it lies. */
    private static final double SAME_MM = 200;

    /** Shorter pieces of wall are nibs and piers. */
    private static final double SHORTEST_MM = 500;

    /** Letters that are taken for figures are left out. */
    private static final String LETTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ";

    private Axes() {}

    /** Which way an axis runs. */
    public enum Way {
        /** From south to north; counted from the west. */
        UP,
        /** From west to east; lettered from the south. */
        ACROSS
    }

    /**
     * An axis.
     *
     * @param atMm x of one that runs up, y of one that runs across
     */
    public record Axis(String name, Way way, double atMm) {}

    private record Middle(double atMm, double lengthMm) {}

    /** Those of a plan, from the west and then from the south. */
    public static List<Axis> of(LaidPlan plan) {
        var up = new ArrayList<Middle>();
        var across = new ArrayList<Middle>();
        for (var laid : plan.all()) {
            middles(plan.drawn(), laid.geometry().storey(), up, across);
        }
        var out = new ArrayList<Axis>();
        for (var at : merged(up)) {
            out.add(new Axis(Integer.toString(out.size() + 1), Way.UP, at));
        }
        var letters = 0;
        for (var at : merged(across)) {
            out.add(new Axis(letter(letters++), Way.ACROSS, at));
        }
        return List.copyOf(out);
    }

    private static void middles(Plan plan, Storey storey, List<Middle> up, List<Middle> across) {
        for (var wall : storey.standing()) {
            if (plan.wallType(wall.type()).structural() && !wall.isCurved()) {
                var line = middle(plan, wall);
                var by = line.b().minus(line.a());
                if (line.length() < SHORTEST_MM) {
                    continue;
                }
                if (Math.abs(by.x()) <= SLANT * Math.abs(by.y())) {
                    up.add(new Middle(line.middle().x(), line.length()));
                } else if (Math.abs(by.y()) <= SLANT * Math.abs(by.x())) {
                    across.add(new Middle(line.middle().y(), line.length()));
                }
            }
        }
        for (var part : storey.structures()) {
            if (part.is(Structure.Kind.POST)) {
                var at = part.footprint().bounds().centre();
                up.add(new Middle(at.x(), 0));
                across.add(new Middle(at.y(), 0));
            }
        }
    }

    private static Segment middle(Plan plan, Wall wall) {
        var thick = plan.wallType(wall.type()).thickness().mm();
        return wall.chord().shiftedLeft((wall.body().leftShare() - 0.5) * thick);
    }

    private static List<Double> merged(List<Middle> middles) {
        var out = new ArrayList<Double>();
        var group = new ArrayList<Middle>();
        for (var middle : middles.stream()
                .sorted(Comparator.comparingDouble(Middle::atMm))
                .toList()) {
            if (!group.isEmpty() && middle.atMm - group.getFirst().atMm > SAME_MM) {
                out.add(longest(group));
                group.clear();
            }
            group.add(middle);
        }
        if (!group.isEmpty()) {
            out.add(longest(group));
        }
        return out;
    }

    private static double longest(List<Middle> group) {
        return group.stream().max(Comparator.comparingDouble(Middle::lengthMm)).orElseThrow().atMm;
    }

    /** A, B … Z without I and O, then AA, AB … */
    private static String letter(int number) {
        var size = LETTERS.length();
        var last = String.valueOf(LETTERS.charAt(number % size));
        return number < size ? last : LETTERS.charAt(number / size - 1) + last;
    }
}
