package honeylamp.output;

import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.sheet.ComposedPage;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDNumberTreeNode;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDParentTreeValue;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.PDLayoutAttributeObject;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.StandardStructureTypes;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/**
 * What a document says to those who have it read to them: each page a section, the picture on it a figure with words that
 * stand for it, each line of labels, lists and title block a paragraph, and the rest left unsaid.
 *
 * @see "ISO 32000-1:2008, 14.7 and 14.8"
 */
final class PdfTags {
    private static final COSName ARTIFACT = COSName.getPDFName("Artifact");

    /** Longer words for a picture nobody listens to. */
    private static final int LONGEST_WORDS = 1200;

    private final PDDocument document;
    private final PDStructureTreeRoot root = new PDStructureTreeRoot();
    private final PDStructureElement whole = new PDStructureElement(StandardStructureTypes.DOCUMENT, root);
    private final Map<Integer, PDParentTreeValue> parents = new LinkedHashMap<>();

    /** What is written between the begin and the end of something tagged. */
    interface Written {
        void write() throws IOException;
    }

    /** Tags of a document that has no page yet. */
    PdfTags(PDDocument document) {
        this.document = document;
        root.appendKid(whole);
    }

    /** Begins a page. */
    Page page(PDPage paper, ComposedPage page) {
        paper.setStructParents(parents.size());
        paper.getCOSObject().setName(COSName.getPDFName("Tabs"), "S");
        var of = new Page(paper, page);
        parents.put(parents.size(), new PDParentTreeValue(of.elements));
        return of;
    }

    /** Ties the tags to their document, once all pages are written. */
    void end() {
        var tree = new PDNumberTreeNode(PDParentTreeValue.class);
        tree.setNumbers(parents);
        root.setParentTree(tree);
        root.setParentTreeNextKey(parents.size());
        var catalog = document.getDocumentCatalog();
        catalog.setStructureTreeRoot(root);
        var marked = new PDMarkInfo();
        marked.setMarked(true);
        catalog.setMarkInfo(marked);
        var shown = new PDViewerPreferences(new COSDictionary());
        shown.setDisplayDocTitle(true);
        catalog.setViewerPreferences(shown);
    }

    /** The tags of one page. */
    final class Page {
        private final PDPage paper;
        private final PDStructureElement section;
        private final PDStructureElement figure;
        private final COSArray elements = new COSArray();

        private Page(PDPage paper, ComposedPage page) {
            this.paper = paper;
            this.section = element(StandardStructureTypes.SECT, whole);
            section.setTitle(page.name());
            this.figure = element(StandardStructureTypes.Figure, section);
            figure.setAlternateDescription(standsFor(page));
            var lies = new PDLayoutAttributeObject();
            lies.setPlacement(PDLayoutAttributeObject.PLACEMENT_BLOCK);
            lies.setBBox(paper.getMediaBox());
            figure.addAttribute(lies);
        }

        private PDStructureElement element(String type, PDStructureElement parent) {
            var made = new PDStructureElement(type, parent);
            made.setPage(paper);
            parent.appendKid(made);
            return made;
        }

        /** Part of the picture. */
        void figure(PDPageContentStream stream, Written written) throws IOException {
            tagged(stream, figure, StandardStructureTypes.Figure, written);
        }

        /** A line that is read. */
        void paragraph(PDPageContentStream stream, Written written) throws IOException {
            tagged(stream, element(StandardStructureTypes.P, section), StandardStructureTypes.P, written);
        }

        private void tagged(PDPageContentStream stream, PDStructureElement of, String type, Written written)
                throws IOException {
            var number = elements.size();
            elements.add(of);
            of.appendKid(number);
            stream.beginMarkedContent(COSName.getPDFName(type), number);
            written.write();
            stream.endMarkedContent();
        }

        /** What says nothing: lines, paper. */
        void unsaid(PDPageContentStream stream, Written written) throws IOException {
            stream.beginMarkedContent(ARTIFACT);
            written.write();
            stream.endMarkedContent();
        }
    }

    /** The words that stand for the picture of a page: its name and what is written in it. */
    private static String standsFor(ComposedPage page) {
        var words = page.drawing().only(kind -> kind == LayerKind.LABELS).layers().stream()
                .flatMap(l -> Mark.words(l.marks()))
                .map(Mark.Text::text)
                .distinct()
                .collect(Collectors.joining(", "));
        var all = "Drawing: " + page.name() + (words.isEmpty() ? "." : ". Written in it: " + words + ".");
        return all.length() > LONGEST_WORDS ? all.substring(0, LONGEST_WORDS) : all;
    }
}
