package org.handdown.server.project;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import org.handdown.project.Kept;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Results that this instance keeps, so many of each and as long as there is memory; another instance makes its own. They hold no household: equal figures have equal results,
 * whoever asks.
 */
@Component
public final class KeptResults implements Kept {
    private static final int MOST = 160;
    /** Panels are asked for one by one. */
    private static final int MOST_PANELS = 1600;

    private static final Duration UNUSED = Duration.ofMinutes(20);

    private final Map<Result, Cache<List<@Nullable Object>, Object>> kept = new EnumMap<>(Result.class);

    KeptResults() {
        for (Result result : Result.values()) {
            kept.put(
                    result,
                    Caffeine.newBuilder()
                            .maximumSize(result == Result.PANEL || result == Result.USABLE ? MOST_PANELS : MOST)
                            .expireAfterAccess(UNUSED)
                            .softValues()
                            .build());
        }
    }

    /** Two that ask at once may both make it: none waits for the other inside a transaction. */
    @Override
    @SuppressWarnings("unchecked")
    public <T> T of(Result result, List<? extends @Nullable Object> from, Supplier<T> make) {
        Cache<List<@Nullable Object>, Object> cache = Objects.requireNonNull(kept.get(result));
        List<@Nullable Object> key = Arrays.asList(from.toArray());
        Object known = cache.getIfPresent(key);
        if (known == null) {
            known = make.get();
            cache.put(key, known);
        }
        return (T) known;
    }
}
