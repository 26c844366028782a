package honeylamp.store;

import honeylamp.model.ModelPlan;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Reads building models of other programs (IFC4) as a base to draw on. */
public final class ModelFile {
    /** The endings of such files. */
    public static final List<String> ENDINGS = List.of("ifc");

    private static final long MOST_BYTES = 200L << 20;

    private ModelFile() {}

    /** What came of reading a model. */
    public sealed interface Result {
        /** A plan, and what was taken into it. */
        record Good(ModelPlan.Made made) implements Result {}

        /** No model; the sentence says why, where and what to do. */
        record Refused(PlanProblem problem) implements Result {}
    }

    /** Reads a file; what it holds decides, not its name. */
    public static Result read(Path file) {
        var where = String.valueOf(file.getFileName());
        try {
            if (Files.size(file) > MOST_BYTES) {
                return refused(
                        "The model is too large (at most " + (MOST_BYTES >> 20) + " MB)",
                        where,
                        "Write it again with walls, openings and spaces only.");
            }
            return read(Files.readAllBytes(file), where);
        } catch (IOException e) {
            return refused(
                    "The model cannot be read: " + FileTrouble.reason(e), where, "Check that the file is there.");
        }
    }

    /** Reads a file that is in memory. */
    static Result read(byte[] bytes, String where) {
        try {
            var model = IfcReading.read(bytes, where);
            if (model.storeys().stream().allMatch(s -> s.walls().isEmpty())) {
                return refused(
                        "The model shows no walls with bodies",
                        where,
                        "Write it again as IFC4 with walls, openings and spaces.");
            }
            return new Result.Good(ModelPlan.of(model));
        } catch (IOException e) {
            return refused(
                    "This is no building model that can be read: " + e.getMessage(),
                    where,
                    "Write it again as IFC4, as a file of text.");
        }
    }

    private static Result refused(String what, String where, String todo) {
        return new Result.Refused(new PlanProblem(what, where, todo));
    }
}
