package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import de.javagl.jgltf.model.AccessorFloatData;
import de.javagl.jgltf.model.AccessorIntData;
import de.javagl.jgltf.model.GltfModel;
import de.javagl.jgltf.model.MeshPrimitiveModel;
import de.javagl.jgltf.model.NodeModel;
import de.javagl.jgltf.model.io.GltfModelReader;
import honeylamp.TestPlans;
import honeylamp.catalogue.Materials;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Outline;
import honeylamp.plan.Finish;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.raised.Standing;
import honeylamp.units.Length;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A raised model, read back with a reader that is not ours. */
class GlbFileTest {
    private static GltfModel read(Plan plan) throws IOException {
        return new GltfModelReader().readWithoutReferences(new ByteArrayInputStream(GlbFile.bytes(plan)));
    }

    private static Stream<MeshPrimitiveModel> primitives(GltfModel model) {
        return model.getMeshModels().stream().flatMap(m -> m.getMeshPrimitiveModels().stream());
    }

    private static float[][] triangles(MeshPrimitiveModel primitive) {
        var points =
                (AccessorFloatData) primitive.getAttributes().get("POSITION").getAccessorData();
        var indices = (AccessorIntData) primitive.getIndices().getAccessorData();
        var out = new float[indices.getNumElements()][3];
        for (var i = 0; i < out.length; i++) {
            for (var axis = 0; axis < 3; axis++) {
                out[i][axis] = points.get(indices.get(i), axis);
            }
        }
        return out;
    }

    private static double area(float[] a, float[] b, float[] c) {
        var ux = b[0] - a[0];
        var uy = b[1] - a[1];
        var uz = b[2] - a[2];
        var vx = c[0] - a[0];
        var vy = c[1] - a[1];
        var vz = c[2] - a[2];
        return Math.sqrt(Math.pow(uy * vz - uz * vy, 2)
                        + Math.pow(uz * vx - ux * vz, 2)
                        + Math.pow(ux * vy - uy * vx, 2))
                / 2;
    }

    private static double surface(GltfModel model) {
        return primitives(model)
                .map(GlbFileTest::triangles)
                .mapToDouble(t -> {
                    var sum = 0.0;
                    for (var i = 0; i < t.length; i += 3) {
                        sum += area(t[i], t[i + 1], t[i + 2]);
                    }
                    return sum;
                })
                .sum();
    }

