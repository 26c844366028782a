package honeylamp.catalogue.pattern;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;

/** How pieces of a floor lie beside each other, at true size, in the pattern's own frame (mm). */
public sealed interface LayingPattern {
    /** One piece and the two counters that name it. */
    record Piece(Ring ring, long i, long j) {}

    /** The least distance between joints, in mm: tells at which scale the pattern can be drawn. */
    double pitchMm();

    /** All pieces that may touch a box, in a fixed order; joints are the gaps between their rings. */
    List<Piece> pieces(Box cover, long seed);

    /** Whether pieces show a grain along their longer side. */
    default boolean hasGrain() {
        return this instanceof Plank || this instanceof Herringbone;
    }

    /** Long boards with staggered ends; {@code jointMm} is the visible gap. */
    record Plank(double widthMm, double lengthMm, double jointMm) implements LayingPattern {
        @Override
        public double pitchMm() {
            return widthMm;
        }

        @Override
        public List<Piece> pieces(Box cover, long seed) {
            var out = new ArrayList<Piece>();
            var half = jointMm / 2;
            for (var row = row(cover.minY(), widthMm); row <= row(cover.maxY(), widthMm); row++) {
                // a third of a board from row to row, loosened, keeps ends apart and looks laid by hand
                var shift = lengthMm * (0.37 * row + 0.18 * Seeds.unit(seed, row, 7));
                shift -= Math.floor(shift / lengthMm) * lengthMm;
                var y = row * widthMm;
                var first = row(cover.minX() - shift, lengthMm);
                var last = row(cover.maxX() - shift, lengthMm);
                for (var k = first; k <= last; k++) {
                    var x = k * lengthMm + shift;
                    out.add(new Piece(
                            new Box(x + half, y + half, x + lengthMm - half, y + widthMm - half).ring(), row, k));
                }
            }
            return out;
        }
    }

    /** Blocks at right angles to each other; the zigzag runs along x. */
    record Herringbone(double widthMm, double lengthMm, double jointMm) implements LayingPattern {
        @Override
        public double pitchMm() {
            return widthMm;
        }

        @Override
        public List<Piece> pieces(Box cover, long seed) {
            var slant = honeylamp.geometry.Affine.turn(45);
            var inside = cover.ring().through(slant.inverse()).bounds();
            var out = new ArrayList<Piece>();
            lattice(inside, (a, b) -> {
                // block lattice: steps (w, w) and (2l, 0); one lying and one standing block each
                var x = a * widthMm + b * 2 * lengthMm;
                var y = a * widthMm;
                block(out, slant, new Box(x, y, x + lengthMm, y + widthMm), inside, a, 2 * b);
                var vx = x + lengthMm;
                var vy = y + widthMm - lengthMm;
                block(out, slant, new Box(vx, vy, vx + widthMm, vy + lengthMm), inside, a, 2 * b + 1);
            });
            return out;
        }

        private void lattice(Box inside, BiConsumer<Long, Long> cell) {
            var firstA = row(inside.minY() - lengthMm, widthMm);
            var lastA = row(inside.maxY() + lengthMm, widthMm);
            for (var a = firstA; a <= lastA; a++) {
                var from = row(inside.minX() - a * widthMm - 2 * lengthMm, 2 * lengthMm);
                var to = row(inside.maxX() - a * widthMm, 2 * lengthMm);
                for (var b = from; b <= to; b++) {
                    cell.accept(a, b);
                }
            }
        }

        private void block(List<Piece> out, honeylamp.geometry.Affine slant, Box box, Box inside, long i, long j) {
            if (box.meets(inside)) {
                out.add(new Piece(box.grown(-jointMm / 2).ring().through(slant), i, j));
            }
        }
    }

    /** A square or oblong grid. */
    record Grid(double widthMm, double heightMm, double jointMm) implements LayingPattern {
        @Override
        public double pitchMm() {
            return Math.min(widthMm, heightMm) + jointMm;
        }

