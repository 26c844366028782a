package honeylamp.underlay;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.SurveySheet.Style;
import honeylamp.geometry.Point;
import honeylamp.underlay.LineFinder.Found;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LineFinderTest {
    private static final double REACH = 10;

    @ParameterizedTest
    @EnumSource(Style.class)
    void nearlyAllPointsNearALineLandOnIt(Style style) {
        var sheet = Sheets.of(Sheets.survey(style));
        var random = new Random(5);
        var walls = sheet.lines().stream().filter(l -> l.length() > 60).toList();
        int landed = 0, tried = 0;
        var missed = new ArrayList<String>();
        while (tried < 200) {
            var line = walls.get(random.nextInt(walls.size()));
            var on = line.at(20 + random.nextDouble() * (line.length() - 40));
            var near = on.plus(line.unit().left().times((random.nextDouble() * 2 - 1) * 7));
            if (!new honeylamp.geometry.Box(40, 40, 1710, 1260).contains(near)) {
                continue;
            }
            tried++;
            var found = LineFinder.nearest(sheet.picture(), near, REACH);
            if (found.isPresent() && sheet.distance(found.get().at()) <= 1.5) {
                landed++;
            } else {
                missed.add(near + " -> " + found + " off "
                        + found.map(f -> sheet.distance(f.at())).orElse(-1.0));
            }
        }
        assertThat(landed).as("missed %s", missed).isGreaterThanOrEqualTo(190);
    }

    @ParameterizedTest
    @EnumSource(Style.class)
    void nothingIsCaughtWhereNothingIsDrawn(Style style) {
        var sheet = Sheets.of(Sheets.survey(style));
        var random = new Random(6);
        var tried = 0;
        while (tried < 200) {
            var p = new Point(30 + random.nextDouble() * 1690, 30 + random.nextDouble() * 1240);
            if (sheet.distance(p) > REACH + 25) { // and clear of what is written beside the lines
                tried++;
                assertThat(LineFinder.nearest(sheet.picture(), p, REACH))
                        .as("at %s", p)
                        .isEmpty();
            }
        }
    }

    /** What is seen at half or a quarter of the size is still caught to within a pixel and a half of the full one. */
    @ParameterizedTest
    @EnumSource(Style.class)
    void zoomedOutItIsReadFinelyToo(Style style) {
        var sheet = Sheets.of(Sheets.survey(style));
        var random = new Random(8);
        var walls = sheet.lines().stream().filter(l -> l.length() > 150).toList();
        var landed = 0;
        for (var i = 0; i < 100; i++) {
            var line = walls.get(random.nextInt(walls.size()));
            var near = line.at(line.length() * (0.3 + 0.4 * random.nextDouble()))
                    .plus(line.unit().left().times(4));
            var found = LineFinder.nearest(sheet.picture(), near, 2 * REACH);
            landed += found.isPresent() && sheet.distance(found.get().at()) <= 1.5 ? 1 : 0;
        }
        assertThat(landed).isGreaterThanOrEqualTo(93);
    }

    private static TracedPicture drawn(double width, Line2D... lines) {
        var image = new BufferedImage(300, 300, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 300, 300);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.DARK_GRAY);
        g.setStroke(new BasicStroke((float) width, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
        for (var line : lines) {
            g.draw(line);
        }
        g.dispose();
        return TracedPicture.of(image);
    }

    @Test
    void aLineBetweenPixelsIsFoundBetweenThem() {
        var picture = drawn(2, new Line2D.Double(20, 150.3, 280, 150.3));
        var found = LineFinder.nearest(picture, new Point(140, 155), REACH).orElseThrow();
        assertThat(found.found()).isEqualTo(Found.LINE);
        assertThat(found.at().distance(new Point(140, 150.3))).isLessThan(0.15);
    }

    @Test
    void aCrossingGoesBeforeItsLines() {
        var a = new Line2D.Double(20, 140, 280, 160);
        var b = new Line2D.Double(150, 20, 160, 280);
        // by hand: y = 140 + (x - 20) / 13 and x = 150 + (y - 20) / 26 meet at x = 155.0148, y = 150.3857
        var found =
                LineFinder.nearest(drawn(2, a, b), new Point(158, 146), REACH).orElseThrow();
        assertThat(found.found()).isEqualTo(Found.CROSSING);
        assertThat(found.at().distance(new Point(155.0148, 150.3857))).isLessThan(0.4);
    }

    @Test
    void aThickWallIsCaughtAtItsFaceNotInItsMiddle() {
        var picture = drawn(30, new Line2D.Double(10, 150, 290, 150)); // faces at 135 and 165
        var found = LineFinder.nearest(picture, new Point(100, 139), REACH).orElseThrow();
        assertThat(found.found()).isEqualTo(Found.FACE);
        assertThat(found.at().y()).isBetween(134.6, 135.4);
        assertThat(found.way().unit().y()).isBetween(-0.01, 0.01);
    }

    @Test
    void aLineIsNotCaughtBeyondItsEnd() {
        var picture = drawn(2, new Line2D.Double(20, 150, 150, 150));
        assertThat(LineFinder.nearest(picture, new Point(145, 153), REACH)).isPresent();
        assertThat(LineFinder.nearest(picture, new Point(165, 152), REACH)).isEmpty();
    }
}
