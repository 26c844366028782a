package honeylamp.lettering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import honeylamp.drawing.ShippedLetters;
import honeylamp.drawing.ink.FontFile;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.geometry.Segment;
import honeylamp.lettering.WrittenLength.Agreement;
import honeylamp.tracing.Watch;
import honeylamp.underlay.InkPicture;
import honeylamp.underlay.TracedPicture;
import honeylamp.units.Length;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ReadingLettersTest {
    private static InkPicture ink(BufferedImage image) {
        return InkPicture.of(TracedPicture.of(image), Projective.IDENTITY, image.getWidth(), image.getHeight());
    }

    private static List<WrittenLength> lengths(BufferedImage image) {
        return WrittenLengths.read(ink(image), ShippedLetters.forms(), Watch.NONE)
                .orElseThrow();
    }

    private static BufferedImage sheet(Consumer<Graphics2D> drawing) {
        var image = new BufferedImage(1000, 600, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(new Color(250, 248, 242));
        g.fillRect(0, 0, 1000, 600);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.DARK_GRAY);
        drawing.accept(g);
        g.dispose();
        return image;
    }

    private static void write(Graphics2D g, String text, double x, double y, int size) {
        g.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, size));
        g.drawString(text, (float) x, (float) y);
    }

    private static void length(Graphics2D g, String text, double x, double y, double px) {
        g.draw(new Line2D.Double(x, y, x + px, y));
        g.draw(new Line2D.Double(x - 6, y + 6, x + 6, y - 6));
        g.draw(new Line2D.Double(x + px - 6, y + 6, x + px + 6, y - 6));
        write(g, text, x + px / 2 - 30, y - 6, 20);
    }

    private static List<String> texts(BufferedImage image) {
        return Lettering.read(ink(image), ShippedLetters.forms()).stream()
                .map(Written::text)
                .toList();
    }

    @ParameterizedTest
    @EnumSource(
            value = FontFile.class,
            names = {"OPEN_SANS_REGULAR", "ASAP_CONDENSED_MEDIUM", "PATRICK_HAND", "DEJAVU_SANS"})
    void nineOfTenCleanLengthsAreReadAndNoneWrongly(FontFile face) {
        var sheet = LengthSheet.of(face, 12, 24, 4711, false);
        var read = lengths(sheet.image);
        var right = 0;
        for (var length : sheet.lengths) {
            var at = new Point(length.x(), length.y());
            var own = read.stream()
                    .filter(r -> r.firstPx().towards(r.secondPx(), 0.5).distance(at) < 5)
                    .findFirst();
            right += own.isPresent() ? 1 : 0;
            own.ifPresent(r -> {
                assertThat(r.firstPx().distance(r.secondPx())).isCloseTo(length.px(), within(2.5));
                assertThat(r.length().mm()).isCloseTo(length.px() * LengthSheet.MM_PER_PX, within(10.0));
                assertThat(r.agreement()).isEqualTo(Agreement.AGREES);
            });
        }
        assertThat(right).isGreaterThan(9 * sheet.lengths.size() / 10);
        assertThat(read).hasSizeLessThanOrEqualTo(sheet.lengths.size());
    }

    @Test
    void spoiltLengthsAreMostlyReadAndTheScaleIsRight() {
        var sheet = LengthSheet.of(FontFile.OPEN_SANS_SEMIBOLD, 13, 24, 12, true);
        var agreeing = lengths(sheet.image).stream()
                .filter(l -> l.agreement() == Agreement.AGREES)
                .toList();
        assertThat(agreeing).hasSizeGreaterThan(sheet.lengths.size() / 2);
        assertThat(agreeing)
                .allSatisfy(l -> assertThat(l.length().mm() / l.firstPx().distance(l.secondPx()))
                        .isCloseTo(LengthSheet.MM_PER_PX, within(0.1)));
    }

    @Test
    void aLengthWrittenWrongDisagrees() {
        var read = lengths(sheet(g -> {
            length(g, "4.00", 100, 100, 400);
            length(g, "3.00", 100, 200, 300);
            length(g, "5.20", 100, 300, 500); // 5.00 by the scale of the others
        }));
        assertThat(read)
                .extracting(WrittenLength::text, WrittenLength::agreement)
                .containsExactlyInAnyOrder(
                        tuple("4.00", Agreement.AGREES),
                        tuple("3.00", Agreement.AGREES),
                        tuple("5.20", Agreement.DISAGREES));
    }

    @Test
    void oneLengthAloneGivesNoScaleAndTwoThatDifferNeither() {
        assertThat(lengths(sheet(g -> length(g, "4.00", 100, 100, 400))))
                .extracting(WrittenLength::agreement)
                .containsExactly(Agreement.ALONE);
        assertThat(lengths(sheet(g -> {
                    length(g, "4.00", 100, 100, 400);
                    length(g, "3.30", 100, 200, 300);
                })))
                .extracting(WrittenLength::agreement)
                .containsOnly(Agreement.ALONE);
    }

    @Test
    void figuresWithoutAPointAreMillimetresOrCentimetresAsThePictureIsLarge() {
        // 700 px of 1,000 are 7 m: 700 is cm; 7000 is mm
        assertThat(lengths(sheet(g -> {
                    length(g, "700", 100, 100, 700);
                    length(g, "300", 100, 200, 300);
                })))
                .extracting(l -> l.length().mm())
                .containsExactlyInAnyOrder(7000.0, 3000.0);
        assertThat(lengths(sheet(g -> {
                    length(g, "7000", 100, 100, 700);
                    length(g, "3000", 100, 200, 300);
                })))
                .extracting(l -> l.length().mm())
                .containsExactlyInAnyOrder(7000.0, 3000.0);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3.65|3650",
                "3.65 m|3650",
                "365 cm|3650",
                "12'-6\"|3810",
                "12'|3657.6",
                "30\"|762",
            })
    void whatFiguresMean(String text, double mm) {
        assertThat(LengthValues.of(text).stream().map(Length::ofMm)).containsExactly(Length.ofMm(mm));
    }

    @Test
    void whatIsNoLengthMeansNothing() {
        assertThat(Stream.of("Kitchen", "12'-13\"", "5", "1.2.3", "999999", "Room 2", "?")
                        .flatMap(t -> LengthValues.of(t).stream()))
                .isEmpty();
        assertThat(LengthValues.of("365")).containsExactly(365.0, 3650.0);
    }

    @Test
    void wordsAreReadWithTheirSpaces() {
        assertThat(texts(sheet(g -> {
                    write(g, "Kitchen", 200, 100, 24);
                    write(g, "23.7 m\u00b2", 200, 140, 24);
                    write(g, "BEDROOM 2", 500, 300, 24);
                })))
                .anySatisfy(t -> assertThat(name(t)).contains("Kitchen"))
                .anySatisfy(t -> assertThat(name(t)).contains("BEDROOM 2"))
                .anySatisfy(t -> assertThat(RoomWords.areaM2(written(t, 1))).contains(23.7));
    }

    @Test
    void aTableOfFurnitureAndNoiseHoldNoWords() {
        assertThat(texts(sheet(g -> {
                    for (var x = 100; x < 900; x += 60) {
                        g.drawRect(x, 200, 40, 25);
                        g.drawOval(x, 300, 30, 30);
                    }
                })))
                .noneMatch(t -> RoomWords.name(written(t, 1), USUAL).isPresent()
                        || !LengthValues.of(t).isEmpty());
    }

    private static final List<String> USUAL = List.of("Kitchen", "Living room", "Hall", "Bathroom");

    private static Written written(String text, double sure) {
        return new Written(text, new Segment(new Point(0, 0), new Point(10, 0)), 10, sure);
    }

    private static Optional<String> name(String text) {
        return RoomWords.name(written(text, 0.9), USUAL);
    }

    @Test
    void namesAreUsualOnesOrAsClearAsTheyAreWritten() {
        assertThat(name("KItchen")).contains("Kitchen");
        assertThat(name("LIvIng room")).contains("Living room");
        assertThat(name("HalI")).contains("Hall");
        assertThat(name("HaII")).contains("Hall");
        assertThat(name("HALL")).contains("HALL");
        assertThat(name("KITCHEN")).contains("KITCHEN");
        assertThat(name("Bathroam")).contains("Bathroom");
        assertThat(name("Snuggery")).contains("Snuggery");
        assertThat(RoomWords.name(written("Snuggery", 0.6), USUAL)).isEmpty();
        assertThat(name("12.5")).isEmpty();
        assertThat(name("Upper ?")).isEmpty();
    }

    @Test
    void aReadingThatIsEndedGivesNothing() {
        assertThat(WrittenLengths.read(ink(sheet(g -> {})), ShippedLetters.forms(), _ -> false))
                .isEmpty();
    }

    @Test
    void anEmptySheetHoldsNothing() {
        assertThat(lengths(sheet(g -> {}))).isEmpty();
        assertThat(texts(sheet(g -> {}))).isEmpty();
    }
}
