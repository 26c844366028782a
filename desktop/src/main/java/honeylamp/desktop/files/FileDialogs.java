package honeylamp.desktop.files;

import honeylamp.output.Printing;
import honeylamp.output.Progress;
import honeylamp.store.PictureImport;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks the person for files; tests answer in their place. */
public interface FileDialogs {
    /** A plan to open. */
    Optional<Path> openPlan();

    /** Where to save a plan. */
    Optional<Path> savePlan(String suggestedName);

    /** A building model of another program. */
    Optional<Path> openModel();

    /** A measured survey. */
    Optional<Path> openSurvey();

    /** A picture to trace. */
    Optional<Path> openPicture();

    /** Where to export a sheet; the ending says as what. */
    Optional<Path> exportSheet(String suggestedName);

    /** Where to export schedules; the ending says as what. */
    Optional<Path> exportSchedules(String suggestedName);

    /** Where to write finishes to be shared. */
    Optional<Path> shareFinishes(String suggestedName);

    /** Finishes somebody shared. */
    Optional<Path> openFinishes();

    /** Where to write own pieces to be shared. */
    Optional<Path> sharePieces(String suggestedName);

    /** Own pieces somebody shared. */
    Optional<Path> openPieces();

    /** A file for others to take kept looks from. */
    Optional<Path> shareLooks(String suggestedName);

    /** Looks somebody shared. */
    Optional<Path> openLooks();

    /** A photometric file of a light. */
    Optional<Path> openLight();

    /** Where to write the page for the client. */
    Optional<Path> clientPage(String suggestedName);

    /** Where to write the plan for other programs. */
    Optional<Path> model(String suggestedName);

    /** What a client page saved. */
    Optional<Path> openRemarks();

    /** The folder a pack goes into. */
    Optional<Path> packFolder();

    /** Where to write recipes or brands. */
    Optional<Path> shareRecipes(String suggestedName);

    /** Recipes or brands somebody shared. */
    Optional<Path> openRecipes();

    /** An SVG drawing of a piece. */
    Optional<Path> openDrawing();

    /**
     * Prints a PDF by the print dialog of the system; waits for it, off the interface thread.
     *
     * @throws IOException if the dialog cannot be begun
     * @throws Progress.Cancelled if nobody waits for it any more
     */
    Printing.Came print(Path pdf, String name, Progress progress) throws IOException, Progress.Cancelled;

    /** Shows a file where it lies, in the way of the system. */
    void reveal(Path file);

    /** What to do with changes that are in no file. */
    enum Unsaved {
        SAVE,
        DROP,
        STAY
    }

    /** What to do with a file that somebody else has written since it was opened. */
    enum Changed {
        WRITE_OVER,
        ELSEWHERE,
        STAY
    }

    /** Asks what to do, told which file it is. */
    Changed changedOnDisk(Path file);

    /** Asks what to do with unsaved changes of a plan, told how one speaks of it. */
    Unsaved unsaved(String planName);

    /** The endings of pictures that can be read. */
    List<String> PICTURE_ENDINGS =
            PictureImport.ENDINGS.stream().map(e -> "*." + e).toList();
}
