package honeylamp.store;

import java.nio.file.Path;

/**
 * A plan that was worked on.
 *
 * @param file where it lies, from the root
 * @param name as it was called then
 */
public record RecentPlan(String file, String name) {
    /** A plan in a file. */
    public static RecentPlan of(Path file, String name) {
        return new RecentPlan(file.toAbsolutePath().normalize().toString(), name);
    }
}
