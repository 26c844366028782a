package honeylamp.store;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Regions;
import honeylamp.illustrate.raised.BodyColours;
import honeylamp.output.WholeFile;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.raised.Standing;
import honeylamp.takeoff.Contents;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A plan as a raised model with colours and with pictures of what covers floors and walls: a node for each storey, below it one for each thing that stands there, by name.
 * The same plan gives the same bytes. Lengths are metres, y is up.
 *
 * @see "ISO/IEC 12113:2022, glTF 2.0"
 */
final class GlbFile {
    private static final int MAGIC = 0x46546C67;
    private static final int VERSION = 2;
    private static final int JSON_CHUNK = 0x4E4F534A;
    private static final int BINARY_CHUNK = 0x004E4942;
    private static final int HEADER_BYTES = 12;
    private static final int CHUNK_HEADER_BYTES = 8;
    private static final int WORD = 4;
    private static final int FLOAT = 5126;
    private static final int UNSIGNED_INT = 5125;
    private static final int VERTICES = 34962;
    private static final int INDICES = 34963;
    private static final int LINEAR = 9729;
    private static final int LINEAR_OF_SMALLER = 9987;
    private static final int TO_EDGE = 33071;
    private static final int AXES = 3;
    private static final double MM_PER_M = 1000;
    private static final double ROUGH = 0.9;

    private static final JsonMapper JSON = JsonMapper.shared();

    private final LaidPlan plan;
    private final BodyColours colours;
    private final ByteArrayOutputStream binary = new ByteArrayOutputStream();
    private final ObjectNode root = JSON.createObjectNode();
    private final ArrayNode nodes = root.arrayNode();
    private final ArrayNode meshes = root.arrayNode();
    private final ArrayNode materials = root.arrayNode();
    private final ArrayNode accessors = root.arrayNode();
    private final ArrayNode views = root.arrayNode();
    private final ArrayNode textures = root.arrayNode();
    private final ArrayNode images = root.arrayNode();
    private final Coverings coverings;
    private final Map<BodyColours.Colour, Integer> known = new LinkedHashMap<>();

    private GlbFile(LaidView view) {
        this.plan = view.plan();
        this.colours = BodyColours.of(view);
        this.coverings = new Coverings(colours);
    }

    /**
     * Writes a plan, whole or not at all, in the look of its first view.
     *
     * @throws IOException if the file cannot be written; an older file of that name is then untouched
     */
    static void write(Plan plan, Path file) throws IOException {
        var bytes = bytes(plan);
        WholeFile.<RuntimeException>write(file, out -> out.write(bytes));
    }

    static byte[] bytes(Plan plan) throws IOException {
        var laid = LaidPlan.of(plan);
        var first = plan.presentation().views().getFirst();
        return new GlbFile(laid.view(first.id())).made();
    }

    private byte[] made() throws IOException {
        root.putObject("asset").put("version", "2.0").put("generator", "Honey Lamp");
        root.put("scene", 0);
        var top = root.putArray("scenes").addObject().put("name", plan.name()).putArray("nodes");
        for (var standing : Standing.of(plan)) {
            top.add(storey(standing));
        }
        root.set("nodes", nodes);
        if (!meshes.isEmpty()) { // an empty list is no list there
            root.set("meshes", meshes);
            root.set("materials", materials);
            root.set("accessors", accessors);
            root.set("bufferViews", views);
            if (!images.isEmpty()) {
                root.set("images", images);
                root.set("textures", textures);
                root.putArray("samplers")
                        .addObject()
                        .put("magFilter", LINEAR)
                        .put("minFilter", LINEAR_OF_SMALLER)
                        .put("wrapS", TO_EDGE)
                        .put("wrapT", TO_EDGE);
            }
            root.putArray("buffers").addObject().put("byteLength", binary.size());
        }
        return glb();
    }

