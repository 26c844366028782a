package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.NewPlan;
import honeylamp.demo.place.SurveySheet;
import honeylamp.demo.place.SurveySheet.Style;
import honeylamp.demo.place.SurveySheet.Written;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.traced.ScaleFit;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.geometry.Segment;
import honeylamp.plan.KnownLength.Trust;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.UnitSystem;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A photo of a survey sheet, turned, stretched, seen at a slant, noisy and with one wrong length, is made
 * true and traced in the window, from nothing but what it shows.
 */
class TrueUnderlayTest {
    /** Outer walls 300 thick around 9,400 by 6,400 clear; a partition 100 thick, 5,000 from the west wall. */
    private static final double WIDE = 10_000;

    private static final double HIGH = 7_000;
    private static final double JITTER = 18;
    private static final double NEAR_MM = 3000;

    @TempDir
    private Path folder;

    private final SurveySheet sheet = new SurveySheet(1900, 1400, 7, 2.3, 41L, 1.015, 0.05, Style.PHOTO);
    private final Projective toPixels = sheet.toPixels(new Point(WIDE / 2, HIGH / 2));

    private static Plan house() {
        var plan = NewPlan.in(UnitSystem.MM);
        var storey = plan.storeys().getFirst().id();
        var outer = plan.wallTypes().get(0).id();
        var corners = List.of(
                Position.ofMm(300, 300),
                Position.ofMm(WIDE - 300, 300),
                Position.ofMm(WIDE - 300, HIGH - 300),
                Position.ofMm(300, HIGH - 300));
        for (var i = 0; i < 4; i++) {
            plan = WallEdits.add(plan, storey, corners.get(i), corners.get((i + 1) % 4), BodySide.RIGHT, outer)
                    .orThrow()
                    .plan();
        }
        return WallEdits.add(
                        plan,
                        storey,
                        Position.ofMm(5300, 300),
                        Position.ofMm(5300, HIGH - 300),
                        BodySide.RIGHT,
                        plan.wallTypes().get(2).id())
                .orThrow()
                .plan();
    }

    private Path photo() throws Exception {
        var plan = house();
        var image = sheet.draw(
                StoreyGeometry.of(plan, plan.storeys().getFirst()),
                new Point(WIDE / 2, HIGH / 2),
                List.of(
                        new Written(new Segment(new Point(0, -800), new Point(WIDE, -800)), "10000"),
                        new Written(new Segment(new Point(WIDE + 700, 0), new Point(WIDE + 700, HIGH)), "7000")));
        var file = folder.resolve("photo.png");
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    private static Underlay underlay(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().underlays().getFirst();
    }

    /** Clicks a point of the house as a hand would, some mm beside it; lines of the picture draw it on. */
    private void click(WindowDriver w, double x, double y, int hand) throws Exception {
        var at = underlay(w).plan(toPixels.apply(new Point(x, y)));
        w.showCentred(at.x(), at.y(), NEAR_MM); // one looks closely before one clicks
        w.click(at.x() + JITTER * Math.cos(hand), at.y() + JITTER * Math.sin(hand));
    }

    private void known(WindowDriver w, Point a, Point b, String written) throws Exception {
        click(w, a.x(), a.y(), 1);
        click(w, b.x(), b.y(), 2);
        w.write(written);
        w.key(KeyCode.ENTER);
    }

    @Test
    void aSlantedPhotoBecomesTrueAndTheWrongLengthIsNamed() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.answers.picture = Optional.of(photo());
            w.press("bring-in");
            w.press("propose-level");
            w.key(KeyCode.ENTER);
            assertThat(underlay(w).placing().turnDeg()).isBetween(-5.0, -0.5);

            w.press("tool-square-up");
            click(w, 0, 0, 1);
            click(w, WIDE, 0, 2);
            click(w, WIDE, HIGH, 3);
            click(w, 0, HIGH, 4);
            w.write("10000");
            w.key(KeyCode.TAB);
            w.write("7000");
            w.key(KeyCode.ENTER);
            assertThat(underlay(w).squaring()).isPresent();

            w.press("tool-known-length");
            known(w, new Point(0, HIGH), new Point(WIDE, HIGH), "10000");
            known(w, new Point(WIDE, 0), new Point(WIDE, HIGH), "7000");
            known(w, new Point(300, HIGH - 300), new Point(5300, HIGH - 300), "5180"); // truly 5000
            var fit = ScaleFit.of(underlay(w)).orElseThrow();
            assertThat(fit.suspect()).hasValue(2);
            assertThat(fit.residuals().get(2).percent()).isLessThan(-2);
            assertThat(fit.words(UnitSystem.MM)).contains("5180 mm disagrees with the others");
            w.press("known-2");
            assertThat(underlay(w).knownLengths().get(2).trust()).isEqualTo(Trust.LEFT_OUT);
            assertThat(ScaleFit.of(underlay(w)).orElseThrow().worstPercent()).isLessThan(0.4);

            w.press("tool-put-a-point");
            click(w, 0, 0, 5);
            w.focusPlan();
            w.key(KeyCode.ENTER);
            assertThat(underlay(w).plan(toPixels.apply(new Point(0, 0))).length())
                    .isLessThan(15);
            traced(w);
        }
    }

    private void traced(WindowDriver w) throws Exception {
        w.press("stage-walls");
        click(w, 300, 300, 1);
        click(w, WIDE - 300, 300, 2);
        click(w, WIDE - 300, HIGH - 300, 3);
        click(w, 300, HIGH - 300, 4);
        w.focusPlan();
        w.key(KeyCode.C);
        w.press("wall-type-3");
        click(w, 5300, 300, 5);
        click(w, 5300, HIGH - 300, 6);
        w.key(KeyCode.ESCAPE);
        var truth = house();
        var rooms = StoreyGeometry.of(truth, truth.storeys().getFirst()).rooms();
        var made = w.plan();
        var traced = StoreyGeometry.of(made, made.storeys().getFirst()).rooms();
        assertThat(traced).hasSize(2);
        for (var room : rooms) {
            for (var corner : room.outline().shell().corners()) {
                var off = traced.stream()
                        .flatMap(r -> r.outline().shell().corners().stream())
                        .mapToDouble(c -> c.distance(corner))
                        .min()
                        .orElseThrow();
                assertThat(off).as("corner %s", corner).isLessThan(15);
            }
        }
        var lengths = honeylamp.derive.traced.TracedLengths.of(
                StoreyGeometry.of(made, made.storeys().getFirst()), underlay(w));
        // walls are traced from inside; the outer faces stand where the wall type puts them
        assertThat(lengths.get(2).tracedMm().orElseThrow()).isCloseTo(5000, within(20.0));
    }
}
