package org.handdown.server.photo;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.handdown.formats.photo.Photo;
import org.handdown.server.web.BusyException;
import org.springframework.stereotype.Component;

/** Pictures are worked on one at a time, whoever asks: each fills a good part of the memory. */
@Component
public final class Pictures {
    private static final int LONGEST_WAIT_SECONDS = 4;
    private static final int SHOWN_PX = 1600;
    private static final float QUALITY = 0.92f;
    private final Semaphore oneAtATime = new Semaphore(1, true);

    /** A picture as it is shown: so many pixels at most, a JPEG. */
    public record Shown(byte[] jpeg, int width, int height) {}

    public Shown shown(Photo photo) {
        BufferedImage image = smaller(photo.toImage());
        return new Shown(jpeg(image), image.getWidth(), image.getHeight());
    }

    /** One picture at a time; who waits longer than people do is told so, and holds nothing meanwhile. */
    public <T> T alone(Supplier<T> work) {
        try {
            if (!oneAtATime.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
                throw new BusyException(
                        "Other pictures are being worked on. Nothing was stored; try again in a few seconds.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BusyException("The program is stopping. Nothing was stored; try again in a few seconds.");
        }
        try {
            return work.get();
        } finally {
            oneAtATime.release();
        }
    }

    static BufferedImage smaller(BufferedImage image) {
        double scale = (double) SHOWN_PX / Math.max(image.getWidth(), image.getHeight());
        if (scale >= 1) {
            return image;
        }
        int w = (int) Math.round(image.getWidth() * scale);
        int h = (int) Math.round(image.getHeight() * scale);
        BufferedImage small = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = small.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(image, 0, 0, w, h, null);
        g.dispose();
        return small;
    }

    static byte[] jpeg(BufferedImage image) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
