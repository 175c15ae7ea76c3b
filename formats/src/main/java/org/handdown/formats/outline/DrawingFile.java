package org.handdown.formats.outline;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.GZIPInputStream;
import org.handdown.measure.RefusedValueException;
import org.jspecify.annotations.Nullable;

/** A drawing from whatever program: recognised by what is in it, never by its name. */
public final class DrawingFile {
    public static final int LARGEST_BYTES = 8_000_000;

    static final String NO_DRAWING = "This is neither an SVG nor an ASCII DXF; save the drawing as one of them.";

    private DrawingFile() {}

    /**
     * Reads an SVG, packed or not, or an ASCII DXF.
     *
     * @param unit what one unit of the drawing is; null to believe the drawing
     * @throws RefusedValueException for anything else, told for what it is and how to come to a drawing from it
     */
    public static Drawing read(byte[] file, @Nullable DrawingUnit unit) {
        if (file.length == 0) {
            throw refused("The file is empty; save the drawing again.");
        }
        byte[] plain = file.length > 2 && (file[0] & 0xff) == 0x1f && (file[1] & 0xff) == 0x8b ? unpacked(file) : file;
        if (plain.length > LARGEST_BYTES) {
            throw refused("The drawing is larger than 8 MB; save the outline alone.");
        }
        String text = DrawingText.of(plain);
        String head = text.substring(0, Math.min(text.length(), 4000)).stripLeading();
        if (head.startsWith("<")) {
            return SvgOutlines.read(plain, unit);
        }
        String other = otherKind(plain, head);
        if (other != null) {
            throw refused(other);
        }
        return DxfOutlines.read(text, unit);
    }

    /** Is this a file of data rather than a drawing? A project's file is one. */
    public static boolean isJson(byte[] file) {
        String head = DrawingText.of(file.length > 200 ? java.util.Arrays.copyOf(file, 200) : file)
                .stripLeading();
        return head.startsWith("{") || head.startsWith("[");
    }

    /** Kinds of files by their first bytes (file formats' own specifications, from memory); null for what may be a DXF. */
    private static @Nullable String otherKind(byte[] file, String head) {
        if (head.startsWith("%PDF")) {
            return "This is a PDF. Open it in a drawing program and save it as SVG; a page printed at true size can also be cut out and photographed.";
        }
        if (head.startsWith("%!")) {
            return "This is PostScript. Save it as SVG or as ASCII DXF.";
        }
        if (head.startsWith("\u0089PNG") || head.startsWith("\u00ff\u00d8\u00ff") || head.startsWith("GIF8")) {
            return "This is a picture, not a drawing. A photo of cloth with the sheet beside it is read at Survey, by “a photo with a sheet beside it”.";
        }
        if (head.startsWith("RIFF")
                || head.startsWith("II*")
                || head.startsWith("MM\u0000*")
                || head.startsWith("BM")) {
            return "This is a picture, not a drawing. Trace its outline in a drawing program and save it as SVG.";
        }
        if (head.startsWith("AutoCAD Binary DXF")) {
            return "This is a binary DXF; save it as ASCII DXF, R12 or 2000.";
        }
        if (head.matches("(?s)AC10\\d\\d.*")) {
            return "This is a DWG, which only its own programs read; save it as ASCII DXF, R12 or 2000.";
        }
        if (head.startsWith("PK\u0003\u0004")) {
            return "This is a packed folder; unpack it and bring the SVG or DXF that is in it.";
        }
        if (head.startsWith("{") || head.startsWith("[")) {
            return "This is a file of data, not a drawing; bring an SVG or an ASCII DXF.";
        }
        return isText(file) ? null : NO_DRAWING;
    }

    private static boolean isText(byte[] file) {
        int strange = 0;
        int looked = Math.min(file.length, 2000);
        for (int i = 0; i < looked; i++) {
            strange += file[i] >= 0 && file[i] < 9 ? 1 : 0;
        }
        // Two bytes a letter hold a nought in every second.
        return strange == 0 || !DrawingText.charset(file).equals(StandardCharsets.UTF_8);
    }

    private static byte[] unpacked(byte[] file) {
        try (var in = new GZIPInputStream(new ByteArrayInputStream(file))) {
            return in.readNBytes(LARGEST_BYTES + 1);
        } catch (IOException e) {
            throw refused("This packed drawing is damaged; save it as plain SVG.");
        }
    }

    private static RefusedValueException refused(String why) {
        return new RefusedValueException("file", why);
    }
}
