package strophos.core.arena;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import strophos.core.exchange.Rein;

/** What holds for every figure in every arena; lengths, areas and containment beside a general geometry library. */
class AnyFigureTest {

    private static final GeometryFactory JTS = new GeometryFactory();
    private static final double STEP_M = 0.02;

    /** Each figure that was laid, of thousands tried; the refused ones said why, by their type. */
    private static Map<FigureForm, List<Laid>> thousands() {
        Random random = new Random(18);
        Map<FigureForm, List<Laid>> laid = new EnumMap<>(FigureForm.class);
        for (int i = 0; i < 6000; i++) {
            Arena arena = arena(random);
            FigureForm form = FigureForm.values()[i % FigureForm.values().length];
            FigureWish wish = new FigureWish(
                    form,
                    Rein.values()[random.nextInt(2)],
                    List.of("A", "C", "B", "E", "X").get(random.nextInt(5)),
                    in(random, form.size()),
                    in(random, FigureForm.TO),
                    (int) Math.round(in(random, form.count())),
                    in(random, FigureForm.CORNER));
            try {
                laid.computeIfAbsent(form, f -> new ArrayList<>()).add(new Laid(arena, wish, wish.laid(arena)));
            } catch (FigureLeavesArena e) {
                assertThat(arena.holds(e.where()))
                        .as("%s says where it leaves", wish)
                        .isFalse();
            } catch (TurnsNeedRoom | NotRiddenHere e) {
                assertThat(e).hasMessageMatching(".*(room|needs|begins on|goes in from).*");
            }
        }
        return laid;
    }

    record Laid(Arena arena, FigureWish wish, Figure figure) {}

    private static Arena arena(Random random) {
        double width = 8 + 22 * random.nextDouble();
        double length = width + 40 * random.nextDouble();
        return switch (random.nextInt(4)) {
            case 0 -> Arena.oval(width, length);
            case 1 -> Arena.roundPen(width);
            default -> Arena.rectangle(width, length);
        };
    }

    private static double in(Random random, FigureForm.Bounds bounds) {
        // the small ones more often: they fit
        return bounds.least() + (bounds.most() - bounds.least()) * Math.pow(random.nextDouble(), 3);
    }

    @Test
    void everyFigureKeepsItsPromises() {
        Map<FigureForm, List<Laid>> laid = thousands();
        assertThat(laid).containsOnlyKeys(FigureForm.values());
        laid.values().stream().flatMap(List::stream).forEach(AnyFigureTest::holds);
    }

    private static void holds(Laid laid) {
        Figure figure = laid.figure();
        double length = figure.lengthM();
        String what = laid.wish().toString();
        Figure mirrored = figure.mirrored(laid.arena().widthM() / 2);
        assertThat(mirrored.lengthM()).as(what).isCloseTo(length, within(1e-9));
        assertThat(mirrored.turningRad()).as(what).isCloseTo(-figure.turningRad(), within(1e-9));
        assertThat(mirrored.bentM(true)).as(what).isCloseTo(figure.bentM(false), within(1e-9));
        assertThat(figure.moved(3, -2).lengthM()).as(what).isCloseTo(length, within(1e-9));
        Figure twice = figure.reversed().reversed();
        assertThat(twice.at(length / 3).at().distanceM(figure.at(length / 3).at()))
                .as(what)
                .isCloseTo(0, within(1e-6));
        assertThat(figure.reversed().at(0).at().distanceM(figure.at(length).at()))
                .as(what)
                .isCloseTo(0, within(1e-6));
        agreesWithJts(laid);
        if (laid.wish().form() != FigureForm.ZIGZAG) {
            assertThat(turned(figure))
                    .as("%s turns as far as it bends", what)
                    .isCloseTo(figure.turningRad(), within(1e-6));
        }
    }

    /** The way one looks, added up step by step. */
    private static double turned(Figure figure) {
        double sum = 0;
        double before = figure.at(0).headingRad();
        int steps = (int) Math.ceil(figure.lengthM() / 0.2);
        for (int i = 1; i <= steps; i++) {
            double now = figure.at(figure.lengthM() * i / steps).headingRad();
            sum += Math.IEEEremainder(now - before, 2 * Math.PI);
            before = now;
        }
        return sum;
    }

    private static void agreesWithJts(Laid laid) {
        Figure figure = laid.figure();
        int steps = (int) Math.ceil(figure.lengthM() / STEP_M);
        Coordinate[] line = new Coordinate[steps + 1];
        for (int i = 0; i <= steps; i++) {
            Point p = figure.at(figure.lengthM() * i / steps).at();
            line[i] = new Coordinate(p.xM(), p.yM());
        }
        Geometry ridden = JTS.createLineString(line);
        assertThat(ridden.getLength())
                .as(laid.toString())
                .isCloseTo(figure.lengthM(), within(0.002 * figure.lengthM()));
        assertThat(outline(laid.arena()).buffer(0.005).covers(ridden))
                .as("%s lies inside", laid)
                .isTrue();
    }

    private static Geometry outline(Arena arena) {
        double w = arena.widthM();
        double l = arena.lengthM();
        if (arena.shape() == Shape.RECTANGLE) {
            return JTS.toGeometry(new org.locationtech.jts.geom.Envelope(0, w, 0, l));
        }
        return JTS.createLineString(new Coordinate[] {new Coordinate(w / 2, w / 2), new Coordinate(w / 2, l - w / 2)})
                .buffer(w / 2, 64);
    }

    /** A circle's area by the library: π r². */
    @Test
    void aCircleEnclosesItsArea() {
        Figure circle = Figures.circle(Arena.SMALL, "E", 15, Rein.RIGHT);
        Coordinate[] ring = new Coordinate[3601];
        for (int i = 0; i < 3600; i++) {
            Point p = circle.at(circle.lengthM() * i / 3600).at();
            ring[i] = new Coordinate(p.xM(), p.yM());
        }
        ring[3600] = ring[0];
        assertThat(JTS.createPolygon(ring).getArea()).isCloseTo(Math.PI * 7.5 * 7.5, within(0.001));
    }

    /** Every figure as it is mostly ridden, in the arenas everybody knows. */
    @Test
    void theUsualFiguresFitTheStandardArenas() {
        for (FigureForm form : FigureForm.values()) {
            for (Rein rein : Rein.values()) {
                FigureWish usual = FigureWish.usual(form, rein);
                String at = form.usualAt().equals("M") && rein == Rein.RIGHT ? "H" : usual.at();
                FigureWish here =
                        new FigureWish(form, rein, at, usual.sizeM(), usual.toM(), usual.count(), usual.cornerM());
                assertThat(here.laid(Arena.SMALL).lengthM()).as(form.name()).isPositive();
                assertThat(here.laid(Arena.STANDARD).lengthM()).as(form.name()).isPositive();
            }
        }
    }
}
