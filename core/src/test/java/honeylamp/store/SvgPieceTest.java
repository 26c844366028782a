package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestOwn;
import honeylamp.catalogue.Palettes;
import honeylamp.derive.own.OwnLines;
import honeylamp.geometry.Box;
import honeylamp.output.Progress;
import honeylamp.plan.OwnPart;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Role;
import honeylamp.units.Length;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SvgPieceTest {
    private static List<OwnPart> read(String inside, double widthMm) throws Exception {
        var svg = "<svg xmlns='http://www.w3.org/2000/svg' width='200' height='100' viewBox='0 0 200 100'>" + inside
                + "</svg>";
        return SvgPiece.read(
                svg.getBytes(StandardCharsets.UTF_8),
                Length.ofMm(widthMm),
                Length.ofMm(400),
                Progress.NONE,
                GraphicsReader.Source.HERE);
    }

    private static Box around(List<OwnPart> parts) {
        return OwnLines.bounds(parts);
    }

    @Test
    void aDrawingIsAsWideAsIsSaidItsFrontBelow() throws Exception {
        var timber = "#%06x".formatted(Palettes.DAYLIGHT.of(Role.TIMBER).argb() & 0xffffff);
        var parts = read(
                "<rect x='20' y='10' width='160' height='80' fill='" + timber + "' stroke='black'/>"
                        + "<g transform='translate(20 10)'><rect x='0' y='60' width='40' height='20' fill='#f7f7f5'/></g>",
                1600);
        assertThat(parts).hasSize(2);
        var box = around(parts);
        assertThat(box.width()).isCloseTo(1600, within(1e-6));
        assertThat(box.height()).isCloseTo(800, within(1e-3));
        assertThat(parts.get(0).pen()).isEqualTo(OwnPart.Pen.OUTLINE);
        assertThat(parts.get(0).fill()).contains(Role.TIMBER);
        assertThat(parts.get(1).pen()).isEqualTo(OwnPart.Pen.NONE);
        assertThat(parts).allSatisfy(p -> assertThat(p.top()).isEqualTo(Length.ofMm(400)));
        var low = around(List.of(parts.get(1)));
        assertThat(low.minY()).as("what is lowest on the drawing is the front").isCloseTo(0, within(1e-3));
        assertThat(low.maxX()).isCloseTo(400, within(1e-3));
    }

    @Test
    void pathsWithinAnotherAreHolesAndCurvesAreTrue() throws Exception {
        var parts = read(
                "<path fill='#888' fill-rule='evenodd' d='M0 0H200V100H0Z M60 50a40 40 0 1 0 80 0a40 40 0 1 0 -80 0Z'/>",
                2000);
        assertThat(parts).singleElement().satisfies(p -> {
            assertThat(p.lines()).hasSize(2);
            assertThat(OwnLines.outline(p).orElseThrow().area())
                    .isCloseTo(2000.0 * 1000 - Math.PI * 400 * 400, within(1500.0));
        });
    }

    @Test
    void aLineAloneIsAFineLine() throws Exception {
        var parts = read(
                "<rect width='200' height='100' fill='#ddd'/><path d='M10 50L190 50' stroke='#000' fill='none'/>",
                2000);
        assertThat(parts.get(1).fill()).isEmpty();
        assertThat(parts.get(1).outer().isClosed()).isFalse();
        assertThat(parts.get(1).pen()).isEqualTo(OwnPart.Pen.FINE);
    }

    @Test
    void aDrawingWithoutShapesOrWithTooManyIsRefusedInWords() {
        assertThatThrownBy(() -> read("<text x='10' y='50'>Bench</text>", 1000))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("shows no shapes");
        assertThatThrownBy(() -> read("<rect width='2' height='2'/>".repeat(500), 1000))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("more than 400 parts");
        assertThatThrownBy(() -> read("<path stroke='#000' d='M0 0" + "l1 1l1 -1".repeat(3000) + "'/>", 1000))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("corners");
        assertThatThrownBy(() -> SvgPiece.read(
                        "no drawing".getBytes(StandardCharsets.UTF_8),
                        Length.ofMm(1000),
                        Length.ZERO,
                        Progress.NONE,
                        GraphicsReader.Source.HERE))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("damaged");
    }

    @Test
    void aDrawingIsReadByAProcessOfItsOwn() throws Exception {
        var parts = SvgPiece.read(
                "<svg xmlns='http://www.w3.org/2000/svg' width='10' height='10'><rect width='10' height='5'/></svg>"
                        .getBytes(StandardCharsets.UTF_8),
                Length.ofMm(1000),
                Length.ofMm(10),
                Progress.NONE);
        assertThat(around(parts)).isEqualTo(new Box(0, 0, 1000, 500));
    }

    @Test
    void ownPiecesAreKeptInAFile(@TempDir Path folder) throws IOException {
        var file = folder.resolve("mine.json");
        var bench = TestOwn.piece("Bench", TestOwn.part(TestOwn.box(0, 0, 900, 400), 0, 450));
        var shelf = TestOwn.piece("Shelf", TestOwn.part(TestOwn.box(0, 0, 900, 200), 0, 20));
        KeptFile.PIECES.write(file, List.of(bench, shelf));
        assertThat(KeptFile.PIECES.read(file)).containsExactly(bench, shelf);
        assertThat(KeptFile.PIECES.with(List.of(bench, shelf), bench.withMeasured("Here")))
                .extracting(OwnPiece::measured)
                .containsExactly("", "Here");
        Files.writeString(file, "[{\"name\": \"Bench\"}]");
        assertThatThrownBy(() -> KeptFile.PIECES.read(file)).hasMessageContaining("holds no own pieces");
    }
}
