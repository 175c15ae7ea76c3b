package org.handdown.e2e;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** Journeys of one person, who sits down at the made-up household's table before each and leaves it afterwards. */
abstract class Seated {
    protected Table table;

    @BeforeEach
    void sitDown() {
        table = Table.sitDown(Stage.get(), 1280, 800, false);
    }

    @AfterEach
    void leave() {
        table.leave();
    }
}
