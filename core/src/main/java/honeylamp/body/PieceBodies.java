package honeylamp.body;

import honeylamp.catalogue.Materials;
import honeylamp.catalogue.piece.Counters;
import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.symbol.Symbol;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.catalogue.symbol.SymbolShape.Paint;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Stand;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Pieces as true bodies, from the same measures as they are drawn from above and from their sides. */
final class PieceBodies {
    /** A curve of a round part is seen as so many straight ones. */
    private static final int PER_CURVE = 3;

    /** A crown has so many sides. */
    private static final int SIDES = 12;

    private static final int BANDS = 6;
    private static final Set<Role> LEAVES = Set.of(Role.LEAF, Role.LEAF_LIGHT, Role.LEAF_DEEP);

    private static final double SAME_MM = 25;
    private static final double NEAR_MM = 160;

    /** What is drawn from above on what is higher lies within it. */
    private static final double HIGH_MM = 1400;

    /** What lies on the floor is so thick at most. */
    private static final double FLAT_MM = 12;

    /** Cushions narrower than this share of their width stand up; others lie. */
    private static final double STANDS = 0.56;

    private static final double STANDING_HIGH = 0.75;
    private static final double LYING_MM = 110;
    private static final double LITTLE_MM = 30;
    private static final double CUSHION_MM = 300;

    /** What is wider is a cover that lies over something. */
    private static final double COVER_MM = 820;

    private static final double COVER_HIGH_MM = 35;

    private final double floorMm;
    private final Map<FurnishingId, Finish> counters;

    PieceBodies(Storey storey) {
        this.floorMm = storey.level().mm();
        this.counters = Counters.finishes(storey);
    }

    /** A piece as a body; nothing of what goes in the works. */
    Optional<Body> of(Furnishing piece) {
        if (piece.works() == Wall.Works.REMOVED) {
            return Optional.empty();
        }
        return Furnishings.of(piece).map(kind -> {
            var symbol = kind.symbol(piece);
            var made = new Made(piece, floorMm + piece.bottom().mm(), kind.group() == FurnishingKind.Group.SEATS);
            if (kind.stand() == Stand.UNDERFOOT) {
                made.flat(symbol);
            } else {
                made.standing(symbol);
                made.seenFromAbove(symbol);
                made.fronts(symbol);
                made.rounds(symbol);
            }
            return new Body(Kind.FURNITURE, Optional.of(piece.id()), made.facets, made.lines);
        });
    }

    /** A piece in the making. */
    private final class Made {
        private final Furnishing piece;
        private final double footMm;
        private final boolean isSeat;
        private final List<Facet> facets = new ArrayList<>();
        private final List<Body.Line> lines = new ArrayList<>();

        Made(Furnishing piece, double footMm, boolean isSeat) {
            this.piece = piece;
            this.footMm = footMm;
            this.isSeat = isSeat;
        }

        private Skin skin(Role role) {
            var covered =
                    role == Role.COUNTER ? Optional.ofNullable(counters.get(piece.id())) : Optional.<Finish>empty();
            return Skin.of(
                    role,
                    covered.flatMap(f -> Materials.of(f).map(m -> m.tone())).or(() -> piece.tone(role)));
        }

        private Ring placed(Ring ring) {
            return ring.through(piece.placing()).counterClockwise();
        }

        void standing(Symbol symbol) {
            for (var body : symbol.bodies()) {
                upright(body.footprint(), body.bottomMm(), body.topMm(), body.role());
            }
        }

        private void upright(Ring footprint, double fromMm, double toMm, Role role) {
            var ring = placed(footprint).simplified(0.2);
            if (ring.area() > 1 && toMm > fromMm) {
                facets.addAll(Prism.upright(Outline.of(ring), footMm + fromMm, footMm + toMm, skin(role)));
            }
        }

        /** What lies on the floor: as thick as it is made, its pattern on top. */
        void flat(Symbol symbol) {
            var thick = Math.min(FLAT_MM, piece.height().mm());
            var rank = 0;
            for (var part : symbol.parts()) {
                if (part.level() == Level.FLOOR && part.detail() != Detail.RICH) {
                    if (part.paint() instanceof Paint.Of(var role) && isOne(part.path())) {
                        if (rank == 0) {
                            upright(part.path().flattened(PER_CURVE), 0, thick, role);
                        } else {
                            decal(part.path(), thick, role, rank);
                        }
                        rank++;
                    }
                    if (part.edge() != Edge.NONE && rank != 1) {
                        line(part.path(), thick);
                    }
                }
            }
        }