        @Override
        public List<Piece> pieces(Box cover, long seed) {
            var px = widthMm + jointMm;
            var py = heightMm + jointMm;
            var out = new ArrayList<Piece>();
            for (var j = row(cover.minY(), py); j <= row(cover.maxY(), py); j++) {
                for (var i = row(cover.minX(), px); i <= row(cover.maxX(), px); i++) {
                    out.add(new Piece(new Box(i * px, j * py, i * px + widthMm, j * py + heightMm).ring(), i, j));
                }
            }
            return out;
        }
    }

    /** Regular hexagons with two sides running along x; {@code acrossMm} is from flat to flat. */
    record Hexagon(double acrossMm, double jointMm) implements LayingPattern {
        @Override
        public double pitchMm() {
            return acrossMm + jointMm;
        }

        @Override
        public List<Piece> pieces(Box cover, long seed) {
            var rise = acrossMm + jointMm;
            var step = rise * Math.sqrt(3) / 2;
            var out = new ArrayList<Piece>();
            for (var i = row(cover.minX(), step) - 1; i <= row(cover.maxX(), step) + 1; i++) {
                var lift = Math.floorMod(i, 2L) == 1 ? rise / 2 : 0;
                for (var j = row(cover.minY() - lift, rise) - 1; j <= row(cover.maxY() - lift, rise) + 1; j++) {
                    out.add(new Piece(hexagon(new Point(i * step, j * rise + lift)), i, j));
                }
            }
            return out;
        }

        private Ring hexagon(Point centre) {
            var radius = acrossMm / Math.sqrt(3);
            var corners = new ArrayList<Point>();
            for (var k = 0; k < 6; k++) {
                corners.add(centre.plus(Point.direction(60.0 * k).times(radius)));
            }
            return new Ring(corners);
        }
    }

    /** Stone slabs in courses of differing height, of differing length. */
    record CoursedSlabs(double leastMm, double mostMm, double jointMm) implements LayingPattern {
        @Override
        public double pitchMm() {
            return leastMm;
        }

        @Override
        public List<Piece> pieces(Box cover, long seed) {
            var out = new ArrayList<Piece>();
            var pair = leastMm + mostMm; // every two courses fill this height, so any course is found at once
            for (var k = row(cover.minY(), pair); k <= row(cover.maxY(), pair); k++) {
                var low = leastMm + (mostMm - leastMm) * (0.25 + 0.5 * Seeds.unit(seed, k, 3));
                course(out, cover, seed, 2 * k, k * pair, low);
                course(out, cover, seed, 2 * k + 1, k * pair + low, pair - low);
            }
            return out;
        }

        private void course(List<Piece> out, Box cover, long seed, long row, double y, double height) {
            var half = jointMm / 2;
            var pair = 1.6 * (leastMm + mostMm);
            var shift = pair * Seeds.unit(seed, row, 11);
            for (var k = row(cover.minX() - shift, pair); k <= row(cover.maxX() - shift, pair); k++) {
                var x = k * pair + shift;
                var cut = pair * (0.36 + 0.28 * Seeds.unit(seed, row, 1000 + k));
                out.add(new Piece(new Box(x + half, y + half, x + cut - half, y + height - half).ring(), row, 2 * k));
                out.add(new Piece(
                        new Box(x + cut + half, y + half, x + pair - half, y + height - half).ring(), row, 2 * k + 1));
            }
        }
    }

    /** A floor in one piece with nothing but a soft texture. */
    record Seamless(Texture texture) implements LayingPattern {
        /** What breaks the even tone. */
        public enum Texture {
            /** Short tufts. */
            PILE,
            /** Wide clouds, as of trowelled screed. */
            CLOUDS
        }

        @Override
        public double pitchMm() {
            return Double.POSITIVE_INFINITY;
        }

        @Override
        public List<Piece> pieces(Box cover, long seed) {
            return List.of();
        }
    }

    private static long row(double at, double pitch) {
        return (long) Math.floor(at / pitch);
    }
}
