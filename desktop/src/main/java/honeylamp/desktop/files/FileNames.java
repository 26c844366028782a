package honeylamp.desktop.files;

import honeylamp.output.FileWords;
import honeylamp.store.PlanFile;
import java.nio.file.Path;

/** Names of files made of names of plans, and the other way round. */
public final class FileNames {
    private FileNames() {}

    /** A file's name for a plan, without an ending. */
    public static String of(String plan) {
        return FileWords.of(plan, "plan");
    }

    /** What a file is called, without its ending. */
    public static String named(Path file) {
        var name = String.valueOf(file.getFileName());
        return name.lastIndexOf('.') > 0 ? name.substring(0, name.lastIndexOf('.')) : name;
    }

    /** A plan's name for a file: as the file is called. */
    public static String plan(Path file) {
        var name = String.valueOf(file.getFileName());
        return name.endsWith(PlanFile.ENDING) ? name.substring(0, name.length() - PlanFile.ENDING.length()) : name;
    }
}