    private int storey(Standing standing) throws IOException {
        var children = root.arrayNode();
        for (var body : standing.bodies()) {
            var mesh = mesh(body);
            if (mesh >= 0) {
                node(name(standing, body)).put("mesh", mesh);
                children.add(nodes.size() - 1);
            }
        }
        var node = node(standing.storey().storey().name());
        var at = nodes.size() - 1;
        if (!children.isEmpty()) {
            node.set("children", children);
        }
        return at;
    }

    private ObjectNode node(String name) {
        return nodes.addObject().put("name", name);
    }

    private static String name(Standing standing, Body body) {
        var storey = standing.storey();
        if (body.of().filter(ElementId.StoreyId.class::isInstance).isPresent()) {
            return "Roof";
        }
        return body.of()
                .flatMap(id -> Contents.of(storey.plan().drawn(), storey.geometry(), id))
                .map(Contents.Entry::name)
                .filter(n -> !n.isBlank())
                .orElseGet(() -> body.kind().label());
    }

    /** The mesh of a body, a part for each of its colours; less than 0 if it has no surface. */
    private int mesh(Body body) throws IOException {
        var parts = new LinkedHashMap<Integer, Triangles>();
        for (var facet : body.facets()) {
            var covering = coverings.of(body, facet);
            var material = covering.isPresent()
                    ? material(colours.of(body, facet), covering.get())
                    : material(colours.of(body, facet));
            parts.computeIfAbsent(material, _ -> new Triangles(covering)).add(facet);
        }
        parts.values().removeIf(t -> t.indices.isEmpty());
        if (parts.isEmpty()) {
            return -1;
        }
        var mesh = meshes.addObject();
        var primitives = mesh.putArray("primitives");
        parts.forEach((material, triangles) -> {
            var primitive = primitives.addObject().put("material", material);
            var attributes = primitive
                    .putObject("attributes")
                    .put("POSITION", floats(triangles.points, "VEC3", true))
                    .put("NORMAL", floats(triangles.normals, "VEC3", false));
            if (triangles.covering.isPresent()) {
                attributes.put("TEXCOORD_0", floats(triangles.places, "VEC2", false));
            }
            primitive.put("indices", indices(triangles.indices));
        });
        return meshes.size() - 1;
    }

    private int material(BodyColours.Colour colour) {
        return known.computeIfAbsent(colour, c -> {
            var material = materials.addObject().put("name", c.name());
            var lit = material.putObject("pbrMetallicRoughness");
            var factor = lit.putArray("baseColorFactor");
            for (var shift : new int[] {16, 8, 0}) {
                factor.add(linear((c.rgb() >> shift & 0xff) / 255.0));
            }
            factor.add(c.opacity());
            lit.put("metallicFactor", 0.0).put("roughnessFactor", ROUGH);
            if (c.opacity() < 1) {
                material.put("alphaMode", "BLEND");
            }
            return materials.size() - 1;
        });
    }

    /** One for what covers a facet: a picture over it, which holds its colours too. */
    private int material(BodyColours.Colour colour, Coverings.Covering covering) {
        while (binary.size() % WORD != 0) {
            binary.write(0);
        }
        views.addObject().put("buffer", 0).put("byteOffset", binary.size()).put("byteLength", covering.jpeg().length);
        binary.writeBytes(covering.jpeg());
        while (binary.size() % WORD != 0) {
            binary.write(0);
        }
        images.addObject()
                .put("name", colour.name())
                .put("mimeType", "image/jpeg")
                .put("bufferView", views.size() - 1);
        textures.addObject().put("sampler", 0).put("source", images.size() - 1);
        var material = materials.addObject().put("name", colour.name());
        material.putObject("pbrMetallicRoughness")
                .put("metallicFactor", 0.0)
                .put("roughnessFactor", ROUGH)
                .putObject("baseColorTexture")
                .put("index", textures.size() - 1);
        return materials.size() - 1;
    }

    /** An sRGB level from 0 to 1 as linear light (IEC 61966-2-1). */
    private static double linear(double level) {
        return level <= 0.04045 ? level / 12.92 : Math.pow((level + 0.055) / 1.055, 2.4);
    }

