package org.handdown.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.core.type.ClassMetadata;
import org.springframework.core.type.classreading.CachingMetadataReaderFactory;
import org.springframework.util.ClassUtils;

/** The description of the interface that the web page's types are made from: stable, no host, every field required unless nullable. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfiguration {
    private static final String CLASSES = "classpath*:org/handdown/**/*.class";

    @Bean
    OpenApiCustomizer stable() {
        return api -> {
            api.setInfo(new Info().title("Hand Down").version("1"));
            api.setServers(List.of(new Server().url("/")));
            requireFields(api);
        };
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void requireFields(OpenAPI api) {
        if (api.getComponents() == null || api.getComponents().getSchemas() == null) {
            return;
        }
        Map<String, Set<String>> nullable = nullable();
        for (Map.Entry<String, Schema> named : api.getComponents().getSchemas().entrySet()) {
            Schema<?> schema = named.getValue();
            Map<String, Schema> fields = schema.getProperties();
            if (fields != null) {
                List<String> required = new ArrayList<>(fields.keySet());
                required.removeAll(nullable.getOrDefault(named.getKey(), Set.of()));
                schema.setRequired(required);
            }
        }
    }

    /** Fields of all records that may be null, as the code itself says it, by the simple name that the description calls a record by. */
    private static Map<String, Set<String>> nullable() {
        Map<String, Set<String>> fields = new HashMap<>();
        try {
            CachingMetadataReaderFactory classes = new CachingMetadataReaderFactory();
            for (Resource file : new PathMatchingResourcePatternResolver().getResources(CLASSES)) {
                ClassMetadata told = classes.getMetadataReader(file).getClassMetadata();
                if (Record.class.getName().equals(told.getSuperClassName())) {
                    Class<?> record = ClassUtils.forName(told.getClassName(), null);
                    for (RecordComponent c : record.getRecordComponents()) {
                        if (c.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                            fields.computeIfAbsent(record.getSimpleName(), n -> new HashSet<>())
                                    .add(c.getName());
                        }
                    }
                }
            }
        } catch (IOException | ClassNotFoundException e) {
            throw new IllegalStateException("The program cannot read its own classes.", e);
        }
        return fields;
    }
}
