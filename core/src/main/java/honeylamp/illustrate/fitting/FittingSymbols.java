package honeylamp.illustrate.fitting;

import honeylamp.plan.FittingKind;

/**
 * The symbols. Lights are round and let light through: a disc whose inside says how it shines. Switches are a dot with
 * tongues, one for each way. Outlets are a dome on the wall with a bar for each place; those of signals are a wedge.
 */
final class FittingSymbols {
    /** So far from its place a symbol reaches, in paper mm. */
    static final double REACH_MM = 2.4;

    private static final double DISC = 1.7;

    private FittingSymbols() {}

    /** How far before its wall the middle of a symbol lies, in paper mm; 0 for what is on ceilings and floors. */
    static double middleMm(FittingKind kind) {
        return kind.mount() == FittingKind.Mount.WALL ? 1.5 : 0;
    }

    /**
     * Draws a symbol.
     *
     * @param longMm how long what lights along a line is, on paper
     */
    static void draw(FittingKind kind, FittingPen pen, double longMm) {
        switch (kind) {
            case DOWNLIGHT -> {
                pen.disc(0, 0, 1.3);
                pen.dot(0, 0, 0.5);
            }
            case CEILING_LIGHT -> {
                pen.disc(0, 0, DISC);
                pen.ring(0, 0, 0.95);
            }
            case CHANDELIER -> {
                pen.rays(0, 0, 0.7, 1.75, 6, 30);
                pen.disc(0, 0, 0.7);
                for (var i = 0; i < 6; i++) {
                    var turn = Math.toRadians(30 + 60.0 * i);
                    pen.disc(1.75 * Math.cos(turn), 1.75 * Math.sin(turn), 0.42);
                }
            }
            case PENDANT -> {
                pen.disc(0, 0, DISC);
                pen.fullDome(0, 0, DISC);
            }
            case WALL_WASHER -> {
                pen.disc(0, 0, 1.3);
                pen.wedge(-1.3, 0, 1.3, 0, 0.65, 1.1, -0.65, 1.1);
                pen.hair(-1.4, 2.1, 1.4, 2.1);
            }
            case TRACK -> {
                var half = longMm / 2;
                pen.block(-half, -0.22, half, 0.22);
                var heads = Math.max(2, (int) (longMm / 7) + 1);
                for (var i = 0; i < heads; i++) {
                    pen.disc(-half + (i + 0.5) * longMm / heads, 0.55, 0.8);
                }
            }
            case WALL_LIGHT -> {
                pen.dome(0, 0, DISC);
                pen.fullDome(0, 0, 0.8);
            }
            case PICTURE_LIGHT -> {
                pen.line(0, 0, 0, 1);
                pen.box(-1.9, 0.9, 1.9, 1.7);
            }
            case MIRROR_LIGHT -> {
                pen.box(-2.2, 0, 2.2, 0.9);
                pen.hair(-1.5, 1.6, 1.5, 1.6);
            }
            case STRIP -> {
                var half = longMm / 2;
                pen.box(-half, 0.3, half, 0.95);
                for (var i = 0; i < (int) (longMm / 1.6); i++) {
                    pen.dot(-half + 0.8 + 1.6 * i, 0.62, 0.2);
                }
            }
            case UPLIGHT -> pen.leaf(-0.6, 0, 0.6, 0, 1.7, 2, -1.7, 2);
            case STEP_LIGHT -> {
                pen.box(-0.9, 0, 0.9, 1.3);
                pen.block(-0.9, 0, 0.9, 0.65);
            }
            case TABLE_LAMP -> {
                pen.rays(0, 0, 1.45, 2.1, 4, 45);
                pen.disc(0, 0, 1.2);
                pen.dot(0, 0, 0.35);
            }
            case DESK_LAMP -> {
                pen.line(0, -1.4, 0.9, 0.2);
                pen.dot(0, -1.4, 0.45);
                pen.disc(0.9, 0.5, 1.0);
            }
            case FLOOR_LAMP -> {
                pen.rays(0, 0, 1.75, 2.3, 8, 22.5);
                pen.disc(0, 0, 1.5);
                pen.dot(0, 0, 0.35);
            }
            case OUTDOOR_WALL_LIGHT -> {
                pen.dome(0, 0, DISC);
                pen.hair(-2.1, 0.75, 2.1, 0.75);
                pen.fullDome(0, 0.75, 0.6);
            }
            case PATH_LIGHT -> {
                pen.disc(0, 0, 1.2);
                pen.hair(-1.9, 0, 1.9, 0);
            }
            case GROUND_LIGHT -> {
                pen.box(-1.3, -1.3, 1.3, 1.3);
                pen.ring(0, 0, 0.9);
                pen.dot(0, 0, 0.35);
            }
            case ONE_WAY -> {
                stem(pen);
                pen.line(0, 2.7, 1.1, 2.35);
            }
            case TWO_WAY -> {
                stem(pen);
                pen.line(0, 2.7, 1.1, 2.35);
                pen.line(0, 2.7, -1.1, 2.35);
            }
            case INTERMEDIATE -> {
                stem(pen);
                pen.line(-1.1, 2.35, 1.1, 2.9);
                pen.line(-1.1, 2.9, 1.1, 2.35);
            }
            case DIMMER -> {
                stem(pen);
                pen.wedge(0, 2.75, 1.3, 2.75, 0, 2.1);
            }
            case PULL_CORD -> {
                pen.disc(0, 0, 0.7);
                pen.line(0, -0.7, 0, -2.1);
                pen.dot(0, -2.1, 0.35);
            }
            case SENSOR -> {
                pen.dot(0, 0, 0.6);
                pen.arc(0, 0, 1.2, 20, 140);
                pen.arc(0, 0, 1.8, 20, 140);
            }
            case BELL_PUSH -> {
                pen.box(-0.9, 0, 0.9, 1.8);
                pen.dot(0, 0.9, 0.4);
            }
            case SOCKET_1 -> socket(pen, 1);
            case SOCKET_2 -> socket(pen, 2);
            case SOCKET_3 -> socket(pen, 3);
            case SOCKET_4 -> socket(pen, 4);
            case SWITCHED_SOCKET -> {
                socket(pen, 1);
                pen.line(0, 2.5, 1.0, 2.95);
            }
            case OUTDOOR_SOCKET -> {
                socket(pen, 1);
                pen.hair(-2.0, 0.55, 2.0, 0.55);
            }
            case FLOOR_SOCKET -> {
                pen.box(-1.5, -1.5, 1.5, 1.5);
                pen.dome(0, -0.8, 1.0);
                pen.line(0, 0.2, 0, 1.0);
            }
            case WORKTOP_SOCKET -> {
                socket(pen, 2);
                pen.hair(-1.7, 2.95, 1.7, 2.95);
            }
            case APPLIANCE_OUTLET -> {
                pen.dome(0, 0, DISC);
                pen.wedge(-0.75, 0.35, 0.75, 0.35, 0, 1.3);
            }
            case SHAVER_SOCKET -> {
                pen.box(-1.5, 0, 1.5, 1.9);
                pen.dot(-0.5, 0.95, 0.28);
                pen.dot(0.5, 0.95, 0.28);
            }
            case DATA_OUTLET -> pen.wedge(-1.4, 0, 1.4, 0, 0, 2);
            case AERIAL_OUTLET -> {
                pen.leaf(-1.4, 0, 1.4, 0, 0, 2);
                pen.line(0, 2, 0, 2.7);
                pen.line(-0.8, 2.7, 0.8, 2.7);
            }
            case CONSUMER_UNIT -> {
                pen.box(-2.6, 0, 2.6, 1.8);
                pen.wedge(-2.6, 0, 2.6, 0, 2.6, 1.8);
            }
        }
        pen.struck(1.6);
    }

    private static void stem(FittingPen pen) {
        pen.line(0, 0.5, 0, 2.7);
        pen.dot(0, 0.5, 0.5);
    }

    /** A dome with a bar for each place. */
    private static void socket(FittingPen pen, int places) {
        pen.dome(0, 0, DISC);
        for (var i = 0; i < places; i++) {
            var x = (i - (places - 1) / 2.0) * 0.62;
            pen.line(x, 1.5, x, 2.5);
        }
    }
}