    /** Triangles with their corners one by one: facets meet at edges, not in rounded surfaces. */
    private static final class Triangles {
        private final List<float[]> points = new ArrayList<>();
        private final List<float[]> normals = new ArrayList<>();
        private final List<float[]> places = new ArrayList<>();
        private final List<Integer> indices = new ArrayList<>();
        private final Optional<Coverings.Covering> covering;

        Triangles(Optional<Coverings.Covering> covering) {
            this.covering = covering;
        }

        void add(Facet facet) {
            var n = facet.normal();
            var normal = new float[] {(float) n.x(), (float) n.z(), (float) -n.y()};
            for (var triangle : Regions.triangles(facet.outline())) {
                for (var corner : triangle.counterClockwise().corners()) {
                    var p = facet.flat().at(corner);
                    indices.add(points.size());
                    points.add(new float[] {
                        (float) (p.x() / MM_PER_M), (float) (p.z() / MM_PER_M), (float) (-p.y() / MM_PER_M)
                    });
                    normals.add(normal);
                    covering.map(c -> c.at(corner))
                            .ifPresent(at -> places.add(new float[] {(float) at.x(), (float) at.y()}));
                }
            }
        }
    }

    private int floats(List<float[]> all, String type, boolean isBounded) {
        var bytes =
                ByteBuffer.allocate(all.size() * all.getFirst().length * WORD).order(ByteOrder.LITTLE_ENDIAN);
        all.forEach(t -> {
            for (var value : t) {
                bytes.putFloat(value);
            }
        });
        var accessor = accessor(bytes, VERTICES, FLOAT, all.size(), type);
        if (isBounded) {
            var least = new float[AXES];
            var most = new float[AXES];
            Arrays.fill(least, Float.POSITIVE_INFINITY);
            Arrays.fill(most, Float.NEGATIVE_INFINITY);
            for (var t : all) {
                for (var i = 0; i < AXES; i++) {
                    least[i] = Math.min(least[i], t[i]);
                    most[i] = Math.max(most[i], t[i]);
                }
            }
            var from = accessor.putArray("min");
            var to = accessor.putArray("max");
            for (var i = 0; i < AXES; i++) {
                from.add(least[i]);
                to.add(most[i]);
            }
        }
        return accessors.size() - 1;
    }

    private int indices(List<Integer> all) {
        var bytes = ByteBuffer.allocate(all.size() * WORD).order(ByteOrder.LITTLE_ENDIAN);
        all.forEach(bytes::putInt);
        accessor(bytes, INDICES, UNSIGNED_INT, all.size(), "SCALAR");
        return accessors.size() - 1;
    }

    private ObjectNode accessor(ByteBuffer bytes, int target, int component, int count, String type) {
        views.addObject()
                .put("buffer", 0)
                .put("byteOffset", binary.size())
                .put("byteLength", bytes.capacity())
                .put("target", target);
        binary.writeBytes(bytes.array());
        return accessors
                .addObject()
                .put("bufferView", views.size() - 1)
                .put("componentType", component)
                .put("count", count)
                .put("type", type);
    }

    /** The container: a header, the description padded with blanks, and the numbers. */
    private byte[] glb() {
        var described = JSON.writeValueAsString(root).getBytes(StandardCharsets.UTF_8);
        var padded = Arrays.copyOf(described, (described.length + WORD - 1) / WORD * WORD);
        Arrays.fill(padded, described.length, padded.length, (byte) ' ');
        var numbers = binary.toByteArray();
        var size = HEADER_BYTES
                + CHUNK_HEADER_BYTES
                + padded.length
                + (numbers.length == 0 ? 0 : CHUNK_HEADER_BYTES + numbers.length);
        var out = ByteBuffer.allocate(size).order(ByteOrder.LITTLE_ENDIAN);
        out.putInt(MAGIC).putInt(VERSION).putInt(size);
        out.putInt(padded.length).putInt(JSON_CHUNK).put(padded);
        if (numbers.length > 0) {
            out.putInt(numbers.length).putInt(BINARY_CHUNK).put(numbers);
        }
        return out.array();
    }
}
