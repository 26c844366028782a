package honeylamp.desktop;

import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.store.KeptFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * What a person keeps goes to others and comes from them, in files.
 *
 * @param one what one of them is called
 * @param many what several are called
 * @param hint how one comes to keep the first
 */
record SharingDesk<T>(
        WorkspaceModel model,
        Errands errands,
        Library<T> kept,
        KeptFile<T> file,
        String one,
        String many,
        String hint) {
    /** Whether there is something to share; says what to do if not. */
    boolean has() {
        if (kept.all().isEmpty()) {
            model.complain("You keep no " + many + " yet. " + hint);
        }
        return !kept.all().isEmpty();
    }

    void share(Optional<Path> to) {
        to.ifPresent(path -> errands.follow(
                Errands.work("Writing " + many, _ -> {
                    file.write(path, kept.all());
                    return path;
                }),
                _ -> model.say("Your " + many + " are in " + path.getFileName() + "."),
                () -> model.say("Writing ended."),
                e -> model.complainOfFile(
                        "The " + many + " were not written: " + Errands.reason(e) + ". Choose another place."),
                () -> {}));
    }

    void bringIn(Optional<Path> from) {
        bringIn(from, _ -> "");
    }

    /**
     * The same.
     *
     * @param also what else is to be said of what came; begins with a space, or is empty
     */
    void bringIn(Optional<Path> from, Function<List<T>, String> also) {
        from.ifPresent(path -> errands.follow(
                Errands.work("Reading " + many, _ -> file.read(path)),
                found -> keep(path, found, also),
                () -> model.say("Reading ended."),
                e -> model.complainOfFile("Nothing was brought in: " + Errands.reason(e) + ". Choose a file of " + one
                        + "s that somebody shared."),
                () -> {}));
    }

    /** One of the same name is replaced. */
    private void keep(Path path, List<T> found, Function<List<T>, String> also) {
        for (var entry : found) {
            var wrong = kept.keep(entry);
            if (!wrong.isEmpty()) {
                model.complainOfFile(wrong);
                return;
            }
        }
        if (found.isEmpty()) {
            model.complainOfFile(path.getFileName() + " holds no " + many + ".");
        } else {
            model.say(found.size() + (found.size() == 1 ? " " + one + " is" : " " + many + " are") + " yours now."
                    + also.apply(found));
        }
    }
}
