package honeylamp.tracing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.Placing;
import honeylamp.plan.Position;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Picture;
import honeylamp.tracing.Proposal.Kind;
import honeylamp.tracing.Proposal.Run;
import honeylamp.tracing.Scan.Style;
import honeylamp.tracing.Watch.Step;
import honeylamp.underlay.TracedPicture;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Walls read from drawn scans against the truth they were drawn from. Figures over many scans: {@code docs/tracing.md}. */
class WallReaderTest {
    private static final int FIRST_SEED = 901;
    private static final int SCANS = 3;

    /** The limits are those the figures over a hundred scans must keep; three scans are too few for one miss of a window in hatched ones. */
    @ParameterizedTest
    @CsvSource({
        "SOLID, 0.99, 0.015, 0.98, 0.97, 0.92",
        "GREY, 0.99, 0.015, 0.98, 0.97, 0.92",
        "PENCIL, 0.99, 0.015, 0.98, 0.97, 0.92",
        "HATCHED, 0.96, 0.02, 0.93, 0.90, 0.85",
        "HOLLOW, 0.97, 0.04, 0.93, 0.92, 0.80"
    })
    void scansAreRead(Style style, double walls, double ghosts, double doors, double windows, double rooms) {
        var all = new ArrayList<Scored>();
        for (var seed = FIRST_SEED; seed < FIRST_SEED + SCANS; seed++) {
            var scan = Scan.of(style, seed);
            all.add(new Scored(scan, WallReader.read(TracedPicture.of(scan.image))));
        }
        var found = new double[9];
        for (var s : all) {
            found[0] += s.foundMm;
            found[1] += s.trueMm;
            found[2] += s.ghostMm;
            found[3] += s.byKind.get(House.Kind.DOOR)[2] + s.byKind.get(House.Kind.DOUBLE)[2];
            found[4] += s.byKind.get(House.Kind.DOOR)[0] + s.byKind.get(House.Kind.DOUBLE)[0];
            found[5] += s.byKind.get(House.Kind.WINDOW)[2];
            found[6] += s.byKind.get(House.Kind.WINDOW)[0];
            found[7] += s.roomsRight;
            found[8] += s.rooms;
            assertThat(s.classRightMm / s.classMm).isGreaterThan(0.98);
        }
        assertThat(found[0] / found[1]).as("walls").isGreaterThanOrEqualTo(walls);
        assertThat(found[2] / found[1]).as("ghosts").isLessThanOrEqualTo(ghosts);
        assertThat(found[3] / found[4]).as("doors").isGreaterThanOrEqualTo(doors);
        assertThat(found[5] / found[6]).as("windows").isGreaterThanOrEqualTo(windows);
        assertThat(found[7] / found[8]).as("rooms").isGreaterThanOrEqualTo(rooms);
    }

    @Test
    void doorsAreHungAsDrawn() {
        var scan = Scan.of(Style.SOLID, 903);
        var scored = new Scored(scan, WallReader.read(TracedPicture.of(scan.image)));
        var doors = scored.byKind.get(House.Kind.DOOR);
        assertThat(doors[0]).isGreaterThan(2);
        assertThat(doors[3]).isEqualTo(doors[0]);
    }

    @Test
    void theSamePictureGivesTheSameProposal() {
        var picture = TracedPicture.of(Scan.of(Style.GREY, 902).image);
        assertThat(WallReader.read(picture)).isEqualTo(WallReader.read(picture));
    }

    @Test
    void aReadingCanBeEnded() {
        var scan = Scan.clean(Style.SOLID, 901);
        var underlay = underlay(scan.image, Optional.empty());
        for (var last : EnumSet.range(Step.LEVEL, Step.WALLS)) { // words are read apart
            assertThat(WallReader.read(TracedPicture.of(scan.image), underlay, step -> step != last))
                    .isEmpty();
        }
    }

    private static Underlay underlay(BufferedImage image, Optional<Box> crop) {
        var picture = new Picture("0".repeat(64), "scan", image.getWidth(), image.getHeight());
        return Underlay.of(new UnderlayId(1), picture, Placing.of(Position.ofMm(0, 0), 10, 0))
                .withCrop(crop);
    }

