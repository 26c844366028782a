package honeylamp.cli;

import honeylamp.demo.DemoFiles;
import honeylamp.demo.GuidePictures;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Makes the demo plan and its scanned sheet anew. */
@Command(
        name = "demo-files",
        mixinStandardHelpOptions = true,
        description = "Writes the demo plan and its survey sheet.")
final class DemoFilesCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "DIR", description = "folder to write to")
    private Path folder = Path.of("");

    @Option(names = "--openings", paramLabel = "FILE", description = "also draw the sheet of openings to this file")
    private Optional<Path> openings = Optional.empty();

    @Option(names = "--pieces", paramLabel = "FILE", description = "also draw all kinds of pieces to this PDF")
    private Optional<Path> pieces = Optional.empty();

    @Option(
            names = "--sets",
            paramLabel = "DIR",
            description = "also write three sets of pages, a PDF each, to this folder")
    private Optional<Path> sets = Optional.empty();

    @Option(names = "--gallery", paramLabel = "DIR", description = "also draw the sheets of the gallery to this folder")
    private Optional<Path> gallery = Optional.empty();

    @Option(names = "--guide", paramLabel = "DIR", description = "also draw the pictures of the guide to this folder")
    private Optional<Path> guide = Optional.empty();

    @Override
    public Integer call() {
        try {
            DemoFiles.write(folder);
            if (openings.isPresent()) {
                DemoFiles.writeOpenings(openings.get());
            }
            if (pieces.isPresent()) {
                DemoFiles.writePieces(pieces.get());
            }
            if (sets.isPresent()) {
                DemoFiles.writeSets(sets.get());
            }
            if (gallery.isPresent()) {
                DemoFiles.drawGallery(gallery.get());
            }
            if (guide.isPresent()) {
                GuidePictures.write(guide.get());
            }
            return 0;
        } catch (IOException e) {
            System.err.println("The demo was not written to \"" + folder + "\": " + e.getMessage());
            return 2;
        }
    }
}
