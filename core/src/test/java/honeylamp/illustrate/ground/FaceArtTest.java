package honeylamp.illustrate.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.Materials;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.FacePicture;
import honeylamp.plan.Finish;
import honeylamp.plan.Oklch;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A picture of two by two cells, its top left one dark, 400 mm wide and 200 high, on 4 by 2 m. */
class FaceArtTest {
    private static final Oklch PALE = new Oklch(0.9, 0.01, 80);
    private static final Oklch DARK = new Oklch(0.5, 0.01, 80);

    private static final FacePicture FACE =
            new FacePicture("Spots", Length.ofMm(400), Length.ofMm(200), 2, List.of(PALE, DARK), "1000");

    private static List<Mark> marks(FacePicture face, Position start, double scale) {
        var screed = Materials.of("screed").orElseThrow();
        var finish = new Finish("screed", 0, start)
                .withLaying(Optional.of(screed.laying().withFace(Optional.of(face))));
        var box = new Box(0, 0, 4000, 2000);
        var art = new FloorArt(PaperFrame.atOrigin(scale), Pens.usual(scale), 1);
        return ((Mark.Clip) art.floor(Figure.ring(box.ring()), box, screed, finish, 1)).inside();
    }

    @Test
    void itRepeatsAtItsTrueSizeFromTheStartingPoint() {
        var marks = marks(FACE, Position.ofMm(250, 0), 20);
        assertThat(marks).hasSize(2);
        var dark = ((Mark.Fill) marks.getLast()).path();
        assertThat(((Mark.Fill) marks.getLast()).ink()).isEqualTo(Ink.of(DARK.argb()));
        assertThat(rings(dark))
                .isEqualTo(11 * 10); // one more column, since the first reaches in by a quarter of a repeat
        // the top left quarter of the first repeat: up from the middle of it to its top
        var first = firstRing(dark);
        assertThat(first.width() * 20).isCloseTo(200, within(1e-9));
        assertThat(first.height() * 20).isCloseTo(100, within(1e-9));
        assertThat(((first.minX() * 20 - 250) % 400 + 400) % 400).isCloseTo(0, within(1e-6));
        assertThat(((-first.minY() * 20) % 200 + 200) % 200).isCloseTo(0, within(1e-6));
    }

    /** At 1:1000 a cell of 200 by 100 mm is 0.1 mm high on paper. */
    @Test
    void cellsTooFineForThePaperAreJoined() {
        assertThat(marks(FACE, Position.ORIGIN, 1000)).hasSize(1);
    }

    @Test
    void itsMeanIsWhatTheMaterialLooksLikeFromAfar() {
        assertThat(FACE.mean().lightness()).isCloseTo((3 * 0.9 + 0.5) / 4, within(1e-9));
        var screed = Materials.of("screed").orElseThrow();
        var laid = screed.as(
                Finish.of("screed").withLaying(Optional.of(screed.laying().withFace(Optional.of(FACE)))));
        assertThat(laid.tone()).isEqualTo(FACE.mean());
        assertThat(laid.label()).isEqualTo("Spots");
    }

    @Test
    void aHeightThatDoesNotFitItsProportionsIsNoticed() {
        assertThat(FACE.stretched()).isZero(); // cells of 200 by 100 are within what two of them can tell
        var fine = new FacePicture("Fine", Length.ofMm(640), Length.ofMm(640), 64, List.of(PALE), "0".repeat(64 * 64));
        assertThat(fine.withHeight(Length.ofMm(700)).stretched()).isCloseTo(700.0 / 640 - 1, within(1e-9));
        assertThat(fine.withHeight(Length.ofMm(643)).stretched()).isZero();
        assertThat(fine.asWideAs(Length.ofMm(320)).height()).isEqualTo(Length.ofMm(320));
    }

    @Test
    void cellsThatMakeNoRowsOrHaveNoToneAreRefused() {
        assertThatThrownBy(() -> FACE.withCells("100")).hasMessageContaining("cannot have 3 cells");
        assertThatThrownBy(() -> FACE.withCells("1002")).hasMessageContaining("cell 3");
    }

    private static int rings(Figure figure) {
        var counted = new int[1];
        figure.walk(new Figure.Walker() {
            @Override
            public void moveTo(double x, double y) {
                counted[0]++;
            }

            @Override
            public void lineTo(double x, double y) {}

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {}

            @Override
            public void close() {}
        });
        return counted[0];
    }

    /** The box of the first ring: its first four corners. */
    private static Box firstRing(Figure figure) {
        var xs = new java.util.ArrayList<Double>();
        var ys = new java.util.ArrayList<Double>();
        figure.walk(new Figure.Walker() {
            @Override
            public void moveTo(double x, double y) {
                lineTo(x, y);
            }

            @Override
            public void lineTo(double x, double y) {
                xs.add(x);
                ys.add(y);
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {}

            @Override
            public void close() {}
        });
        var x = xs.subList(0, 4).stream().mapToDouble(v -> v).summaryStatistics();
        var y = ys.subList(0, 4).stream().mapToDouble(v -> v).summaryStatistics();
        return new Box(x.getMin(), y.getMin(), x.getMax(), y.getMax());
    }
}
