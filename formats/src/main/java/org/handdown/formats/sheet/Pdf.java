package org.handdown.formats.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Objects;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** A PDF being written, with the shipped typefaces embedded. */
final class Pdf implements AutoCloseable {
    private static final double DAY_MM = 2.5;
    /** Ships with the library that writes these files, and has Greek and Cyrillic letters. */
    private static final String WIDE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private final PDDocument document = new PDDocument();
    private final Letters letters;
    private final Paper paper;

    Pdf(String title, Paper paper) {
        this.paper = paper;
        document.getDocumentInformation().setTitle(title);
        this.letters = new Letters(
                font(Pdf.class, "Figtree-Regular.ttf"), font(Pdf.class, "Figtree-Bold.ttf"), font(PDFont.class, WIDE));
    }

    private PDFont font(Class<?> beside, String file) {
        try (InputStream in = Objects.requireNonNull(beside.getResourceAsStream(file), file)) {
            return PDType0Font.load(document, in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A new page, with the day it was printed in its upper margin: a sheet of last month must not pass for today's. */
    Page page() {
        Page page = new Page(document, paper, letters);
        String day = "printed " + day();
        page.text(paper.widthMm() - 10 - page.widthMm(DAY_MM, false, day), paper.heightMm() - 6, DAY_MM, false, day);
        return page;
    }

    private static String day() {
        return LocalDate.now(ZoneId.systemDefault()).format(DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH));
    }

    byte[] bytes() {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        try {
            document.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