        /** What is drawn on tops and lies on them. */
        void seenFromAbove(Symbol symbol) {
            var rank = 0;
            for (var part : symbol.parts()) {
                if (part.detail() == Detail.RICH
                        || part.level() != Level.BODY && part.level() != Level.TOP
                        || isLeaf(part) && !symbol.rounds().isEmpty()) {
                    continue;
                }
                var box = part.path().bounds();
                var top = topMm(symbol, box.centre());
                var isFilled = part.paint() instanceof Paint.Of && isOne(part.path());
                if (part.level() == Level.TOP && isFilled) {
                    if (!hasBody(symbol, part, box)) {
                        lying(part, box, top);
                    }
                } else if (!isBody(symbol, box)) {
                    if (part.paint() instanceof Paint.Of(var role) && isFilled && part.edge() != Edge.OUTLINE) {
                        decal(part.path(), top, role, ++rank);
                    }
                    var isInside = top > HIGH_MM && part.paint() instanceof Paint.None; // seen from above alone
                    if ((part.edge() == Edge.INNER || part.edge() == Edge.GRAIN) && !isInside) {
                        line(part.path(), top);
                    }
                }
            }
        }

        private void lying(SymbolShape part, Box box, double top) {
            if (part.paint() instanceof Paint.Of(var role)) {
                var ring = part.path().flattened(2);
                var hull = Regions.hull(ring.corners());
                var wide = Math.max(box.width(), box.height());
                var narrow = ring.area() / wide;
                var high = wide < CUSHION_MM
                        ? LITTLE_MM
                        : wide > COVER_MM
                                ? COVER_HIGH_MM
                                : isSeat && narrow < STANDS * wide ? STANDING_HIGH * wide : LYING_MM;
                upright(hull, top, top + high, role);
            }
        }

        /** Whether something that lies on top has a body of its own: as large, of the same colour, at the same place. */
        private static boolean hasBody(Symbol symbol, SymbolShape part, Box box) {
            return symbol.bodies().stream().anyMatch(b -> {
                var other = b.footprint().bounds();
                return part.paint().equals(new Paint.Of(b.role()))
                        && other.centre().distance(box.centre()) < NEAR_MM
                        && Math.abs(other.width() - box.width()) < NEAR_MM
                        && Math.abs(other.height() - box.height()) < NEAR_MM;
            });
        }

        /** Whether a shape is the outline of a body, which draws itself. */
        private boolean isBody(Symbol symbol, Box box) {
            return symbol.bodies().stream()
                    .map(b -> b.footprint().bounds())
                    .anyMatch(b -> Math.abs(b.minX() - box.minX()) < SAME_MM
                            && Math.abs(b.minY() - box.minY()) < SAME_MM
                            && Math.abs(b.maxX() - box.maxX()) < SAME_MM
                            && Math.abs(b.maxY() - box.maxY()) < SAME_MM);
        }

        /** How high the highest part over a place ends. */
        private double topMm(Symbol symbol, Point p) {
            return symbol.bodies().stream()
                    .filter(b -> b.footprint().contains(p))
                    .mapToDouble(Symbol.Body::topMm)
                    .max()
                    .orElseGet(() -> symbol.bodies().stream()
                            .max(Comparator.comparingDouble(b -> b.footprint().area()))
                            .map(Symbol.Body::topMm)
                            .orElse(piece.height().mm()));
        }

        private void decal(Figure path, double atMm, Role role, int rank) {
            var ring = placed(path.flattened(PER_CURVE));
            if (ring.corners().size() > 2 && ring.area() > 1) {
                facets.add(new Facet(Flat.level(footMm + atMm), Outline.of(ring), skin(role), rank));
            }
        }

        private void line(Figure path, double atMm) {
            for (var points : Polylines.of(path.through(piece.placing()), PER_CURVE)) {
                lines.add(new Body.Line(points.stream()
                        .map(p -> SpacePoint.of(p, footMm + atMm))
                        .toList()));
            }
        }

        /** What is drawn on upright faces that look to the front. */
        void fronts(Symbol symbol) {
            var rank = 0;
            for (var front : symbol.fronts()) {
                var shape = front.shape();
                if (shape.detail() == Detail.RICH) {
                    continue;
                }
                var origin = piece.placing().apply(new Point(0, front.yMm()));
                var along = piece.placing()
                        .apply(new Point(1, front.yMm()))
                        .minus(origin)
                        .unit();
                var toFront = piece.placing()
                        .apply(new Point(0, front.yMm() - 1))
                        .minus(origin)
                        .unit();
                var isMirrored = along.left().dot(toFront) > 0;
                var flat = Flat.plumb(origin, footMm, isMirrored ? along.times(-1) : along);
                var there = isMirrored ? shape.path().through(Affine.scale(-1, 1)) : shape.path();
                if (shape.paint() instanceof Paint.Of(var role) && isOne(there)) {
                    var ring = there.flattened(PER_CURVE).counterClockwise();
                    if (ring.area() > 1) {
                        facets.add(new Facet(flat, Outline.of(ring), skin(role), ++rank));
                    }
                }
                if (shape.edge() == Edge.INNER || shape.edge() == Edge.OUTLINE) {
                    for (var points : Polylines.of(there, PER_CURVE)) {
                        lines.add(new Body.Line(points.stream().map(flat::at).toList()));
                    }
                }
            }
        }

