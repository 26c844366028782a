package honeylamp.geometry;

import java.util.List;
import java.util.stream.Stream;

/** A surface: one outer ring (counter-clockwise) and the rings of its holes (clockwise). */
public record Outline(Ring shell, List<Ring> holes) {
    /** Sets the sense of each ring. */
    public Outline {
        shell = shell.counterClockwise();
        holes = holes.isEmpty()
                ? List.of()
                : holes.stream().map(h -> h.counterClockwise().reversed()).toList();
    }

    /** A surface without holes. */
    public static Outline of(Ring shell) {
        return new Outline(shell, List.of());
    }

    /** The area of the shell less that of the holes. */
    public double area() {
        var area = shell.area();
        for (var hole : holes) {
            area -= hole.area();
        }
        return area;
    }

    /** The length of all edges, those of holes included. */
    public double perimeter() {
        return rings().mapToDouble(Ring::perimeter).sum();
    }

    /** The shell, then the holes. */
    public Stream<Ring> rings() {
        return Stream.concat(Stream.of(shell), holes.stream());
    }

    /** Whether a point lies on the surface. */
    public boolean contains(Point p) {
        return shell.contains(p) && holes.stream().noneMatch(h -> h.contains(p));
    }

    /** The distance from a point to the nearest edge. */
    public double edgeDistance(Point p) {
        return rings().mapToDouble(r -> r.edgeDistance(p)).min().orElseThrow();
    }

    /** The box around it. */
    public Box bounds() {
        return shell.bounds();
    }

    /** The surface in a picture; no corner may lie behind the eye. */
    public Outline through(Projective to) {
        return new Outline(
                shell.through(to),
                holes.isEmpty() ? holes : holes.stream().map(h -> h.through(to)).toList());
    }

    /** The surface seen through a transform. */
    public Outline through(Affine affine) {
        return new Outline(
                shell.through(affine),
                holes.stream().map(h -> h.through(affine)).toList());
    }

    /** All rings as one path; holes run the other way, so both fill rules agree. */
    public Figure path() {
        var builder = Figure.builder();
        rings().forEach(builder::ring);
        return builder.build();
    }
}
