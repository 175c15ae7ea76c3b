package org.handdown.formats.photo;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** What makes a sure outline doubtful, on pictures painted here a millimetre to the pixel: 600 × 500, y down. */
class ClothDoubtsTest {
    private static final List<Point> CLOTH =
            List.of(new Point(100, 100), new Point(500, 100), new Point(500, 400), new Point(100, 400));

    private static List<String> doubts(Consumer<Graphics2D> on, List<Point> outline) {
        BufferedImage image = new BufferedImage(600, 500, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(0xd6c7ab));
        g.fillRect(0, 0, 600, 500);
        g.setColor(new Color(0x2c4566));
        g.fillRect(100, 100, 400, 300);
        on.accept(g);
        g.dispose();
        Random chance = new Random(3);
        float[][] light = new float[3][600 * 500];
        for (int k = 0; k < 600 * 500; k++) {
            int c = image.getRGB(k % 600, k / 600);
            for (int n = 0; n < 3; n++) {
                light[n][k] = FlatPhoto.linear(c >> 16 - 8 * n) * (float) (1 + 0.03 * chance.nextGaussian());
            }
        }
        FlatPhoto flat = new FlatPhoto(0, 0, 1, 600, 500, light[0], light[1], light[2]);
        // On the table y runs up.
        Ring ring = new Ring(outline.stream().map(p -> new Point(p.x(), -p.y())).toList());
        return ClothDoubts.of(flat, ring.counterClockwise());
    }

    @Test
    void aPlainClothIsNotDoubted() {
        assertThat(doubts(g -> {}, CLOTH)).isEmpty();
    }

    @Test
    void stripesChecksAndDotsAreNotDoubted() {
        Color other = new Color(0xaab4bd);
        assertThat(doubts(
                        g -> {
                            g.setColor(other);
                            for (int x = 110; x < 490; x += 40) {
                                g.fillRect(x, 100, 16, 300);
                            }
                        },
                        CLOTH))
                .isEmpty();
        assertThat(doubts(
                        g -> {
                            g.setColor(other);
                            for (int x = 120; x < 480; x += 44) {
                                for (int y = 120; y < 380; y += 44) {
                                    g.fill(new Ellipse2D.Double(x, y, 20, 20));
                                }
                            }
                        },
                        CLOTH))
                .isEmpty();
    }

    @Test
    void aPaleStripAlongAnEdgeIsAskedAbout() {
        assertThat(doubts(
                        g -> {
                            g.setColor(new Color(0x8a9cb4));
                            g.fillRect(430, 100, 70, 300);
                        },
                        CLOTH))
                .singleElement()
                .asString()
                .contains("another colour", "folded over");
    }

    @Test
    void aThingAcrossTheEdgeShowsByItsTwoInwardCorners() {
        List<Point> withThing = List.of(
                new Point(100, 100),
                new Point(500, 100),
                new Point(500, 200),
                new Point(540, 200),
                new Point(540, 290),
                new Point(500, 290),
                new Point(500, 400),
                new Point(100, 400));
        assertThat(doubts(
                        g -> {
                            g.setColor(new Color(0x243a58));
                            g.fillRect(450, 200, 90, 90);
                        },
                        withThing))
                .anyMatch(d -> d.contains("two corners"));
    }

    @Test
    void theShadowOfAnEdgeThatLiesOnTheClothIsSeen() {
        assertThat(doubts(
                        g -> {
                            g.setColor(new Color(0x22364f));
                            g.setStroke(new java.awt.BasicStroke(2));
                            g.draw(new Line2D.Double(230, 105, 400, 395));
                        },
                        CLOTH))
                .singleElement()
                .asString()
                .contains("line runs across");
    }

    /** A shadow is the same colour with less light. */
    @Test
    void aShadowOverThePartOfTheClothIsNoOtherColour() {
        assertThat(doubts(
                        g -> {
                            g.setColor(new Color(0, 0, 0, 60));
                            g.fillRect(380, 50, 180, 400);
                        },
                        CLOTH))
                .isEmpty();
    }

    /** The same darkness with the table beside it in full light is a thing. */
    @Test
    void aDarkThingAtTheEndOfADarkClothIsNoShadow() {
        assertThat(doubts(
                        g -> {
                            g.setColor(new Color(0x1a2a40));
                            g.fillRect(420, 100, 80, 300);
                        },
                        CLOTH))
                .anyMatch(d -> d.contains("darker, though the table beside it is not"));
    }
}
