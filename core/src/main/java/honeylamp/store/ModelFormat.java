package honeylamp.store;

import honeylamp.plan.Plan;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The kinds of file a plan can become as a body, known by their ending. */
public enum ModelFormat {
    /** For other programs for building. */
    IFC("ifc") {
        @Override
        public void write(Plan plan, Path file) throws IOException {
            IfcFile.write(plan, file);
        }
    },
    /** With colours, to be turned and looked at. */
    GLB("glb") {
        @Override
        public void write(Plan plan, Path file) throws IOException {
            GlbFile.write(plan, file);
        }
    };

    private final String ending;

    ModelFormat(String ending) {
        this.ending = ending;
    }

    /** The format a file name asks for by its ending. */
    public static Optional<ModelFormat> of(Path file) {
        var name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(f -> name.endsWith("." + f.ending))
                .findFirst();
    }

    /**
     * Writes a plan, whole or not at all.
     *
     * @throws IOException if the file cannot be written; an older file of that name is then untouched
     */
    public abstract void write(Plan plan, Path file) throws IOException;
}
