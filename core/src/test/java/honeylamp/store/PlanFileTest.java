package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import honeylamp.catalogue.DimensionStyles;
import honeylamp.catalogue.NewPlan;
import honeylamp.demo.DemoFiles;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.FreeMarkEdits;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoundDimensionEdits;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.edit.WallTypeEdits;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Point;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.Drafting;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.FreeMark;
import honeylamp.plan.InkRole;
import honeylamp.plan.Lettering;
import honeylamp.plan.LineRole;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.Role;
import honeylamp.plan.Roof;
import honeylamp.plan.RoundDimension.Measures;
import honeylamp.plan.Side;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import honeylamp.plan.TextRole;
import honeylamp.plan.TypeFamily;
import honeylamp.plan.Underlay;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class PlanFileTest {
    private static final byte[] NO_PREVIEW = {};

    @TempDir
    private Path folder;

    private Path saved(Plan plan) throws IOException {
        var file = folder.resolve("plan.honeylamp");
        PlanFile.save(PlanDocument.of(plan), NO_PREVIEW, file);
        return file;
    }

    private static PlanDocument good(Path file) {
        return ((PlanFile.Opened.Good) PlanFile.open(file)).document();
    }

    private static String refused(Path file) {
        return ((PlanFile.Opened.Refused) PlanFile.open(file)).problem().sentence();
    }

    private Path zip(String... namesAndTexts) throws IOException {
        var file = folder.resolve("made.honeylamp");
        try (var zip = new ZipOutputStream(Files.newOutputStream(file))) {
            for (var i = 0; i < namesAndTexts.length; i += 2) {
                zip.putNextEntry(new ZipEntry(namesAndTexts[i]));
                zip.write(namesAndTexts[i + 1].getBytes(StandardCharsets.UTF_8));
            }
        }
        return file;
    }

    private static String json(Plan plan) {
        return new String(PlanJson.bytes(PlanJson.write(plan)), StandardCharsets.UTF_8);
    }

    /** A size with a name stands in the file by it, any other by its two sides; what is no paper is told. */
    @Test
    void paperOfAnySizeIsKept() throws IOException {
        var page = new PageId(1);
        var own = PageEdits.paper(SailclothYard.plan(), page, Reach.THIS, 600, 900)
                .orThrow();
        assertThat(good(saved(own)).plan()).isEqualTo(own);
        assertThat(json(own)).containsPattern("\\[\\s*900\\.0,\\s*600\\.0\\s*\\]");
        var named = PageEdits.paper(SailclothYard.plan(), page, Reach.THIS, 841, 1189)
                .orThrow();
        assertThat(good(saved(named)).plan()).isEqualTo(named);
        assertThat(json(named)).contains("\"a0\"");
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/plan.schema.json")), InputFormat.JSON);
        assertThat(schema.validate(json(own), InputFormat.JSON)).isEmpty();
        assertThat(schema.validate(json(named), InputFormat.JSON)).isEmpty();
        for (var wrong : List.of("\"a9\"", "[1, 600]", "[900]", "[9000, 600]", "{}")) {
            var broken = zip("plan.json", json(named).replace("\"a0\"", wrong));
            assertThat(refused(broken)).as(wrong).contains("paper");
        }
    }

    @Test
    void savingAndOpeningGivesTheSamePlan() throws IOException {
        assertThat(good(saved(SailclothYard.plan())).plan()).isEqualTo(SailclothYard.plan());
        var feet = NewPlan.in(UnitSystem.FEET_INCHES);
        assertThat(good(saved(feet)).plan()).isEqualTo(feet);
    }

    @Test
    void picturesAreKeptInside() throws IOException {
        var demo = DemoFiles.document();
        var file = folder.resolve("demo.honeylamp");
        PlanFile.save(demo, Preview.png(demo.plan()), file);
        var opened = good(file);
        var asset = demo.plan()
                .storeys()
                .getFirst()
                .underlays()
                .getFirst()
                .picture()
                .asset();
        assertThat(opened.assets().get(asset)).isEqualTo(demo.assets().get(asset));
        assertThat(PictureImport.sha256(opened.assets().get(asset))).isEqualTo(asset);
        try (var zip = new ZipFile(file.toFile())) {
            assertThat(zip.getEntry("preview.png").getSize()).isGreaterThan(10_000);
        }
    }

    @Test
    void thePlanHoldsToItsSchema() throws IOException {
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/plan.schema.json")), InputFormat.JSON);
        var document = DemoFiles.document();
        assertThat(schema.validate(json(document.plan()), InputFormat.JSON)).isEmpty();
        assertThat(schema.validate(json(QuillbackLane.plan()), InputFormat.JSON))
                .isEmpty();
        assertThat(schema.validate(json(NewPlan.in(UnitSystem.MM)), InputFormat.JSON))
                .isEmpty();
        var broken = json(document.plan()).replaceFirst("\"centre\"", "\"middle\"");
        assertThat(schema.validate(broken, InputFormat.JSON)).isNotEmpty();
    }

    /** Raised views of all kinds come back as they were, and hold to the schema. */
    @Test
    void raisedViewsComeBack() throws IOException {
        var plan = SailclothYard.plan();
        var like = plan.presentation().views().getFirst().id();
        var storey = plan.storeys().getFirst();
        var eye = new Raised.Eye(Raised.Rays.ON_PLAN, 30.5, 36);
        for (var subject : List.of(
                new Raised.Cutaway(storey.id(), storey.rooms().getFirst().id(), eye),
                new Raised.WholeStorey(storey.id(), Length.ofMm(1200), eye),
                new Raised.Building(storey.id(), Length.ofMm(2500), eye),
                new Raised.RoofPlan(storey.id()),
                new Raised.Outside(storey.id(), 90.25),
                new Raised.Section(
                        storey.id(), Position.ofMm(-500, 2000), Position.ofMm(9000.5, 2000), Length.ofMm(8000)),
                new Raised.Inside(storey.id(), Position.ofMm(1200, -340.5), Length.ofMm(1600), 271.25, 75))) {
            plan = ViewEdits.raised(plan, like, subject, "Raised").plan();
        }
        var roof = Roof.of(Roof.Form.LEAN_TO)
                .withSprings(Optional.of(Length.ofMm(900.5)))
                .turned();
        plan = StoreyEdits.roof(plan, storey.id(), Optional.of(roof)).orThrow();
        assertThat(good(saved(plan)).plan()).isEqualTo(plan);
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/plan.schema.json")), InputFormat.JSON);
        assertThat(schema.validate(json(plan), InputFormat.JSON)).isEmpty();
        var steep = zip("plan.json", json(plan).replaceFirst("\"downDeg\" ?: ?36[.0]*", "\"downDeg\":95"));
        assertThat(refused(steep)).contains("how steeply one looks down");
        var low = zip("plan.json", json(plan).replaceFirst("\"pitchDeg\" ?: ?12[.0]*", "\"pitchDeg\":2"));
        assertThat(refused(low)).contains("pitch of a roof");
    }

    /** Every field that is written stands in the schema, and its title says the format. */
    @Test
    void theSchemaKnowsEveryField() throws IOException {
        var mapper = JsonMapper.builder().build();
        var tree = mapper.readTree(Path.of("../docs/plan.schema.json").toFile());
        assertThat(tree.path("title").asString()).isEqualTo("Honey Lamp plan, format " + PlanJson.VERSION);
        closed(tree);
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(tree.toString(), InputFormat.JSON);
        var coloured = SailclothYard.plan();
        coloured = ViewEdits.look(
                coloured, l -> l.withPalette(l.palette().with(Map.of(Role.INK, new Oklch(0.3, 0.05, 250)))));
        coloured =
                ViewEdits.moveTier(coloured, new ViewId(1), Side.EAST, 1, -2.5).orThrow();
        coloured = ViewEdits.turn(coloured, new ViewId(1), Reach.ALL, 22.5);
        coloured = PageEdits.layPicture(coloured, new PageId(1), new Underlay.Picture("0".repeat(64), "mark", 80, 60))
                .orThrow();
        var storey = coloured.storeys().getFirst().id();
        for (var shape : List.of(FreeMark.Shape.CLOUD, FreeMark.Shape.SECTION, FreeMark.Shape.CIRCLE)) {
            coloured = FreeMarkEdits.add(
                            coloured,
                            storey,
                            shape,
                            FreeMark.Line.DASHED,
                            Position.of(new Point(0, 0)),
                            Position.of(new Point(900, 700)))
                    .orThrow()
                    .plan();
        }
        coloured = RoundDimensionEdits.of(
                        coloured,
                        storey,
                        Measures.ARC_LENGTH,
                        (Arc) Arc.through(new Point(0, 0), new Point(500, 300), new Point(900, 0)),
                        250)
                .plan();
        coloured = PageEdits.layNote(coloured, new PageId(1), "# Words").orThrow();
        assertThat(good(saved(coloured)).plan()).isEqualTo(coloured);
        for (var plan : List.of(coloured, QuillbackLane.plan(), NewPlan.in(UnitSystem.MM))) {
            assertThat(schema.validate(json(plan), InputFormat.JSON)).isEmpty();
        }
    }

    /** Objects may have no other fields than those that are named. */
    private static void closed(JsonNode schema) {
        if (schema instanceof ObjectNode object && object.path("properties").isObject()) {
            object.put("additionalProperties", false);
        }
        schema.forEach(PlanFileTest::closed);
    }

    /** Layers of a wall type have no ids; what a later version wrote into one stays with it. */
    @Test
    void fieldsOfLaterVersionsSurviveInListsWithoutIds() throws IOException {
        var plan = SailclothYard.plan();
        var type = plan.wallTypes().getFirst();
        var half = type.thickness().half();
        var layers = List.of(
                new BuildUpLayer("Stone", half),
                new BuildUpLayer("Lime", type.thickness().minus(half)));
        var layered = WallTypeEdits.change(plan, type.withLayers(layers));
        var json = json(layered).replaceFirst("\"name\" : \"Lime\"", "\"name\" : \"Lime\", \"grade\" : \"NHL 2\"");
        var opened = good(zip("plan.json", json));
        var file = folder.resolve("layers.honeylamp");
        // another layer before it, then the layer itself changed
        var more = WallTypeEdits.change(
                opened.plan(), type.withLayers(List.of(layers.get(0), new BuildUpLayer("Hemp", half), layers.get(1))));
        PlanFile.save(opened.with(more), NO_PREVIEW, file);
        assertThat(planJson(file)).contains("NHL 2");
        var changed = WallTypeEdits.change(
                opened.plan(), type.withLayers(List.of(layers.get(0), new BuildUpLayer("Lime", half.half()))));
        PlanFile.save(opened.with(changed), NO_PREVIEW, file);
        assertThat(planJson(file)).contains("NHL 2");
    }

    private static String planJson(Path file) throws IOException {
        try (var zip = new ZipFile(file.toFile())) {
            return new String(zip.getInputStream(zip.getEntry("plan.json")).readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void fieldsOfLaterVersionsSurvive() throws IOException {
        var json = json(SailclothYard.plan())
                .replaceFirst("\"name\" : \"Sailcloth Yard\"", "\"name\" : \"Sailcloth Yard\", \"mood\" : \"calm\"")
                .replaceFirst("\"id\" : \"w6\"", "\"id\" : \"w6\", \"lining\" : \"clay\"");
        var opened = good(zip("plan.json", json));
        var moved = opened.plan().withName("Renamed");
        var file = folder.resolve("again.honeylamp");
        PlanFile.save(opened.with(moved), NO_PREVIEW, file);
        try (var zip = new ZipFile(file.toFile())) {
            var text = new String(zip.getInputStream(zip.getEntry("plan.json")).readAllBytes(), StandardCharsets.UTF_8);
            assertThat(text).contains("\"mood\" : \"calm\"", "\"lining\" : \"clay\"", "Renamed");
        }
        assertThat(good(file).plan()).isEqualTo(moved);
    }

    @Test
    void anEmptyAFreignAndAMissingFileAreNamed() throws IOException {
        var empty = Files.createFile(folder.resolve("empty.honeylamp"));
        assertThat(refused(empty)).contains("empty").contains("empty.honeylamp");
        var text = Files.writeString(folder.resolve("letter.honeylamp"), "Dear builder");
        assertThat(refused(text)).contains("no Honey Lamp plan").contains("Choose a file");
        assertThat(refused(folder.resolve("nowhere.honeylamp"))).contains("no such file");
        assertThat(refused(zip("readme.txt", "hello"))).contains("plan.json is missing");
        assertThat(refused(zip("plan.json", "{\"format\":\"other\"}"))).contains("no Honey Lamp plan");
    }

    @Test
    void aFileCutInHalfIsCalledDamaged() throws IOException {
        var whole = Files.readAllBytes(saved(SailclothYard.plan()));
        var half = folder.resolve("half.honeylamp");
        Files.write(half, Arrays.copyOf(whole, whole.length / 2));
        assertThat(refused(half)).contains("damaged").contains("half.honeylamp").contains("Copy it again");
    }

    @Test
    void aPlanCutInHalfInsideAWholeZipIsToo() throws IOException {
        var json = json(SailclothYard.plan());
        assertThat(refused(zip("plan.json", json.substring(0, json.length() / 2))))
                .contains("damaged");
    }

    @Test
    void pathsOutsideTheFileAreRefused() throws IOException {
        var json = json(SailclothYard.plan());
        for (var name : new String[] {"../../evil.sh", "/etc/evil", "assets/..\\evil", "C:evil"}) {
            assertThat(refused(zip("plan.json", json, name, "x")))
                    .contains("outside itself")
                    .contains(name);
        }
    }

    @Test
    void newerVersionsAreLeftAlone() throws IOException {
        var json = json(SailclothYard.plan()).replaceFirst("\"version\" : [0-9]+", "\"version\" : 7");
        var file = zip("plan.json", json);
        var before = Files.readAllBytes(file);
        assertThat(refused(file)).contains("newer version").contains("format 7").contains("not touched");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    void impossibleValuesAreNamedWithTheirPlace() throws IOException {
        var json = json(SailclothYard.plan());
        assertThat(refused(zip("plan.json", json.replaceFirst("\"width\" : [0-9.]+", "\"width\" : -5"))))
                .contains("openings[0]")
                .contains("> 0");
        assertThat(refused(zip("plan.json", json.replaceFirst("\"type\" : \"t2\"", "\"type\" : \"t99\""))))
                .contains("unknown type");
        assertThat(refused(zip("plan.json", json.replaceFirst("\"id\" : \"w6\"", "\"id\" : \"wall six\""))))
                .contains("no id");
        assertThat(refused(zip("plan.json", json.replaceFirst("\"thickness\" : 550", "\"thickness\" : 1e40"))))
                .contains("damaged");
        assertThat(refused(zip("plan.json", json.replaceFirst("\"from\" : \\[", "\"from\" : [ 1, 2, "))))
                .contains("pair [x, y]");
    }

    @Test
    void nestingBombsAreRefused() throws IOException {
        var deep = "{\"format\":\"honeylamp plan\",\"version\":1,\"plan\":" + "[".repeat(5000) + "]".repeat(5000) + "}";
        assertThat(refused(zip("plan.json", deep))).contains("damaged");
    }

    @Test
    void tooManyPartsAreRefused() throws IOException {
        var parts = new String[2 * (PlanFile.MOST_ENTRIES + 1)];
        for (var i = 0; i < parts.length; i += 2) {
            parts[i] = "part" + i;
            parts[i + 1] = "";
        }
        assertThat(refused(zip(parts))).contains("too many parts");
    }

    @Test
    void aFailedSaveLeavesTheOldFileAndNoLitter() throws IOException {
        var file = saved(SailclothYard.plan());
        var before = Files.readAllBytes(file);
        var target = folder.resolve("no-such-folder").resolve("x.honeylamp");
        org.assertj.core.api.Assertions.assertThatThrownBy(
                        () -> PlanFile.save(PlanDocument.of(SailclothYard.plan()), NO_PREVIEW, target))
                .isInstanceOf(IOException.class);
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
        try (var files = Files.list(folder)) {
            assertThat(files).containsExactly(file);
        }
    }

    @Test
    void theSamePlanGivesTheSameFile() throws IOException {
        var first = Files.readAllBytes(saved(SailclothYard.plan()));
        assertThat(Files.readAllBytes(saved(SailclothYard.plan()))).isEqualTo(first);
    }

    /** A file of version 1, with one flat underlay and a field this version does not know. */
    @Test
    void aPlanOfTheFirstVersionOpensAndIsSavedAsThisOne() throws Exception {
        var opened = PlanFile.open(Path.of("src/test/resources/plans/version-1.honeylamp"));
        var document = ((PlanFile.Opened.Good) opened).document();
        var underlay = document.plan().storeys().getFirst().underlays().getFirst();
        assertThat(underlay.picture().name()).isEqualTo("sailcloth-yard-survey.jpg");
        assertThat(underlay.placing().mmPerPixel()).isEqualTo(9.2);
        assertThat(underlay.placing().turnDeg()).isEqualTo(-1.4);
        assertThat(underlay.treatment().fade()).isEqualTo(0.35);
        assertThat(underlay.knownLengths().getFirst().length().mm()).isEqualTo(13_000);
        // its stair was 900 x 2,700 with 17 risers: sixteen goings of 168.75
        assertThat(document.plan().storeys().getFirst().structures())
                .extracting(Structure::form)
                .contains(new Stair(
                        Stair.Shape.STRAIGHT,
                        Stair.Turn.RIGHT,
                        Stair.Leads.DOWN,
                        Length.ofMm(900),
                        Length.ofMm(168.75),
                        17,
                        16,
                        Length.ofMm(3100),
                        Length.ZERO));
        var file = folder.resolve("again.honeylamp");
        PlanFile.save(document, new byte[0], file);
        var again = ((PlanFile.Opened.Good) PlanFile.open(file)).document();
        assertThat(again.plan()).isEqualTo(document.plan());
        assertThat(again.original().path("version").asInt()).isEqualTo(PlanJson.VERSION);
        var saved = again.original()
                .path("plan")
                .path("storeys")
                .get(0)
                .path("underlays")
                .get(0);
        assertThat(saved.path("futureField").asString()).isEqualTo("kept");
        assertThat(saved.has("mmPerPixel")).isFalse();
    }

    /** The demo as each version saved it, with 17 walls, 23 openings, 8 rooms, 4 fixed parts and 35 pieces in its text. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5})
    void aPlanOfEveryVersionOpensWithAllThatIsInIt(int version) throws Exception {
        var stored = Path.of("src/test/resources/plans/version-" + version + ".honeylamp");
        try (var zip = new ZipFile(stored.toFile());
                var text = zip.getInputStream(zip.getEntry("plan.json"))) {
            assertThat(new String(text.readAllBytes(), StandardCharsets.UTF_8)).contains("\"version\" : " + version);
        }
        var document = ((PlanFile.Opened.Good) PlanFile.open(stored)).document();
        var plan = document.plan();
        var storey = plan.storeys().getFirst();
        assertThat(storey.walls()).hasSize(17);
        assertThat(storey.openings()).hasSize(23);
        assertThat(storey.rooms()).hasSize(8).noneMatch(r -> r.name().isBlank());
        assertThat(storey.structures()).hasSize(4);
        assertThat(storey.furnishings()).hasSize(35);
        assertThat(storey.underlays()).hasSize(1);
        assertThat(storey.notes()).hasSize(1);
        var geometry = StoreyGeometry.of(plan, storey);
        assertThat(geometry.rooms()).hasSize(8);
        assertThat(geometry.netAreaMm2()).isCloseTo(95.13e6, within(0.005e6)); // as its sheet has said ever since

        var file = folder.resolve("again.honeylamp");
        PlanFile.save(document, new byte[0], file);
        var again = ((PlanFile.Opened.Good) PlanFile.open(file)).document();
        assertThat(again.plan()).isEqualTo(plan);
        assertThat(again.original().path("version").asInt()).isEqualTo(PlanJson.VERSION);
    }

    /** Views once said what ends the lines of dimensions: their looks have it now, and the views no longer. */
    @Test
    void whatEndedTheLinesOfAViewEndsThoseOfItsLook() throws Exception {
        var plan = SailclothYard.plan();
        var json = PlanJson.write(plan);
        var presentation = json.path("plan").path("presentation");
        ((ObjectNode) presentation.path("views").get(0).path("tiers")).put("ends", "arrows");
        ((ObjectNode) presentation.path("looks").get(0).path("look")).remove("dimensions");
        FieldDefaults.fill(json);
        assertThat(presentation
                        .path("looks")
                        .get(0)
                        .path("look")
                        .path("dimensions")
                        .path("ends")
                        .asString())
                .isEqualTo("arrows");
        assertThat(presentation.path("views").get(0).path("tiers").has("ends")).isFalse();
    }

    /** Of a look's colours a file holds those that are not the shipped look's; a file without any means the shipped ones. */
    @Test
    void aLookKeepsItsOwnColours() throws Exception {
        var plan = SailclothYard.plan();
        var ink = new Oklch(0.3, 0.05, 250);
        var own = ViewEdits.look(plan, l -> l.withPalette(l.palette().with(Map.of(Role.INK, ink))));
        var file = folder.resolve("own.honeylamp");
        PlanFile.save(PlanDocument.of(own), new byte[0], file);
        var opened = ((PlanFile.Opened.Good) PlanFile.open(file)).document();
        assertThat(opened.plan()).isEqualTo(own);
        var drawn = ViewEdits.look(
                own,
                l -> l.withDrafting(l.drafting()
                                .with(LineRole.CUT_WALL, new Drafting.Line(0.7, 0.5))
                                .with(InkRole.SWING, 0.4)
                                .with(TextRole.ROOM_NAME, 3.4)
                                .withUnsteadyMm(0.2)
                                .withLettering(new Lettering(TypeFamily.HAND, TypeFamily.NARROW, TypeFamily.NARROW))
                                .withDimensions(DimensionStyles.LISTING.withName("Ours")))
                        .withTone("wide-plank-oak", Optional.of(new Oklch(0.6, 0.1, 60))));
        PlanFile.save(opened.with(drawn), new byte[0], file);
        assertThat(((PlanFile.Opened.Good) PlanFile.open(file)).document().plan())
                .isEqualTo(drawn);
        // put back, the colour does not come again from the file it was read from
        PlanFile.save(opened.with(plan), new byte[0], file);
        assertThat(((PlanFile.Opened.Good) PlanFile.open(file))
                        .document()
                        .plan()
                        .presentation())
                .isEqualTo(plan.presentation());
    }
}
