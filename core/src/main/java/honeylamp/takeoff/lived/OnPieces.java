package honeylamp.takeoff.lived;

import honeylamp.catalogue.piece.Runs;
import honeylamp.catalogue.piece.SeatsAround;
import honeylamp.catalogue.piece.SeatsAround.Seat;
import honeylamp.geometry.Point;
import honeylamp.plan.Furnishing;
import honeylamp.takeoff.lived.Host.Size;
import honeylamp.takeoff.lived.Host.Spot;
import java.util.ArrayList;
import java.util.List;

/** What lies on pieces and beside them, by what they are. */
final class OnPieces {
    /** Seats are so high; whoever throws a blanket over one lays it there. */
    private static final double SEAT_MM = 430;

    /** Of its height with the headboard so much a bed is high where one lies. */
    private static final double LYING = 0.57;

    private static final double TO_EDGE_MM = 20;
    private static final double MARCH_MM = 5;
    private static final double MOST_MARCH_MM = 900;
    private static final double LEAST_LAID_MM = 600;
    private static final Size PLACE = new Size(370, 270, 20);
    private static final Size PILLOW = new Size(420, 180, 380);
    private static final Size SHOES = new Size(220, 280, 100);

    /** A chair belongs to a table from whose edge it stands no farther than this. */
    private static final double DRAWN_OUT_MM = 420;

    private OnPieces() {}

    /** What goes with a piece; {@code chairs} are all chairs of the storey. */
    static void wishes(Wishes out, Furnishing piece, List<Furnishing> chairs) {
        var host = new Host(piece, out);
        switch (piece.kind()) {
            case "dining-table",
                    "table-extending",
                    "dining-table-round",
                    "dining-table-oval",
                    "garden-table",
                    "bistro-table" -> laid(host, SeatsAround.of(piece));
            case "cafe-table", "cafe-table-two", "cafe-table-round" -> tea(host, SeatsAround.of(piece));
            case "table", "table-round", "table-drop-leaf" -> laid(host, drawnUp(host, chairs));
            case "low-table", "low-table-oval", "low-table-round" -> lowTable(host);
            case "side-table", "side-table-round" ->
                host.on(
                        host.oneOf(1, List.of("books", "cup", "pot-plant")),
                        smaller(host),
                        new Spot(0, 0, 15),
                        host.piece.top().mm(),
                        host.between(2, 0.15, 0.5));
            case "bed", "bed-upholstered", "bed-drawers", "day-bed" -> bed(host);
            case "bedside-table" -> bedside(host);
            case "sofa", "sofa-bed" -> sofa(host);
            case "armchair", "wing-chair", "tub-chair" -> armchair(host);
            case "bench", "window-seat", "shoe-bench" -> bench(host);
            case "desk", "desk-double", "writing-desk" -> desk(host);
            case "sideboard",
                    "chest-of-drawers",
                    "console-table",
                    "shelf-low",
                    "dresser",
                    "shoe-cabinet",
                    "tall-chest" -> alongTop(host);
            case "base-units", "counter", "base-unit", "base-drawers", "island", "breakfast-bar", Runs.COUNTER ->
                worktop(host);
            case "basin-unit", "basin-double", "basin-bowl" -> basin(host);
            case "bath" -> bath(host);
            case "washing-machine", "tumble-dryer", "washer-dryer" ->
                host.on(
                        "towels",
                        new Size(320, 250, 180),
                        new Spot(-host.w * 0.2, host.d * 0.1, 8),
                        host.piece.top().mm(),
                        host.between(1, 0.35, 0.8));
            case "towel-rail" ->
                host.on(
                        "towels",
                        new Size(Math.min(420, 1.5 * host.w), Math.max(60, 1.8 * host.d), 500),
                        new Spot(0, 0, 0),
                        600,
                        host.between(1, 0.1, 0.35));
            case "coat-hooks", "hall-stand" -> coats(host);
            case "workbench" -> workbench(host);
            case "stove", "stove-tiled" -> hearth(host);
            case "child-bed", "toy-chest", "play-kitchen", "playpen", "child-table", "loft-bed", "bunk-bed" ->
                child(host);
            case "picnic-table", "high-table" ->
                host.on("tray", new Spot(host.w * 0.2, 0, 12), host.between(1, 0.3, 0.6));
            default -> {} // on all else nothing is put down
        }
        if (host.piece.kind().equals("shoe-cabinet")
                || host.piece.kind().equals("shoe-bench")
                || host.piece.kind().equals("coat-stand")) {
            host.beside("shoes", SHOES, host.between(20, 0.2, 0.5), new Spot(-host.w * 0.3, -host.d - 190, 6));
            host.beside("shoes", SHOES, host.between(21, 0.5, 0.9), new Spot(host.w * 0.4, -host.d - 210, -11));
        }
    }

