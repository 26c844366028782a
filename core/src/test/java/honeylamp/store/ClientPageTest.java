package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Mark;
import honeylamp.edit.PlanEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ReviewEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.SchemeEdits;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.output.Progress;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.Review.State;
import honeylamp.plan.Roof;
import honeylamp.plan.View;
import honeylamp.units.Length;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIf;
import org.junit.jupiter.api.io.TempDir;

/** The client page of the demo in a real browser, as its reader uses it; where there is none these tests are left out. */
@EnabledIf("hasBrowser")
class ClientPageTest {
    @TempDir
    static Path folder;

    private static Browser browser;
    private static Path page;

    static boolean hasBrowser() {
        return Browser.installed().isPresent();
    }

    @BeforeAll
    static void written() throws Exception {
        page = folder.resolve("client.html");
        ClientPage.write(PlanDocument.of(QuillbackLane.plan()), page, Progress.NONE);
        browser = Browser.start(Browser.installed().orElseThrow(), folder.resolve("profile"), 1280, 800);
        browser.ask("Browser.setDownloadBehavior", Map.of("behavior", "allow", "downloadPath", folder.toString()));
    }

    @AfterAll
    static void closed() throws Exception {
        browser.close();
    }

    @BeforeEach
    void opened() throws Exception {
        browser.open(page, "document.querySelector('.sheet.shown') && document.readyState === 'complete'");
    }

    private static String text(String id) throws Exception {
        return browser.value("document.getElementById('" + id + "').textContent")
                .asString();
    }

    private static void press(String id) throws Exception {
        browser.value("document.getElementById('" + id + "').click()");
    }

    /** Where a point of the plan of the page shown lies in the window; the plan's units are mm. */
    private static double[] at(double planX, double planY) throws Exception {
        var said = browser.value("(() => { const d = JSON.parse(document.getElementById('data').textContent)[0];"
                + "const i = [...document.querySelectorAll('.sheet')].findIndex(s => s.classList.contains('shown'));"
                + "const p = d.pages[i], v = p.views[0];"
                + "const box = document.querySelector('.sheet.shown .paper').getBoundingClientRect();"
                + "const x = v.originX + " + planX + " / v.scale, y = v.originY - " + planY + " / v.scale;"
                + "return [box.left + x / p.widthMm * box.width, box.top + y / p.heightMm * box.height]; })()");
        return new double[] {said.get(0).asDouble(), said.get(1).asDouble()};
    }

    @Test
    void itIsOneSmallFileThatAsksForNothing() throws Exception {
        var html = Files.readString(page);
        assertThat(Files.size(page)).isLessThan(5_000_000);
        assertThat(html).contains("default-src 'none'").doesNotContain("unsafe");
        assertThat(html.replaceAll("http://www\\.w3\\.org/2000/svg", ""))
                .doesNotContain("http:")
                .doesNotContain("https:");
        // neither script nor style was turned away by the policy
        assertThat(browser.value("getComputedStyle(document.querySelector('header')).display")
                        .asString())
                .isEqualTo("flex");
        assertThat(browser.value("document.fonts.size").asInt()).isGreaterThan(1);
    }

    @Test
    void storeysAreTurnedToAndFurnitureIsFlipped() throws Exception {
        assertThat(text("rooms")).contains("Tea room").doesNotContain("Bedroom");
        press("tab-1");
        assertThat(text("rooms")).contains("Bedroom");
        var seen = "[...document.querySelectorAll('.sheet.shown .furnished')]"
                + ".filter(g => getComputedStyle(g).display !== 'none').length";
        assertThat(browser.value(seen).asInt()).isPositive();
        browser.key("f", "KeyF");
        assertThat(browser.value(seen).asInt()).isZero();
        assertThat(browser.value("document.getElementById('bare').getAttribute('aria-pressed')")
                        .asString())
                .isEqualTo("true");
    }

