package honeylamp.takeoff.lived;

import honeylamp.catalogue.pattern.Seeds;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.Key;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Position;
import honeylamp.plan.Structure;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** What goes with windows, with the way in and with hearths: curtains, pots on the sill, radiators, a mat and shoes, wood. */
final class AtWalls {
    /** So far before a face a point lies in the room behind it. */
    private static final double INTO_MM = 60;

    private static final double CLEAR_MM = 8;
    private static final double CURTAIN_MM = 280;
    private static final double CURTAIN_DEEP_MM = 120;
    private static final double LEAST_REVEAL_MM = 180;
    private static final Set<String> CURTAINED = Set.of("living", "dining", "bedroom", "work");
    private static final Set<String> UNHEATED = Set.of("outdoor");

    private final StoreyGeometry geometry;
    private final Wishes out;

    AtWalls(StoreyGeometry geometry, Wishes out) {
        this.geometry = geometry;
        this.out = out;
    }

    /** A face of an opening as one sees it from a room. */
    private record Inside(OpeningCut cut, Segment face, Point inward, Room room) {
        double chance(int about) {
            return Seeds.unit(cut.opening().id().seed(), 409, about);
        }

        /** By chance, alike for all openings of a room. */
        double roomChance(int about) {
            return Seeds.unit(room.mark().map(m -> m.id().seed()).orElse(0L), 419, about);
        }

        double turnDeg() {
            return (inward.angleDeg() + 90) % 360;
        }

        /** A point so far along the face from its first end, so far into the room. */
        Point at(double along, double in) {
            return face.at(along).plus(inward.times(in));
        }
    }

    void wishes() {
        for (var cut : geometry.cuts()) {
            inside(cut).ifPresent(inside -> {
                if (cut.opening().kind().isWindow()) {
                    window(inside);
                } else if (cut.opening().kind() == OpeningKind.OUTER_DOOR) {
                    wayIn(inside);
                }
            });
        }
        for (var part : geometry.storey().structures()) {
            if (part.form() instanceof Structure.Block block && block.kind() == Structure.Kind.FIREPLACE) {
                hearth(part, block);
            }
        }
    }

    /** A basket of wood beside every hearth. */
    private void hearth(Structure part, Structure.Block block) {
        var size = Host.usual("log-basket");
        var beside = block.width().mm() / 2 + size.wide() / 2 + 60;
        var out = -block.depth().mm() / 2 + size.deep() / 2;
        var places = Stream.of(beside, -beside)
                .map(x -> part.placing().apply(new Point(x, out)))
                .map(at -> piece(part.id().key(), 0, "log-basket", size, 0, at, part.turnDeg()))
                .toList();
        this.out.add(new Wish(places, 0.1 + 0.25 * Seeds.unit(part.id().seed(), 421, 0), Wish.On.FLOOR));
    }

    /** The side of an opening that looks into a room, if only one does. */
    private Optional<Inside> inside(OpeningCut cut) {
        var left = cut.unit().left();
        var toLeft = geometry.roomAt(cut.left().middle().plus(left.times(INTO_MM)));
        var toRight = geometry.roomAt(cut.right().middle().minus(left.times(INTO_MM)));
        if (toLeft.isPresent() == toRight.isPresent()) {
            return Optional.empty();
        }
        return toLeft.isPresent()
                ? toLeft.map(room -> new Inside(cut, cut.left(), left, room))
                : toRight.map(room -> new Inside(cut, cut.right(), left.times(-1), room));
    }

