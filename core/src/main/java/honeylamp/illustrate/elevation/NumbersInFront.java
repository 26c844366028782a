package honeylamp.illustrate.elevation;

import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.TileNumbers;
import honeylamp.plan.Showing.Kind;
import honeylamp.takeoff.CutNumbers.Numbered;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * The numbers of cut pieces on a wall from the front, each within its piece where that is seen: where it has no room the
 * cutting list alone has it.
 */
record NumbersInFront(LaidView view, WallElevation wall, PaperFrame frame, Pens pens) {
    List<Mark> of(List<Numbered> all) {
        var hidden = hidden();
        var out = new ArrayList<Mark>();
        for (var covered : wall.covered()) {
            var found = covered.surface();
            for (var piece : all) {
                if (piece.storey().equals(view.storey().id())
                        && piece.surface().equals(found.surface())
                        && isLevelWith(piece.frame(), found.frame())
                        && holds(found.outline(), piece.middle())) {
                    number(out, piece, covered, hidden);
                }
            }
        }
        return out;
    }

    /** Courses of a wall have its frame; a wall laid anew may differ by rounding. */
    private static boolean isLevelWith(Surfaces.Frame one, Surfaces.Frame other) {
        return one.origin().distance(other.origin()) < 1 && one.along().dot(other.along()) > 0.999;
    }

    private static boolean holds(List<Outline> outline, Point there) {
        return outline.stream().anyMatch(o -> o.contains(there));
    }

    private void number(List<Mark> out, Numbered piece, WallElevation.Covered on, List<Box> hidden) {
        var away = Affine.move(on.fromMm(), 0);
        var text = TileNumbers.text(pens, piece.number(), frame.paper(away.apply(piece.middle())));
        var there = TileNumbers.around(frame, text);
        var isWithin = there.ring().corners().stream()
                .map(away.inverse()::apply)
                .allMatch(c -> piece.holds(c) && holds(on.surface().outline(), c));
        if (isWithin && hidden.stream().noneMatch(there::meets)) {
            out.add(text);
        }
    }

    /** What stands before the wall, and what is in it. */
    private List<Box> hidden() {
        var seen = view.view().seen();
        return Stream.concat(
                        seen.shows(Kind.FURNITURE)
                                ? wall.before().stream().map(WallElevation.Before::box)
                                : Stream.of(),
                        wall.holes().stream().map(WallElevation.Hole::box))
                .toList();
    }
}
