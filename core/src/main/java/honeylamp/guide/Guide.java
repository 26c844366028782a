package honeylamp.guide;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** All pages of the guide that ships with the program. */
public final class Guide {
    /** The page it opens with. */
    public static final String FIRST = "index";

    private static final String FOLDER = "/honeylamp/guide/";
    private static final List<String> PAGES = List.of(
            FIRST,
            "listing",
            "remodel",
            "bathroom",
            "lighting-plan",
            "underlay",
            "walls",
            "openings",
            "fixed-parts",
            "rooms",
            "finishes",
            "furnish",
            "site",
            "dimensions",
            "labels",
            "lighting",
            "look",
            "sheet",
            "hands",
            "files",
            "snags");

    private final Map<String, GuidePage> pages;

    private Guide(Map<String, GuidePage> pages) {
        this.pages = pages;
    }

    /**
     * Reads the guide.
     *
     * @throws IllegalStateException if a page or a picture is missing from the program, or a link leads nowhere
     */
    public static Guide shipped() {
        var read = new LinkedHashMap<String, GuidePage>();
        for (var key : PAGES) {
            try (var in = kept(key + ".md").openStream()) {
                read.put(key, GuideReader.page(key, new String(in.readAllBytes(), StandardCharsets.UTF_8)));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        var guide = new Guide(read);
        read.values().forEach(guide::check);
        return guide;
    }

    /** Its pages in their order. */
    public List<GuidePage> pages() {
        return List.copyOf(pages.values());
    }

    /** A page. */
    public Optional<GuidePage> page(String key) {
        return Optional.ofNullable(pages.get(key));
    }

    /** Whether there is such a place. */
    public boolean has(Place place) {
        return page(place.page())
                .filter(p -> place.heading().isEmpty()
                        || p.headings().anyMatch(h -> h.key().equals(place.heading())))
                .isPresent();
    }

    /** Where a picture of the guide is kept in the program. */
    public static URL picture(String file) {
        return kept("pictures/" + file);
    }

    private static URL kept(String file) {
        var url = Guide.class.getResource(FOLDER + file);
        if (url == null) {
            throw new IllegalStateException("the guide has no " + file);
        }
        return url;
    }

    private void check(GuidePage page) {
        page.spans().forEach(span -> {
            if (span instanceof Span.Link link && !has(link.to())) {
                throw new IllegalStateException(page.key() + " leads to " + link.to() + ", which is nowhere");
            }
        });
        page.pictures().forEach(picture -> picture(picture.file()));
    }
}
