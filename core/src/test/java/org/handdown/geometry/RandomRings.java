package org.handdown.geometry;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Star-shaped rings, often far from convex: enough to meet every case of a no-fit polygon. */
public final class RandomRings {
    private RandomRings() {}

    public static Arbitrary<Ring> rings() {
        Arbitrary<Double> radius = Arbitraries.doubles().between(5, 100).ofScale(3);
        return Combinators.combine(
                        radius.list().ofMinSize(3).ofMaxSize(9),
                        Arbitraries.doubles().between(0, 6))
                .as(RandomRings::star)
                .filter(Ring::isSimple);
    }

    static Ring star(List<Double> radii, double turn) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < radii.size(); i++) {
            double angle = turn + 2 * Math.PI * i / radii.size();
            points.add(new Point(radii.get(i) * Math.cos(angle), radii.get(i) * Math.sin(angle)));
        }
        return new Ring(points);
    }
}