    /** A smaller thing than usual for a small top. */
    private static Size smaller(Host host) {
        var most = 1.5 * Math.min(host.w, host.d);
        return new Size(Math.min(230, most), Math.min(180, most * 0.8), 100);
    }

    /** Chairs that are drawn up to a table, in its frame. */
    private static List<Seat> drawnUp(Host host, List<Furnishing> chairs) {
        var back = host.piece.placing().inverse();
        var out = new ArrayList<Seat>();
        for (var chair : chairs) {
            var at = back.apply(chair.at().point());
            var isNear = Math.abs(at.x()) < host.w + DRAWN_OUT_MM && Math.abs(at.y()) < host.d + DRAWN_OUT_MM;
            if (isNear) {
                var behind = back.apply(chair.placing().apply(new Point(0, 1)));
                var turn = behind.minus(at).angleDeg() - 90;
                out.add(new Seat(at.x(), at.y(), turn));
            }
        }
        return out;
    }

    /** All places of a table are laid at once, with something in the middle before that. */
    private static void laid(Host host, List<Seat> seats) {
        var middle = host.oneOf(1, List.of("bowl", "vase", "candles"));
        var most = Math.min(host.w, host.d);
        var size = middle.equals("candles")
                ? new Size(260, 100, 220)
                : new Size(Math.min(260, most * 0.55), Math.min(260, most * 0.55), 240);
        host.on(middle, size, new Spot(0, 0, 0), host.piece.top().mm(), host.between(2, 0.08, 0.3));
        if (2 * Math.min(host.w, host.d) >= LEAST_LAID_MM) {
            var from = host.between(3, 0.32, 0.5);
            seats.forEach(seat -> before(host, "table-set", PLACE, seat, from));
        }
    }

    /** A cup before every chair. */
    private static void tea(Host host, List<Seat> seats) {
        host.on(
                "pot-plant",
                new Size(150, 150, 200),
                new Spot(0, 0, 0),
                host.piece.top().mm(),
                host.between(2, 0.1, 0.3));
        var from = host.between(3, 0.3, 0.55);
        seats.forEach(seat -> before(host, "cup", Host.usual("cup"), seat, from));
    }

    /** Moved in from the edge before a seat until all of it lies on the table. */
    private static void before(Host host, String kind, Size size, Seat seat, double from) {
        var back = Point.direction(90 + seat.turnDeg());
        for (var in = 0.0; in < MOST_MARCH_MM; in += MARCH_MM) {
            var at = new Point(seat.x(), seat.y()).minus(back.times(in));
            if (isOn(host, at, size, back)) {
                host.on(
                        kind,
                        size,
                        new Spot(at.x(), at.y(), seat.turnDeg() + 180),
                        host.piece.top().mm(),
                        from);
                return;
            }
        }
    }

    private static boolean isOn(Host host, Point at, Size size, Point back) {
        var aside = back.left().times(size.wide() / 2);
        var deep = back.times(size.deep() / 2);
        return List.of(
                        at.plus(aside).plus(deep),
                        at.minus(aside).plus(deep),
                        at.plus(aside).minus(deep),
                        at.minus(aside).minus(deep))
                .stream()
                .allMatch(p -> isOnTop(host, p));
    }

    /** Whether a point lies on a top, a little in from its edge. */
    static boolean isOnTop(Host host, Point p) {
        var w = host.w - TO_EDGE_MM;
        var d = host.d - TO_EDGE_MM;
        var isRound = host.piece.kind().contains("round")
                || host.piece.kind().contains("oval")
                || host.piece.kind().equals("bistro-table");
        return isRound ? Math.hypot(p.x() / w, p.y() / d) <= 1 : Math.abs(p.x()) <= w && Math.abs(p.y()) <= d;
    }

    private static void lowTable(Host host) {
        if (host.w < 350) {
            host.on(
                    host.oneOf(1, List.of("books", "bowl", "cup")),
                    smaller(host),
                    new Spot(0, 0, 12),
                    host.piece.top().mm(),
                    host.between(2, 0.1, 0.35));
            return;
        }
        host.on("books", new Spot(-host.w * 0.42, -host.d * 0.05, 10), host.between(4, 0.08, 0.25));
        host.on(
                host.oneOf(5, List.of("tray", "bowl", "vase")),
                new Spot(host.w * 0.38, host.d * 0.05, -6),
                host.between(6, 0.3, 0.55));
        host.on("cup", new Spot(0, -host.d * 0.5, 30), host.between(7, 0.6, 0.95));
    }

