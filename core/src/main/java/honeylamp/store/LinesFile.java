package honeylamp.store;

import honeylamp.geometry.Point;
import honeylamp.output.Progress;
import honeylamp.plan.Linework;
import honeylamp.plan.Linework.Form;
import honeylamp.plan.Underlay;
import honeylamp.underlay.DrawnLines;
import honeylamp.underlay.DrawnLines.Drawn;
import honeylamp.underlay.DrawnLines.Layer;
import honeylamp.underlay.DrawnLines.Path;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** The lines of a drawing as an asset of a plan file; the form is told in {@code docs/format.md}. */
public final class LinesFile {
    private static final Logger LOG = LoggerFactory.getLogger(LinesFile.class);

    /** Ten thousandths of a pixel are under a hundredth of a millimetre at any scale of plans. */
    private static final double STEPS = 1e4;

    private LinesFile() {}

    /**
     * Lines with the bytes that are kept of them.
     *
     * @param sha256 of the bytes, their name inside the file
     */
    public record Kept(byte[] bytes, String sha256, DrawnLines lines) {
        /** What a plan holds of them. */
        public Linework linework() {
            return lines.linework(sha256);
        }
    }

    /**
     * The lines of a drawing; empty if it has hardly any, or too many, or what it draws cannot be told: then it is a
     * picture like any other.
     *
     * @throws Progress.Cancelled if the work is no longer wanted
     */
    static Optional<Kept> of(GraphicsReader reader, GraphicsRequest request, Progress progress)
            throws Progress.Cancelled {
        try {
            var bytes = reader.read(request, progress);
            var lines = read(bytes);
            return lines.all().size() < DrawnLines.LEAST
                    ? Optional.empty()
                    : Optional.of(new Kept(bytes, PictureImport.sha256(bytes), lines));
        } catch (IOException e) {
            LOG.info("A drawing is taken as a picture only: {}", e.getMessage());
            return Optional.empty();
        }
    }

    /** The lines of a drawing that are to be read; empty for a picture of pixels. */
    public static Optional<DrawnLines> toRead(Underlay underlay, Map<String, byte[]> assets) {
        return underlay.linework()
                .flatMap(linework -> Optional.ofNullable(assets.get(linework.asset()))
                        .flatMap(bytes -> {
                            try {
                                return Optional.of(read(bytes).read(linework));
                            } catch (IOException e) {
                                LOG.warn(
                                        "The lines of {} are left out",
                                        underlay.picture().name(),
                                        e);
                                return Optional.empty();
                            }
                        }));
    }

    static byte[] bytes(DrawnLines lines) {
        var json = JsonNodeFactory.instance;
        var document = json.objectNode();
        var layers = document.putArray("layers");
        for (var layer : lines.layers()) {
            layers.addObject()
                    .put("name", layer.name())
                    .put("colour", layer.colour())
                    .put("form", layer.form().name().toLowerCase(Locale.ROOT));
        }
        var all = document.putArray("drawn");
        for (var drawn : lines.all()) {
            var one = all.addObject()
                    .put("layer", drawn.layer())
                    .put("width", rounded(drawn.widthPx()))
                    .put("evenOdd", drawn.evenOdd());
            var paths = one.putArray("paths");
            for (var path : drawn.paths()) {
                var xy = paths.addObject().put("closed", path.isClosed()).putArray("xy");
                path.points().forEach(p -> xy.add(rounded(p.x())).add(rounded(p.y())));
            }
        }
        return PlanJson.compact(document);
    }

    private static double rounded(double px) {
        return Math.rint(px * STEPS) / STEPS;
    }

    /**
     * The lines in the bytes of an asset.
     *
     * @throws IOException if it holds none; the message says why, as the end of a sentence
     */
    public static DrawnLines read(byte[] bytes) throws IOException {
        try {
            var document = PlanJson.tree(bytes);
            var layers = new ArrayList<Layer>();
            for (var layer : document.path("layers")) {
                var colour = layer.path("colour").asString();
                if (!colour.matches("#[0-9a-f]{6}")) {
                    throw new IOException("a layer kept with it has no colour");
                }
                layers.add(new Layer(
                        layer.path("name").asString(),
                        colour,
                        Form.valueOf(layer.path("form").asString().toUpperCase(Locale.ROOT))));
            }
            var all = new ArrayList<Drawn>();
            for (var one : document.path("drawn")) {
                var number = one.path("layer").asInt();
                if (number < 0 || number >= layers.size()) {
                    throw new IOException("a line lies on a layer that there is not");
                }
                all.add(new Drawn(
                        number,
                        one.path("width").asDouble(),
                        one.path("evenOdd").asBoolean(),
                        paths(one)));
            }
            return new DrawnLines(layers, all);
        } catch (JacksonException | IllegalArgumentException e) {
            throw new IOException("the lines kept with it are damaged", e);
        }
    }

    private static List<Path> paths(JsonNode drawn) throws IOException {
        var out = new ArrayList<Path>();
        for (var path : drawn.path("paths")) {
            var xy = path.path("xy");
            var points = new ArrayList<Point>();
            for (var i = 0; i + 1 < xy.size(); i += 2) {
                points.add(new Point(xy.get(i).asDouble(), xy.get(i + 1).asDouble()));
            }
            if (points.size() < 2 || !points.stream().allMatch(LinesFile::isOnPaper)) {
                throw new IOException("a line kept with it leads nowhere");
            }
            out.add(new Path(points, path.path("closed").asBoolean()));
        }
        return out;
    }

    /** A path may lead off the sheet, but not to no place at all. */
    private static boolean isOnPaper(Point p) {
        return Math.abs(p.x()) < 1e9 && Math.abs(p.y()) < 1e9;
    }
}
