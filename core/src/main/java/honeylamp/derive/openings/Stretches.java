package honeylamp.derive.openings;

import honeylamp.derive.walls.WallNetwork;
import honeylamp.plan.Keeping.Between;
import honeylamp.plan.Keeping.Rule;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The free stretches of a wall: what is left of it between the things that bound an opening. */
public final class Stretches {
    /** Shorter stretches are none: rounding leaves them at joints. */
    private static final double SHORTEST_MM = 0.5;

    private Stretches() {}

    /** What an opening keeps to, or is placed in, is bounded so. */
    public static List<ClearDistances> of(
            WallNetwork network, Wall wall, Between between, Swing side, List<Opening> neighbours) {
        return switch (between) {
            case WALLS -> betweenWalls(network, wall);
            case NEIGHBOURS -> without(betweenWalls(network, wall), neighbours);
            case ROOM_FACES -> onSide(network, wall, side);
        };
    }

    /** What an opening keeps to is bounded so; openings in a row with it do not bound it. */
    public static List<ClearDistances> of(WallNetwork network, Wall wall, Opening opening, List<Opening> inWall) {
        var keeping = opening.keeping();
        var others = inWall.stream()
                .filter(o -> !o.id().equals(opening.id()))
                .filter(o -> keeping.of() == 1
                        || o.keeping().rule() != Rule.EVEN
                        || o.keeping().of() != keeping.of())
                .toList();
        return of(network, wall, keeping.between(), opening.swing(), others);
    }

    /** The stretch between walls and neighbours at a place along the wall. */
    public static ClearDistances bounding(WallNetwork network, Wall wall, List<Opening> neighbours, double alongMm) {
        return at(without(betweenWalls(network, wall), neighbours), alongMm);
    }

    /** The stretches between the walls that meet a wall, from its first end to its second. */
    public static List<ClearDistances> betweenWalls(WallNetwork network, Wall wall) {
        var line = wall.line();
        var taken = new ArrayList<ClearDistances>();
        for (var piece : network.of(wall.id())) {
            var c = piece.corners();
            taken.add(new ClearDistances(
                    line.along(piece.line().a()), Math.max(line.along(c.startLeft()), line.along(c.startRight()))));
            taken.add(new ClearDistances(
                    Math.min(line.along(c.endLeft()), line.along(c.endRight())),
                    line.along(piece.line().b())));
        }
        return minus(List.of(new ClearDistances(0, line.length())), taken);
    }

    /** The stretches of one face: only what meets the wall on that side bounds them. */
    public static List<ClearDistances> onSide(WallNetwork network, Wall wall, Swing side) {
        var line = wall.line();
        var left = side == Swing.LEFT;
        var free = new ArrayList<ClearDistances>();
        for (var piece : network.of(wall.id())) {
            var c = piece.corners();
            free.add(new ClearDistances(
                    Math.max(0, line.along(left ? c.startLeft() : c.startRight())),
                    Math.min(line.length(), line.along(left ? c.endLeft() : c.endRight()))));
        }
        free.sort(Comparator.comparingDouble(ClearDistances::stretchFromMm));
        var out = new ArrayList<ClearDistances>();
        for (var next : free) {
            if (!out.isEmpty() && next.stretchFromMm() - out.getLast().stretchToMm() < SHORTEST_MM) {
                out.add(new ClearDistances(out.removeLast().stretchFromMm(), next.stretchToMm()));
            } else {
                out.add(next);
            }
        }
        return out.isEmpty() ? List.of(new ClearDistances(0, line.length())) : out;
    }

    /** What openings leave of stretches. */
    public static List<ClearDistances> without(List<ClearDistances> stretches, List<Opening> openings) {
        return minus(
                stretches,
                openings.stream()
                        .map(o -> new ClearDistances(o.offset().mm(), o.end().mm()))
                        .toList());
    }

    public static List<ClearDistances> minus(List<ClearDistances> stretches, List<ClearDistances> taken) {
        var sorted = new ArrayList<>(taken);
        sorted.sort(Comparator.comparingDouble(ClearDistances::stretchFromMm));
        var out = new ArrayList<ClearDistances>();
        for (var stretch : stretches) {
            var from = stretch.stretchFromMm();
            for (var t : sorted) {
                if (t.lengthMm() > 0 && t.stretchToMm() > from && t.stretchFromMm() < stretch.stretchToMm()) {
                    keep(out, from, t.stretchFromMm());
                    from = Math.max(from, t.stretchToMm());
                }
            }
            keep(out, from, stretch.stretchToMm());
        }
        return out;
    }

    private static void keep(List<ClearDistances> out, double from, double to) {
        if (to - from > SHORTEST_MM) {
            out.add(new ClearDistances(from, to));
        }
    }

    /** The stretch at a place along the wall; the nearest if none holds it; nothing long if there is none. */
    public static ClearDistances at(List<ClearDistances> stretches, double alongMm) {
        return stretches.stream()
                .min(Comparator.comparingDouble(s -> s.beyondMm(alongMm)))
                .orElse(new ClearDistances(alongMm, alongMm));
    }
}