    @Test
    void schemesAreFlippedAtTheSamePlaceAndOneIsChosen() throws Exception {
        var plan = QuillbackLane.plan();
        var inA = SchemeEdits.add(plan, "Fewer tables", Optional.empty()).orThrow();
        var storey = inA.storeys().getFirst();
        var fewer = inA.withStorey(
                storey.id(),
                s -> s.with(
                        Furnishing.class,
                        s.furnishings().subList(2, s.furnishings().size())));
        var paged =
                SchemeEdits.pages(fewer, fewer.presentation().views().getFirst().id());
        var file = folder.resolve("schemes.html");
        ClientPage.write(PlanDocument.of(paged), file, Progress.NONE);
        browser.open(file, "document.querySelector('.sheet.shown') && document.readyState === 'complete'");
        assertThat(browser.value("document.getElementById('flip').hidden").asBoolean())
                .isTrue();
        press("tab-1");
        assertThat(text("scheme")).isEqualTo("As drawn");
        browser.wheel(500, 400, -400);
        var was = at(3000, 3000);
        var pieces = "document.querySelectorAll('.sheet.shown .piece').length";
        var before = browser.value(pieces).asInt();
        browser.key("s", "KeyS");
        assertThat(text("scheme")).isEqualTo("Fewer tables");
        assertThat(browser.value(pieces).asInt()).isEqualTo(before - 2);
        assertThat(at(3000, 3000)[0]).isCloseTo(was[0], within(1.0));
        press("choose");
        assertThat(text("choose")).isEqualTo("Chosen: take back");
        var json = browser.value("decodeURIComponent(document.getElementById('mail').href.split('body=')[1])")
                .asString();
        var back = Files.writeString(folder.resolve("chosen.json"), json);
        assertThat(RemarkFile.read(back, paged))
                .isInstanceOfSatisfying(
                        RemarkFile.Result.Good.class,
                        good -> assertThat(good.remarks())
                                .singleElement()
                                .satisfies(r -> assertThat(r.words()).isEqualTo("Chosen: Fewer tables")));
        browser.key("s", "KeyS");
        assertThat(text("scheme")).isEqualTo("As drawn"); // round and round
        assertThat(text("choose")).isEqualTo("I choose this one");
    }

    /** The same view in two looks, each on a page of its own; a third page is left out. */
    @Test
    void looksAreFlippedAtTheSamePlaceAndPagesAreLeftOut() throws Exception {
        var plan = QuillbackLane.plan();
        var first = plan.presentation().views().getFirst().id();
        var copied = ViewEdits.copy(plan, first);
        var inked = ViewEdits.look(copied.plan(), copied.id(), Reach.THIS, _ -> Looks.INK);
        var ids = inked.presentation().pages().stream().map(Page::id).toList();
        assertThat(ids).hasSize(3);
        var file = folder.resolve("looks.html");
        var left = ids.getLast();
        ClientPage.write(PlanDocument.of(inked), id -> !id.equals(left), file, Progress.NONE);
        browser.open(file, "document.querySelector('.sheet.shown') && document.readyState === 'complete'");
        assertThat(browser.value("document.querySelectorAll('.sheet').length").asInt())
                .isEqualTo(2);
        assertThat(browser.value("document.getElementById('look').hidden").asBoolean())
                .isFalse();
        assertThat(browser.value("document.getElementById('flip').hidden").asBoolean())
                .isTrue();
        browser.wheel(500, 400, -400);
        var was = at(3000, 3000);
        browser.key("l", "KeyL");
        assertThat(browser.value("document.querySelector('.sheet.shown').id").asString())
                .isEqualTo("sheet-1");
        assertThat(text("said")).isEqualTo(Looks.INK.name());
        assertThat(at(3000, 3000)[0]).isCloseTo(was[0], within(1.0));
        press("look");
        assertThat(browser.value("document.querySelector('.sheet.shown').id").asString())
                .isEqualTo("sheet-0");
    }