    /** Triangles cover as much as the facets they are of: nothing is lost, nothing lies twice. */
    @Test
    void trianglesCoverWhatIsRaised() throws IOException {
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan())) {
            var facets = Standing.of(LaidPlan.of(plan)).stream()
                    .flatMap(s -> s.bodies().stream())
                    .flatMap(b -> b.facets().stream())
                    .mapToDouble(f -> f.outline().area() / 1e6)
                    .sum();
            assertThat(surface(read(plan))).isCloseTo(facets, within(facets * 1e-4));
        }
    }

    @Test
    void thingsAreNamedStoreyByStorey() throws IOException {
        var model = read(QuillbackLane.plan());
        var storeys = model.getSceneModels().getFirst().getNodeModels();
        assertThat(storeys.stream().map(NodeModel::getName))
                .containsExactlyElementsOf(QuillbackLane.plan().storeys().stream()
                        .map(s -> s.name())
                        .toList());
        var below = storeys.getFirst().getChildren().stream()
                .map(NodeModel::getName)
                .toList();
        assertThat(below).anyMatch(n -> n.endsWith(", Tea room")).contains("Walls");
        assertThat(model.getMaterialModels())
                .extracting(m -> m.getName())
                .contains("Glass")
                .doesNotContainNull();
    }

    /** Metres, y up, north away from who looks along −z: the box of the walls is that of the plan. */
    @Test
    void itIsAsLargeAsTheHouse() throws IOException {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var storey = TestPlans.laid(plan);
        var box = storey.geometry().shells().stream()
                .map(Outline::bounds)
                .findFirst()
                .orElseThrow();
        var points =
                primitives(read(plan)).flatMap(p -> Stream.of(triangles(p))).toList();
        assertThat(points.stream().mapToDouble(p -> p[0]).min().orElseThrow())
                .isCloseTo(box.minX() / 1000, within(1e-5));
        assertThat(points.stream().mapToDouble(p -> p[0]).max().orElseThrow())
                .isCloseTo(box.maxX() / 1000, within(1e-5));
        assertThat(points.stream().mapToDouble(p -> p[2]).min().orElseThrow())
                .isCloseTo(-box.maxY() / 1000, within(1e-5));
        assertThat(points.stream().mapToDouble(p -> p[1]).max().orElseThrow())
                .isCloseTo(storey.storey().height().mm() / 1000, within(1e-5));
        assertThat(points.stream().mapToDouble(p -> p[1]).min().orElseThrow()).isCloseTo(-0.15, within(0.002));
    }

    /**
     * Tiles of 1,000 mm with dark joints of 60 begin 300 mm east and 200 mm north of the room's corner: the joint lies just
     * before, seen from above as in plan.
     */
    @Test
    void whatCoversAFloorLiesOnItAtTrueSize() throws IOException {
        var bare = TestPlans.clearRectangle(4000, 3000);
        var usual = Materials.of(Finish.of("square-tile")).orElseThrow().laying();
        var laying = usual.withWidth(Length.ofMm(1000))
                .withLength(Length.ofMm(1000))
                .withJoint(Length.ofMm(60))
                .withJointTone(Optional.of(new Oklch(0.2, 0, 0)));
        var finish =
                Finish.of("square-tile").startingAt(Position.ofMm(300, 200)).withLaying(Optional.of(laying));
        var room = TestPlans.geometry(bare).rooms().getFirst();
        var model = read(RoomEdits.floor(bare, TestPlans.storey(bare), room, finish));
        var floor = primitives(model)
                .filter(p -> p.getAttributes().containsKey("TEXCOORD_0"))
                .findFirst()
                .orElseThrow();
        var places = (AccessorFloatData) floor.getAttributes().get("TEXCOORD_0").getAccessorData();
        var points = (AccessorFloatData) floor.getAttributes().get("POSITION").getAccessorData();
        for (var i = 0; i < places.getNumElements(); i++) {
            assertThat(places.get(i, 0)).isCloseTo(points.get(i, 0) / 4, within(1e-4f)); // metres of 4
            assertThat(places.get(i, 1)).isCloseTo(1 + points.get(i, 2) / 3, within(1e-4f)); // z runs south
        }
        var bytes = model.getImageModels().getFirst().getImageData();
        var jpeg = new byte[bytes.remaining()];
        bytes.get(jpeg);
        var image = ImageIO.read(new ByteArrayInputStream(jpeg));
        assertThat(image.getWidth()).isEqualTo(1024);
        for (var x = 270; x < 4000; x += 1060) {
            assertThat(darkest(image, x, 1500)).as("joint at %d east", x).isLessThan(90);
            assertThat(darkest(image, x + 530, 1500))
                    .as("tile at %d east", x + 530)
                    .isGreaterThan(120);
        }
        for (var y = 170; y < 3000; y += 1060) {
            assertThat(darkest(image, 1000, y)).as("joint at %d north", y).isLessThan(90);
            assertThat(darkest(image, 1000, Math.min(y + 530, 2990))).isGreaterThan(120);
        }
    }

    /** The least green within 10 mm of a place of a room of 4 by 3 m. */
    private static int darkest(BufferedImage image, int eastMm, int northMm) {
        var least = 255;
        for (var dx = -10; dx <= 10; dx += 5) {
            for (var dy = -10; dy <= 10; dy += 5) {
                var x = (eastMm + dx) * image.getWidth() / 4000;
                var y = image.getHeight() - 1 - (northMm + dy) * image.getHeight() / 3000;
                least = Math.min(
                        least,
                        image.getRGB(Math.clamp(x, 0, image.getWidth() - 1), Math.clamp(y, 0, image.getHeight() - 1))
                                        >> 8
                                & 0xff);
            }
        }
        return least;
    }

    @Test
    void theSamePlanGivesTheSameBytesAndAnEmptyOneIsWritten(@TempDir Path folder) throws IOException {
        assertThat(GlbFile.bytes(SailclothYard.plan())).isEqualTo(GlbFile.bytes(SailclothYard.plan()));
        var file = folder.resolve("empty.glb");
        ModelFormat.of(file).orElseThrow().write(TestPlans.start().plan(), file);
        assertThat(Files.size(file)).isGreaterThan(100);
        assertThat(read(TestPlans.start().plan()).getSceneModels()).hasSize(1);
        assertThat(ModelFormat.of(Path.of("house.obj"))).isEmpty();
    }
}
