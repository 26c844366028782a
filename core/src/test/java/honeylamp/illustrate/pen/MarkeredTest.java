package honeylamp.illustrate.pen;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Oklch;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Things coloured by markers: bare on the side of the light, a second pass on the far side. */
class MarkeredTest {
    private static final Ink GREEN = Ink.of(0xdbe6de);
    private static final Ink PAPER = Ink.of(0xf2ebe0);

    /** Light that falls to the right. */
    private static final Point FALL = new Point(1, 0);

    private static Figure box(double wide) {
        return Figure.ring(new Box(0, 0, wide, 10).ring());
    }

    /** The last surface laid at a point, through all clips. */
    private static int rgb(List<Mark> marks, Point at) {
        var seen = -1;
        for (var mark : marks) {
            if (mark instanceof Mark.Fill(var path, var ink) && path.encloses(at, 8)) {
                seen = ink.rgb();
            }
            if (mark instanceof Mark.Clip clip && clip.path().encloses(at, 8)) {
                var inside = rgb(clip.inside().stream().toList(), at);
                seen = inside == -1 ? seen : inside;
            }
        }
        return seen;
    }

    private static double lightness(List<Mark> marks, double x) {
        return Oklch.ofRgb(rgb(marks, new Point(x, 5))).lightness();
    }

    /** Half a millimetre is left bare, a millimetre and a half goes over twice, between them lies the ink itself. */
    @Test
    void oneSideIsBareAndTheOtherGoneOverTwice() {
        var marks = Markered.of(List.of(new Mark.Fill(box(20), GREEN)), PAPER, FALL);
        assertThat(rgb(marks, new Point(10, 5))).isEqualTo(GREEN.rgb());
        assertThat(lightness(marks, 0.25)).isGreaterThan(lightness(marks, 10));
        assertThat(lightness(marks, 19.2)).isLessThan(lightness(marks, 10) - 0.04);
        assertThat(rgb(marks, new Point(18, 5))).isEqualTo(GREEN.rgb());
        assertThat(rgb(marks, new Point(21, 5))).as("nothing past its edge").isEqualTo(-1);
    }

    @Test
    void smallThingsLinesAndFaintSurfacesStay() {
        List<Mark> marks = List.of(
                new Mark.Fill(box(4), GREEN),
                new Mark.Fill(box(20), GREEN.at(0.4)),
                new Mark.Stroke(box(20), Pen.round(0.2), GREEN));
        assertThat(Markered.of(marks, PAPER, FALL)).isEqualTo(marks);
    }
}
