package org.handdown.bench.studio;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** Blurs light, makes a picture of it with the lens's fall-off and noise, and writes it as a JPEG. */
record Development(Setting s) {
    /** Linear light to sRGB (IEC 61966-2-1). */
    private static final int[] SRGB = IntStream.rangeClosed(0, 1 << 14)
            .map(i -> {
                double v = (double) i / (1 << 14);
                return (int) Math.round(255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * Math.pow(v, 1 / 2.4) - 0.055));
            })
            .toArray();

    float[] blurred(float[] in, double sigma, boolean isAcross) {
        if (sigma < 0.2) {
            return in;
        }
        int reach = (int) Math.ceil(3 * sigma);
        float[] weight = new float[2 * reach + 1];
        float sum = 0;
        for (int i = -reach; i <= reach; i++) {
            weight[i + reach] = (float) Math.exp(-i * i / 2.0 / sigma / sigma);
            sum += weight[i + reach];
        }
        float all = sum;
        float[] out = new float[in.length];
        IntStream.range(0, s.height).parallel().forEach(y -> {
            for (int x = 0; x < s.width; x++) {
                float v = 0;
                for (int i = -reach; i <= reach; i++) {
                    int xx = isAcross ? Math.max(0, Math.min(s.width - 1, x + i)) : x;
                    int yy = isAcross ? y : Math.max(0, Math.min(s.height - 1, y + i));
                    v += weight[i + reach] * in[yy * s.width + xx];
                }
                out[y * s.width + x] = v / all;
            }
        });
        return out;
    }

    BufferedImage developed(float[][] light) {
        BufferedImage image = new BufferedImage(s.width, s.height, BufferedImage.TYPE_INT_RGB);
        int[] rgb = new int[s.width * s.height];
        IntStream.range(0, s.height).parallel().forEach(y -> developed(light, y, rgb));
        image.setRGB(0, 0, s.width, s.height, rgb, 0, s.width);
        return image;
    }

    private void developed(float[][] light, int y, int[] rgb) {
        double half = Math.hypot(s.width, s.height) / 2;
        SplittableRandom chance = new SplittableRandom(s.seed * 10_007 + y);
        for (int x = 0; x < s.width; x++) {
            int k = y * s.width + x;
            double dx = (x - s.width / 2.0) / half;
            double dy = (y - s.height / 2.0) / half;
            double fall = 1 - 0.16 * (dx * dx + dy * dy);
            int colour = 0;
            for (int n = 0; n < 3; n++) {
                double v = light[n][k] * fall;
                // The sum of three even numbers: near enough to a normal one.
                double g = 2 * (chance.nextDouble() + chance.nextDouble() + chance.nextDouble() - 1.5);
                v += g * s.noise * (0.4 + Math.sqrt(Math.max(0, v)));
                colour = colour << 8 | SRGB[(int) (Math.max(0, Math.min(1, v)) * (SRGB.length - 1) + 0.5)];
            }
            rgb[k] = colour;
        }
    }

    byte[] jpeg(BufferedImage image) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam how = writer.getDefaultWriteParam();
        how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        how.setCompressionQuality(s.quality);
        try (MemoryCacheImageOutputStream to = new MemoryCacheImageOutputStream(out)) {
            writer.setOutput(to);
            writer.write(null, new IIOImage(image, List.of(), null), how);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }
}
