package org.handdown.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.handdown.formats.sheet.DraftBook;

/** Writes the list and the picture of all drafts into the documentation. */
public final class DraftPictures {
    private DraftPictures() {}

    public static void main(String[] args) throws IOException {
        Path docs = Path.of("docs");
        Files.writeString(docs.resolve("drafts.md"), DraftBook.list());
        Files.writeString(docs.resolve("drafts.svg"), DraftBook.picture());
        System.err.println("  wrote docs/drafts.md and docs/drafts.svg");
    }
}
