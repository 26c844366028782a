package honeylamp.illustrate.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.Materials;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.AwtShapes;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FloorArtLimitTest {
    /** Specks of 2 mm on 10 by 10 m are 25 million pieces: printed one to one they would fill all memory. */
    @Test
    void aFloorOfFarTooManyPiecesIsShownInTheirMeanTone() {
        var specks = Finish.of("tile-white").withLaying(Optional.of(Laying.of(new Pattern.Stack(), 2, 2, 0)));
        var box = new Box(0, 0, 10_000, 10_000);
        var art = new FloorArt(PaperFrame.atOrigin(1), Pens.usual(1), 1);
        var mark = art.floor(
                Figure.ring(box.ring()), box, Materials.of("tile-white").orElseThrow(), specks, 1);
        assertThat(((Mark.Clip) mark).inside()).hasSize(1);
        var few = Finish.of("tile-white").withLaying(Optional.of(Laying.of(new Pattern.Stack(), 200, 200, 0)));
        var drawn = art.floor(
                Figure.ring(box.ring()), box, Materials.of("tile-white").orElseThrow(), few, 1);
        assertThat(((Mark.Clip) drawn).inside()).hasSizeGreaterThan(2);
    }

    /** Veins of marble cover more the stronger they are asked for, and nothing at none. */
    @Test
    void grainAndVeinsShowAsStronglyAsTheyAreAskedFor() {
        assertThat(strongest(0)).isZero();
        assertThat(strongest(2)).isGreaterThan(strongest(1)).isLessThanOrEqualTo(1);
    }

    /** How much the strongest vein of marble covers. */
    private static double strongest(double figure) {
        var marble = Materials.of("marble-white").orElseThrow();
        var finish =
                Finish.of("marble-white").withLaying(Optional.of(marble.laying().withFigure(figure)));
        var box = new Box(0, 0, 3000, 3000);
        var art = new FloorArt(PaperFrame.atOrigin(20), Pens.usual(20), 1);
        return ((Mark.Clip) art.floor(Figure.ring(box.ring()), box, marble, finish, 1))
                .inside().stream()
                        .filter(Mark.Stroke.class::isInstance)
                        .mapToDouble(m -> ((Mark.Stroke) m).ink().opacity())
                        .max()
                        .orElseThrow();
    }

    private static List<Mark.Fill> fills(String material, Laying.Coat coat) {
        var usual = Materials.of(material).orElseThrow();
        var finish = Finish.of(material).withLaying(Optional.of(usual.laying().withCoat(coat)));
        var box = new Box(0, 0, 3000, 3000);
        var art = new FloorArt(PaperFrame.atOrigin(20), Pens.usual(20), 1);
        return ((Mark.Clip) art.floor(Figure.ring(box.ring()), box, usual, finish, 1))
                .inside().stream()
                        .filter(Mark.Fill.class::isInstance)
                        .map(Mark.Fill.class::cast)
                        .toList();
    }

    private static List<Mark.Fill> more(String material, Laying.Coat coat) {
        var out = new ArrayList<>(fills(material, coat));
        out.removeAll(fills(material, Laying.Coat.PLAIN));
        return out;
    }

    private static int lightness(Ink ink) {
        return (ink.rgb() >> 16 & 0xff) + (ink.rgb() >> 8 & 0xff) + (ink.rgb() & 0xff);
    }

    /** Strokes of a second pass are darker than every tone of the boards and leave a good part of them as they are. */
    @Test
    void aSecondPassDarkensPartsOfBoardsAsStronglyAsItIsAskedFor() {
        var half = more("wide-plank-oak", new Laying.Coat(0.5, Laying.Sheen.MATT));
        var whole = more("wide-plank-oak", new Laying.Coat(1, Laying.Sheen.MATT));
        assertThat(half).hasSize(1);
        assertThat(whole).hasSize(1);
        assertThat(whole.getFirst().ink().opacity())
                .isCloseTo(2 * half.getFirst().ink().opacity(), within(1e-9));
        assertThat(fills("wide-plank-oak", Laying.Coat.PLAIN).stream().skip(1)) // the first are the joints
                .allSatisfy(f -> assertThat(lightness(f.ink()))
                        .isGreaterThan(lightness(whole.getFirst().ink())));
        var image = new BufferedImage(300, 300, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.scale(2, 2); // the floor lies on 150 mm of paper, above the origin
        g.translate(0, 150);
        g.fill(AwtShapes.shape(whole.getFirst().path()));
        var covered = 0;
        for (var y = 0; y < 300; y++) {
            for (var x = 0; x < 300; x++) {
                covered += (image.getRGB(x, y) & 0xff) > 128 ? 1 : 0;
            }
        }
        assertThat(covered / 90_000.0).isBetween(0.15, 0.75);
    }

    /** Light on a glossy floor is lighter than the floor, weaker on a satin one, and on a matt one there is none. */
    @Test
    void whatShinesHasLightOnIt() {
        var glossy = more("square-tile", new Laying.Coat(0, Laying.Sheen.GLOSSY));
        var satin = more("square-tile", new Laying.Coat(0, Laying.Sheen.SATIN));
        assertThat(glossy).hasSameSizeAs(satin).isNotEmpty();
        assertThat(lightness(glossy.getFirst().ink()))
                .isGreaterThan(lightness(satin.getFirst().ink()));
        assertThat(glossy.getFirst().ink().opacity())
                .isGreaterThan(satin.getFirst().ink().opacity());
        assertThat(more("square-tile", Laying.Coat.PLAIN)).isEmpty();
    }
}
