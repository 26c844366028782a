package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.Looks;
import honeylamp.catalogue.Materials;
import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.ink.Ink;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Colouring.Floors;
import honeylamp.plan.Look;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Floors of rooms that touch, told apart in grey and by those who see fewer colours. */
class RoomsToldApartTest {
    private static final double LEAST = 0.03;

    /** The thickest wall between two rooms that touch, in plan mm. */
    private static final double WALL_MM = 600;

    /**
     * What is seen without one kind of cones, for linear red, green and blue.
     *
     * @see "Machado, Oliveira and Fernandes, A physiologically-based model for simulation of color vision deficiency, 2009"
     */
    private enum Eyes {
        ALL(1, 0, 0, 0, 1, 0, 0, 0, 1),
        NO_RED(0.152286, 1.052583, -0.204868, 0.114503, 0.786281, 0.099216, -0.003882, -0.048116, 1.051998),
        NO_GREEN(0.367322, 0.860646, -0.227968, 0.280085, 0.672501, 0.047413, -0.011820, 0.042940, 0.968881),
        NO_BLUE(1.255528, -0.076749, -0.178779, -0.078411, 0.930809, 0.147602, 0.004733, 0.691367, 0.303900);

        private final double[] matrix;

        Eyes(double... matrix) {
            this.matrix = matrix;
        }

        double[] see(Ink ink) {
            var linear = new double[3];
            for (var c = 0; c < 3; c++) {
                var v = (ink.rgb() >> 16 - 8 * c & 0xff) / 255.0;
                linear[c] = v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
            }
            var out = new double[3];
            for (var c = 0; c < 3; c++) {
                for (var k = 0; k < 3; k++) {
                    out[c] += matrix[3 * c + k] * linear[k];
                }
            }
            return lab(out);
        }
    }

    /** Lightness and two colour axes of OKLab, from linear red, green and blue (Ottosson, 2020). */
    private static double[] lab(double[] rgb) {
        var l = Math.cbrt(0.4122214708 * rgb[0] + 0.5363325363 * rgb[1] + 0.0514459929 * rgb[2]);
        var m = Math.cbrt(0.2119034982 * rgb[0] + 0.6806995451 * rgb[1] + 0.1073969566 * rgb[2]);
        var s = Math.cbrt(0.0883024619 * rgb[0] + 0.2817188376 * rgb[1] + 0.6299787005 * rgb[2]);
        return new double[] {
            0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
            1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
            0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s
        };
    }

    static Stream<Look> looksThatShowWhatIsLaid() {
        return Looks.all().stream().filter(l -> l.colouring().floors() == Floors.LAID);
    }

    @ParameterizedTest
    @MethodSource("looksThatShowWhatIsLaid")
    void everyTwoRoomsThatTouch(Look look) throws IOException {
        var close = new ArrayList<String>();
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan(), BoatShed.plan())) {
            close.addAll(close(plan, look));
        }
        assertThat(close).isEmpty();
    }

    private static List<String> close(Plan drawn, Look look) {
        var plan = drawn;
        for (var view : drawn.presentation().views()) {
            plan = ViewEdits.look(plan, view.id(), Reach.THIS, _ -> look);
        }
        var floors = new FloorArt(PaperFrame.atOrigin(50), Pens.of(look, 50), 1);
        var out = new ArrayList<String>();
        for (var storey : LaidPlan.of(plan).all()) {
            var rooms = storey.geometry().rooms();
            for (var i = 0; i < rooms.size(); i++) {
                for (var j = 0; j < i; j++) {
                    if (touch(rooms.get(i), rooms.get(j)) && !isSameFloor(rooms.get(i), rooms.get(j))) {
                        told(out, rooms.get(i), rooms.get(j), floors, look);
                    }
                }
            }
        }
        return out;
    }

    private static void told(List<String> out, Room a, Room b, FloorArt floors, Look look) {
        var first = tone(a, floors);
        var second = tone(b, floors);
        for (var eyes : Eyes.values()) {
            var x = eyes.see(first);
            var y = eyes.see(second);
            var colour = Math.sqrt(Math.pow(x[0] - y[0], 2) + Math.pow(x[1] - y[1], 2) + Math.pow(x[2] - y[2], 2));
            if (colour < LEAST && !isToldByPattern(a, b, look)) {
                out.add("%s and %s, %s: %.3f".formatted(a.name(), b.name(), eyes, colour));
            }
        }
        var grey = Math.abs(Eyes.ALL.see(first)[0] - Eyes.ALL.see(second)[0]);
        if (grey < LEAST && !isToldByPattern(a, b, look)) {
            out.add("%s and %s, grey: %.3f".formatted(a.name(), b.name(), grey));
        }
    }

    /** In looks that draw lightness together, or hardly have any, the joints of floors tell them apart. */
    private static boolean isToldByPattern(Room a, Room b, Look look) {
        var span = look.colouring().white() - look.colouring().black();
        return span < 0.95 && (!pattern(a).equals(pattern(b)) || !runsAlike(a, b));
    }

    private static boolean runsAlike(Room a, Room b) {
        var turn = a.mark().orElseThrow().floor().directionDeg()
                - b.mark().orElseThrow().floor().directionDeg();
        return Math.abs(Math.sin(Math.toRadians(turn))) < 0.3;
    }

    private static Pattern pattern(Room room) {
        return Materials.of(room.mark().orElseThrow().floor().material())
                .orElseThrow()
                .laying()
                .pattern();
    }

    private static Ink tone(Room room, FloorArt floors) {
        var finish = room.mark().map(RoomMark::floor).orElseThrow();
        return floors.tone(Materials.of(finish.material()).orElseThrow(), finish);
    }

    /** One floor that runs through two rooms is no floor to be told from itself. */
    private static boolean isSameFloor(Room a, Room b) {
        return a.mark().isEmpty()
                || b.mark().isEmpty()
                || a.mark()
                        .get()
                        .floor()
                        .material()
                        .equals(b.mark().get().floor().material());
    }

    private static boolean touch(Room a, Room b) {
        return b.outline().shell().corners().stream()
                        .anyMatch(c -> a.outline().shell().edgeDistance(c) <= WALL_MM)
                || a.outline().shell().corners().stream()
                        .anyMatch(c -> b.outline().shell().edgeDistance(c) <= WALL_MM);
    }
}
