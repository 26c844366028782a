package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.Looks;
import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.plan.Role;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import java.io.IOException;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The demo sheets in every look that ships: all their words are read, and each look shows floors in its way. */
class LooksReadTest {
    private static final double LEAST_CONTRAST = 7;
    private static final double MOST_SPREAD = 0.06;

    /** Words lie where they lie whatever the shade; its resolution changes what is under them by less than is measured. */
    private static final double SHADE_PX_PER_MM = Illustration.SCREEN_SHADE_PX_PER_MM;

    private static List<Look> all() {
        return Looks.all();
    }

    private static List<LaidPage> pages(Plan plan, Look look) {
        var view = plan.presentation().views().getFirst().id();
        return LaidPlan.of(ViewEdits.look(plan, view, Reach.ALL, _ -> look)).pages();
    }

    private static LaidPage page(Look look) {
        return pages(SailclothYard.plan(), look).getFirst();
    }

    private static ComposedPage composed(Look look) {
        return SheetComposer.compose(page(look), Lamp.COLOUR, SHADE_PX_PER_MM);
    }

    private static List<String> words(ComposedPage page) {
        return page.drawing().layers().stream()
                .flatMap(l -> Mark.words(l.marks()).map(Mark.Text::text))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyWordIsReadInEveryLook(Look look) throws IOException {
        var read = Stream.of(SailclothYard.plan(), QuillbackLane.plan(), BoatShed.plan())
                .flatMap(plan -> pages(plan, look).stream())
                .flatMap(page -> legibility(page).stream())
                .toList();
        assertThat(read).hasSizeGreaterThan(240).allSatisfy(w -> {
            assertThat(w.contrast()).as(w.text()).isGreaterThanOrEqualTo(LEAST_CONTRAST);
            assertThat(w.spread()).as(w.text()).isLessThanOrEqualTo(MOST_SPREAD);
        });
    }

    private static List<Legibility.Word> legibility(LaidPage page) {
        return Legibility.of(SheetComposer.compose(page, Lamp.LIT, SHADE_PX_PER_MM));
    }

    /** The inks of the fills of a layer, those within clips too. */
    private static Stream<Integer> fills(Collection<Mark> marks) {
        return marks.stream().flatMap(m -> switch (m) {
            case Mark.Fill(var _, var ink) -> Stream.of(ink.rgb());
            case Mark.Clip clip -> fills(clip.inside());
            case Mark.Stroke _, Mark.Text _, Mark.Haloed _, Mark.Shaded _, Mark.Image _, Mark.Picture _ ->
                Stream.<Integer>empty();
        });
    }

    private static List<Integer> floors(Look look) {
        return composed(look).drawing().layers().stream()
                .filter(l -> l.kind() == LayerKind.FLOOR)
                .flatMap(l -> fills(l.marks()))
                .distinct()
                .toList();
    }

    @Test
    void inInkAFloorIsPaperAndJoints() {
        var palette = Looks.INK.palette();
        assertThat(floors(Looks.INK))
                .containsOnly(
                        palette.of(Role.PAPER).argb() & 0xffffff,
                        palette.of(Role.INK).argb() & 0xffffff);
    }

    /** Seven rooms of seven uses in the demo, the bedrooms alike; the key of the sheet names uses in place of finishes. */
    @Test
    void byUseEveryRoomHasTheWashOfItsUseAndTheKeyNamesThem() {
        var look = Looks.USE_COLOURS;
        var washes = Stream.of(
                        Role.LIVING_FLOOR,
                        Role.KITCHEN_FLOOR,
                        Role.BEDROOM_FLOOR,
                        Role.BATH_FLOOR,
                        Role.WORK_FLOOR,
                        Role.PASSAGE_FLOOR,
                        Role.SERVICE_FLOOR)
                .map(r -> look.palette().of(r).argb() & 0xffffff)
                .toList();
        assertThat(floors(look)).containsExactlyInAnyOrderElementsOf(washes);
        assertThat(words(composed(look)))
                .contains("Uses of rooms", "Living", "Kitchen", "Bath", "Passage")
                .doesNotContain("Finishes", "Herringbone, oak");
        assertThat(words(composed(Looks.LISTING))).contains("Finishes").doesNotContain("Uses of rooms");
    }

    @Test
    void greysAreGreyAndAtNightFloorsAreDarkAndBlue() {
        assertThat(floors(Looks.ONE_ACCENT))
                .allSatisfy(rgb -> assertThat(Oklch.ofRgb(rgb).chroma()).isLessThan(0.02));
        assertThat(floors(Looks.NIGHT_DRAWING)).allSatisfy(rgb -> {
            assertThat(Oklch.ofRgb(rgb).lightness()).isLessThan(0.5);
            assertThat(Oklch.ofRgb(rgb).hueDeg()).isBetween(235.0, 285.0);
        });
    }
}
