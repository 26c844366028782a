package honeylamp.edit;

import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Elements;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/** Several picked things of any kinds brought into line, at equal gaps, before or behind others. */
public final class Arranging {
    private Arranging() {}

    /** What of the boxes around things comes to lie on one line. */
    public enum Edge {
        LEFT("Left", Box::minX, Along.ACROSS),
        CENTRE("Centres", box -> box.centre().x(), Along.ACROSS),
        RIGHT("Right", Box::maxX, Along.ACROSS),
        UPPER("Upper", Box::maxY, Along.UP),
        MIDDLE("Middles", box -> box.centre().y(), Along.UP),
        LOWER("Lower", Box::minY, Along.UP);

        private final String label;
        private final ToDoubleFunction<Box> of;
        private final Along along;

        Edge(String label, ToDoubleFunction<Box> of, Along along) {
            this.label = label;
            this.of = of;
            this.along = along;
        }

        /** The name people see. */
        public String label() {
            return label;
        }

        /** The way things are moved to it. */
        public Along along() {
            return along;
        }

        /** Where the line lies: at the outermost edge, or the middle of all. */
        private double line(Box all) {
            return of.applyAsDouble(all);
        }
    }

    /** The way things are moved. */
    public enum Along {
        ACROSS("Across"),
        UP("Up and down");

        private final String label;

        Along(String label) {
            this.label = label;
        }

        /** The name people see. */
        public String label() {
            return label;
        }

        private Length across(double mm) {
            return this == ACROSS ? Length.ofMm(mm) : Length.ZERO;
        }

        private Length up(double mm) {
            return this == UP ? Length.ofMm(mm) : Length.ZERO;
        }

        private double from(Box box) {
            return this == ACROSS ? box.minX() : box.minY();
        }

        private double size(Box box) {
            return this == ACROSS ? box.width() : box.height();
        }
    }

    /** Which of what lies over each other is seen. */
    public enum Depth {
        BEFORE,
        BEHIND
    }

    /** A thing and the box around it, in plan mm. */
    private record Boxed(ElementId id, Box box) {}

    /** What of the picked things has a place of its own. */
    private static List<Boxed> boxed(StoreyGeometry geometry, Set<ElementId> picked) {
        var out = new ArrayList<Boxed>();
        geometry.storey()
                .elements()
                .all()
                .filter(e -> picked.contains(e.id()) && !e.places().isEmpty())
                .forEach(e -> Picking.bounds(geometry, Set.of(e.id())).ifPresent(b -> out.add(new Boxed(e.id(), b))));
        return out;
    }

    /** Brings an edge of all picked things onto one line; refused for fewer than two, and as a move is. */
    public static Outcome<Plan> align(Plan plan, StoreyGeometry geometry, Set<ElementId> picked, Edge edge) {
        var boxes = boxed(geometry, picked);
        if (boxes.size() < 2) {
            return Outcome.refused("it takes two things with places of their own to bring into line");
        }
        var line = edge.line(boxes.stream().map(Boxed::box).reduce(Box::union).orElseThrow());
        var out = Outcome.done(plan);
        for (var each : boxes) {
            out = shifted(out, geometry.storey(), each, edge.along, line - edge.of.applyAsDouble(each.box));
        }
        return out;
    }

    /**
     * Puts what lies between the outermost two at equal gaps: (L − Σ sizes) / (n − 1). Refused for fewer than three, and as a
     * move is.
     */
    public static Outcome<Plan> distribute(Plan plan, StoreyGeometry geometry, Set<ElementId> picked, Along along) {
        var boxes = new ArrayList<>(boxed(geometry, picked));
        if (boxes.size() < 3) {
            return Outcome.refused("equal gaps take three things with places of their own");
        }
        boxes.sort(
                Comparator.comparingDouble((Boxed b) -> along.from(b.box)).thenComparing(Boxed::id, ElementId.ORDER));
        var first = boxes.getFirst().box;
        var last = boxes.getLast().box;
        var whole = along.from(last) + along.size(last) - along.from(first);
        var taken = boxes.stream().mapToDouble(b -> along.size(b.box)).sum();
        var gap = (whole - taken) / (boxes.size() - 1);
        var at = along.from(first);
        var out = Outcome.done(plan);
        for (var each : boxes) {
            out = shifted(out, geometry.storey(), each, along, at - along.from(each.box));
            at += along.size(each.box) + gap;
        }
        return out;
    }

    private static Outcome<Plan> shifted(Outcome<Plan> plan, Storey storey, Boxed thing, Along along, double mm) {
        return plan.then(p -> PickedEdits.move(p, storey.id(), Set.of(thing.id), along.across(mm), along.up(mm)));
    }

    /**
     * Moves all that is picked a little; openings go along their walls, and not past their ends. Refused as a move is.
     *
     * @param across to the right
     * @param up up on the plan
     */
    public static Outcome<Plan> nudge(
            Plan plan, StoreyGeometry geometry, Set<ElementId> picked, Length across, Length up) {
        var storey = geometry.storey();
        return PickedEdits.move(plan, storey.id(), picked, across, up).map(moved -> {
            var out = moved;
            for (var opening : storey.openings()) {
                var host = storey.wall(opening.host());
                if (picked.contains(opening.id()) && host.isPresent() && !picked.contains(opening.host())) {
                    var by = host.get().chord().unit().dot(new Point(across.mm(), up.mm()));
                    out = OpeningEdits.moveTo(
                            out,
                            storey.id(),
                            opening.id(),
                            Length.ofMm(Math.max(0, opening.offset().mm() + by)));
                }
            }
            return out;
        });
    }

    /** Draws what is picked after, or before, all else of its kind, so that it lies over the others or under them. */
    public static Plan order(Plan plan, Storey storey, Set<ElementId> picked, Depth depth) {
        return plan.withStorey(storey.id(), s -> {
            var out = s;
            for (var kind : Elements.kinds()) {
                out = ordered(out, kind, picked, depth);
            }
            return out;
        });
    }

    private static <T extends Element> Storey ordered(
            Storey storey, Class<T> kind, Set<ElementId> picked, Depth depth) {
        var all = storey.elements().of(kind);
        var taken = all.stream().filter(e -> picked.contains(e.id())).toList();
        if (taken.isEmpty()) {
            return storey;
        }
        var rest = all.stream().filter(e -> !picked.contains(e.id())).toList();
        var out = new ArrayList<T>(depth == Depth.BEFORE ? rest : taken);
        out.addAll(depth == Depth.BEFORE ? taken : rest);
        return out.equals(all) ? storey : storey.with(kind, out);
    }
}
