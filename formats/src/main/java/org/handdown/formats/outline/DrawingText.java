package org.handdown.formats.outline;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/** The text of a drawing in whichever of the usual encodings it was written. */
final class DrawingText {
    private DrawingText() {}

    static String of(byte[] file) {
        Charset charset = charset(file);
        String text = new String(file, charset);
        return text.startsWith("\ufeff") ? text.substring(1) : text;
    }

    /** By the mark at its beginning; without one it is UTF-8 if it can be, else Latin-1, which takes every byte. */
    static Charset charset(byte[] file) {
        if (file.length > 1 && (file[0] & 0xff) == 0xff && (file[1] & 0xff) == 0xfe) {
            return StandardCharsets.UTF_16LE;
        }
        if (file.length > 1 && (file[0] & 0xff) == 0xfe && (file[1] & 0xff) == 0xff) {
            return StandardCharsets.UTF_16BE;
        }
        try {
            StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(file));
            return StandardCharsets.UTF_8;
        } catch (CharacterCodingException e) {
            return StandardCharsets.ISO_8859_1;
        }
    }
}
