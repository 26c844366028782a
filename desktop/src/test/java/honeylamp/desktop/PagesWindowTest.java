package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.Looks;
import honeylamp.catalogue.NewPlan;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.RoomNames;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.HeldLook;
import honeylamp.plan.Lettering;
import honeylamp.plan.LineRole;
import honeylamp.plan.NoteForm;
import honeylamp.plan.Page;
import honeylamp.plan.Page.LaidPicture;
import honeylamp.plan.Plan;
import honeylamp.plan.Role;
import honeylamp.plan.Sheet;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.TextRole;
import honeylamp.plan.TypeFamily;
import honeylamp.plan.View;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.UnitSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Slider;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;

/** Views and pages by the trays: made, changed for one or for all, ordered, taken away, saved and printed. */
class PagesWindowTest {
    @TempDir
    private Path folder;

    private static WindowDriver house() throws Exception {
        return WindowDriver.with(PlanDocument.of(QuillbackLane.plan()));
    }

    private static View view(Plan plan, int number) {
        return plan.presentation().view(new ViewId(number)).orElseThrow();
    }

    private static ViewId worked(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.model().now().worked().view());
    }

    private static void choose(WindowDriver w, String menu, int item) throws Exception {
        MenuButton button = w.node(menu);
        WindowDriver.onScreen(() -> {
            button.getItems().get(item).fire();
            return null;
        });
        w.settle();
    }

    @Test
    void whoHasOneStoreyMeetsNoPages() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(NewPlan.in(UnitSystem.MM)))) {
            w.press("stage-sheet");
            assertThat(w.<Node>node("page-p1")).isNull();
            assertThat(w.<Node>node("reach-all")).isNull();
            w.press("stage-look");
            assertThat(w.<Node>node("reach-all")).isNull();
        }
    }

    @Test
    void aScaleWithoutRoomIsRefusedAndAPlanIsPutElsewhere() throws Exception {
        try (var w = house()) {
            w.press("stage-sheet");
            w.press("scale-12");
            assertThat(w.message()).contains("does not fit").contains("does. Choose that");
            assertThat(w.plan().presentation().views().getFirst().scale()).isEmpty();
            var fits = w.plan().presentation().views().getFirst().id();
            w.press("scale-" + (int) w.model().now().frame().scale()); // the one it has
            assertThat(w.plan().presentation().view(fits).orElseThrow().scale()).isPresent();
            var sheet = w.plan().presentation().pages().getFirst().sheet();
            w.press("paper-A4");
            assertThat(w.message()).contains("would not fit A4").contains("would. Choose that scale first");
            assertThat(w.plan().presentation().pages().getFirst().sheet()).isEqualTo(sheet);
            w.press("scale-filling");
            assertThat(w.plan().presentation().views().getFirst().isFilling()).isTrue();
            w.press("scale-auto");
            assertThat(w.plan().presentation().views().getFirst().isFilling()).isFalse();

            var was = w.model().now().frame();
            w.fill("nudge-right", "-12 mm");
            w.fill("nudge-down", "1/2\"");
            assertThat(w.plan().presentation().views().getFirst().nudge()).isEqualTo(new View.Nudge(-12, 12.7));
            assertThat(w.model().now().frame().originX() - was.originX()).isCloseTo(-12, within(1e-9));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.model().now().frame()).isEqualTo(was);

            w.drag(2500, 2000, 3500, 1500); // 1 m at the page's scale
            assertThat(w.plan().presentation().views().getFirst().nudge().rightMm())
                    .isCloseTo(1000 / was.scale(), within(0.3));
        }
    }

    @Test
    void theTitleBlockHasOwnFieldsADateAndThreeForms() throws Exception {
        try (var w = house()) {
            w.press("stage-sheet");
            w.fill("title-date", "1.12.2026");
            assertThat(page(w).sheet().title().date()).isEqualTo("1 December 2026");
            w.fill("title-date", "spring");
            assertThat(page(w).sheet().title().date()).isEqualTo("spring");
            w.fill("title-own-name", "Permit");
            w.fill("title-own-0", "WB 2041");
            assertThat(page(w).sheet().title().own()).containsExactly(new Sheet.OwnField("Permit", "WB 2041"));
            w.fill("title-own-name", "a name of far too many letters for a label");
            assertThat(w.message()).contains("at most 24 letters");
            w.press("block-line");
            assertThat(page(w).sheet().title().block()).isEqualTo(Sheet.Block.LINE);
            w.press("title-own-away-0");
            assertThat(page(w).sheet().title().own()).isEmpty();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(page(w).sheet().title().own()).hasSize(1);
        }
    }

    @Test
    void areasASquareAndASentenceGoOnThePageAndAgain() throws Exception {
        try (var w = house()) {
            w.press("stage-sheet");
            w.press("list-areas");
            w.press("list-square");
            w.press("sentence-guidance");
            assertThat(page(w).lists()).contains(Page.Listing.AREAS, Page.Listing.SQUARE);
            assertThat(page(w).notes()).contains("Measure before you order");
            w.press("sentence-guidance");
            assertThat(page(w).notes()).isEmpty();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(page(w).notes()).contains("Measure before you order");
        }
    }

    @Test
    void aNoteIsLaidOnThePageSetAndTakenAway() throws Exception {
        try (var w = house()) {
            w.press("stage-sheet");
            w.press("page-note");
            w.press("laid-note-edge-0");
            w.fill("laid-note-from-left-0", "5\"");
            var note = w.plan().presentation().pages().getFirst().boxes().getFirst();
            assertThat(note.leftMm()).isEqualTo(127);
            assertThat(note.form().edge()).isEqualTo(NoteForm.Edge.LINE);
            w.press("laid-note-away-0");
            assertThat(w.plan().presentation().pages().getFirst().boxes()).isEmpty();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().presentation().pages().getFirst().boxes()).containsExactly(note);
        }
    }

    @Test
    void anotherViewOfAStoreyIsShownInAnotherWayAndPrinted() throws Exception {
        try (var w = house()) {
            w.press("stage-sheet");
            w.press("view-copy");
            assertThat(worked(w)).isEqualTo(new ViewId(3));
            assertThat(w.plan().presentation().pages())
                    .extracting(Page::views)
                    .containsExactly(List.of(new ViewId(1)), List.of(new ViewId(3)), List.of(new ViewId(2)));
            w.press("reach-this");
            choose(w, "seen-furniture", Degree.HIDDEN.ordinal());
            choose(w, "seen-walls", Degree.FADED.ordinal());
            assertThat(view(w.plan(), 3).showing().of(Kind.FURNITURE)).isEqualTo(Degree.HIDDEN);
            assertThat(view(w.plan(), 1).showing().of(Kind.FURNITURE)).isEqualTo(Degree.SHOWN);
            w.fill("page-name", "Measured");
            w.press("way-Landscape");
            assertThat(w.plan()
                            .presentation()
                            .page(new PageId(3))
                            .orElseThrow()
                            .sheet()
                            .way())
                    .isEqualTo(Sheet.Way.LANDSCAPE);
            assertThat(WindowDriver.firstPage(w.plan()).page().sheet().way()).isEqualTo(Sheet.Way.PORTRAIT);
            TextArea notes = w.node("page-notes");
            WindowDriver.onScreen(() -> {
                notes.requestFocus();
                notes.setText("Check on site.");
                return null;
            });
            w.press("page-p2");
            assertThat(worked(w)).isEqualTo(new ViewId(2));
            w.press("page-p3");

            var pdf = folder.resolve("all.pdf");
            w.answers.sheet = Optional.of(pdf);
            w.press("export-all");
            try (var read = Loader.loadPDF(pdf.toFile())) {
                assertThat(read.getNumberOfPages()).isEqualTo(3);
                var second = new PDFTextStripper();
                second.setStartPage(2);
                second.setEndPage(2);
                assertThat(second.getText(read)).contains("Measured", "Check on site.");
            }

            var file = folder.resolve("house.honeylamp");
            w.answers.plan = Optional.of(file);
            w.key(KeyCode.CONTROL, KeyCode.S);
            var saved = ((PlanFile.Opened.Good) PlanFile.open(file)).document().plan();
            assertThat(saved).isEqualTo(w.plan());

            w.press("view-remove");
            assertThat(w.plan().presentation().pages()).hasSize(2);
            assertThat(worked(w)).isEqualTo(new ViewId(1)); // of the same storey
            for (var i = 0; i < 7; i++) {
                w.key(KeyCode.CONTROL, KeyCode.Z);
            }
            assertThat(w.plan().presentation()).isEqualTo(QuillbackLane.plan().presentation());
        }
    }

    @Test
    void bothStoreysOnOnePageAndThePagesInAnotherOrder() throws Exception {
        try (var w = house()) {
            w.press("stage-sheet");
            w.press("place-v2");
            assertThat(w.plan().presentation().pages().getFirst().views())
                    .containsExactly(new ViewId(1), new ViewId(2));
            assertThat(worked(w)).isEqualTo(new ViewId(1));
            w.press("page-later");
            assertThat(w.plan().presentation().pages())
                    .extracting(Page::id)
                    .containsExactly(new PageId(2), new PageId(1));
            w.press("page-later"); // it is the last one: refused in words
            assertThat(w.message()).contains("it is the last page");
            w.press("page-copy");
            assertThat(w.plan().presentation().pages()).hasSize(3);
            w.press("page-remove");
            assertThat(w.plan().presentation().pages()).hasSize(2);
            w.fill("margin-binding", "4 in");
            assertThat(w.message()).contains("60 mm");
            w.fill("margin-binding", "1/2 in");
            assertThat(WindowDriver.firstPage(w.plan()).page().sheet().margins().bindingMm())
                    .isEqualTo(12.7);
            w.picture();
        }
    }

    @Test
    void aViewGetsALookAndColoursOfItsOwn() throws Exception {
        try (var w = house()) {
            w.press("stage-look");
            w.press("reach-this");
            w.press("look-flat");
            assertThat(w.plan().presentation().looks())
                    .extracting(HeldLook::look)
                    .containsExactly(Looks.DAYLIGHT, Looks.FLAT);
            choose(w, "colour-role", Role.INK.ordinal());
            Slider hue = w.node("colour-hue");
            WindowDriver.onScreen(() -> {
                hue.setValue(250);
                return null;
            });
            w.settle();
            var flat = LaidPlan.of(w.plan()).view(new ViewId(1)).look();
            assertThat(flat.palette().of(Role.INK).hueDeg()).isEqualTo(250);
            w.press("colours-back");
            assertThat(LaidPlan.of(w.plan()).view(new ViewId(1)).look()).isEqualTo(Looks.FLAT);
            w.press("reach-all");
            w.press("look-late-sun");
            assertThat(w.plan().presentation().looks())
                    .extracting(HeldLook::look)
                    .containsExactly(Looks.LATE_SUN);
        }
    }

    @Test
    void aViewWhosePageWasTakenAwayIsPutOnOneAgain() throws Exception {
        try (var w = house()) {
            w.press("stage-sheet");
            w.press("page-remove");
            assertThat(w.plan().presentation().pages()).extracting(Page::id).containsExactly(new PageId(2));
            assertThat(w.<Node>node("paper-A4")).isNull(); // there is no page to change
            w.press("page-add");
            assertThat(w.plan().presentation().pages().getLast().views()).containsExactly(new ViewId(1));
            assertThat(w.<Node>node("paper-A4")).isNotNull();
        }
    }

    /** A fifth higher, but no capital below 2.5 mm; and numbers in a family of their own. */
    @Test
    void largePrintAndFamiliesOfTypeAreTheLooks() throws Exception {
        try (var w = house()) {
            w.press("stage-look");
            var before = WindowDriver.firstPage(w.plan()).look().drafting();
            w.press("type-large-print");
            var large = WindowDriver.firstPage(w.plan()).look().drafting();
            assertThat(large.capHeightsMm())
                    .allSatisfy((role, cap) ->
                            assertThat(cap).isCloseTo(Math.max(2.5, before.of(role) * 1.2), within(1e-9)));
            w.press("type-large-print"); // it is large print already
            assertThat(WindowDriver.firstPage(w.plan()).look().drafting()).isEqualTo(large);
            choose(w, "lettering-figures", TypeFamily.NARROW.ordinal());
            assertThat(WindowDriver.firstPage(w.plan())
                            .look()
                            .drafting()
                            .lettering()
                            .of(Lettering.Voice.FIGURES))
                    .isEqualTo(TypeFamily.NARROW);
            w.press("drafting-back");
            assertThat(WindowDriver.firstPage(w.plan()).look().drafting()).isEqualTo(before);
        }
    }

    @Test
    void pensAndTypeAreTheLooks() throws Exception {
        try (var w = house()) {
            w.press("stage-look");
            choose(w, "pen-role", LineRole.CUT_WALL.ordinal());
            Slider width = w.node("pen-width");
            WindowDriver.onScreen(() -> {
                width.setValue(0.8);
                return null;
            });
            w.settle();
            var look = WindowDriver.firstPage(w.plan()).look();
            assertThat(look.drafting().of(LineRole.CUT_WALL).largeMm()).isEqualTo(0.8);
            assertThat(look.drafting().of(LineRole.CUT_WALL).smallMm()).isCloseTo(0.56, within(1e-9));
            choose(w, "type-role", TextRole.ROOM_NAME.ordinal());
            w.press("type-larger");
            assertThat(WindowDriver.firstPage(w.plan()).look().drafting().of(TextRole.ROOM_NAME))
                    .isCloseTo(3.19, within(1e-9));
            Slider tone = w.node("tone-lightness");
            WindowDriver.onScreen(() -> {
                tone.setValue(0.55);
                return null;
            });
            w.settle();
            assertThat(WindowDriver.firstPage(w.plan()).look().tones().values())
                    .extracting(t -> t.lightness())
                    .containsExactly(0.55);
            w.press("tone-back");
            Slider hand = w.node("unsteady-hand");
            WindowDriver.onScreen(() -> {
                hand.setValue(0.3);
                return null;
            });
            w.settle();
            assertThat(WindowDriver.firstPage(w.plan()).look().drafting().unsteadyMm())
                    .isEqualTo(0.3);
            w.press("drafting-back");
            assertThat(w.plan().presentation()).isEqualTo(QuillbackLane.plan().presentation());
        }
    }

    @Test
    void aViewShowsAPartByADragByTypedSizesAndAllAgain() throws Exception {
        try (var w = house()) {
            w.press("stage-sheet");
            w.press("tool-show-a-part");
            w.press("reach-this");
            w.drag(500, 500, 6500, 5000);
            var crop = view(w.plan(), 1).crop().orElseThrow();
            assertThat(crop.to().x().minus(crop.from().x()).mm()).isCloseTo(6000, within(60.0));
            assertThat(view(w.plan(), 2).crop()).isEmpty();
            // 6 m are 250 mm at 1/2 inch to the foot: the view is laid on its page anew
            assertThat(WindowDriver.<Double>onScreen(
                            () -> w.model().now().frame().scale()))
                    .isEqualTo(24);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(view(w.plan(), 1).crop()).isEmpty();
            assertThat(WindowDriver.<Double>onScreen(
                            () -> w.model().now().frame().scale()))
                    .isGreaterThan(24);
            w.click(500, 500);
            w.focusPlan();
            w.write("10'");
            w.key(KeyCode.TAB);
            w.write("8'");
            w.key(KeyCode.ENTER);
            var typed = view(w.plan(), 1).crop().orElseThrow();
            assertThat(typed.to().x().minus(typed.from().x()).mm()).isEqualTo(3048);
            assertThat(typed.to().y().minus(typed.from().y()).mm()).isEqualTo(2438.4);
            w.picture();
            w.press("see-all");
            assertThat(w.plan()).isEqualTo(QuillbackLane.plan());
        }
    }

    @Test
    void aRoomsNameIsDraggedInOneViewAndGoesBack() throws Exception {
        try (var w = house()) {
            w.press("stage-labels");
            w.key(KeyCode.ESCAPE); // to the tool that picks
            var room = StoreyGeometry.of(w.plan(), w.plan().storeys().getFirst()).rooms().stream()
                    .filter(r -> r.name().equals("Tea room"))
                    .findFirst()
                    .orElseThrow();
            var id = room.mark().orElseThrow().id();
            var from = WindowDriver.onScreen(() -> nameOf(w, id));
            var to = from.plus(new Point(900, 700));
            w.drag(from.x(), from.y(), to.x(), to.y());
            var moved = view(w.plan(), 1).movedName(id).orElseThrow().point();
            assertThat(moved.distance(to)).isLessThan(60);
            assertThat(view(w.plan(), 2).moved()).isEmpty();
            assertThat(w.plan().storeys()).isEqualTo(QuillbackLane.plan().storeys()); // the plan itself is as it was
            w.focusPlan();
            w.key(KeyCode.DELETE);
            assertThat(w.plan()).isEqualTo(QuillbackLane.plan());
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(view(w.plan(), 1).movedName(id)).isPresent();
            w.press("names-back");
            assertThat(w.plan()).isEqualTo(QuillbackLane.plan());
        }
    }

    /** The middle of a name where it is written. */
    private static Point nameOf(WindowDriver w, RoomId id) {
        var frame = w.model().now().frame();
        return RoomNames.of(w.model().shown().view(), frame).names().stream()
                .filter(n -> n.room().equals(id))
                .findFirst()
                .orElseThrow()
                .middle(frame);
    }

    @Test
    void whatIsBeingTypedIsSavedToo() throws Exception {
        var file = folder.resolve("typed.honeylamp");
        try (var w = house()) {
            w.answers.plan = Optional.of(file);
            w.press("stage-sheet");
            TextArea notes = w.node("page-notes");
            WindowDriver.onScreen(() -> {
                notes.requestFocus();
                return null;
            });
            w.write("Door to ");
            w.move(3000, 3000); // the mouse over the plan takes no words away
            w.write("be kept.");
            w.key(KeyCode.CONTROL, KeyCode.S);
            assertThat(w.message()).contains("Saved as typed.honeylamp");
            assertThat(((PlanFile.Opened.Good) PlanFile.open(file))
                            .document()
                            .plan()
                            .presentation()
                            .pages())
                    .anyMatch(p -> p.notes().equals("Door to be kept."));
        }
    }

    /** The sheet shows the plan turned, and one draws in it as it was measured. */
    @Test
    void aPlanIsTurnedOnItsPageAndDrawnInAsItIs() throws Exception {
        try (var w = house()) {
            w.press("stage-walls");
            var drawn = WindowDriver.onScreen(() -> w.model().now().frame());
            w.press("stage-sheet");
            w.press("turn-left");
            assertThat(view(w.plan(), 1).turnDeg()).isEqualTo(90);
            assertThat(WindowDriver.<Double>onScreen(
                            () -> w.model().shown().view().view().turnDeg()))
                    .isEqualTo(90);
            assertThat(WindowDriver.onScreen(() -> w.model().now().frame())).isNotEqualTo(drawn);
            w.press("stage-walls");
            assertThat(WindowDriver.onScreen(() -> w.model().now().frame())).isEqualTo(drawn);
            w.focusPlan();
            w.key(KeyCode.ESCAPE); // takes up picking
            var wall = w.plan().storeys().getFirst().walls().getFirst();
            var middle = wall.line().middle();
            w.click(middle.x(), middle.y());
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection())).containsExactly(wall.id());
            w.press("stage-sheet");
            w.fill("view-turn", "one quarter");
            assertThat(w.message()).contains("is no angle");
            w.fill("view-turn", "12.5");
            assertThat(view(w.plan(), 1).turnDeg()).isEqualTo(12.5);
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().presentation()).isEqualTo(QuillbackLane.plan().presentation());
        }
    }

    /** Laid on the page from a file, typed wider, deleted by key, brought back, and printed. */
    @Test
    void aPictureIsLaidOnThePage() throws Exception {
        try (var w = house()) {
            w.press("stage-sheet");
            var image = new java.awt.image.BufferedImage(40, 20, java.awt.image.BufferedImage.TYPE_INT_RGB);
            var file = folder.resolve("mark.png");
            javax.imageio.ImageIO.write(image, "png", file.toFile());
            w.answers.picture = Optional.of(file);
            w.press("page-picture");
            w.settle();
            assertThat(pictures(w))
                    .singleElement()
                    .satisfies(p -> assertThat(p.widthMm()).isEqualTo(40));
            w.fill("picture-width-0", "1/2\"");
            assertThat(pictures(w).getFirst().widthMm()).isCloseTo(12.7, within(1e-9));
            w.fill("picture-left-0", "900\"");
            assertThat(w.message()).contains("would not lie on the paper");
            var box = pictures(w).getFirst().box().centre();
            var at = WindowDriver.onScreen(() -> w.model().now().frame().plan(box));
            w.click(at.x(), at.y());
            w.key(KeyCode.DELETE);
            assertThat(pictures(w)).isEmpty();
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(pictures(w)).hasSize(1);
            var pdf = folder.resolve("with-picture.pdf");
            w.answers.sheet = Optional.of(pdf);
            w.press("export");
            w.settle();
            try (var document = Loader.loadPDF(pdf.toFile())) {
                var resources = document.getPage(0).getResources();
                assertThat(resources.getXObjectNames()).isNotEmpty();
            }
        }
    }

    private static List<LaidPicture> pictures(WindowDriver w) throws Exception {
        return w.plan().presentation().pages().getFirst().pictures();
    }

    /** Large paper is chosen by its name, any other by its sides; lists stay listed, and what is no paper is told. */
    @Test
    void paperIsChosenByNameOrByItsSides() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-sheet");
            w.press("paper-A1");
            assertThat(page(w).sheet().paper()).isEqualTo(Sheet.Paper.A1);
            w.press("scale-125");
            assertThat(w.plan().presentation().views().getFirst().scale()).contains(125);
            w.fill("paper-across", "36 in");
            w.fill("paper-up", "24\"");
            assertThat(page(w).sheet().paper().label()).isEqualTo("Arch D");
            w.fill("paper-up", "1 m");
            assertThat(page(w).sheet().widthMm()).isEqualTo(914.4);
            assertThat(page(w).sheet().heightMm()).isEqualTo(1000);
            w.fill("paper-up", "12 mm");
            assertThat(w.message()).contains("from 130 to 2000 mm");
            assertThat(page(w).lists()).contains(Page.Listing.ROOMS);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(page(w).sheet().paper().label()).isEqualTo("Arch D");
        }
    }

    /** The same page for a screen: a JPEG with so many pixels along its longest side; a nonsense number is told. */
    @Test
    void aPictureIsExportedAsLargeAsItIsAsked() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-sheet");
            w.fill("picture-longest", "7");
            assertThat(w.message()).contains("from 50 to 20000 pixels");
            w.fill("picture-longest", "700");
            var file = Files.createTempDirectory("export").resolve("loft.jpg");
            w.answers.sheet = Optional.of(file);
            w.press("export");
            w.told("Exported to loft.jpg");
            var image = ImageIO.read(file.toFile());
            assertThat(image.getWidth()).isEqualTo(700);
            assertThat(image.getHeight()).isEqualTo(495); // 700 x 297 / 420

            w.press("cut-plan");
            w.press("backing-white");
            w.fill("picture-kb", "4");
            assertThat(w.message()).contains("from 10 to 100000 kB");
            w.fill("picture-kb", "60");
            w.press("export");
            w.told("Exported to loft.jpg");
            WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> Files.size(file) <= 60_000);
            var cut = ImageIO.read(file.toFile());
            assertThat(cut.getRGB(2, 2) & 0xf0f0f0).isEqualTo(0xf0f0f0);
            assertThat(cut.getHeight()).isGreaterThan(495 * cut.getWidth() / 700); // the column of lists is gone
        }
    }

    private static Page page(WindowDriver w) throws Exception {
        return w.plan().presentation().pages().getFirst();
    }
}