    /** Two houses beside each other on one sheet: only the one that is left in by cropping is read. */
    @Test
    void onlyWhatIsShownIsRead() {
        var one = Scan.clean(Style.SOLID, 901).image;
        var two = Scan.clean(Style.SOLID, 902).image;
        var both = drawn(one.getWidth() + two.getWidth(), Math.max(one.getHeight(), two.getHeight()), g -> {
            g.drawImage(one, 0, 0, null);
            g.drawImage(two, one.getWidth(), 0, null);
        });
        var alone = WallReader.read(TracedPicture.of(two));
        var right = new Box(one.getWidth(), 0, both.getWidth(), two.getHeight());
        var read = WallReader.read(TracedPicture.of(both), underlay(both, Optional.of(right)), Watch.NONE)
                .orElseThrow();
        assertThat(read.walls()).hasSameSizeAs(alone.walls());
        for (var i = 0; i < alone.walls().size(); i++) {
            var shift = read.walls()
                    .get(i)
                    .line()
                    .a()
                    .minus(alone.walls().get(i).line().a());
            assertThat(shift.distance(new Point(one.getWidth(), 0))).isLessThan(1);
        }
    }

    /** One wall of four stands three degrees off: it is read as it stands, and a door in it too. */
    @Test
    void aWallAFewDegreesOffIsReadAsItStands() {
        var image = drawn(1400, 1100, g -> {
            g.setColor(new Color(40, 40, 40));
            g.setStroke(new BasicStroke(30, BasicStroke.CAP_SQUARE, BasicStroke.JOIN_MITER));
            g.drawPolygon(new int[] {200, 1200, 1200, 242}, new int[] {150, 150, 950, 950}, 4);
            g.setStroke(new BasicStroke(12, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
            g.drawLine(700, 150, 700, 950);
        });
        var read = WallReader.read(TracedPicture.of(image));
        assertThat(read.walls()).hasSize(5);
        var slanted = read.walls().stream().filter(w -> w.run() == Run.ASLANT).toList();
        assertThat(slanted).hasSize(1);
        var line = slanted.getFirst().line();
        assertThat(Math.toDegrees(Math.atan2(
                        line.b().x() - line.a().x(), line.b().y() - line.a().y())))
                .isCloseTo(Math.toDegrees(Math.atan2(42, 800)), within(0.15));
        assertThat(read.thicknesses()).isEqualTo(2);
    }

    @Test
    void aGapWithNothingInItIsDoubtful() {
        var scan = Scan.clean(Style.SOLID, 8);
        var read = WallReader.read(TracedPicture.of(scan.image));
        assertThat(read.walls().stream().flatMap(w -> w.openings().stream()))
                .filteredOn(o -> o.kind() == Kind.PLAIN)
                .isNotEmpty()
                .allMatch(o -> o.sure() <= 0.5);
    }

    @Test
    void whatIsNoPlanGivesNoWalls() {
        var chance = new Random(5);
        var blank = drawn(900, 700, g -> {});
        var noise = drawn(900, 700, g -> {});
        for (var y = 0; y < 700; y++) {
            for (var x = 0; x < 900; x++) {
                var v = chance.nextInt(256);
                noise.setRGB(x, y, v << 16 | v << 8 | v);
            }
        }
        var text = drawn(1200, 1600, g -> {
            g.setColor(Color.BLACK);
            g.setFont(new Font(Font.SERIF, Font.PLAIN, 26));
            for (var line = 0; line < 40; line++) {
                var words = new StringBuilder();
                while (words.length() < 70) {
                    words.append("the net loft stands over the water and its floor is old ", 0, 8 + chance.nextInt(40));
                }
                g.drawString(words.substring(0, 70), 100, 100 + 36 * line);
            }
        });
        var cat = drawn(1200, 1000, g -> {
            g.setColor(new Color(150, 110, 70));
            g.fill(new Ellipse2D.Double(250, 350, 700, 500));
            g.fill(new Ellipse2D.Double(450, 120, 380, 340));
            g.fillPolygon(new int[] {480, 520, 580}, new int[] {200, 60, 150}, 3);
            g.fillPolygon(new int[] {700, 770, 800}, new int[] {150, 60, 210}, 3);
            for (var i = 0; i < 6000; i++) {
                var v = chance.nextInt(90);
                g.setColor(new Color(90 + v, 60 + v, 30 + v, 120));
                var x = 300 + chance.nextInt(600);
                var y = 150 + chance.nextInt(650);
                g.drawLine(x, y, x + chance.nextInt(30) - 15, y + chance.nextInt(40));
            }
            g.setColor(Color.BLACK);
            g.fill(new Ellipse2D.Double(540, 240, 40, 60));
            g.fill(new Ellipse2D.Double(690, 240, 40, 60));
        });
        for (var picture : new BufferedImage[] {blank, noise, text, cat}) {
            assertThat(WallReader.read(TracedPicture.of(picture)).walls()).isEmpty();
        }
    }

    private static BufferedImage drawn(int w, int h, Consumer<Graphics2D> drawing) {
        var image = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(new Color(248, 246, 240));
        g.fillRect(0, 0, w, h);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        drawing.accept(g);
        g.dispose();
        return image;
    }
}
