package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestOwn;
import honeylamp.TestPlans;
import honeylamp.derive.rooms.Room;
import honeylamp.drawing.Mark;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.SmallPicture;
import honeylamp.sheet.SheetComposer;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Small pictures of real things: made, kept, and seen on the shopping list. */
class SmallPicturesTest {
    private static byte[] png(int w, int h) throws IOException {
        var image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB);
        var g = image.createGraphics();
        g.setColor(new Color(200, 60, 40));
        g.fillRect(0, 0, w / 2, h); // the right half lets what is below through
        g.dispose();
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    @ParameterizedTest
    @CsvSource({"2400, 1200, 240, 120", "1000, 3000, 80, 240", "120, 90, 120, 90", "5000, 3, 240, 1", "1, 1, 1, 1"})
    void itKeepsItsProportionsAndIsNeverLarge(int w, int h, int wide, int high) throws IOException {
        var small = SmallPictures.of(png(w, h));
        assertThat(small.widthPx()).isEqualTo(wide);
        assertThat(small.heightPx()).isEqualTo(high);
        var image = ImageIO.read(new ByteArrayInputStream(small.bytes()));
        assertThat(image.getWidth()).isEqualTo(wide);
        if (wide > 40 && high > 40) {
            assertThat(new Color(image.getRGB(wide / 4, high / 2)).getRed()).isCloseTo(200, within(12));
            assertThat(new Color(image.getRGB(3 * wide / 4, high / 2)))
                    .satisfies(c ->
                            assertThat(c.getRed() + c.getGreen() + c.getBlue()).isGreaterThan(740));
        }
    }

    @Test
    void whatIsNoPictureIsRefused() {
        assertThatThrownBy(() -> SmallPictures.of("no picture".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(IOException.class);
        assertThatThrownBy(() -> new SmallPicture(10, 10, "not base 64!")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new SmallPicture(241, 10, "AAAA")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new SmallPicture(10, 10, "A".repeat(SmallPicture.MOST_TEXT + 4)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    private static Plan chair(Optional<SmallPicture> picture) {
        var room = TestPlans.clearRectangle(5000, 4000);
        Room there = TestPlans.geometry(room).rooms().getFirst();
        var named = RoomEdits.name(room, TestPlans.storey(room), there, "Parlour");
        var plan = TestPlans.with(named, "armchair", 800, 800, 900, 2000, 2000, 0);
        var ids = plan.storeys().getFirst().furnishings().stream()
                .map(Furnishing::id)
                .toList();
        var bought = FurnishingEdits.picture(plan, TestPlans.storey(plan), ids, picture);
        return PageEdits.toggle(bought, TestPlans.page(bought).page().id(), Reach.THIS, Page.Listing.SHOPPING);
    }

    private static List<Mark> marks(Plan plan) {
        return SheetComposer.compose(TestPlans.page(plan), Lamp.LIT, 1).drawing().layers().stream()
                .flatMap(l -> l.marks().stream())
                .toList();
    }

    /** In a box of 7 by 7.3 mm a picture twice as wide as high is 7 wide. */
    @Test
    void theShoppingListShowsTheRealThing() throws IOException {
        var marks = marks(chair(Optional.of(SmallPictures.of(png(400, 200)))));
        assertThat(marks)
                .filteredOn(Mark.Image.class::isInstance)
                .singleElement()
                .satisfies(m -> {
                    var where = ((Mark.Image) m).where();
                    assertThat(where.width()).isCloseTo(7, within(0.01));
                    assertThat(where.height()).isCloseTo(3.5, within(0.01));
                });
        assertThat(marks(chair(Optional.empty()))).noneMatch(Mark.Image.class::isInstance);
        // bytes that are no picture, as a damaged file may have them: the symbol is seen
        var bad = Base64.getEncoder().encodeToString("no picture".getBytes(StandardCharsets.UTF_8));
        assertThat(marks(chair(Optional.of(new SmallPicture(10, 10, bad))))).noneMatch(Mark.Image.class::isInstance);
    }

    @Test
    void itGoesWithAnOwnPieceIntoTheLibraryAndOlderLibrariesOpen(@TempDir Path folder) throws IOException {
        var own = TestOwn.piece("Bench", TestOwn.part(TestOwn.box(0, 0, 1200, 400), 0, 450));
        var seen = own.withBuying(own.buying().withPicture(Optional.of(SmallPictures.of(png(60, 60)))));
        var file = folder.resolve("own-pieces.json");
        KeptFile.PIECES.write(file, List.of(seen));
        assertThat(KeptFile.PIECES.read(file)).containsExactly(seen);
        KeptFile.PIECES.write(file, List.of(own));
        var older = Files.readString(file).replaceAll(",?\\s*\"picture\"\\s*:\\s*null", "");
        assertThat(older).doesNotContain("picture");
        Files.writeString(file, older);
        assertThat(KeptFile.PIECES.read(file)).containsExactly(own);
    }
}
