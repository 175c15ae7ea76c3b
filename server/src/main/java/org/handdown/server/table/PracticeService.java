package org.handdown.server.table;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The figures of common practice that a household goes by. */
@Service
public class PracticeService {
    private static final int LONGEST = 40;

    private final PracticeMapper mapper;

    PracticeService(PracticeMapper mapper) {
        this.mapper = mapper;
    }

    /** A figure that is no longer known, or lies out of bounds that were drawn closer since, is as shipped. */
    @Transactional(readOnly = true)
    public Practice of(UUID household) {
        Map<Practice.Figure, Double> own = new EnumMap<>(Practice.Figure.class);
        for (PracticeMapper.FigureRow row : mapper.own(household)) {
            Practice.Figure.find(row.figure())
                    .filter(f -> f.takes(row.value()))
                    .ifPresent(f -> own.put(f, row.value()));
        }
        return new Practice(own);
    }

    /** The words that own figures were typed in, by figure. */
    @Transactional(readOnly = true)
    Map<Practice.Figure, String> typed(UUID household) {
        Map<Practice.Figure, String> typed = new EnumMap<>(Practice.Figure.class);
        mapper.own(household)
                .forEach(row -> Practice.Figure.find(row.figure()).ifPresent(f -> typed.put(f, row.typed())));
        return typed;
    }

    /**
     * Sets the figures that are named; the others stay.
     *
     * @param typed by figure; empty for the shipped one
     * @throws RefusedValueException naming the figure that cannot be
     */
    @Transactional
    void set(UUID household, Map<Practice.Figure, String> typed) {
        Map<Practice.Figure, Double> read = new HashMap<>();
        typed.forEach((figure, text) -> {
            if (text.length() > LONGEST) {
                throw new RefusedValueException("practice." + figure.name(), "Write it in up to 40 letters.");
            }
            if (!text.isEmpty()) {
                read.put(figure, PracticeText.read(figure, text));
            }
        });
        Practice checked = new Practice(read);
        typed.forEach((figure, text) -> {
            mapper.clear(household, figure.name());
            Double value = checked.own().get(figure);
            if (value != null) {
                mapper.insert(household, new PracticeMapper.FigureRow(figure.name(), value, text));
            }
        });
    }
}
