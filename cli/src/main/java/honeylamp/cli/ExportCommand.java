package honeylamp.cli;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.output.Export;
import honeylamp.output.Export.Backing;
import honeylamp.output.Progress;
import honeylamp.sheet.ComposedPage;
import honeylamp.store.PagePictures;
import honeylamp.store.PlanDocument;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Writes a plan's sheet to a file. */
@Command(
        name = "export",
        mixinStandardHelpOptions = true,
        description = "Writes the sheet as PDF, PNG, JPEG, WebP, TIFF or SVG.")
final class ExportCommand implements Callable<Integer> {
    @Mixin
    private PlanArgument plan = new PlanArgument();

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "FILE",
            description = "where to; the ending .pdf, .png, .jpg, .webp, .tif or .svg says what")
    private Path output = Path.of("");

    @Option(names = "--dpi", paramLabel = "N", description = "dots per inch of a picture (default 300)")
    private double dpi = Export.USUAL_DPI;

    @Option(names = "--longest", paramLabel = "PX", description = "instead, so many pixels along its longest side")
    private Optional<Integer> longest = Optional.empty();

    @Option(names = "--clear", description = "a PNG, WebP or TIFF without paper: what is under it shows through")
    private boolean clear;

    @Option(names = "--white", description = "a picture on white instead of the paper of its look")
    private boolean white;

    @Option(
            names = "--plan-only",
            description = "only the plan with its dimensions and labels, without title and lists")
    private boolean planOnly;

    @Option(names = "--most-kb", paramLabel = "KB", description = "a picture of at most so many thousand bytes")
    private Optional<Integer> mostKb = Optional.empty();

    @Option(names = "--archive", description = "a PDF to be kept for many years: PDF/A-2, level A")
    private boolean archive;

    @Option(
            names = "--notes",
            paramLabel = "WHAT",
            description = "what a PDF or SVG says of itself: nothing, title (usual), or title_and_author")
    private Export.Notes notes = Export.Notes.TITLE;

    @Option(names = "--page", paramLabel = "N", description = "which page (default 1), or all for a PDF of all")
    private String page = "1";

    @Override
    public Integer call() {
        var format = Export.Format.of(output);
        if (format.isEmpty()) {
            System.err.println("\"" + output + "\" ends in none of " + Export.Format.endingsInWords()
                    + ". Give the file such an ending.");
            return 2;
        }
        if (clear && format.get() == Export.Format.JPEG) {
            System.err.println("A JPEG lies always on paper. Take --clear away, or write a PNG, WebP or TIFF.");
            return 2;
        }
        var picture = picture();
        return picture.flatMap(p -> plan.document().map(d -> write(d, format.get(), p)))
                .orElse(2);
    }

    private static ComposedPage composed(LaidPage page, PlanDocument from) {
        return new PagePictures().printed(page, from.assets());
    }

    /** What is asked for; empty if it cannot be, which is then said. */
    private Optional<Export.Picture> picture() {
        try {
            return Optional.of(asked());
        } catch (IllegalArgumentException e) {
            System.err.println("\"" + output + "\" was not written: " + e.getMessage());
            return Optional.empty();
        }
    }

    private Export.Picture asked() {
        var size = longest.isPresent() ? new Export.Size.Longest(longest.get()) : new Export.Size.Dpi(dpi);
        var backing = clear ? Backing.CLEAR : white ? Backing.WHITE : Backing.PAPER;
        return new Export.Picture(
                size, backing, planOnly ? Export.Cut.PLAN : Export.Cut.PAGE, mostKb, lasting(), notes);
    }

    private Export.Lasting lasting() {
        return archive ? Export.Lasting.ARCHIVE : Export.Lasting.PRINT;
    }

    private int write(PlanDocument opened, Export.Format format, Export.Picture picture) {
        var count = opened.plan().presentation().pages().size();
        var all = page.equals("all");
        var number = page.matches("[0-9]{1,6}") ? Integer.parseInt(page) : 0;
        if (!all && (number < 1 || number > count)) {
            System.err.println("There is no page " + page + "; the plan has " + count + ".");
            return 2;
        }
        if (all && format != Export.Format.PDF) {
            System.err.println(
                    "All pages go into one file only as PDF. Give the file the ending .pdf, or choose a page.");
            return 2;
        }
        var pages = LaidPlan.of(opened.plan()).pages();
        try {
            if (all) {
                Export.writeAll(
                        new PagePictures().printed(pages, opened.assets(), Progress.NONE),
                        picture,
                        output,
                        Progress.NONE);
            } else {
                var composed = composed(pages.get(number - 1), opened);
                Export.write(composed, format, picture, output, Progress.NONE);
            }
            return 0;
        } catch (IOException | IllegalArgumentException e) {
            System.err.println("\"" + output + "\" was not written: " + e.getMessage());
            return 2;
        } catch (Progress.Cancelled e) {
            throw new IllegalStateException("nobody can end this work", e);
        }
    }
}