    private static void bed(Host host) {
        var lying = host.piece.height().mm() * LYING;
        var wide = 2 * host.w - 60;
        host.on("throw", new Size(430, wide, 20), new Spot(0, -host.d * 0.62, 90), lying, host.between(1, 0.1, 0.3));
        var row = host.d - 760;
        var x = host.w > 650 ? host.w * 0.45 : 0;
        host.on("cushion", PILLOW, new Spot(-x, row, 4), lying, host.between(2, 0.25, 0.5));
        if (x > 0) {
            host.on("cushion", PILLOW, new Spot(x, row + 10, -5), lying, host.between(2, 0.25, 0.5));
        }
        host.on(
                "books",
                new Size(210, 160, 40),
                new Spot(host.w * 0.35, -host.d * 0.12, 24),
                lying,
                host.between(3, 0.65, 0.95));
        var side = host.chance(5) < 0.5 ? -1 : 1;
        host.beside(
                "shoes",
                SHOES,
                host.between(4, 0.45, 0.85),
                new Spot(side * (host.w + 210), 0, side * 80),
                new Spot(-side * (host.w + 210), 0, -side * 80));
    }

    private static void bedside(Host host) {
        host.on(
                "books",
                new Size(170, 130, 70),
                new Spot(host.w - 115, -host.d + 100, 14),
                host.piece.top().mm(),
                host.between(2, 0.35, 0.8));
    }

    private static void sofa(Host host) {
        var arm = 190;
        var y = host.d - 320;
        host.on("cushion", PILLOW, new Spot(-host.w + arm + 240, y, 12), SEAT_MM, host.between(1, 0.05, 0.25));
        host.on("cushion", PILLOW, new Spot(host.w - arm - 240, y, -14), SEAT_MM, host.between(2, 0.2, 0.45));
        var side = host.chance(3) < 0.5 ? -1 : 1;
        if (host.w > 750) {
            host.on(
                    "throw",
                    new Size(360, Math.min(620, 2 * host.d - 330), 20),
                    new Spot(side * (host.w - arm - 480), -host.d * 0.3, 3),
                    SEAT_MM,
                    host.between(4, 0.45, 0.75));
        }
        host.beside(
                "floor-lamp",
                new Size(400, 400, 1600),
                host.between(5, 0.4, 0.7),
                new Spot(side * (host.w + 230), host.d - 250, 0),
                new Spot(-side * (host.w + 230), host.d - 250, 0));
    }

    private static void armchair(Host host) {
        host.on(
                "cushion",
                new Size(Math.min(380, host.w), 160, 350),
                new Spot(0, host.d - 300, host.chance(1) * 20 - 10),
                SEAT_MM,
                host.between(2, 0.2, 0.6));
    }

    private static void bench(Host host) {
        var deep = Math.min(180, host.d);
        host.on(
                "cushion",
                new Size(400, deep, 380),
                new Spot(-host.w * 0.5, host.d - deep / 2 - 30, 5),
                host.piece.top().mm(),
                host.between(1, 0.15, 0.4));
        if (host.w > 600) {
            host.on(
                    "cushion",
                    new Size(400, deep, 380),
                    new Spot(host.w * 0.6, host.d - deep / 2 - 30, -8),
                    host.piece.top().mm(),
                    host.between(2, 0.35, 0.6));
        }
        host.on(
                "books",
                new Size(220, 170, 60),
                new Spot(host.w * 0.1, 0, -12),
                host.piece.top().mm(),
                host.between(3, 0.55, 0.9));
    }

    private static void desk(Host host) {
        host.on(
                "books",
                new Size(220, 160, 90),
                new Spot(host.w * 0.45, -host.d * 0.1, 9),
                host.piece.top().mm(),
                host.between(1, 0.15, 0.4));
        host.on("cup", new Spot(-host.w * 0.45, -host.d * 0.35, 0), host.between(3, 0.35, 0.7));
    }

