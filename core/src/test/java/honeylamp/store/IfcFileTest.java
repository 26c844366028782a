package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The file is read back by a reader of its own, which knows nothing of the writer. */
class IfcFileTest {
    /** How many attributes each kind has, as ISO 16739-1:2018 lists them. */
    private static final Map<String, Integer> ATTRIBUTES = Map.ofEntries(
            Map.entry("IFCPROJECT", 9),
            Map.entry("IFCSITE", 14),
            Map.entry("IFCBUILDING", 12),
            Map.entry("IFCBUILDINGSTOREY", 10),
            Map.entry("IFCWALL", 9),
            Map.entry("IFCSLAB", 9),
            Map.entry("IFCOPENINGELEMENT", 9),
            Map.entry("IFCDOOR", 13),
            Map.entry("IFCWINDOW", 13),
            Map.entry("IFCSPACE", 11),
            Map.entry("IFCFURNITURE", 9),
            Map.entry("IFCRELAGGREGATES", 6),
            Map.entry("IFCRELCONTAINEDINSPATIALSTRUCTURE", 6),
            Map.entry("IFCRELVOIDSELEMENT", 6),
            Map.entry("IFCRELFILLSELEMENT", 6),
            Map.entry("IFCRELDEFINESBYPROPERTIES", 6),
            Map.entry("IFCELEMENTQUANTITY", 6),
            Map.entry("IFCQUANTITYAREA", 5),
            Map.entry("IFCUNITASSIGNMENT", 1),
            Map.entry("IFCSIUNIT", 4),
            Map.entry("IFCGEOMETRICREPRESENTATIONCONTEXT", 6),
            Map.entry("IFCAXIS2PLACEMENT3D", 3),
            Map.entry("IFCLOCALPLACEMENT", 2),
            Map.entry("IFCCARTESIANPOINT", 1),
            Map.entry("IFCDIRECTION", 1),
            Map.entry("IFCPOLYLINE", 1),
            Map.entry("IFCARBITRARYCLOSEDPROFILEDEF", 3),
            Map.entry("IFCARBITRARYPROFILEDEFWITHVOIDS", 4),
            Map.entry("IFCEXTRUDEDAREASOLID", 4),
            Map.entry("IFCSHAPEREPRESENTATION", 4),
            Map.entry("IFCPRODUCTDEFINITIONSHAPE", 3));

    private static final Pattern LINE = Pattern.compile("#([0-9]+)=([A-Z0-9]+)\\((.*)\\);");

    @TempDir
    private Path folder;

    private record Entity(String kind, List<String> parts) {}

    private Map<Integer, Entity> read(Plan plan) throws IOException {
        var file = folder.resolve("plan.ifc");
        IfcFile.write(plan, file);
        Map<Integer, Entity> out = new HashMap<>();
        for (var line : Files.readAllLines(file)) {
            var m = LINE.matcher(line);
            if (m.matches()) {
                out.put(Integer.parseInt(m.group(1)), new Entity(m.group(2), parts(m.group(3))));
            }
        }
        return out;
    }

    /** Parts between commas that stand in no brackets and no words. */
    private static List<String> parts(String all) {
        var out = new ArrayList<String>();
        var part = new StringBuilder();
        var deep = 0;
        var inWords = false;
        for (var c : all.toCharArray()) {
            inWords ^= c == '\'';
            deep += inWords ? 0 : c == '(' ? 1 : c == ')' ? -1 : 0;
            if (c == ',' && deep == 0 && !inWords) {
                out.add(part.toString());
                part.setLength(0);
            } else {
                part.append(c);
            }
        }
        out.add(part.toString());
        return out;
    }

    private static List<Integer> refs(String part) {
        return Pattern.compile("#([0-9]+)")
                .matcher(part.replaceAll("'[^']*'", ""))
                .results()
                .map(m -> Integer.parseInt(m.group(1)))
                .toList();
    }

    private static long count(Map<Integer, Entity> all, String kind) {
        return all.values().stream().filter(e -> e.kind().equals(kind)).count();
    }

