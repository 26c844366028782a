package honeylamp.guide;

import java.util.List;

/** What stands below each other on a page. */
public sealed interface Block {
    /**
     * A heading below the title of the page.
     *
     * @param key what links name it by
     */
    record Heading(String words, String key) implements Block {}

    /** A paragraph. */
    record Words(List<Span> spans) implements Block {
        public Words {
            spans = List.copyOf(spans);
        }
    }

    /** Steps in an order, or points in none. */
    record Points(Order order, List<List<Span>> points) implements Block {
        public Points {
            points = points.stream().map(List::copyOf).toList();
        }
    }

    /** Whether points are numbered. */
    enum Order {
        NUMBERED,
        NONE
    }

    /**
     * A picture.
     *
     * @param file its name among the pictures of the guide
     * @param about what it shows, for who does not see it
     */
    record Picture(String file, String about) implements Block {}
}