        /** What looks alike from every side: all of it about one plumb line as one body turned about it. */
        void rounds(Symbol symbol) {
            var about = new LinkedHashMap<Point, List<SymbolShape>>();
            for (var round : symbol.rounds()) {
                about.computeIfAbsent(round.at(), _ -> new ArrayList<>()).add(round.shape());
            }
            about.forEach((at, shapes) -> {
                var role = shapes.stream()
                        .flatMap(s -> s.paint() instanceof Paint.Of(var r) ? Stream.of(r) : Stream.empty())
                        .max(Comparator.comparingLong(r -> shapes.stream()
                                .filter(s -> s.paint().equals(new Paint.Of(r)))
                                .count()));
                var rings = shapes.stream()
                        .filter(s -> isOne(s.path()))
                        .map(s -> s.path().flattened(PER_CURVE))
                        .toList();
                if (role.isPresent() && !rings.isEmpty()) {
                    var profile = profile(rings);
                    var isLeafy = LEAVES.contains(role.get());
                    turned(
                            isLeafy ? Leaves.core(profile) : profile,
                            piece.placing().apply(at),
                            role.get());
                    if (isLeafy) {
                        Leaves.of(
                                facets::add,
                                profile,
                                piece.placing().apply(at),
                                footMm,
                                piece.id().number(),
                                this::skin);
                    }
                }
            });
        }

        private void turned(List<Point> profile, Point at, Role role) {
            for (var i = 0; i + 1 < profile.size(); i++) {
                for (var k = 0; k < SIDES; k++) {
                    var a = ringed(at, profile.get(i), k);
                    var b = ringed(at, profile.get(i), k + 1);
                    var c = ringed(at, profile.get(i + 1), k + 1);
                    var d = ringed(at, profile.get(i + 1), k);
                    band(a, b, c, d, role);
                }
            }
        }

        private SpacePoint ringed(Point at, Point p, int side) {
            return SpacePoint.of(at.plus(Point.direction(360.0 * side / SIDES).times(p.x())), footMm + p.y());
        }

        private void band(SpacePoint a, SpacePoint b, SpacePoint c, SpacePoint d, Role role) {
            var isFoot = a.distance(b) < 1;
            var isTip = c.distance(d) < 1;
            if (isFoot && isTip) {
                return;
            }
            var along = (isFoot ? c.minus(d) : b.minus(a)).unit();
            var rise = d.minus(a);
            var square = rise.minus(along.times(rise.dot(along)));
            if (square.length() < 1) {
                return;
            }
            var flat = new Flat(a, along, square.unit());
            var corners = new ArrayList<Point>();
            corners.add(flat.of(a));
            if (!isFoot) {
                corners.add(flat.of(b));
            }
            corners.add(flat.of(c));
            if (!isTip) {
                corners.add(flat.of(d));
            }
            facets.add(new Facet(flat, Outline.of(new Ring(corners).counterClockwise()), skin(role)));
        }

        /** How far shapes reach from their middle at heights from their foot to their tip: x out, y up. */
        private static List<Point> profile(List<Ring> rings) {
            var box = rings.stream().map(Ring::bounds).reduce(Box::union).orElseThrow();
            var out = new ArrayList<Point>();
            for (var i = 0; i <= BANDS; i++) {
                // closer together at the ends, where a crown is rounder
                var z = box.centre().y() - box.height() / 2 * Math.cos(Math.PI * i / BANDS);
                var inside = Math.clamp(z, box.minY() + box.height() * 0.01, box.maxY() - box.height() * 0.01);
                var reach =
                        rings.stream().mapToDouble(r -> reach(r, inside)).max().orElse(0);
                out.add(new Point(i == BANDS ? 0 : i == 0 ? reach * 0.5 : reach, z));
            }
            return out;
        }

        private static double reach(Ring ring, double z) {
            var reach = 0.0;
            for (var edge : ring.edges()) {
                if ((edge.a().y() - z) * (edge.b().y() - z) <= 0
                        && edge.a().y() != edge.b().y()) {
                    var t = (z - edge.a().y()) / (edge.b().y() - edge.a().y());
                    reach = Math.max(
                            reach,
                            Math.abs(edge.a().x() + t * (edge.b().x() - edge.a().x())));
                }
            }
            return reach;
        }
    }

    private static boolean isLeaf(SymbolShape part) {
        return part.paint() instanceof Paint.Of(var role) && LEAVES.contains(role);
    }

    private static boolean isOne(Figure path) {
        return !path.isEmpty() && Polylines.of(path, 1).size() == 1;
    }
}
