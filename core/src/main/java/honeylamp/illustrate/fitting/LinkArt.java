package honeylamp.illustrate.fitting;

import honeylamp.derive.listing.LightGroup;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** The curved links from switches to the lights they switch: of each group in a line of its own kind. */
public final class LinkArt {
    private final PaperFrame frame;
    private final Pens pens;
    private final FittingArt art;

    /** Draws on a paper with the pens of a look. */
    public LinkArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
        this.art = new FittingArt(frame, pens);
    }

    /** What is drawn, and to be begun with when something has changed. */
    public record Linked(LaidLinks laid, List<Mark> marks) {
        /** Freezes the list. */
        public Linked {
            marks = List.copyOf(marks);
        }
    }

    /**
     * The links of a storey.
     *
     * @param words boxes of words on paper, which links keep off
     * @param before those of the picture before: with them it is quicker, and the same
     */
    public Linked links(StoreyGeometry geometry, List<Box> words, LaidLinks before) {
        var hard = new ArrayList<Ring>();
        for (var cut : geometry.cuts()) {
            LeafSweep.of(cut).stream()
                    .map(sweep -> sweep.area().shell().through(frame.toPaper()))
                    .forEach(hard::add);
        }
        words.forEach(w -> hard.add(w.ring()));
        var symbols = FittingPlaces.on(geometry).stream().map(art::box).toList();
        var asked = LinkEnds.of(LightGroup.on(geometry), art);
        var laid = LinkRoutes.all(asked.stream().map(LinkEnds::ends).toList(), hard, symbols, before);
        return new Linked(
                laid,
                IntStream.range(0, asked.size())
                        .<Mark>mapToObj(i -> new Mark.Stroke(
                                laid.routes().get(i).path(), pen(asked.get(i).group()), pens.dimensionInk()))
                        .toList());
    }

    /** Groups are told by their line beside their number: full, dashed, dotted, dash and dot in turn. */
    private Pen pen(int number) {
        var width = 1.25 * pens.dimension().widthMm();
        return switch (Math.floorMod(number - 1, 4)) {
            case 0 -> Pen.round(width);
            case 1 -> Pen.butt(width).dashed(1.8, 0.9);
            case 2 -> Pen.round(1.5 * width).dashed(0.02, 0.75);
            default -> new Pen(width, Pen.Tip.BUTT, List.of(2.4, 0.7, 0.5, 0.7));
        };
    }
}