    @Test
    void everyLineIsAThingOfTheStandardAndLeadsToThingsThatAreThere() throws Exception {
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan())) {
            var all = read(plan);
            var ids = new HashSet<String>();
            all.forEach((number, entity) -> {
                assertThat(ATTRIBUTES).as("#%d", number).containsKey(entity.kind());
                assertThat(entity.parts()).as(entity.kind()).hasSize(ATTRIBUTES.get(entity.kind()));
                assertThat(refs(String.join(",", entity.parts()))).allMatch(r -> r < number);
                var first = entity.parts().getFirst();
                if (entity.kind().equals("IFCEXTRUDEDAREASOLID")) {
                    assertThat(Double.parseDouble(entity.parts().getLast())).isPositive(); // the standard asks for it
                }
                if (first.matches("'[0-9A-Za-z_$]{22}'")) {
                    assertThat(ids.add(first)).as(entity.kind() + first).isTrue();
                    assertThat(first.charAt(1)).isBetween('0', '3'); // 128 bits
                }
            });
        }
    }

    @Test
    void allThatStandsInThePlanIsThereOnce() throws Exception {
        var plan = QuillbackLane.plan();
        var all = read(plan);
        var storeys = LaidPlan.of(plan).all();
        var openings = storeys.stream()
                .flatMap(s -> s.storey().standingOpenings().stream())
                .toList();
        assertThat(count(all, "IFCBUILDINGSTOREY")).isEqualTo(2);
        assertThat(count(all, "IFCWALL"))
                .isEqualTo(storeys.stream()
                        .mapToLong(s -> s.storey().standing().size())
                        .sum());
        assertThat(count(all, "IFCOPENINGELEMENT")).isEqualTo(openings.size());
        assertThat(count(all, "IFCWINDOW"))
                .isEqualTo(openings.stream().filter(o -> o.kind().isWindow()).count());
        assertThat(count(all, "IFCDOOR"))
                .isEqualTo(openings.stream()
                        .filter(o -> o.kind().family() == OpeningKind.Family.DOOR)
                        .count());
        assertThat(count(all, "IFCFURNITURE"))
                .isEqualTo(storeys.stream()
                        .mapToLong(s -> s.storey().furnishings().size())
                        .sum());
        assertThat(count(all, "IFCSPACE"))
                .isEqualTo(storeys.stream()
                        .mapToLong(s -> s.geometry().rooms().size())
                        .sum());
    }

    /** By hand: a room of 4 by 3 m within walls of 2.6 m, its area from the corners in the file. */
    @Test
    void aRoomHasItsOutlineHeightAndAreaAndLettersOfAnyScript() throws Exception {
        var bare = TestPlans.clearRectangle(4000, 3000);
        var plan = RoomEdits.name(
                bare, TestPlans.storey(bare), TestPlans.geometry(bare).rooms().getFirst(), "K\u00fcche 'O' \u5c45");
        var all = read(plan);
        var space = all.values().stream()
                .filter(e -> e.kind().equals("IFCSPACE"))
                .findFirst()
                .orElseThrow();
        assertThat(space.parts().get(2)).isEqualTo("'K\\X2\\00FC\\X0\\che ''O'' \\X2\\5C45\\X0\\'");
        var shape = all.get(refs(space.parts().get(6)).getFirst());
        var body = all.get(refs(shape.parts().get(2)).getFirst());
        var solid = all.get(refs(body.parts().get(3)).getFirst());
        assertThat(Double.parseDouble(solid.parts().get(3)))
                .isEqualTo(plan.storeys().getFirst().height().mm());
        var corners = refs(all.get(refs(all.get(refs(solid.parts().getFirst()).getFirst())
                                        .parts()
                                        .get(2))
                                .getFirst())
                        .parts()
                        .getFirst())
                .stream()
                .map(r -> all.get(r).parts().getFirst().replaceAll("[()]", "").split(","))
                .map(xy -> new double[] {Double.parseDouble(xy[0]), Double.parseDouble(xy[1])})
                .toList();
        assertThat(corners.getFirst()).containsExactly(corners.getLast());
        var twice = 0.0;
        for (var i = 1; i < corners.size(); i++) {
            var a = corners.get(i - 1);
            var b = corners.get(i);
            twice += a[0] * b[1] - b[0] * a[1];
        }
        assertThat(twice / 2).isCloseTo(12_000_000, within(1.0));
        assertThat(all.values().stream()
                        .filter(e -> e.kind().equals("IFCQUANTITYAREA"))
                        .map(e -> e.parts().get(3)))
                .containsExactly("12.");
    }

    @Test
    void theSamePlanGivesTheSameFileAndAPlaceThatIsNoneIsSaid() throws Exception {
        assertThat(IfcFile.text(SailclothYard.plan())).isEqualTo(IfcFile.text(SailclothYard.plan()));
        assertThatThrownBy(() -> IfcFile.write(
                        SailclothYard.plan(), folder.resolve("none").resolve("plan.ifc")))
                .isInstanceOf(IOException.class);
    }
}
