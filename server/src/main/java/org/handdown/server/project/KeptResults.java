package org.handdown.server.project;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
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
    /** Panels and things of a stash are asked for one by one. */
    private static final int MOST_PANELS = 2400;

    private static final Duration UNUSED = Duration.ofMinutes(20);

    private final Map<Result, Cache<Key, Object>> kept = new EnumMap<>(Result.class);
    /** By identity: what is asked again and again with the same values is not counted through each time. */
    private final Cache<Object, Integer> hashes =
            Caffeine.newBuilder().weakKeys().build();

    /** What a result was made from, by value; its hash is known. */
    private record Key(List<@Nullable Object> from, int hash) {
        @Override
        public int hashCode() {
            return hash;
        }

        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Key key && hash == key.hash && from.equals(key.from);
        }
    }

    private Key key(List<? extends @Nullable Object> from) {
        int hash = 1;
        for (Object value : from) {
            hash = 31 * hash + (value == null ? 0 : hash(value));
        }
        return new Key(Arrays.asList(from.toArray()), hash);
    }

    private int hash(Object value) {
        return value instanceof Record || value instanceof List<?>
                ? hashes.get(value, Object::hashCode)
                : value.hashCode();
    }

    /** Of these a project or a page asks for many at once. */
    private static final Set<Result> OF_MANY =
            Set.of(Result.PANEL, Result.USABLE, Result.THING, Result.SHEETS, Result.DRAWN);

    public KeptResults() {
        for (Result result : Result.values()) {
            kept.put(
                    result,
                    Caffeine.newBuilder()
                            .maximumSize(OF_MANY.contains(result) ? MOST_PANELS : MOST)
                            .expireAfterAccess(UNUSED)
                            .softValues()
                            .build());
        }
    }

    /** Two that ask at once may both make it: none waits for the other inside a transaction. */
    @Override
    @SuppressWarnings("unchecked")
    public <T> T of(Result result, List<? extends @Nullable Object> from, Supplier<T> make) {
        Cache<Key, Object> cache = Objects.requireNonNull(kept.get(result));
        Key key = key(from);
        Object known = cache.getIfPresent(key);
        if (known == null) {
            known = make.get();
            cache.put(key, known);
        }
        return (T) known;
    }
}
