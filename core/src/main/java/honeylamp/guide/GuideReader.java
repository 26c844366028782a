package honeylamp.guide;

import java.util.ArrayList;
import java.util.List;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.Heading;
import org.commonmark.node.Image;
import org.commonmark.node.Link;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/** Reads the Markdown of a page: what a page is made of, and nothing else, so that both readers show all of it. */
final class GuideReader {
    private final String key;
    private final List<Block> blocks = new ArrayList<>();
    private String title = "";

    private GuideReader(String key) {
        this.key = key;
    }

    /**
     * A page.
     *
     * @throws IllegalStateException if it has no title, or anything that pages are not made of
     */
    static GuidePage page(String key, String markdown) {
        var reader = new GuideReader(key);
        var document = Parser.builder().build().parse(markdown);
        for (var node = document.getFirstChild(); node != null; node = node.getNext()) {
            reader.block(node);
        }
        if (reader.title.isEmpty()) {
            throw new IllegalStateException("the page " + key + " has no title");
        }
        return new GuidePage(key, reader.title, reader.blocks);
    }

    private void block(Node node) {
        switch (node) {
            case Heading heading when heading.getLevel() == 1 -> title = words(heading);
            case Heading heading -> {
                var words = words(heading);
                blocks.add(new Block.Heading(words, Place.key(words)));
            }
            case Paragraph paragraph -> blocks.add(paragraph(paragraph));
            case OrderedList list -> blocks.add(new Block.Points(Block.Order.NUMBERED, points(list)));
            case BulletList list -> blocks.add(new Block.Points(Block.Order.NONE, points(list)));
            default -> throw strange(node);
        }
    }

    /** A picture stands alone in its paragraph. */
    private Block paragraph(Paragraph paragraph) {
        return paragraph.getFirstChild() instanceof Image image
                ? new Block.Picture(image.getDestination().replaceFirst("^pictures/", ""), words(image))
                : new Block.Words(spans(paragraph));
    }

    private List<List<Span>> points(Node list) {
        var out = new ArrayList<List<Span>>();
        for (var item = list.getFirstChild(); item != null; item = item.getNext()) {
            if (!(item.getFirstChild() instanceof Paragraph paragraph) || paragraph.getNext() != null) {
                throw strange(item);
            }
            out.add(spans(paragraph));
        }
        return out;
    }

    private List<Span> spans(Node paragraph) {
        var out = new ArrayList<Span>();
        for (var node = paragraph.getFirstChild(); node != null; node = node.getNext()) {
            out.add(
                    switch (node) {
                        case Text text -> new Span.Plain(text.getLiteral());
                        case SoftLineBreak _ -> new Span.Plain(" ");
                        case StrongEmphasis strong -> new Span.Label(words(strong));
                        case Emphasis leaning -> new Span.Leaning(words(leaning));
                        case Code code -> new Span.Typed(code.getLiteral());
                        case Link link -> new Span.Link(words(link), place(link.getDestination()));
                        default -> throw strange(node);
                    });
        }
        return out;
    }

    /** Where a link leads: {@code page.md}, {@code page.md#heading} or {@code #heading}. */
    private Place place(String destination) {
        var at = destination.indexOf('#');
        var file = at < 0 ? destination : destination.substring(0, at);
        var heading = at < 0 ? "" : destination.substring(at + 1);
        return new Place(file.isEmpty() ? key : file.replaceFirst("\\.md$", ""), heading);
    }

    private static String words(Node node) {
        var out = new StringBuilder();
        for (var child = node.getFirstChild(); child != null; child = child.getNext()) {
            switch (child) {
                case Text text -> out.append(text.getLiteral());
                case SoftLineBreak _ -> out.append(' ');
                default -> out.append(words(child));
            }
        }
        return out.toString();
    }

    private IllegalStateException strange(Node node) {
        return new IllegalStateException(
                "the page " + key + " has a " + node.getClass().getSimpleName() + ", which the guide is not made of");
    }
}
