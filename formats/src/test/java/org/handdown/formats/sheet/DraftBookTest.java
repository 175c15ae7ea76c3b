package org.handdown.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.handdown.pattern.draft.Drafts;
import org.junit.jupiter.api.Test;

class DraftBookTest {
    private static final Path DOCS = Path.of("../docs");

    /** If this fails after a change to a draft: {@code ./hand-down bench drafts}, and look at the picture. */
    @Test
    void theBookOfDraftsIsCurrent() throws IOException {
        assertThat(Files.readString(DOCS.resolve("drafts.md"))).isEqualTo(DraftBook.list());
        assertThat(Files.readString(DOCS.resolve("drafts.svg"))).isEqualTo(DraftBook.picture());
    }

    @Test
    void everyDraftIsInItWithItsFormula() {
        String list = DraftBook.list();
        assertThat(Drafts.all()).allSatisfy(d -> assertThat(list).contains("| " + d.words() + " | " + d.cloth()));
        assertThat(DraftBook.picture()).doesNotContain("NaN", "Infinity");
    }
}