    /** Three places along the top of something to keep things in. */
    private static void alongTop(Host host) {
        if (host.piece.top().mm() > 1300) {
            return;
        }
        var most = 1.75 * host.d;
        var things = List.of("vase", "books", "candles", "bowl", "table-lamp", "pot-plant");
        var steps = new double[] {0.05, 0.3, 0.6};
        for (var i = 0; i < 3; i++) {
            var kind = things.get(
                    (int) (6 * host.chance(10)) + 2 * i < 6
                            ? (int) (6 * host.chance(10)) + 2 * i
                            : (int) (6 * host.chance(10)) + 2 * i - 6);
            var usual = Host.usual(kind);
            var share = Math.min(1, most / Math.max(usual.wide(), usual.deep()));
            var size = new Size(usual.wide() * share, usual.deep() * share, usual.high());
            host.on(
                    kind,
                    size,
                    new Spot(host.w * (-0.62 + 0.62 * i), 0, 0),
                    host.piece.top().mm(),
                    host.between(11 + i, steps[i], steps[i] + 0.25));
        }
    }

    private static void worktop(Host host) {
        var things = List.of("chopping-board", "jars", "bowl", "herbs", "kettle", "jars");
        var first = (int) (things.size() * host.chance(1));
        var many = Math.clamp((int) (2 * host.w / 620), 1, 6);
        for (var i = 0; i < many; i++) {
            var kind = things.get((first + i) % things.size());
            var x = -host.w + 2 * host.w * (i + 0.5) / many + 60 * (host.chance(30 + i) - 0.5);
            var size = Host.usual(kind);
            var y = kind.equals("chopping-board") ? -host.d * 0.05 : host.d - size.deep() / 2 - 50;
            if (isCounterAt(host.piece, x + host.w, size.wide())) {
                host.on(
                        kind,
                        size,
                        new Spot(x, y, 0),
                        host.piece.top().mm(),
                        host.between(40 + i, 0.1 + 0.12 * i, 0.35 + 0.12 * i));
            }
        }
    }

    /** Whether nothing is let into a counter there. */
    private static boolean isCounterAt(Furnishing piece, double x, double wide) {
        var depth = piece.depth();
        return Runs.layout(piece).stream()
                .flatMap(l -> l.parts().stream())
                .filter(part -> part.cutOut(depth).isPresent())
                .allMatch(part -> x + wide / 2 < part.from().mm()
                        || x - wide / 2 > part.to().mm());
    }

    private static void basin(Host host) {
        host.on(
                "soap",
                new Size(170, 80, 110),
                new Spot(host.w - 110, host.d - 60, 0),
                host.piece.top().mm(),
                host.between(1, 0.1, 0.3));
        if (host.w >= 400) {
            host.on(
                    "towels",
                    new Size(Math.min(240, host.w * 0.5), 200, 150),
                    new Spot(-host.w + 150, 0, 90),
                    host.piece.top().mm(),
                    host.between(2, 0.35, 0.65));
        }
    }

    /** A board across it. */
    private static void bath(Host host) {
        host.on(
                "tray",
                new Size(2 * host.d - 50, 190, 60),
                new Spot(host.w * 0.12, 0, 90),
                host.piece.top().mm(),
                host.between(1, 0.35, 0.65));
    }

    private static void coats(Host host) {
        var deep = Math.min(300, 2 * host.d - 10);
        host.on(
                "coats",
                new Size(host.w * 0.9, deep, 900),
                new Spot(-host.w * 0.45, host.d - deep / 2 - 5, 0),
                800,
                host.between(1, 0.05, 0.25));
        host.on(
                "coats",
                new Size(host.w * 0.7, deep * 0.9, 800),
                new Spot(host.w * 0.45, host.d - deep * 0.45 - 5, 0),
                800,
                host.between(2, 0.4, 0.75));
    }

    private static void workbench(Host host) {
        host.on("papers", new Spot(-host.w * 0.45, -host.d * 0.1, 10), host.between(1, 0.15, 0.4));
        host.on("jars", new Spot(host.w * 0.4, host.d - 110, 0), host.between(2, 0.3, 0.6));
        host.on("cup", new Spot(host.w * 0.05, host.d * 0.2, 0), host.between(3, 0.55, 0.9));
    }

    private static void hearth(Host host) {
        host.beside(
                "log-basket",
                Host.usual("log-basket"),
                host.between(1, 0.1, 0.35),
                new Spot(host.w + 320, host.d - 190, 0),
                new Spot(-host.w - 320, host.d - 190, 0));
    }

    private static void child(Host host) {
        host.beside(
                "toys",
                Host.usual("toys"),
                host.between(1, 0.15, 0.4),
                new Spot(-host.w * 0.2, -host.d - 420, 10),
                new Spot(host.w + 450, 0, 80),
                new Spot(-host.w - 450, 0, -80));
        host.beside(
                "toys",
                new Size(520, 420, 160),
                host.between(2, 0.55, 0.9),
                new Spot(host.w * 0.6, -host.d - 900, -25),
                new Spot(-host.w * 0.8, -host.d - 1000, 40));
    }
}
