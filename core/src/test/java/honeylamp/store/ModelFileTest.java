package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Segment;
import honeylamp.model.ModelPlan;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.units.UnitSystem;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Walls of other programs come in where their bodies are. The files are written by hand here, or by our own writer. */
class ModelFileTest {
    private static final String METRES = "#1=IFCUNITASSIGNMENT((#2));#2=IFCSIUNIT(*,.LENGTHUNIT.,$,.METRE.);";
    private static final String FEET =
            "#1=IFCUNITASSIGNMENT((#2));#2=IFCCONVERSIONBASEDUNIT(#3,.LENGTHUNIT.,'FOOT',#4);"
                    + "#3=IFCDIMENSIONALEXPONENTS(1,0,0,0,0,0,0);#4=IFCMEASUREWITHUNIT(IFCLENGTHMEASURE(0.3048),#5);"
                    + "#5=IFCSIUNIT(*,.LENGTHUNIT.,$,.METRE.);";

    private final StringBuilder data = new StringBuilder();
    private final StringBuilder held = new StringBuilder();
    private int last = 100;

    private int add(String what) {
        data.append('#').append(++last).append('=').append(what).append(";\n");
        return last;
    }

    private int at(double x, double y, double z, int in) {
        return placement(x, y, z, 1, 0, in);
    }

    /** A frame whose first axis points along (dx, dy). */
    private int placement(double x, double y, double z, double dx, double dy, int in) {
        var origin = add("IFCCARTESIANPOINT((" + x + "," + y + "," + z + "))");
        var up = add("IFCDIRECTION((0.,0.,1.))");
        var along = add("IFCDIRECTION((" + dx + "," + dy + ",0.))");
        var axes = add("IFCAXIS2PLACEMENT3D(#" + origin + ",#" + up + ",#" + along + ")");
        return add("IFCLOCALPLACEMENT(" + (in == 0 ? "$" : "#" + in) + ",#" + axes + ")");
    }

    /** A box along the first axis of a frame, from its origin, as thick to both sides. */
    private int box(double long_, double thick, double low, double high) {
        var middle = add("IFCCARTESIANPOINT((" + long_ / 2 + ",0.))");
        var flat = add("IFCAXIS2PLACEMENT2D(#" + middle + ",$)");
        var profile = add("IFCRECTANGLEPROFILEDEF(.AREA.,$,#" + flat + "," + long_ + "," + thick + ")");
        var foot = add("IFCCARTESIANPOINT((0.,0.," + low + "))");
        var axes = add("IFCAXIS2PLACEMENT3D(#" + foot + ",$,$)");
        var up = add("IFCDIRECTION((0.,0.,1.))");
        return shape("IFCEXTRUDEDAREASOLID(#" + profile + ",#" + axes + ",#" + up + "," + (high - low) + ")");
    }

    private int shape(String item) {
        var body = add("IFCSHAPEREPRESENTATION($,'Body','SweptSolid',(#" + add(item) + "))");
        return add("IFCPRODUCTDEFINITIONSHAPE($,$,(#" + body + "))");
    }

    private int wall(double x, double y, double dx, double dy, double length, double thick) {
        var wall = add("IFCWALL('a',$,'Wall',$,$,#" + placement(x, y, 0, dx, dy, 0) + ",#" + box(length, thick, 0, 2.75)
                + ",$,$)");
        held.append(held.isEmpty() ? "#" : ",#").append(wall);
        return wall;
    }

    private void hole(int wall, int hole) {
        add("IFCRELVOIDSELEMENT('v',$,$,$,#" + wall + ",#" + hole + ")");
    }

    private String file(String units) {
        return "ISO-10303-21;\nHEADER;FILE_DESCRIPTION((''),'2;1');FILE_NAME('','',(''),(''),'','','');"
                + "FILE_SCHEMA(('IFC4'));ENDSEC;\nDATA;\n" + units + "\n" + data
                + "#90=IFCPROJECT('p',$,'Tarry House',$,$,$,$,$,#1);\n"
                + "#91=IFCBUILDINGSTOREY('s',$,'Stra\\X2\\00DF\\X0\\e',$,$,$,$,$,.ELEMENT.,0.);\n"
                + "#92=IFCRELCONTAINEDINSPATIALSTRUCTURE('c',$,$,$,(" + held + "),#91);\nENDSEC;\nEND-ISO-10303-21;\n";
    }

