package honeylamp.store;

import honeylamp.output.WholeFile;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.WallType;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.core.JacksonException;

/** The wall types a person keeps for all plans: a JSON list, each as in a plan. */
public final class WallTypeFile {
    private static final long MOST_BYTES = 4L << 20;

    private WallTypeFile() {}

    /**
     * The types kept in a file; none if there is no file.
     *
     * @throws IOException if the file cannot be read or does not hold wall types
     */
    public static List<WallType> read(Path file) throws IOException {
        if (!Files.exists(file)) {
            return List.of();
        }
        if (Files.size(file) > MOST_BYTES) {
            throw new IOException(file + " is too large for a list of wall types");
        }
        try {
            return PlanJson.wallTypes(Files.readAllBytes(file));
        } catch (JacksonException e) {
            throw new IOException(file + " holds no wall types: " + e.getOriginalMessage(), e);
        }
    }

    /** The list with a type more, in the place of one of the same name; ids count from 1. */
    public static List<WallType> with(List<WallType> kept, WallType type) {
        var out = new ArrayList<>(kept);
        out.removeIf(t -> t.name().equals(type.name()));
        out.add(type);
        for (var i = 0; i < out.size(); i++) {
            out.set(i, out.get(i).withId(new WallTypeId(i + 1)));
        }
        return List.copyOf(out);
    }

    /**
     * Writes the types whole or not at all.
     *
     * @throws IOException if the file cannot be written
     */
    public static void write(Path file, List<WallType> types) throws IOException {
        WholeFile.write(file, out -> out.write(PlanJson.bytes(types)));
    }
}
