package honeylamp.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.NewPlan;
import honeylamp.demo.DemoFiles;
import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.edit.WallEdits;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Wall.BodySide;
import honeylamp.store.Journal;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.UnitSystem;
import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.InputStreamReader;
import java.io.PipedInputStream;
import java.io.PipedOutputStream;
import java.io.PrintStream;
import java.net.ConnectException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CommandLineTest {
    @TempDir
    private Path folder;

    private record Ran(int code, String out, String err) {}

    /** Runs a command with its streams caught. */
    private static Ran run(Object... arguments) {
        var out = new ByteArrayOutputStream();
        var err = new ByteArrayOutputStream();
        var keptOut = System.out;
        var keptErr = System.err;
        System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(err, true, StandardCharsets.UTF_8));
        try {
            var words = List.of(arguments).stream().map(String::valueOf).toArray(String[]::new);
            return new Ran(Main.run(words), out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
        } finally {
            System.setOut(keptOut);
            System.setErr(keptErr);
        }
    }

    private Path demo() throws Exception {
        var file = folder.resolve("demo.honeylamp");
        PlanFile.save(DemoFiles.document(), new byte[0], file);
        return file;
    }

    private Path saved(Plan plan) throws Exception {
        var file = folder.resolve("plan.honeylamp");
        PlanFile.save(PlanDocument.of(plan), new byte[0], file);
        return file;
    }

    @Test
    void aPlanBecomesAModelForOtherPrograms() throws Exception {
        var plan = folder.resolve("lane.honeylamp");
        PlanFile.save(PlanDocument.of(QuillbackLane.plan()), new byte[0], plan);
        var model = folder.resolve("lane.ifc");
        assertThat(run("model", plan, "-o", model).code()).isZero();
        assertThat(Files.readString(model)).startsWith("ISO-10303-21;").contains("IFCSPACE(");
        var wrong = run("model", plan, "-o", folder.resolve("lane.dat"));
        assertThat(wrong.code()).isEqualTo(2);
        assertThat(wrong.err()).contains("ends in neither .ifc nor .glb");
        var archive = folder.resolve("lane.pdf");
        assertThat(run("export", plan, "-o", archive, "--archive").code()).isZero();
        try (var pdf = Loader.loadPDF(archive.toFile())) {
            assertThat(new String(pdf.getDocumentCatalog().getMetadata().toByteArray(), StandardCharsets.UTF_8))
                    .contains("pdfaid");
        }
    }

    /** The script at the root names its verbs itself, so that its help comes without a build. */
    @Test
    void everyCommandIsAVerbOfTheScriptAndOfItsHelp() throws Exception {
        var script = Files.readString(Path.of("..", "honeylamp"));
        var help = script.substring(script.indexOf("<<'TEXT'"), script.indexOf("\nTEXT"));
        var verbs = List.of(script.lines()
                .filter(line -> line.contains("command_line \"$verb\""))
                .findFirst()
                .orElseThrow()
                .strip()
                .split("\\).*")[0]
                .split("\\|"));
        var commands = new picocli.CommandLine(new Main()).getSubcommands().keySet();
        assertThat(verbs).containsExactlyInAnyOrderElementsOf(commands);
        assertThat(commands).allSatisfy(command -> assertThat(help).contains("./honeylamp " + command + " "));
    }

    @Test
    void exportsInEveryFormat() throws Exception {
        var plan = demo();
        for (var name : List.of("a.pdf", "a.png", "a.jpg", "a.tiff", "a.svg")) {
            var file = folder.resolve(name);
            var ran = run("export", plan, "-o", file, "--dpi", "50");
            assertThat(ran.code).as(ran.err).isZero();
            assertThat(Files.size(file)).isGreaterThan(20_000);
        }
    }

    /** A page for each storey, each with its own rooms; only as PDF. */
    @Test
    void allPagesGoIntoOnePdf() throws Exception {
        var plan = folder.resolve("lane.honeylamp");
        PlanFile.save(PlanDocument.of(QuillbackLane.plan()), new byte[0], plan);
        var file = folder.resolve("all.pdf");
        var ran = run("export", plan, "-o", file, "--page", "all");
        assertThat(ran.code).as(ran.err).isZero();
        try (var pdf = Loader.loadPDF(file.toFile())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            for (var i = 0; i < 2; i++) {
                var words = new PDFTextStripper();
                words.setStartPage(i + 1);
                words.setEndPage(i + 1);
                var text = words.getText(pdf);
                for (var room : QuillbackLane.plan().storeys().get(i).rooms()) {
                    assertThat(text).containsIgnoringCase(room.name().split(" ")[0]); // labels are in capitals
                }
            }
        }
        var png = run("export", plan, "-o", folder.resolve("all.png"), "--page", "all");
        assertThat(png.code).isEqualTo(2);
        assertThat(png.err).contains("only as PDF");
        assertThat(run("export", plan, "-o", file, "--page", "some").err).contains("no page some");
    }

    @Test
    void saysWhatIsWrongWithAnExport() throws Exception {
        var plan = demo();
        assertThat(run("export", plan, "-o", folder.resolve("a.doc")).err)
                .contains(".pdf, .png, .jpg, .webp, .tif and .svg");
        var page = run("export", plan, "-o", folder.resolve("a.pdf"), "--page", "3");
        assertThat(page.code).isEqualTo(2);
        assertThat(page.err).contains("no page 3");
        var dpi = run("export", plan, "-o", folder.resolve("a.png"), "--dpi", "9000");
        assertThat(dpi.code).isEqualTo(2);
        assertThat(dpi.err).contains("choose at most 880 dpi");
        assertThat(folder.resolve("a.png")).doesNotExist();
        var clear = run("export", plan, "-o", folder.resolve("a.jpg"), "--clear");
        assertThat(clear.code).isEqualTo(2);
        assertThat(clear.err).contains("A JPEG lies always on paper");
        var tiny = run("export", plan, "-o", folder.resolve("a.jpg"), "--longest", "5");
        assertThat(tiny.code).isEqualTo(2);
        assertThat(tiny.err).contains("longest side");
        assertThat(folder.resolve("a.jpg")).doesNotExist();
    }

    @Test
    void aPictureIsAsLongAsItIsAsked() throws Exception {
        var file = folder.resolve("small.jpeg");
        var ran = run("export", demo(), "-o", file, "--longest", "640");
        assertThat(ran.code).as(ran.err).isZero();
        assertThat(ImageIO.read(file.toFile()).getWidth()).isEqualTo(640);
    }

    /** For a portal: only the plan, on white, not more than it takes. */
    @Test
    void aPictureOfOnlyThePlanOnWhiteWeighsNoMoreThanIsAsked() throws Exception {
        var file = folder.resolve("portal.jpg");
        var ran = run("export", demo(), "-o", file, "--longest", "1200", "--white", "--plan-only", "--most-kb", "200");
        assertThat(ran.code).as(ran.err).isZero();
        assertThat(Files.size(file)).isBetween(50_000L, 200_000L);
        var image = ImageIO.read(file.toFile());
        assertThat(image.getRGB(2, 2) & 0xf0f0f0).isEqualTo(0xf0f0f0);
        assertThat(image.getWidth() / (double) image.getHeight()).isNotCloseTo(420.0 / 297, within(0.05));
        assertThat(run("export", demo(), "-o", file, "--most-kb", "3").err).contains("kB of a picture");
    }

    /** A folder of plans, each into a folder of its own; what is not a plan, and a recipe that is not there, are told. */
    @Test
    void packsAFolderOfPlansByARecipe() throws Exception {
        var plans = Files.createDirectory(folder.resolve("plans"));
        Files.copy(demo(), plans.resolve("one.honeylamp"));
        Files.writeString(plans.resolve("two.honeylamp"), "no plan");
        var out = folder.resolve("out");
        var ran = run("pack", "social-square", plans, "-o", out);
        assertThat(ran.code).isEqualTo(1);
        assertThat(ran.err).contains("two.honeylamp");
        assertThat(ran.out).contains("written    sailcloth-yard-upper-floor-wash.jpg");
        assertThat(out.resolve("one/sailcloth-yard-upper-floor-dusk.jpg")).exists();
        assertThat(run("pack", "social-square", plans.resolve("one.honeylamp"), "-o", out.resolve("one")).out)
                .contains("unchanged  sailcloth-yard-upper-floor-wash.jpg")
                .doesNotContain("written");

        assertThat(run("pack", "moon-set", plans, "-o", out).err).contains("listing-portal, print-brochure");
        assertThat(run("pack", folder.resolve("plans/two.honeylamp"), plans, "-o", out).err)
                .contains("recipes");
        assertThat(run("pack", "client-set", folder.resolve("nowhere"), "-o", out).err)
                .contains("no file");
        assertThat(run("recipes").out).contains("builder-set", "planning-set");
    }

    @Test
    void reportsInWordsAndJson() throws Exception {
        var plan = demo();
        var words = run("report", plan);
        assertThat(words.out).contains("Living room  30.59 m²", "net 95.13 m²");
        var json = run("report", plan, "--json");
        assertThat(json.code).isZero();
        assertThat(json.out.strip()).startsWith("{").endsWith("}").contains("\"net_area_m2\" : 95.13");
    }

    @Test
    void checkTellsByItsExitCode() throws Exception {
        assertThat(run("check", demo()).code).isZero();
        var empty = NewPlan.in(UnitSystem.MM);
        var storey = empty.storeys().getFirst();
        var open = WallEdits.add(
                        empty,
                        storey.id(),
                        Position.ORIGIN,
                        Position.ofMm(3000, 0),
                        BodySide.CENTRE,
                        empty.wallTypes().getFirst().id())
                .orThrow()
                .plan();
        var some = run("check", saved(open), "--json");
        assertThat(some.code).isEqualTo(1);
        assertThat(some.out).contains("open end");
        var noted = NoteEdits.add(
                        DemoFiles.document().plan(),
                        DemoFiles.document().plan().storeys().getFirst().id(),
                        Position.ofMm(12_000, 160),
                        "no")
                .plan();
        var pale = ViewEdits.look(
                noted,
                l -> l.withPalette(l.palette().with(Map.of(Role.INK, l.palette().of(Role.PAPER)))));
        var hard = run("check", saved(pale));
        assertThat(hard.code).isEqualTo(1);
        assertThat(hard.out).contains("hard to read: \"no\" on");
        var text = Files.writeString(folder.resolve("x.honeylamp"), "no plan");
        var unreadable = run("check", text);
        assertThat(unreadable.code).isEqualTo(2);
        assertThat(unreadable.err).contains("no Honey Lamp plan").contains("x.honeylamp");
    }

    @Test
    void recoversAPlanWithItsPicturesFromAJournal() throws Exception {
        var journal = folder.resolve("a-journal");
        var demo = DemoFiles.document();
        try (var writing = Journal.begin(journal, Origin.of(demo), Journal.Begun.OPENED)) {
            for (var asset : demo.assets().entrySet()) {
                writing.keep(asset.getKey(), asset.getValue());
            }
            writing.append(demo.plan().withName("Found again"));
        }
        var plan = folder.resolve("found.honeylamp");
        assertThat(run("recover", journal, "-o", plan).code).isZero();
        assertThat(PlanFile.open(plan)).isInstanceOfSatisfying(PlanFile.Opened.Good.class, g -> {
            assertThat(g.document().plan().name()).isEqualTo("Found again");
            assertThat(g.document().assets().keySet()).isEqualTo(demo.assets().keySet());
        });
        var none = run("recover", folder.resolve("none"), "-o", plan);
        assertThat(none.code).isEqualTo(2);
        assertThat(none.err).contains("gives no plan");
    }

    @Test
    void whatNobodyExpectedHasACodeOfItsOwnAndOneSentence() {
        var ran = run("meter", "--port", "-7");
        assertThat(ran.code).isEqualTo(3);
        assertThat(ran.err.lines()).hasSize(1);
        assertThat(ran.err).contains("Something went wrong in the program").doesNotContain("\tat ");
    }

    @Test
    void withoutAVerbItListsThem() {
        var ran = run();
        assertThat(ran.code).isEqualTo(2);
        assertThat(ran.err).contains("export").contains("report").contains("check");
    }

    @Test
    void writesTheDemo() {
        assertThat(run("demo-files", folder.resolve("demo")).code).isZero();
        assertThat(folder.resolve("demo").resolve(DemoFiles.PLAN)).exists();
    }

    /** In a process of its own that has no display variable: no window system is asked for. */
    @Test
    void needsNoWindowSystem() throws Exception {
        var file = folder.resolve("alone.pdf");
        var builder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                "honeylamp.cli.Main",
                "export",
                demo().toString(),
                "-o",
                file.toString());
        builder.environment().remove("DISPLAY");
        builder.environment().remove("WAYLAND_DISPLAY");
        var process = builder.redirectErrorStream(true).start();
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).isZero();
        assertThat(file).exists();
    }

    @Test
    void aSurveyBecomesAPlanAndItsClosingErrorIsReported() throws Exception {
        var readings = Files.write(folder.resolve("shed.csv"), BoatShed.readings());
        var target = folder.resolve("shed.honeylamp");
        var ran = run("survey", readings, "-o", target);
        assertThat(ran.code()).isZero();
        // by hand from the readings: √(19² + 23²) = 29.8 mm in 48,406 mm
        assertThat(ran.out())
                .contains("closing error 29.8 mm (19.0 east, 23.0 north) in 48406 mm, 1:1623")
                .contains("least squares")
                .contains("diagonal A-C");
        assertThat(PlanFile.open(target)).isInstanceOf(PlanFile.Opened.Good.class);
        var compass = run("survey", readings, "-o", target, "--spread", "COMPASS_RULE");
        // the first leg carries 14216/48406 of the error: 5.6 mm east and 6.8 mm north are taken off
        assertThat(compass.out()).contains("compass rule").containsPattern("A-B .*-5\\.6 east +-6\\.8 north");
    }

    @Test
    void aBuildingModelBecomesAPlanToDrawOnAndABrokenOneNothing() throws Exception {
        var model = folder.resolve("tea-room.ifc");
        var plan = folder.resolve("tea-room.honeylamp");
        PlanFile.save(PlanDocument.of(QuillbackLane.plan()), new byte[0], plan);
        assertThat(run("model", plan, "-o", model).code()).isZero();
        var target = folder.resolve("base.honeylamp");
        var ran = run("base", model, "-o", target);
        assertThat(ran.code()).isZero();
        assertThat(ran.out()).contains("2 storeys, 21 walls, 25 openings, 10 rooms named");
        assertThat(PlanFile.open(target)).isInstanceOf(PlanFile.Opened.Good.class);
        var broken = Files.writeString(folder.resolve("broken.ifc"), "ISO-10303-21;DATA;#1=A(;");
        var nothing = folder.resolve("nothing.honeylamp");
        var refused = run("base", broken, "-o", nothing);
        assertThat(refused.code()).isEqualTo(2);
        assertThat(refused.err()).contains("broken.ifc").contains("line 1");
        assertThat(nothing).doesNotExist();
    }

    @Test
    void aSurveyThatCannotBeReadWritesNothing() throws Exception {
        var readings = Files.writeString(folder.resolve("bad.csv"), "kind,from,to,end\nleg,A,B,1000\nleg,X,Y,500\n");
        var target = folder.resolve("bad.honeylamp");
        var ran = run("survey", readings, "-o", target);
        assertThat(ran.code()).isEqualTo(2);
        assertThat(ran.err()).contains("bad.csv, line 3").contains("X-Y begins at X");
        assertThat(target).doesNotExist();
    }

    /** What is typed at the stand-in comes out at whoever listens; what is no distance does not. */
    @Test
    void theStandInMeterSendsWhatIsTyped() throws Exception {
        int port;
        try (var free = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            port = free.getLocalPort();
        }
        var typed = new PipedOutputStream();
        var kept = System.in;
        System.setIn(new PipedInputStream(typed));
        try {
            var ran = CompletableFuture.supplyAsync(() -> run("meter", "--port", port));
            try (var listener = listen(port);
                    var lines = new BufferedReader(
                            new InputStreamReader(listener.getInputStream(), StandardCharsets.UTF_8))) {
                Thread.sleep(300); // until the meter has noticed who listens
                typed.write("3.412 m\nsoft\n2500 mm enter\n".getBytes(StandardCharsets.UTF_8));
                typed.flush();
                assertThat(lines.readLine()).isEqualTo("distance 3.412 m");
                assertThat(lines.readLine()).isEqualTo("distance 2500 mm enter");
                typed.write("\n".getBytes(StandardCharsets.UTF_8));
                typed.flush();
                var done = ran.get(20, TimeUnit.SECONDS);
                assertThat(done.code()).isZero();
                assertThat(done.err()).contains("\"soft\" is no distance");
            }
        } finally {
            System.setIn(kept);
        }
    }

    private static Socket listen(int port) throws Exception {
        for (var i = 0; ; i++) {
            try {
                return new Socket(InetAddress.getLoopbackAddress(), port);
            } catch (ConnectException e) {
                if (i > 100) {
                    throw e;
                }
                Thread.sleep(100);
            }
        }
    }

    /** A process of its own, because the toolkit asks for the temporary folder once. */
    @Test
    void theSheetIsWrittenWithoutATemporaryFolder() throws Exception {
        for (var ending : List.of("pdf", "png")) {
            var here = folder.resolve("here." + ending);
            var there = folder.resolve("there." + ending);
            assertThat(run("export", demo(), "-o", here).code()).isZero();
            var process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-Djava.io.tmpdir=" + folder.resolve("gone"),
                            "-cp",
                            System.getProperty("java.class.path"),
                            Main.class.getName(),
                            "export",
                            demo().toString(),
                            "-o",
                            there.toString())
                    .redirectErrorStream(true)
                    .start();
            var said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(process.waitFor()).as(said).isZero();
            assertThat(there).hasSameBinaryContentAs(here);
        }
    }

    @Test
    void theTakeoffIsWrittenForOtherProgramsAndForSomeWordsOnly() throws Exception {
        var plan = folder.resolve("loft.honeylamp");
        PlanFile.save(DemoFiles.document(), new byte[0], plan);
        var file = folder.resolve("loft.csv");
        assertThat(run("takeoff", plan, "-o", file).code()).isZero();
        var lines = Files.readAllLines(file);
        assertThat(lines).anyMatch(l -> l.startsWith("finishes,") && l.contains("Bathroom,floor,"));
        assertThat(lines).anyMatch(l -> l.startsWith("materials,\"Herringbone, oak\""));
        assertThat(lines).anyMatch(l -> l.startsWith("pieces,") && l.contains("Sofa"));
        assertThat(lines).noneMatch(l -> l.startsWith("doors,"));
        assertThat(run("takeoff", plan, "-o", file, "--only", "bathroom floor").code())
                .isZero();
        assertThat(Files.readAllLines(file))
                .filteredOn(l -> l.startsWith("finishes,"))
                .hasSize(1);
        assertThat(run("takeoff", plan, "-o", folder.resolve("loft.txt")).err()).contains("neither .xlsx nor .csv");
    }
}