    /** Four walls, butted: two run through to the outer faces, two stand between them. Clear 5.4 by 3.4 m. */
    private int[] house() {
        return new int[] {
            wall(-0.3, -0.15, 1, 0, 6, 0.3),
            wall(-0.3, 3.55, 1, 0, 6, 0.3),
            wall(-0.15, 0, 0, 1, 3.4, 0.3),
            wall(5.55, 0, 0, 1, 3.4, 0.3)
        };
    }

    private static ModelPlan.Made good(String text) {
        var result = ModelFile.read(text.getBytes(StandardCharsets.ISO_8859_1), "house.ifc");
        assertThat(result).isInstanceOf(ModelFile.Result.Good.class);
        return ((ModelFile.Result.Good) result).made();
    }

    private static String refused(String text) {
        var result = ModelFile.read(text.getBytes(StandardCharsets.ISO_8859_1), "house.ifc");
        assertThat(result).isInstanceOf(ModelFile.Result.Refused.class);
        return ((ModelFile.Result.Refused) result).problem().sentence();
    }

    private static List<Room> rooms(Plan plan, Storey storey) {
        return StoreyGeometry.of(plan, storey).rooms();
    }

    private static Opening opening(Plan plan) {
        return plan.storeys().getFirst().openings().getFirst();
    }

    private static Segment host(Plan plan, Opening opening) {
        var wall = plan.storeys().getFirst().wall(opening.host()).orElseThrow();
        return new Segment(wall.from().point(), wall.to().point());
    }

    @Test
    void whatWeWriteComesBackWithItsRoomsAndOpenings() {
        var plan = QuillbackLane.plan();
        var made = good(IfcFile.text(plan));
        for (var i = 0; i < plan.storeys().size(); i++) {
            var before = plan.storeys().get(i);
            var after = made.plan().storeys().get(i);
            assertThat(after.name()).isEqualTo(before.name());
            assertThat(after.level()).isEqualTo(before.level());
            assertThat(after.height()).isEqualTo(before.height());
            assertThat(after.walls()).hasSameSizeAs(before.walls());
            var real = rooms(plan, before);
            var read = rooms(made.plan(), after);
            assertThat(read)
                    .extracting(Room::name)
                    .containsExactlyElementsOf(real.stream().map(Room::name).toList());
            for (var k = 0; k < real.size(); k++) {
                assertThat(read.get(k).areaMm2()).isCloseTo(real.get(k).areaMm2(), within(100.0));
            }
            assertThat(after.openings())
                    .extracting(Opening::width, Opening::sill, Opening::head)
                    .containsExactlyInAnyOrderElementsOf(before.openings().stream()
                            .map(o -> org.assertj.core.api.Assertions.tuple(o.width(), o.sill(), o.head()))
                            .toList());
        }
        assertThat(made.said())
                .isEqualTo("Brought in: 2 storeys, 21 walls, 25 openings, 10 rooms named."
                        + " How a leaf hangs is not told of 8 doors: look at them.");
    }

    @Test
    void wallsThatButtOntoEachOtherMeetInTheirMiddles() {
        house();
        var plan = good(file(METRES)).plan();
        var storey = plan.storeys().getFirst();
        assertThat(plan.name()).isEqualTo("Tarry House");
        assertThat(storey.name()).isEqualTo("Stra\u00dfe");
        assertThat(storey.height().mm()).isEqualTo(2750);
        assertThat(rooms(plan, storey)).hasSize(1);
        assertThat(rooms(plan, storey).getFirst().areaMm2()).isCloseTo(5400 * 3400.0, within(1.0));
        assertThat(storey.walls().stream().map(Wall::from).distinct()).hasSizeLessThan(5);
        assertThat(plan.units()).isEqualTo(UnitSystem.MM);
    }

