package honeylamp.plan;

import honeylamp.units.Checks;
import java.util.Optional;

/**
 * The page that leaves the house.
 *
 * @param scale the denominator, e.g. 50 for 1:50; empty means the largest standard scale that fits
 * @param northDeg direction of north in the plan, counter-clockwise from east
 */
public record Sheet(Paper paper, Way way, Optional<Integer> scale, double northDeg, TitleBlock title, Tags tags) {
    /** Paper sizes of ISO 216, in mm, long side first. */
    public enum Paper {
        /** 297 × 210 mm. */
        A4(297, 210),
        /** 420 × 297 mm. */
        A3(420, 297);

        private final double longMm;
        private final double shortMm;

        Paper(double longMm, double shortMm) {
            this.longMm = longMm;
            this.shortMm = shortMm;
        }

        /** The long side, in paper mm. */
        public double longMm() {
            return longMm;
        }

        /** The short side, in paper mm. */
        public double shortMm() {
            return shortMm;
        }
    }

    /** Which way the paper lies. */
    public enum Way {
        /** Long side across. */
        LANDSCAPE,
        /** Long side up. */
        PORTRAIT
    }

    /** Whether openings bear the tags by which schedules name them. */
    public enum Tags {
        SHOWN,
        HIDDEN
    }

    /** The words of the title block; empty ones are left out. */
    public record TitleBlock(
            String project, String drawing, String client, String author, String date, String revision) {
        /** A block with only the project's name. */
        public static TitleBlock of(String project) {
            return new TitleBlock(project, "", "", "", "", "");
        }
    }

    /** Refuses scales outside 1:1 to 1:5000. */
    public Sheet {
        scale.ifPresent(s -> Checks.within("scale", s, 1, 5000));
        Checks.finite("north", northDeg);
    }

    /** A sheet without tags. */
    public Sheet(Paper paper, Way way, Optional<Integer> scale, double northDeg, TitleBlock title) {
        this(paper, way, scale, northDeg, title, Tags.HIDDEN);
    }

    /** The sheet with tags or without. */
    public Sheet with(Tags other) {
        return new Sheet(paper, way, scale, northDeg, title, other);
    }

    /** Width of the page, in paper mm. */
    public double widthMm() {
        return way == Way.LANDSCAPE ? paper.longMm() : paper.shortMm();
    }

    /** Height of the page, in paper mm. */
    public double heightMm() {
        return way == Way.LANDSCAPE ? paper.shortMm() : paper.longMm();
    }

    /** The sheet on other paper. */
    public Sheet on(Paper otherPaper, Way otherWay) {
        return new Sheet(otherPaper, otherWay, scale, northDeg, title, tags);
    }

    /** The sheet at another scale. */
    public Sheet at(Optional<Integer> otherScale) {
        return new Sheet(paper, way, otherScale, northDeg, title, tags);
    }

    /** The sheet with another title block. */
    public Sheet titled(TitleBlock other) {
        return new Sheet(paper, way, scale, northDeg, other, tags);
    }
}
