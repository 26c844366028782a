package honeylamp.body;

import honeylamp.catalogue.Fittings;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Fittings as bodies, at the sizes they have from the front: lamps that hang, stand and lie, plates on walls. */
final class FittingBodies {
    private static final int SIDES = 14;
    private static final double THIN_MM = 12;
    private static final double CORD_MM = 5;

    /** Heads of a track hang so far apart. */
    private static final double HEADS_MM = 500;

    private final StoreyGeometry geometry;
    private final double floorMm;

    FittingBodies(StoreyGeometry geometry, double floorMm) {
        this.geometry = geometry;
        this.floorMm = floorMm;
    }

    /** The fittings of a storey that are there when the works are done. */
    List<Placed> all() {
        return FittingPlaces.on(geometry).stream()
                .filter(p -> p.fitting().stands())
                .toList();
    }

    /** The body of one of them. */
    Body of(Placed placed) {
        var made = new Made(placed);
        made.make();
        return new Body(Kind.FITTINGS, Optional.of(placed.fitting().id()), made.facets);
    }

    private final class Made {
        private final Placed placed;
        private final double z;
        private final double top;
        private final List<Facet> facets = new ArrayList<>();

        Made(Placed placed) {
            this.placed = placed;
            this.z = floorMm + placed.heightMm();
            this.top = Math.max(
                    z, floorMm + geometry.clearHeightAt(placed.before()).mm());
        }

        void make() {
            var fitting = placed.fitting();
            var length = fitting.kind().isLong() ? fitting.length().mm() : 0;
            switch (fitting.kind()) {
                case DOWNLIGHT -> shade(50, -THIN_MM, 0);
                case CEILING_LIGHT -> shade(165, -90, 0);
                case CHANDELIER -> chandelier();
                case PENDANT -> {
                    shade(150, 0, 180);
                    round(placed.at(), CORD_MM, z + 180, top, Role.DARK);
                }
                case WALL_WASHER -> shade(70, -60, 0);
                case TRACK -> track(length);
                case WALL_LIGHT -> box(120, 90, -110, 110, Role.LINEN);
                case PICTURE_LIGHT -> box(300, 140, -15, 15, Role.METAL);
                case MIRROR_LIGHT -> box(600, 50, -30, 30, Role.LINEN);
                case STRIP -> box(length, 20, -10, 10, Role.LINEN);
                case UPLIGHT -> box(220, 120, -50, 50, Role.LINEN);
                case STEP_LIGHT -> box(100, THIN_MM, -25, 25, Role.LINEN);
                case TABLE_LAMP, DESK_LAMP -> standing(z - Math.min(Fittings.TABLE_LAMP_MM, z - floorMm), 110, 160);
                case FLOOR_LAMP -> standing(floorMm, 160, 220);
                case OUTDOOR_WALL_LIGHT -> box(110, 120, -130, 130, Role.LINEN);
                case PATH_LIGHT -> standing(floorMm, 60, 120);
                case GROUND_LIGHT -> shade(70, 0, THIN_MM);
                case ONE_WAY, TWO_WAY, INTERMEDIATE, DIMMER, APPLIANCE_OUTLET, DATA_OUTLET, AERIAL_OUTLET -> plate(1);
                case BELL_PUSH, SOCKET_1, OUTDOOR_SOCKET, SHAVER_SOCKET -> plate(1);
                case SOCKET_2, SWITCHED_SOCKET, WORKTOP_SOCKET -> plate(2);
                case SOCKET_3 -> plate(3);
                case SOCKET_4 -> plate(4);
                case FLOOR_SOCKET -> box(120, 120, 0, 6, Role.METAL);
                case PULL_CORD -> round(placed.at(), CORD_MM, z, top, Role.LINEN);
                case SENSOR -> shade(45, -40, 0);
                case CONSUMER_UNIT -> box(350, 110, -225, 225, Role.PORCELAIN);
            }
        }

        /** A round thing about the point it is fixed at, from one height beside that to another. */
        private void shade(double radius, double from, double to) {
            round(placed.at(), radius, z + from, z + to, Role.LINEN);
        }

        private void round(Point at, double radius, double from, double to, Role role) {
            if (to - from > 1) {
                var ring = new Ring(IntStream.range(0, SIDES)
                        .mapToObj(
                                i -> at.plus(Point.direction(360.0 * i / SIDES).times(radius)))
                        .toList());
                facets.addAll(Prism.upright(Outline.of(ring), from, to, Skin.of(role)));
            }
        }

        /** A box as wide as it is along its wall, so far before that; of what is on no wall about its middle. */
        private void box(double wide, double deep, double from, double to, Role role) {
            box(0, wide, deep, from, to, role);
        }

        private void box(double aside, double wide, double deep, double from, double to, Role role) {
            var onWall = placed.isOnWall();
            var box = onWall
                    ? new Box(0, aside - wide / 2, deep, aside + wide / 2)
                    : new Box(aside - wide / 2, -deep / 2, aside + wide / 2, deep / 2);
            var ring = box.ring()
                    .through(Affine.turn(placed.facingDeg())
                            .then(Affine.move(placed.at().x(), placed.at().y())));
            facets.addAll(Prism.upright(Outline.of(ring), z + from, z + to, Skin.of(role)));
        }

        private void plate(int inserts) {
            box(
                    Fittings.PLATE_MM + (inserts - 1) * Fittings.INSERT_MM,
                    THIN_MM,
                    -Fittings.PLATE_MM / 2,
                    Fittings.PLATE_MM / 2,
                    Role.PORCELAIN);
        }

        /** Foot, pole and shade; it shines from the height it is at. */
        private void standing(double footMm, double radius, double shadeMm) {
            var shade = Math.min(shadeMm, z - footMm);
            round(placed.at(), 0.8 * radius, footMm, footMm + 20, Role.METAL);
            round(placed.at(), 2 * CORD_MM, footMm + 20, z - shade, Role.METAL);
            round(placed.at(), radius, z - shade, z, Role.LINEN);
        }

        private void chandelier() {
            round(placed.at(), 300, z, z + 30, Role.METAL);
            for (var i = 0; i < 6; i++) {
                round(placed.at().plus(Point.direction(60.0 * i).times(260)), 25, z + 30, z + 120, Role.LINEN);
            }
            round(placed.at(), 2 * CORD_MM, z + 30, top, Role.METAL);
        }

        private void track(double length) {
            box(length, 36, -34, 0, Role.METAL);
            var heads = Math.max(1, (int) Math.round(length / HEADS_MM));
            for (var i = 0; i < heads; i++) {
                box(FittingPlaces.even(i, heads, length) - length / 2, 70, 70, -144, -34, Role.DARK);
            }
        }
    }
}