    @ParameterizedTest
    @CsvSource({
        "SINGLE_SWING_LEFT, 2.0, 1",
        "SINGLE_SWING_RIGHT, 2.9, 1",
        "SINGLE_SWING_LEFT, 2.9, -1",
        "SINGLE_SWING_RIGHT, 2.0, -1"
    })
    void aLeafHangsAsItsDoorSays(String operation, double hinge, int facing) {
        var lower = house()[0];
        var begins = facing > 0 ? 2.0 : 2.9;
        var hole = add("IFCOPENINGELEMENT('o',$,$,$,$,#" + at(2.0, -0.15, 0, 0) + ",#" + box(0.9, 0.5, 0, 2.05)
                + ",$,.OPENING.)");
        hole(lower, hole);
        var door = add("IFCDOOR('d',$,$,$,$,#" + placement(begins, -0.15, 0, facing, 0, 0) + ",$,$,2.05,0.9,.DOOR.,."
                + operation + ".,$)");
        add("IFCRELFILLSELEMENT('f',$,$,$,#" + hole + ",#" + door + ")");
        var made = good(file(METRES));
        var opening = opening(made.plan());
        assertThat(opening.kind()).isEqualTo(OpeningKind.OUTER_DOOR);
        assertThat(opening.width().mm()).isEqualTo(900);
        assertThat(opening.head().mm()).isEqualTo(2050);
        var line = host(made.plan(), opening);
        var jamb = opening.hand() == Hand.FIRST
                ? opening.offset().mm()
                : opening.end().mm();
        assertThat(line.at(jamb).x()).isCloseTo(1000 * hinge, within(0.1));
        // the second axis of the door points north where its first points east
        var north = line.unit().left().y() > 0 == (opening.swing() == Swing.LEFT);
        assertThat(north).isEqualTo(facing > 0);
        assertThat(made.said()).doesNotContain("hangs");
    }

    @Test
    void inFeetThePlanIsInFeetAndALyingHoleIsReadByWhatItCovers() {
        var wall = wall(0, 0, 1, 0, 20, 0.5);
        wall(0.25, 0.25, 0, 1, 12, 0.5);
        wall(19.75, 0.25, 0, 1, 12, 0.5);
        wall(0, 12.5, 1, 0, 20, 0.5);
        // a hole pushed through the wall: its outline stands upright, its way is level
        var p = new int[] {
            add("IFCCARTESIANPOINT((0.,0.))"), add("IFCCARTESIANPOINT((3.,0.))"),
            add("IFCCARTESIANPOINT((3.,4.))"), add("IFCCARTESIANPOINT((0.,4.))")
        };
        var line = add("IFCPOLYLINE((#" + p[0] + ",#" + p[1] + ",#" + p[2] + ",#" + p[3] + ",#" + p[0] + "))");
        var profile = add("IFCARBITRARYCLOSEDPROFILEDEF(.AREA.,$,#" + line + ")");
        var origin = add("IFCCARTESIANPOINT((8.,-1.,3.))");
        var south = add("IFCDIRECTION((0.,-1.,0.))");
        var east = add("IFCDIRECTION((1.,0.,0.))");
        var axes = add("IFCAXIS2PLACEMENT3D(#" + origin + ",#" + south + ",#" + east + ")");
        var back = add("IFCDIRECTION((0.,0.,-1.))");
        var hole = add("IFCOPENINGELEMENT('o',$,$,$,$,#" + at(0, 0, 0, 0) + ",#"
                + shape("IFCEXTRUDEDAREASOLID(#" + profile + ",#" + axes + ",#" + back + ",2.)") + ",$,.OPENING.)");
        hole(wall, hole);
        var window = add("IFCWINDOW('w',$,$,$,$,$,$,$,4.,3.,$,$,$)");
        add("IFCRELFILLSELEMENT('f',$,$,$,#" + hole + ",#" + window + ")");
        var plan = good(file(FEET)).plan();
        assertThat(plan.units()).isEqualTo(UnitSystem.FEET_INCHES);
        var opening = opening(plan);
        assertThat(opening.kind()).isEqualTo(OpeningKind.CASEMENT_WINDOW);
        assertThat(opening.width().mm()).isCloseTo(3 * 304.8, within(0.01));
        assertThat(opening.sill().mm()).isCloseTo(3 * 304.8, within(0.01));
        assertThat(opening.head().mm()).isCloseTo(7 * 304.8, within(0.01));
        assertThat(host(plan, opening).at(opening.middleMm()).x()).isCloseTo(9.5 * 304.8, within(0.1));
        // 19.5 ft by 12 ft between the faces
        assertThat(rooms(plan, plan.storeys().getFirst()).getFirst().areaMm2())
                .isCloseTo(19 * 12 * 304.8 * 304.8, within(10.0));
    }