    @Test
    void theWheelBringsItNearerWhereThePointerIs() throws Exception {
        var was = at(3000, 3000);
        browser.wheel(was[0], was[1], -400);
        browser.until("document.querySelector('.sheet.shown').style.transform.includes('scale')");
        var now = at(3000, 3000);
        assertThat(now[0]).isCloseTo(was[0], within(1.0));
        assertThat(now[1]).isCloseTo(was[1], within(1.0));
        var far = at(6000, 3000);
        browser.drag(300, 400, 360, 430);
        var dragged = at(6000, 3000);
        assertThat(dragged[0] - far[0]).isCloseTo(60, within(1.0));
        assertThat(dragged[1] - far[1]).isCloseTo(30, within(1.0));
    }

    /** Two taps 6,096 mm apart in the plan are 20 feet. */
    @Test
    void aLengthIsMeasured() throws Exception {
        press("measure");
        var from = at(1000, 2000);
        var to = at(1000 + 6096, 2000);
        browser.click(from[0], from[1]);
        browser.until("document.getElementById('said').textContent.startsWith('And')");
        browser.click(to[0], to[1]);
        browser.until("document.getElementById('said').textContent.includes(' m (')");
        var metres = Double.parseDouble(text("said").split(" ")[0]);
        assertThat(metres).isCloseTo(6.096, within(0.08)); // a pixel is some 25 mm here
        assertThat(text("said")).containsAnyOf("20\u2032 0", "19\u2032 11", "20\u2032 1", "20\u2032 2", "19\u2032 10");
    }

    @Test
    void aRoomTellsItsSizeToTheKeyboardToo() throws Exception {
        browser.value("document.querySelector('.spot.room').focus()");
        assertThat(text("said")).contains("Tea room: 44.95 m\u00b2", "483.9 ft\u00b2");
        assertThat(browser.value("document.querySelector('.spot.room').getAttribute('aria-label')")
                        .asString())
                .contains("Tea room");
        var unnamed = "[...document.querySelectorAll('button')].filter(b => !b.textContent.trim()).length";
        assertThat(browser.value(unnamed).asInt()).isZero();
    }

    @Test
    void aRemarkIsPinnedThePageApprovedAndTheFileReadBack() throws Exception {
        browser.value("document.getElementById('reader').focus()");
        browser.type("Isolde Marrable");
        press("approve");
        assertThat(text("approve")).contains("take back");
        browser.value("document.getElementById('desk').focus()");
        browser.key("r", "KeyR");
        var spot = at(2500, 2000);
        browser.click(spot[0], spot[1]);
        browser.until("document.getElementById('ask').open");
        browser.type("Could the door open <b>outward</b>?");
        press("pin");
        browser.until("document.querySelectorAll('.pin').length === 1");
        assertThat(text("remarks")).contains("<b>outward</b>"); // as words, not as markup
        press("save");
        var file = folder.resolve("quillback-lane-remarks.json");
        for (var i = 0; i < 200 && !Files.exists(file); i++) {
            Thread.sleep(50);
        }
        var plan = QuillbackLane.plan();
        var read = (RemarkFile.Result.Good) RemarkFile.read(file, plan);
        assertThat(read.remarks()).hasSize(1);
        var remark = read.remarks().getFirst();
        assertThat(remark.words()).isEqualTo("Could the door open <b>outward</b>?");
        assertThat(remark.by()).isEqualTo("Isolde Marrable");
        assertThat(remark.at().x().mm()).isCloseTo(2500, within(60.0));
        assertThat(remark.at().y().mm()).isCloseTo(2000, within(60.0));
        assertThat(remark.storey()).contains(plan.storeys().getFirst().id());

        var taken = ReviewEdits.take(plan, read.remarks(), read.approvals()).orThrow();
        assertThat(stamp(taken)).contains("Approved by Isolde Marrable on " + remark.on());
        var storey = taken.storeys().getFirst().id();
        var tea = LaidPlan.of(taken).on(storey).geometry().rooms().getFirst();
        var renamed = RoomEdits.name(taken, storey, tea, "Cake room");
        assertThat(stamp(renamed))
                .as("what was agreed to is no longer what is drawn")
                .isEmpty();
        assertThat(stamp(ReviewEdits.state(taken, 1, State.DONE))).isNotEmpty();
    }

