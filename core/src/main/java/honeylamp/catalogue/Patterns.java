package honeylamp.catalogue;

import honeylamp.plan.Pattern;
import honeylamp.plan.Pattern.Repeat;
import honeylamp.plan.Pattern.Repeat.Cell;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;

/** The patterns a person can choose from, under their names, each as it is begun with. */
public final class Patterns {
    /** A pattern under its name. */
    public record Named(String key, String label, Pattern pattern) {}

    /** Large squares with a small one at every corner. */
    public static final Repeat TWO_SIZES = new Repeat(5, 1, 2, List.of(new Cell(0, 0, 2, 2), new Cell(2, 0, 1, 1)));

    /** Squares of two sizes and oblongs between them. */
    public static final Repeat THREE_SIZES = new Repeat(
            4,
            3,
            2,
            List.of(
                    new Cell(0, 0, 2, 2),
                    new Cell(2, 0, 2, 1),
                    new Cell(2, 1, 1, 1),
                    new Cell(3, 1, 1, 1),
                    new Cell(0, 2, 1, 1),
                    new Cell(1, 2, 2, 1),
                    new Cell(3, 2, 1, 1)));

    /** Squares of two sizes and oblongs of two. */
    public static final Repeat FOUR_SIZES = new Repeat(
            6,
            3,
            2,
            List.of(
                    new Cell(0, 0, 2, 3),
                    new Cell(2, 0, 2, 2),
                    new Cell(4, 0, 2, 1),
                    new Cell(4, 1, 1, 1),
                    new Cell(5, 1, 1, 2),
                    new Cell(2, 2, 2, 1),
                    new Cell(4, 2, 1, 1)));

    private static final List<Named> ALL = List.of(
            new Named("seamless", "In one piece", new Pattern.Seamless()),
            new Named("stack", "Stack", new Pattern.Stack()),
            new Named("running", "Running bond", new Pattern.Running(0.5)),
            new Named("diagonal", "Diagonal", new Pattern.Diagonal()),
            new Named("plank", "Plank", new Pattern.Plank(0.19)),
            new Named("random_lengths", "Random lengths", new Pattern.RandomLengths(Length.ofMm(400))),
            new Named("herringbone", "Herringbone", new Pattern.Herringbone(1)),
            new Named("double_herringbone", "Double herringbone", new Pattern.Herringbone(2)),
            new Named("chevron", "Chevron", new Pattern.Chevron(45)),
            new Named("basket", "Basket", new Pattern.Basket(4)),
            new Named("block", "Framed block", new Pattern.Block(4)),
            new Named("windmill", "Windmill", new Pattern.Windmill()),
            new Named("hexagon", "Hexagon", new Pattern.Hexagon()),
            new Named("octagon_dot", "Octagon with dot", new Pattern.OctagonDot(0.35)),
            new Named("triangle", "Triangle", new Pattern.Triangle()),
            new Named("rhomb", "Rhomb", new Pattern.Rhomb()),
            new Named("two_sizes", "Two sizes", TWO_SIZES),
            new Named("three_sizes", "Three sizes", THREE_SIZES),
            new Named("four_sizes", "Four sizes", FOUR_SIZES),
            new Named("coursed_slabs", "Coursed slabs", new Pattern.CoursedSlabs()),
            new Named("setts", "Setts", new Pattern.Setts()),
            new Named("fan", "Fan", new Pattern.Fan(11)));

    private Patterns() {}

    /** All of them; a person's own repeat comes on top. */
    public static List<Named> all() {
        return ALL;
    }

    /** The name of a pattern, whatever its own measures are. */
    public static String label(Pattern pattern) {
        return ALL.stream()
                .filter(n -> n.pattern().equals(pattern))
                .findFirst()
                .or(() -> ALL.stream()
                        .filter(n -> !(pattern instanceof Repeat))
                        .filter(n -> n.pattern().getClass() == pattern.getClass())
                        .findFirst())
                .map(Named::label)
                .orElse("Own repeat");
    }

    /** Whether pieces of a pattern have a length of their own beside their width. */
    public static boolean hasLength(Pattern pattern) {
        return switch (pattern) {
            case Pattern.Stack _,
                    Pattern.Running _,
                    Pattern.Diagonal _,
                    Pattern.Herringbone _,
                    Pattern.Chevron _,
                    Pattern.Windmill _,
                    Pattern.Plank _,
                    Pattern.RandomLengths _,
                    Pattern.CoursedSlabs _,
                    Pattern.Setts _ -> true;
            case Pattern.Seamless _,
                    Pattern.Basket _,
                    Pattern.Block _,
                    Pattern.Hexagon _,
                    Pattern.OctagonDot _,
                    Pattern.Triangle _,
                    Pattern.Rhomb _,
                    Pattern.Fan _,
                    Pattern.Repeat _ -> false;
        };
    }

    /** Whether a pattern is the same again and again, so that there is a best place to begin it. */
    public static boolean repeats(Pattern pattern) {
        return switch (pattern) {
            case Pattern.Seamless _,
                    Pattern.Plank _,
                    Pattern.RandomLengths _,
                    Pattern.CoursedSlabs _,
                    Pattern.Setts _ -> false;
            default -> true;
        };
    }

    /**
     * The one number a pattern has of its own.
     *
     * @param with the pattern with another one, brought to what can be
     */
    public record Measure(String label, double least, double most, double value, DoubleFunction<Pattern> with) {}

    /** That number; empty if a pattern has none. */
    public static Optional<Measure> measure(Pattern pattern) {
        return Optional.ofNullable(
                switch (pattern) {
                    case Pattern.Running(var offset) ->
                        new Measure("Offset of courses, %", 5, 95, 100 * offset, v -> new Pattern.Running(v / 100));
                    case Pattern.Herringbone(var blocks) ->
                        new Measure(
                                "Blocks side by side", 1, 6, blocks, v -> new Pattern.Herringbone((int) Math.round(v)));
                    case Pattern.Chevron(var slant) ->
                        new Measure("Slant, degrees", 20, 70, slant, v -> new Pattern.Chevron(Math.rint(v)));
                    case Pattern.Basket(var strips) ->
                        new Measure("Strips to a square", 2, 8, strips, v -> new Pattern.Basket((int) Math.round(v)));
                    case Pattern.Block(var strips) ->
                        new Measure("Strips to a square", 2, 12, strips, v -> new Pattern.Block((int) Math.round(v)));
                    case Pattern.OctagonDot(var dot) ->
                        new Measure("Dot, % of a piece", 10, 60, 100 * dot, v -> new Pattern.OctagonDot(v / 100));
                    case Pattern.Plank(var overlap) ->
                        new Measure("Least overlap, %", 0, 35, 100 * overlap, v -> new Pattern.Plank(v / 100));
                    case Pattern.Fan(var across) ->
                        new Measure("Stones to an arc", 4, 30, across, v -> new Pattern.Fan((int) Math.round(v)));
                    case Pattern.RandomLengths(var shortest) ->
                        new Measure(
                                "Shortest board, mm",
                                100,
                                1500,
                                shortest.mm(),
                                v -> new Pattern.RandomLengths(Length.ofMm(10 * Math.rint(v / 10))));
                    case Pattern.Seamless _,
                            Pattern.Stack _,
                            Pattern.Diagonal _,
                            Pattern.Windmill _,
                            Pattern.Hexagon _,
                            Pattern.Triangle _,
                            Pattern.Rhomb _,
                            Pattern.CoursedSlabs _,
                            Pattern.Setts _,
                            Pattern.Repeat _ -> null;
                });
    }
}
