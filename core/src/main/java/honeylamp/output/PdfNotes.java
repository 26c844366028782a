package honeylamp.output;

import honeylamp.sheet.ComposedPage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.xml.transform.TransformerException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.xmpbox.XMPMetadata;
import org.apache.xmpbox.type.BadFieldValueException;
import org.apache.xmpbox.xml.XmpSerializer;

/** What a document says of itself, in both ways there are: its title, who drew it, what made it, and whether it is to be kept. */
final class PdfNotes {
    private static final String PRODUCER = "Honey Lamp";

    private PdfNotes() {}

    /** Writes the notes of a document; the same page gives the same ones. */
    static void write(PDDocument document, ComposedPage first, Export.Lasting lasting) throws IOException {
        var information = document.getDocumentInformation();
        if (!first.title().isBlank()) {
            information.setTitle(first.title());
        }
        if (!first.author().isBlank()) {
            information.setAuthor(first.author());
        }
        information.setProducer(PRODUCER);
        var notes = XMPMetadata.createXMPMetadata();
        var general = notes.createAndAddDublinCoreSchema();
        if (!first.title().isBlank()) {
            general.setTitle(first.title());
        }
        general.setFormat("application/pdf");
        if (!first.author().isBlank()) {
            general.addCreator(first.author());
        }
        notes.createAndAddAdobePDFSchema().setProducer(PRODUCER);
        if (lasting == Export.Lasting.ARCHIVE) {
            var kept = notes.createAndAddPDFAIdentificationSchema();
            kept.setPart(2);
            try {
                kept.setConformance("A");
            } catch (BadFieldValueException e) {
                throw new IllegalStateException("level A of ISO 19005-2 is not known", e);
            }
        }
        document.getDocumentCatalog().setMetadata(metadata(document, notes));
    }

    private static PDMetadata metadata(PDDocument document, XMPMetadata notes) throws IOException {
        var out = new ByteArrayOutputStream();
        try {
            new XmpSerializer().serialize(notes, out, true);
        } catch (TransformerException e) {
            throw new IOException("what the file says of itself cannot be written", e);
        }
        var metadata = new PDMetadata(document);
        metadata.importXMPMetadata(out.toByteArray());
        return metadata;
    }
}
