package honeylamp.lettering;

import honeylamp.drawing.ShippedLetters;
import honeylamp.drawing.ink.FontFile;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.lettering.WrittenLength.Agreement;
import honeylamp.tracing.Watch;
import honeylamp.underlay.InkPicture;
import honeylamp.underlay.TracedPicture;
import java.util.List;

/** How many written lengths are read, for {@code docs/tracing.md}: {@code LengthFigures FIRST_SEED LAST_SEED}. */
final class LengthFigures {
    private static final double LEAST_CAP_PX = 12;
    private static final double MOST_CAP_PX = 24;

    private int lengths;
    private int right;
    private int pointLost;
    private int otherwise;
    private int sheets;
    private int scales;
    private int wrongScales;

    private LengthFigures() {}

    public static void main(String[] args) {
        var from = Long.parseLong(args[0]);
        var to = Long.parseLong(args[1]);
        for (var spoilt : List.of(false, true)) {
            for (var face : List.of(
                    FontFile.OPEN_SANS_REGULAR,
                    FontFile.OPEN_SANS_SEMIBOLD,
                    FontFile.ASAP_CONDENSED_REGULAR,
                    FontFile.ASAP_CONDENSED_SEMIBOLD,
                    FontFile.PATRICK_HAND,
                    FontFile.DEJAVU_SANS)) {
                var figures = new LengthFigures();
                for (var seed = from; seed <= to; seed++) {
                    figures.add(LengthSheet.of(face, LEAST_CAP_PX, MOST_CAP_PX, seed, spoilt));
                }
                System.out.println(
                        "| " + face.family() + " " + face.weight() + (spoilt ? ", spoilt" : ", clean") + figures.row());
            }
        }
    }

    private void add(LengthSheet sheet) {
        var ink = InkPicture.of(
                TracedPicture.of(sheet.image), Projective.IDENTITY, sheet.image.getWidth(), sheet.image.getHeight());
        var read = WrittenLengths.read(ink, ShippedLetters.forms(), Watch.NONE).orElseThrow();
        sheets++;
        lengths += sheet.lengths.size();
        for (var length : sheet.lengths) {
            var at = new Point(length.x(), length.y());
            read.stream()
                    .filter(r -> r.firstPx().towards(r.secondPx(), 0.5).distance(at) < 6)
                    .findFirst()
                    .ifPresent(r -> {
                        if (r.text().equals(length.text())) {
                            right++;
                        } else if (r.text()
                                .replace(".", "")
                                .equals(length.text().replace(".", ""))) {
                            pointLost++;
                        } else {
                            otherwise++;
                        }
                    });
        }
        var agreeing =
                read.stream().filter(r -> r.agreement() == Agreement.AGREES).toList();
        if (!agreeing.isEmpty()) {
            scales++;
            var mean = agreeing.stream()
                    .mapToDouble(r -> r.length().mm() / r.firstPx().distance(r.secondPx()))
                    .average()
                    .orElseThrow();
            wrongScales += Math.abs(mean / LengthSheet.MM_PER_PX - 1) > 0.015 ? 1 : 0;
        }
    }

    private String row() {
        return " | " + lengths + " | " + percent(right) + " | " + percent(pointLost) + " | " + percent(otherwise)
                + " | " + scales + " of " + sheets + " | " + wrongScales + " |";
    }

    private double percent(int count) {
        return Math.rint(1000.0 * count / lengths) / 10;
    }
}