    /** The plan lies a quarter turned on its page: what is pinned on a table is pinned there in the plan. */
    @Test
    void aRemarkOnATurnedPlanLiesWhereItWasPinned() throws Exception {
        var turned = folder.resolve("turned.html");
        var plan = PlanEdits.named(QuillbackLane.plan(), "Turned");
        var first = plan.presentation().views().getFirst().id();
        ClientPage.write(PlanDocument.of(ViewEdits.turn(plan, first, Reach.THIS, 90)), turned, Progress.NONE);
        browser.open(turned, "document.querySelector('.sheet.shown') && document.title === 'Turned'");
        press("remark");
        // 2,500 east and 2,000 north are, a quarter turned, 2,000 to the left and 2,500 up
        var spot = at(-2000, 2500);
        browser.click(spot[0], spot[1]);
        browser.until("document.getElementById('ask').open");
        browser.type("Here");
        press("pin");
        browser.until("document.querySelectorAll('.pin').length === 1");
        press("save");
        var file = folder.resolve("turned-remarks.json");
        for (var i = 0; i < 200 && !Files.exists(file); i++) {
            Thread.sleep(50);
        }
        var at = ((RemarkFile.Result.Good) RemarkFile.read(file, plan))
                .remarks()
                .getFirst()
                .at();
        assertThat(at.x().mm()).isCloseTo(2500, within(80.0));
        assertThat(at.y().mm()).isCloseTo(2000, within(80.0));
    }

    /** Soft light is not drawn for the digest of what was agreed to: what it follows from is in it all the same. */
    @Test
    void whoAgreesToSoftLightAgreesToItsLampsToo() throws Exception {
        var room = TestPlans.clearRectangle(4000, 3000);
        var raised = ViewEdits.raised(
                room,
                room.presentation().views().getFirst().id(),
                new Raised.WholeStorey(
                        TestPlans.storey(room), Length.ofMm(1200), new Raised.Eye(Raised.Rays.PARALLEL, 30, 36)),
                "Raised");
        var view = raised.plan().presentation().views().getLast().id();
        var soft = ViewEdits.lit(raised.plan(), view, View.Lit.TRACED);
        var lamp = new Fitting.Ceiling(Position.ofMm(2000, 1500), Optional.empty());
        assertThat(digest(soft)).isNotEqualTo(digest(raised.plan())).isEqualTo(digest(soft));
        assertThat(digest(TestPlans.fitted(soft, FittingKind.CEILING_LIGHT, lamp)))
                .isNotEqualTo(digest(soft));
        assertThat(digest(TestPlans.fitted(raised.plan(), FittingKind.CEILING_LIGHT, lamp)))
                .as("in drawn shade no lamp is seen")
                .isEqualTo(digest(raised.plan()));
    }

    private static String digest(Plan plan) throws IOException {
        var page = LaidPlan.of(plan).pages().getLast();
        return ClientPage.digest(page, new PagePictures().agreed(page, Map.of()));
    }

    private static String stamp(Plan plan) {
        var page = LaidPlan.of(plan).pages().getFirst();
        var drawn = new PagePictures().printed(page, Map.of());
        return Mark.words(drawn.drawing().layers().stream()
                        .flatMap(l -> l.marks().stream())
                        .toList())
                .map(Mark.Text::text)
                .filter(t -> t.startsWith("Approved"))
                .findFirst()
                .orElse("");
    }

