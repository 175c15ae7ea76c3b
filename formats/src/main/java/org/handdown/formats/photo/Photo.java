package org.handdown.formats.photo;

import boofcv.struct.image.GrayF32;
import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.jpeg.JpegProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A picture as colours, upright as it was held.
 *
 * @param rgb row by row from the upper left corner, 0xRRGGBB
 */
@SuppressWarnings("ArrayRecordComponent")
public record Photo(int width, int height, int[] rgb) {
    public static final int LARGEST_BYTES = 25_000_000;
    /** More than any telephone takes; decoded it would fill the memory. */
    private static final long MOST_PIXELS = 60_000_000L;
    /** Finer pictures are read at half size. */
    private static final long ENOUGH_PIXELS = 26_000_000L;

    private static final int LEAST_SIDE = 300;

    /**
     * Reads a JPEG or PNG, turned as its orientation mark says.
     *
     * @throws RefusedValueException for what is no picture, or too large a one; size is looked at before anything is decoded
     */
    public static Photo read(byte[] file) {
        if (file.length > LARGEST_BYTES) {
            throw new RefusedValueException("photo", "The picture is larger than 25 MB; take it with less quality.");
        }
        BufferedImage image;
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            ImageReader reader = readers.hasNext() ? readers.next() : null;
            if (reader == null
                    || !Set.of("jpeg", "png").contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                throw new RefusedValueException("photo", "This is no JPEG or PNG picture, whatever its name says.");
            }
            try {
                reader.setInput(in, true, true);
                image = decoded(reader);
            } finally {
                reader.dispose();
            }
        } catch (IOException | IndexOutOfBoundsException | IllegalArgumentException e) {
            throw new RefusedValueException("photo", "The picture is broken off or damaged; take it again.");
        }
        return of(image).turned(orientation(file));
    }

    private static BufferedImage decoded(ImageReader reader) throws IOException {
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        if (pixels > MOST_PIXELS) {
            throw new RefusedValueException(
                    "photo",
                    Wording.fill(
                            "The picture has %d megapixels; at most 60 can be read. Take it with a lower resolution.",
                            pixels / 1_000_000));
        }
        if (Math.min(reader.getWidth(0), reader.getHeight(0)) < LEAST_SIDE) {
            throw new RefusedValueException(
                    "photo", "The picture is under 300 pixels wide or high; a panel cannot be measured on it.");
        }
        ImageReadParam how = reader.getDefaultReadParam();
        if (pixels > ENOUGH_PIXELS) {
            how.setSourceSubsampling(2, 2, 0, 0);
        }
        return reader.read(0, how);
    }

    public static Photo of(BufferedImage image) {
        int w = image.getWidth();
        int h = image.getHeight();
        int[] rgb = image.getRGB(0, 0, w, h, null, 0, w);
        for (int i = 0; i < rgb.length; i++) {
            // What shows through a hole in a picture is white paper.
            int alpha = rgb[i] >>> 24;
            rgb[i] = alpha < 128 ? 0xffffff : rgb[i] & 0xffffff;
        }
        return new Photo(w, h, rgb);
    }

    public BufferedImage toImage() {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        image.setRGB(0, 0, width, height, rgb, 0, width);
        return image;
    }

    /** The orientation mark of a JPEG, 1 to 8 (Exif 2.3, table of tag 274); 1 where there is none. */
    private static int orientation(byte[] file) {
        // Only a JPEG carries the mark, and only its Exif part is read: other parts may be packed, and unpack to
        // anything.
        if (file.length < 2 || (file[0] & 0xff) != 0xff || (file[1] & 0xff) != 0xd8) {
            return 1;
        }
        try {
            Metadata metadata =
                    JpegMetadataReader.readMetadata(new ByteArrayInputStream(file), List.of(new ExifReader()));
            ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (JpegProcessingException | IOException | MetadataException e) {
            return 1;
        }
    }

    /** As a person held it: the mark says where the first row and column lie. */
    Photo turned(int orientation) {
        if (orientation <= 1 || orientation > 8) {
            return this;
        }
        boolean swaps = orientation >= 5;
        int w = swaps ? height : width;
        int h = swaps ? width : height;
        int[] out = new int[rgb.length];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                int sx = swaps ? y : x;
                int sy = swaps ? x : y;
                switch (orientation) {
                    case 2 -> sx = width - 1 - x;
                    case 3 -> {
                        sx = width - 1 - x;
                        sy = height - 1 - y;
                    }
                    case 4 -> sy = height - 1 - y;
                    case 6 -> sy = height - 1 - x;
                    case 7 -> {
                        sx = width - 1 - y;
                        sy = height - 1 - x;
                    }
                    case 8 -> sx = width - 1 - y;
                    default -> {
                        // 5 only swaps rows and columns.
                    }
                }
                out[y * w + x] = rgb[sy * width + sx];
            }
        }
        return new Photo(w, h, out);
    }

    /** Linear brightness, 0 to 1: what an edge is halved by, however blurred. */
    GrayF32 light() {
        GrayF32 light = new GrayF32(width, height);
        for (int i = 0; i < rgb.length; i++) {
            int c = rgb[i];
            light.data[i] = 0.2126f * FlatPhoto.linear(c >> 16)
                    + 0.7152f * FlatPhoto.linear(c >> 8)
                    + 0.0722f * FlatPhoto.linear(c);
        }
        return light;
    }

    /** Brightness, 0 to 255. */
    GrayF32 gray() {
        GrayF32 gray = new GrayF32(width, height);
        for (int i = 0; i < rgb.length; i++) {
            int c = rgb[i];
            gray.data[i] = 0.299f * (c >> 16 & 255) + 0.587f * (c >> 8 & 255) + 0.114f * (c & 255);
        }
        return gray;
    }
}
