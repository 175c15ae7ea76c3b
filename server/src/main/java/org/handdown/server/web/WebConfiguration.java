package org.handdown.server.web;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the single page: hashed assets for ever, everything else that names no file gets the page itself. */
@Configuration(proxyBeanMethods = false)
class WebConfiguration implements WebMvcConfigurer {
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new SinglePage());
    }

    private static final class SinglePage extends PathResourceResolver {
        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws IOException {
            Resource file = location.createRelative(path);
            if (!path.isEmpty() && file.exists() && file.isReadable()) {
                return file;
            }
            boolean isPage = !path.startsWith("api/") && !path.startsWith("actuator/") && !path.contains(".");
            return isPage ? new ClassPathResource("static/index.html") : null;
        }
    }
}
