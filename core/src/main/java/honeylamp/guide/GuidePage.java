package honeylamp.guide;

import java.util.List;
import java.util.stream.Stream;

/**
 * A page of the guide.
 *
 * @param key what links name it by: its file without the ending
 */
public record GuidePage(String key, String title, List<Block> blocks) {
    public GuidePage {
        blocks = List.copyOf(blocks);
    }

    /** Its headings. */
    public Stream<Block.Heading> headings() {
        return blocks.stream().filter(Block.Heading.class::isInstance).map(Block.Heading.class::cast);
    }

    /** All runs of words in its paragraphs and points. */
    public Stream<Span> spans() {
        return blocks.stream().flatMap(block -> switch (block) {
            case Block.Words paragraph -> paragraph.spans().stream();
            case Block.Points all -> all.points().stream().flatMap(List::stream);
            case Block.Heading _, Block.Picture _ -> Stream.empty();
        });
    }

    /** Its pictures. */
    public Stream<Block.Picture> pictures() {
        return blocks.stream().filter(Block.Picture.class::isInstance).map(Block.Picture.class::cast);
    }
}
