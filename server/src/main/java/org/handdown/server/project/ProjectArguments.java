package org.handdown.server.project;

import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.media.UUIDSchema;
import io.swagger.v3.oas.models.parameters.PathParameter;
import io.swagger.v3.oas.models.parameters.QueryParameter;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Which project a route is about: the one place where address, household and version meet. */
@Configuration(proxyBeanMethods = false)
class ProjectArguments implements WebMvcConfigurer, HandlerMethodArgumentResolver {
    private static final List<Class<?>> KNOWN = List.of(ProjectOf.class, ProjectAt.class);
    private static final String VERSION = "version";
    private static final String IN_HAND = "of";
    private static final String IN_HAND_HEADER = "X-In-Hand";

    static {
        KNOWN.forEach(SpringDocUtils.getConfig()::addRequestWrapperToIgnore);
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return KNOWN.contains(parameter.getParameterType());
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer container,
            NativeWebRequest request,
            @Nullable WebDataBinderFactory binders)
            throws MissingServletRequestParameterException {
        ProjectOf of = new ProjectOf(household(request), id(request), inHand(request));
        return parameter.getParameterType() == ProjectOf.class ? of : new ProjectAt(of, version(parameter, request));
    }

    /** By the parameter, else by the header: a request says it only once for all that it asks. */
    private static String inHand(NativeWebRequest request) {
        String told = request.getParameter(IN_HAND);
        String held = told == null ? request.getHeader(IN_HAND_HEADER) : told;
        return held == null ? "" : held;
    }

    private static UUID household(NativeWebRequest request) {
        if (request.getUserPrincipal() instanceof Authentication signedIn
                && signedIn.getPrincipal() instanceof HouseholdUser user) {
            return user.householdId();
        }
        throw new NotThereException("There is no such project in this household; it may have been thrown away.");
    }

    @SuppressWarnings("unchecked")
    private static UUID id(NativeWebRequest request) {
        Object variables =
                request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
        Map<String, String> named = variables == null ? Map.of() : (Map<String, String>) variables;
        String text = named.getOrDefault("project", named.getOrDefault("id", ""));
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException e) {
            throw new NotThereException("There is no such project in this household; it may have been thrown away.");
        }
    }

    private static long version(MethodParameter parameter, NativeWebRequest request)
            throws MissingServletRequestParameterException {
        String text = request.getParameter(VERSION);
        if (text == null) {
            throw new MissingServletRequestParameterException(VERSION, "long");
        }
        try {
            return Long.parseLong(text);
        } catch (NumberFormatException e) {
            throw new MethodArgumentTypeMismatchException(text, long.class, VERSION, parameter, e);
        }
    }

    /** Tells the description of the interface what such an argument is made from. */
    @Bean
    OperationCustomizer toldOfProjects() {
        return (operation, handler) -> {
            Arrays.stream(handler.getMethodParameters())
                    .map(MethodParameter::getParameterType)
                    .filter(KNOWN::contains)
                    .findFirst()
                    .ifPresent(type -> {
                        RequestMapping mapping =
                                AnnotatedElementUtils.findMergedAnnotation(handler.getMethod(), RequestMapping.class);
                        boolean named = mapping != null
                                && Arrays.stream(mapping.path()).anyMatch(path -> path.contains("{project}"));
                        operation.addParametersItem(new PathParameter()
                                .name(named ? "project" : "id")
                                .schema(new UUIDSchema()));
                        operation.addParametersItem(new QueryParameter()
                                .name(IN_HAND)
                                .required(false)
                                .schema(new StringSchema()));
                        if (type == ProjectAt.class) {
                            operation.addParametersItem(new QueryParameter()
                                    .name(VERSION)
                                    .required(true)
                                    .schema(new IntegerSchema().format("int64")));
                        }
                    });
            return operation;
        };
    }
}
