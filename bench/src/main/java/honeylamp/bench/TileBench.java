package honeylamp.bench;

import honeylamp.catalogue.pattern.Piece;
import honeylamp.catalogue.pattern.Pieces;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Position;
import honeylamp.takeoff.StartProposals;
import honeylamp.takeoff.TileCount;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A hundred square metres with a turned island, laid in a herringbone of 50 x 150 mm: 13,000 pieces laid, cut and counted
 * by us, and by a general overlay piece by piece; the search for a start over a bathroom.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class TileBench {
    private static final double SIDE = 10_000;

    private final Laying laying = Laying.of(new Pattern.Herringbone(1), 50, 150, 0);
    private final Finish finish = new Finish("herringbone-oak", 0, Position.ofMm(13, 27));
    private final GeometryFactory jts = new GeometryFactory();
    private List<Outline> floor = List.of();
    private List<Outline> bathroom = List.of();
    private Geometry floorInJts = jts.createPolygon();
    private int step;

    @Setup
    public void build() {
        var island =
                new Box(-1200, -450, 1200, 450).ring().through(Affine.turn(10).then(Affine.move(SIDE / 2, SIDE / 2)));
        floor = List.of(new Outline(new Box(0, 0, SIDE, SIDE).ring(), List.of(island)));
        floorInJts = jts.createPolygon(
                ring(floor.getFirst().shell()),
                new LinearRing[] {ring(floor.getFirst().holes().getFirst())});
        var tub = new Box(900, 1900, 1500, 2300).ring();
        bathroom = List.of(new Outline(
                Ring.of(
                        new Point(0, 0),
                        new Point(2650, 0),
                        new Point(2650, 1700),
                        new Point(1800, 1700),
                        new Point(1800, 2600),
                        new Point(0, 2600)),
                List.of(tub)));
    }

    private LinearRing ring(Ring ring) {
        var corners = ring.corners();
        var out = new Coordinate[corners.size() + 1];
        for (var i = 0; i < out.length; i++) {
            var c = corners.get(i % corners.size());
            out[i] = new Coordinate(c.x(), c.y());
        }
        return jts.createLinearRing(out);
    }

    @Benchmark
    public TileCount laidCutAndCounted() {
        return TileCount.of(floor, laying, finish, 1).orElseThrow();
    }

    /** The same for the memory it takes, four times the floor: the time is to be four times as long, no more. */
    @Benchmark
    public TileCount fourTimesTheFloor() {
        var wide = List.of(Outline.of(new Box(0, 0, 2 * SIDE, 2 * SIDE).ring()));
        return TileCount.of(wide, laying, finish, 1).orElseThrow();
    }

    /** Whole, cut over half and cut under half, each piece by the intersection of two polygons. */
    @Benchmark
    public int[] pieceByPieceInJts() {
        var laid = Affine.turn(0).then(Affine.move(13, 27));
        var cover = new Box(0, 0, SIDE, SIDE).ring().through(laid.inverse()).bounds();
        var out = new int[3];
        for (Piece piece : Pieces.of(laying, cover, 1)) {
            var tile = jts.createPolygon(ring(piece.ring().through(laid)));
            var left = floorInJts.intersection(tile).getArea();
            if (left > 1) {
                out[left >= tile.getArea() - 1 ? 0 : left > tile.getArea() / 2 + 1 ? 1 : 2]++;
            }
        }
        return out;
    }

    /** What a pointer move costs while the start is dragged. */
    @Benchmark
    public TileCount startDragged() {
        step = (step + 7) % 300;
        var there = finish.startingAt(Position.ofMm(13 + step, 27));
        return TileCount.of(bathroom, Laying.of(new Pattern.Stack(), 150, 150, 3), there, 1)
                .orElseThrow();
    }

    @Benchmark
    public List<StartProposals.Proposal> startFound() {
        return StartProposals.of(
                bathroom,
                Laying.of(new Pattern.Stack(), 150, 150, 3),
                Finish.of("square-tile"),
                TileCount.LEAST_SHARE,
                1);
    }
}
