package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import java.util.List;

/** How pieces lie beside each other; how large they are and how wide their joints is said by the {@link Laying}. */
public sealed interface Pattern {
    /** In one piece, without joints. */
    record Seamless() implements Pattern {}

    /** In rows, every joint running through. */
    record Stack() implements Pattern {}

    /** The same, turned by half a right angle. */
    record Diagonal() implements Pattern {}

    /**
     * In courses that are shifted against each other.
     *
     * @param offset from course to course, as a share of a piece and its joint; above 0, below 1
     */
    record Running(double offset) implements Pattern {
        public Running {
            Checks.within("offset of courses", offset, 0, 1);
        }
    }

    /**
     * Blocks at right angles to each other in a zigzag along the courses.
     *
     * @param blocks side by side before the zigzag turns, 1 or more
     */
    record Herringbone(int blocks) implements Pattern {
        public Herringbone {
            Checks.within("blocks side by side", blocks, 1, MOST_STRIPS);
        }
    }

    /**
     * Columns of blocks with slanted ends that meet in points.
     *
     * @param slantDeg of the blocks against the courses
     */
    record Chevron(double slantDeg) implements Pattern {
        public Chevron {
            Checks.within("slant of a chevron", slantDeg, 15, 75);
        }
    }

    /**
     * Squares of strips, every other one turned.
     *
     * @param strips to a square
     */
    record Basket(int strips) implements Pattern {
        public Basket {
            Checks.within("strips to a square", strips, 2, MOST_STRIPS);
        }
    }

    /**
     * Squares of strips, all lying the same way, framed by strips with a dot where frames cross.
     *
     * @param strips to a square
     */
    record Block(int strips) implements Pattern {
        public Block {
            Checks.within("strips to a square", strips, 2, MOST_STRIPS);
        }
    }

    /** Four pieces around a small square. */
    record Windmill() implements Pattern {}

    /** Regular hexagons; their width is from flat to flat. */
    record Hexagon() implements Pattern {}

    /**
     * Squares with their corners cut off, a small square in every gap.
     *
     * @param dot its side, as a share of the width of the large piece
     */
    record OctagonDot(double dot) implements Pattern {
        public OctagonDot {
            Checks.within("share of the dot", dot, 0.1, 0.6);
        }
    }

    /** Equal-sided triangles; their width is their height. */
    record Triangle() implements Pattern {}

    /** Rhombs of three directions, three to a hexagon; their width is from side to side. */
    record Rhomb() implements Pattern {}

    /**
     * Boards of one length with their ends staggered by chance.
     *
     * @param leastOverlap of ends in neighbouring rows, as a share of a board and its joint
     */
    record Plank(double leastOverlap) implements Pattern {
        public Plank {
            Checks.within("least overlap of boards", leastOverlap, 0, 0.35);
        }
    }

    /**
     * Boards of chance lengths up to that of the laying.
     *
     * @param shortest board
     */
    record RandomLengths(Length shortest) implements Pattern {
        public RandomLengths {
            Checks.positive("shortest board", shortest);
        }
    }

    /** Slabs in courses of chance heights and lengths between the width and the length. */
    record CoursedSlabs() implements Pattern {}

    /** Small stones in courses of one height and chance widths, hewn rather than sawn. */
    record Setts() implements Pattern {}

    /**
     * Small stones along arcs beside each other.
     *
     * @param across stones to the width of an arc
     */
    record Fan(int across) implements Pattern {
        public Fan {
            Checks.within("stones to an arc", across, 4, 40);
        }
    }

    /**
     * Rectangles that repeat, such as stones of several sizes. The laying's width is one module, joint not counted: a
     * rectangle of {@code n} modules is {@code n} widths and the joints between them.
     *
     * @param across modules to the next repeat in its row
     * @param up modules to the next row of repeats
     * @param shift of each row of repeats against the one below, in modules
     * @param cells that fill one repeat once
     */
    record Repeat(int across, int up, int shift, List<Cell> cells) implements Pattern {
        /** The most modules a repeat has each way. */
        private static final int MOST = 64;

        /** A rectangle, in modules. */
        public record Cell(int x, int y, int width, int height) {
            /** Refuses one without extent. */
            public Cell {
                Checks.within("width of a cell", width, 1, MOST);
                Checks.within("height of a cell", height, 1, MOST);
                Checks.within("place of a cell", x, -MOST, MOST);
                Checks.within("place of a cell", y, -MOST, MOST);
            }
        }

        /** Refuses cells that leave gaps or lie over each other. */
        public Repeat {
            Checks.within("modules across", across, 1, MOST);
            Checks.within("modules up", up, 1, MOST);
            Checks.within("shift of rows", shift, 0, across);
            cells = List.copyOf(cells);
            var times = new int[across * up];
            for (var cell : cells) {
                for (var y = cell.y; y < cell.y + cell.height; y++) {
                    for (var x = cell.x; x < cell.x + cell.width; x++) {
                        var row = Math.floorDiv(y, up);
                        times[Math.floorMod(y, up) * across + Math.floorMod(x - row * shift, across)]++;
                    }
                }
            }
            for (var i = 0; i < times.length; i++) {
                if (times[i] != 1) {
                    throw new IllegalArgumentException("the repeat has " + times[i] + " pieces at module "
                            + (i % across + 1) + ", " + (i / across + 1) + ", needs one");
                }
            }
        }
    }

    /** The most strips side by side. */
    int MOST_STRIPS = 12;
}