    /** With a raised view on a page the building is there to be turned, lifted apart and looked at from near. */
    @Test
    void theBuildingIsTurned() throws Exception {
        assertThat(browser.value("document.getElementById('turn').hidden").asBoolean())
                .as("no page shows anything raised")
                .isTrue();
        var plan = QuillbackLane.plan();
        var like = plan.presentation().views().getFirst().id();
        var eye = new Raised.Eye(Raised.Rays.PARALLEL, 30, 36);
        var ground = plan.storeys().getFirst().id();
        var raised = ViewEdits.raised(plan, like, new Raised.Building(ground, Length.ofMm(2500), eye), "Raised")
                .plan();
        raised = StoreyEdits.roof(raised, plan.storeys().getLast().id(), Optional.of(Roof.of(Roof.Form.GABLE)))
                .orThrow();
        var there = folder.resolve("raised.html");
        ClientPage.write(PlanDocument.of(raised), there, Progress.NONE);
        assertThat(Files.size(there)).isLessThan(6_000_000);
        browser.open(there, "document.querySelector('.sheet.shown') && document.readyState === 'complete'");
        assertThat(browser.value("document.getElementById('turn').hidden").asBoolean())
                .isFalse();
        press("turn");
        var first = picture();
        assertThat(first.colours()).as("surfaces in their colours").isGreaterThan(40);
        assertThat(first.share()).isBetween(0.1, 0.9);
        browser.value("document.getElementById('raised-picture').dispatchEvent("
                + "new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }))");
        var turned = picture();
        assertThat(turned.digest()).isNotEqualTo(first.digest());
        browser.value("(() => { const f = document.getElementById('raised-apart'); f.value = 3;"
                + "f.dispatchEvent(new Event('input')); })()");
        assertThat(picture().digest()).as("storeys are lifted apart").isNotEqualTo(turned.digest());
        press("raised-close");
        assertThat(browser.value("document.getElementById('raised').open").asBoolean())
                .isFalse();
    }

    private record Turned(long digest, int colours, double share) {}

    /** What the canvas shows once it is drawn. */
    private static Turned picture() throws Exception {
        browser.value("new Promise(done => requestAnimationFrame(() => requestAnimationFrame(() => done(1))))");
        var said = browser.value("(() => { const c = document.getElementById('raised-picture');"
                + "const d = new Uint32Array(c.getContext('2d').getImageData(0, 0, c.width, c.height).data.buffer);"
                + "let h = 7, n = 0; const seen = new Set();"
                + "for (const v of d) { h = (h * 31 + v) | 0; if (v) { n++; seen.add(v); } }"
                + "return [h, seen.size, n / d.length]; })()");
        return new Turned(said.get(0).asLong(), said.get(1).asInt(), said.get(2).asDouble());
    }

    @Test
    void itFitsAPhone() throws Exception {
        browser.ask(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", 390, "height", 800, "deviceScaleFactor", 2, "mobile", true));
        browser.open(page, "document.querySelector('.sheet.shown') && document.readyState === 'complete'");
        assertThat(browser.value("document.documentElement.scrollWidth").asInt())
                .isLessThanOrEqualTo(390);
        assertThat(browser.value("document.getElementById('desk').clientHeight").asInt())
                .isGreaterThan(250);
        browser.ask("Emulation.clearDeviceMetricsOverride", Map.of());
    }

    @Test
    void namesInThePlanAreWordsAndNothingElse() throws Exception {
        var odd = folder.resolve("odd.html");
        var name = "</script><script>document.title='gone'</script><img src=x onerror=alert(1)>";
        ClientPage.write(PlanDocument.of(PlanEdits.named(QuillbackLane.plan(), name)), odd, Progress.NONE);
        browser.open(odd, "document.querySelector('.sheet.shown') && document.readyState === 'complete'");
        assertThat(browser.value("document.querySelector('h1').textContent").asString())
                .isEqualTo(name);
        assertThat(browser.value("document.title").asString()).isEqualTo(name);
        assertThat(browser.value("document.querySelectorAll('h1 img').length").asInt())
                .isZero();
    }
}
