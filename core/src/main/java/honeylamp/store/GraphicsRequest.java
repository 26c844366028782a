package honeylamp.store;

import honeylamp.store.PictureImport.RefusedException;
import java.io.IOException;

/**
 * What is asked of a file that holds a drawing or pages.
 *
 * @param page from 0; 0 for what is asked of the file as a whole
 * @param sizePx the longer side wanted; 0 where it does not matter
 */
record GraphicsRequest(Kind kind, int page, int sizePx) {
    /** Kinds of request, with what they may take. */
    enum Kind {
        /** Answered by a PNG. */
        SVG(4),
        /** Answered by the lines of the drawing, as {@link LinesFile} keeps them. */
        SVG_LINES(10),
        /** Answered by parts of an own piece, as JSON. */
        SHAPES(10),
        /** Answered by a count, as an int. */
        PAGES(4),
        /** Answered by width and height in mm as doubles, and the scale written on the page as an int, 0 for none. */
        FACTS(4),
        /** Answered by a PNG. */
        THUMBNAIL(4),
        /** Answered by the resolution in dpi as a double, and a PNG. A dense drawing takes its time, and can be ended. */
        PAGE(20),
        /** Answered by the lines of the page, as {@link LinesFile} keeps them. */
        PAGE_LINES(20);

        private final int mostSeconds;

        Kind(int mostSeconds) {
            this.mostSeconds = mostSeconds;
        }

        /** After so many seconds it is given up. */
        int mostSeconds() {
            return mostSeconds;
        }
    }

    /** Something asked of the file as a whole. */
    static GraphicsRequest of(Kind kind) {
        return new GraphicsRequest(kind, 0, 0);
    }

    /** The answer, worked out on this thread however long that takes. */
    byte[] answer(byte[] file) throws IOException {
        return switch (kind) {
            case SVG -> SvgPicture.png(file);
            case SVG_LINES -> LinesFile.bytes(SvgLines.of(file));
            case SHAPES -> SvgPiece.parts(file);
            case PAGES -> PdfReading.count(file);
            case FACTS -> PdfReading.facts(file, page);
            case THUMBNAIL -> PdfReading.thumbnail(file, page, sizePx);
            case PAGE -> PdfReading.page(file, page);
            case PAGE_LINES -> PdfReading.lines(file, page);
        };
    }

    /** It took too long. */
    RefusedException tooLong() {
        var what = switch (kind) {
            case SVG, SVG_LINES, SHAPES -> "The SVG drawing";
            case PAGES -> "The PDF file";
            case FACTS, THUMBNAIL, PAGE, PAGE_LINES -> "Page " + (page + 1);
        };
        return new RefusedException(
                what + " takes longer than " + kind.mostSeconds + " s to draw", "Save it as PNG and bring that in.");
    }
}