    @Test
    void aBuildingOnAMapComesToTheOriginAndWhatIsNoWallIsTold() {
        for (var w : new double[][] {
            {-0.3, -0.15, 1, 0, 6}, {-0.3, 3.55, 1, 0, 6}, {-0.15, 0, 0, 1, 3.4}, {5.55, 0, 0, 1, 3.4}
        }) {
            wall(451_200 + w[0], 5_321_700 + w[1], w[2], w[3], w[4], 0.3);
        }
        var bodiless = add("IFCWALL('b',$,$,$,$,$,$,$,$)");
        held.append(",#").append(bodiless);
        add("IFCCURTAINWALL('g',$,$,$,$,$,$,$,$)");
        var made = good(file(METRES));
        var room = rooms(made.plan(), made.plan().storeys().getFirst()).getFirst();
        assertThat(room.areaMm2()).isCloseTo(5400 * 3400.0, within(10.0));
        assertThat(room.outline().shell().bounds().centre().length()).isLessThan(10_000);
        assertThat(made.said())
                .contains("1 wall has no body that can be read.")
                .contains("Walls of glass are not taken (1).");
    }

    @Test
    void whatIsNoModelIsRefusedInASentence() {
        assertThat(refused("hello"))
                .contains("does not begin with ISO-10303-21")
                .contains("house.ifc");
        assertThat(refused(file(METRES))).contains("shows no walls");
        house();
        var whole = file(METRES);
        assertThat(refused(whole.substring(0, whole.length() / 2)))
                .contains("line")
                .contains("Write it again");
        assertThat(refused(whole.replace("IFC4", "CAR_DESIGN"))).contains("its schema is CAR_DESIGN");
        assertThat(refused(whole.replace("2.75", "2,,75"))).contains("stands where");
        assertThat(refused("ISO-10303-21;DATA;#1=A(" + "(".repeat(5000) + ");")).contains("too deeply");
        assertThat(refused("ISO-10303-21;DATA;#1=A(1e999);")).contains("no number");
    }

    @Test
    void placementsThatGoInCirclesEnd() {
        house();
        var text = file(METRES)
                .replace(
                        "#90=",
                        "#80=IFCLOCALPLACEMENT(#81,$);#81=IFCLOCALPLACEMENT(#80,$);"
                                + "#82=IFCMAPPEDITEM(#83,#84);#83=IFCREPRESENTATIONMAP($,#85);#84=IFCCARTESIANTRANSFORMATIONOPERATOR3D($,$,$,1.,$);"
                                + "#85=IFCSHAPEREPRESENTATION($,'Body','MappedRepresentation',(#82));#86=IFCPRODUCTDEFINITIONSHAPE($,$,(#85));"
                                + "#87=IFCWALL('r',$,$,$,$,#80,#86,$,$);#88=IFCRELCONTAINEDINSPATIALSTRUCTURE('c',$,$,$,(#87),#91);\n#90=");
        assertThat(good(text).said()).contains("4 walls").contains("1 wall has no body");
    }

    @Test
    void theSameModelGivesTheSamePlan() {
        var text = IfcFile.text(
                TestPlans.walled(TestPlans.clearRectangle(4000, 3000), 0, 1500, 4000, 1500, TestPlans.PARTITION));
        assertThat(good(text).plan()).isEqualTo(good(text).plan());
    }
}