    private void window(Inside inside) {
        var opening = inside.cut.opening();
        var sill = opening.sill().mm();
        var wide = inside.face.length();
        var use = inside.room.mark().map(m -> m.fit().use()).orElse("");
        var isStraight = inside.cut.leftFace() instanceof Segment;
        if (sill >= 300
                && sill <= 1300
                && inside.cut.thicknessMm() >= LEAST_REVEAL_MM
                && opening.kind() != OpeningKind.ROUND_WINDOW) {
            sill(inside, sill, wide);
        }
        if (isStraight && CURTAINED.contains(use) && opening.head().mm() > 1700 && wide >= 600) {
            curtains(inside, wide);
        }
        if (isStraight && !UNHEATED.contains(use) && sill >= 550 && wide >= 700 && !isHeated(inside.room)) {
            var size = new Host.Size(Math.min(1400, Math.floor(wide / 100) * 100), 90, Math.min(500, sill - 150));
            wish(
                    inside,
                    5,
                    "radiator",
                    size,
                    120,
                    inside.at(wide / 2, size.deep() / 2 + 30),
                    0.5 + 0.2 * inside.roomChance(5),
                    Wish.On.FLOOR);
        }
    }

    private boolean isHeated(Room room) {
        return geometry.furnishingsIn(room).stream()
                .anyMatch(f -> f.kind().startsWith("radiator") || f.kind().startsWith("stove"));
    }

    private void sill(Inside inside, double sill, double wide) {
        var deep = Math.min(170, inside.cut.thicknessMm() * 0.42);
        var kind = inside.chance(1) < 0.5 ? "herbs" : "pot-plant";
        var size = kind.equals("herbs")
                ? new Host.Size(Math.min(3 * deep, wide * 0.5), deep, 230)
                : new Host.Size(deep, deep, 280);
        var along = wide * (0.28 + 0.44 * inside.chance(2));
        var place =
                Math.clamp(along, size.wide() / 2 + 30, Math.max(size.wide() / 2 + 30, wide - size.wide() / 2 - 30));
        wish(inside, 0, kind, size, sill, inside.at(place, -deep / 2 - 15), 0.2 + 0.7 * inside.chance(3), Wish.On.SILL);
    }

    /** Drawn to both sides, beside the window. */
    private void curtains(Inside inside, double wide) {
        var from = 0.12 + 0.25 * inside.roomChance(4);
        var size = new Host.Size(
                CURTAIN_MM,
                CURTAIN_DEEP_MM,
                Math.max(600, inside.cut.opening().head().mm() + 60));
        var in = CURTAIN_DEEP_MM / 2 + CLEAR_MM;
        wish(inside, 3, "curtain-side", size, 0, inside.at(-CURTAIN_MM * 0.32, in), from, Wish.On.FLOOR);
        wish(inside, 4, "curtain-side", size, 0, inside.at(wide + CURTAIN_MM * 0.32, in), from, Wish.On.FLOOR);
    }

    private void wayIn(Inside inside) {
        var wide = inside.face.length();
        var mat = new Host.Size(Math.min(750, wide * 0.85), 430, 15);
        wish(inside, 0, "doormat", mat, 0, inside.at(wide / 2, 290), 0.05 + 0.15 * inside.chance(1), Wish.On.THRESHOLD);
        var shoes = new Host.Size(220, 280, 100);
        var places = new ArrayList<Point>(List.of(inside.at(-230, 190), inside.at(wide + 230, 190)));
        out.add(new Wish(
                places.stream().map(p -> piece(inside, 1, "shoes", shoes, 0, p)).toList(),
                0.35 + 0.25 * inside.chance(2),
                Wish.On.FLOOR));
    }

    private void wish(
            Inside inside, int nth, String kind, Host.Size size, double bottomMm, Point at, double from, Wish.On on) {
        out.add(new Wish(List.of(piece(inside, nth, kind, size, bottomMm, at)), from, on));
    }

    private static Furnishing piece(Inside inside, int nth, String kind, Host.Size size, double bottomMm, Point at) {
        return piece(inside.cut.opening().id().key(), nth, kind, size, bottomMm, at, inside.turnDeg());
    }

    private static Furnishing piece(
            Key of, int nth, String kind, Host.Size size, double bottomMm, Point at, double turnDeg) {
        return new Furnishing(
                        new FurnishingId(new Key.With(of, nth)),
                        Furnishings.of(kind).orElseThrow().key(),
                        Length.ofMm(size.wide()),
                        Length.ofMm(size.deep()),
                        Length.ofMm(size.high()),
                        Position.of(at),
                        turnDeg)
                .withBottom(Length.ofMm(bottomMm));
    }
}
