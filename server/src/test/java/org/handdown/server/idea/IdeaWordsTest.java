package org.handdown.server.idea;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What lives on, as somebody would say it. */
class IdeaWordsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "front 1, hem|hem of the front 1",
                "waistband, waistband|waistband",
                "front 2, finished front edge|finished front edge of the front 2",
                "drawstring|drawstring"
            })
    void anEdgeIsNamedByWhatItDoes(String want, String spoken) {
        assertThat(IdeaWords.spoken(want)).isEqualTo(spoken);
    }
}
