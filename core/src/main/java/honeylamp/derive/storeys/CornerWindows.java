package honeylamp.derive.storeys;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.openings.OpeningCut.Ends;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Position;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Windows that meet round a corner: between the two halves the corner itself is open. */
final class CornerWindows {
    private static final double AT_END_MM = 1;

    private CornerWindows() {}

    /** The cuts, those that meet another round a corner carried on through the corner. */
    public static List<OpeningCut> joined(List<OpeningCut> cuts) {
        var halves = cuts.stream()
                .filter(c -> c.opening().kind() == OpeningKind.CORNER_WINDOW)
                .toList();
        if (halves.size() < 2) {
            return cuts;
        }
        var out = new ArrayList<OpeningCut>();
        for (var cut : cuts) {
            out.add(halves.contains(cut) ? joined(cut, halves) : cut);
        }
        return List.copyOf(out);
    }

    private static OpeningCut joined(OpeningCut cut, List<OpeningCut> halves) {
        var first = atFirst(cut) ? other(cut, cut.host().from(), halves) : Optional.<OpeningCut>empty();
        var second = atSecond(cut) ? other(cut, cut.host().to(), halves) : Optional.<OpeningCut>empty();
        return first.isEmpty() && second.isEmpty()
                ? cut
                : cut.with(new Ends(
                        first.map(OpeningCut::thicknessMm).orElse(0.0),
                        second.map(OpeningCut::thicknessMm).orElse(0.0),
                        first.flatMap(o -> mitre(cut, o, cut.host().from())),
                        second.flatMap(o -> mitre(cut, o, cut.host().to()))));
    }

    /** Faces meet like with like where one wall runs on into the other, else left with right. */
    private static Optional<Segment> mitre(OpeningCut cut, OpeningCut other, Position corner) {
        var runsOn = cut.host().from().equals(corner) != other.host().from().equals(corner);
        var left = met(cut.leftFace(), runsOn ? other.leftFace() : other.rightFace());
        var right = met(cut.rightFace(), runsOn ? other.rightFace() : other.leftFace());
        return left.flatMap(l -> right.map(r -> new Segment(l, r)));
    }

    private static Optional<Point> met(Curve one, Curve other) {
        return one.carriedCrossings(other).stream().min(Comparator.comparingDouble(one::distance));
    }

    private static boolean atFirst(OpeningCut cut) {
        return cut.opening().offset().mm() <= AT_END_MM;
    }

    private static boolean atSecond(OpeningCut cut) {
        return cut.opening().end().mm() >= cut.host().line().length() - AT_END_MM;
    }

    /** The half beyond a corner, if there is one. */
    private static Optional<OpeningCut> other(OpeningCut cut, Position corner, List<OpeningCut> halves) {
        return halves.stream()
                .filter(h -> h != cut && !h.host().id().equals(cut.host().id()))
                .filter(h -> h.host().from().equals(corner) && atFirst(h)
                        || h.host().to().equals(corner) && atSecond(h))
                .findFirst();
    }
}
