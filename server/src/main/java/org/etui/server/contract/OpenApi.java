package org.etui.server.contract;

import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.GenericTypeResolver;
import org.springframework.core.MethodParameter;
import org.springframework.core.ResolvableType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.method.HandlerMethod;
import tools.jackson.databind.node.ObjectNode;

/**
 * Puts the contract's own schemas into the OpenAPI document: springdoc finds the paths, the core's records say what goes
 * through them, with {@code oneOf} and a discriminator for every sealed family.
 */
@Configuration(proxyBeanMethods = false)
class OpenApi {
    private static final String PREFIX = "#/components/schemas/";
    private final Schemas asked = new Schemas(PREFIX, false);
    private final Schemas answered = new Schemas(PREFIX, true);

    @Bean
    OperationCustomizer bodies() {
        return (operation, method) -> {
            for (MethodParameter parameter : method.getMethodParameters()) {
                boolean record = parameter.hasParameterAnnotation(RequestBody.class)
                        && parameter.getParameterType() != byte[].class;
                if (record && operation.getRequestBody() != null) {
                    operation
                            .getRequestBody()
                            .setContent(content(
                                    asked,
                                    GenericTypeResolver.resolveType(
                                            parameter.getGenericParameterType(), method.getBeanType())));
                }
            }
            answer(operation.getResponses().entrySet().iterator().next().getValue(), method);
            return operation;
        };
    }

    private void answer(ApiResponse response, HandlerMethod method) {
        ResolvableType type = ResolvableType.forMethodReturnType(method.getMethod(), method.getBeanType());
        ResolvableType inner = type.resolve() == ResponseEntity.class ? type.getGeneric(0) : type;
        Class<?> raw = inner.resolve(void.class);
        if (raw == void.class || raw == Void.class || raw == byte[].class) {
            return;
        }
        response.setContent(content(answered, GenericTypeResolver.resolveType(inner.getType(), method.getBeanType())));
    }

    private static io.swagger.v3.oas.models.media.Content content(Schemas schemas, java.lang.reflect.Type type) {
        return new io.swagger.v3.oas.models.media.Content()
                .addMediaType("application/json", new MediaType().schema(convert(schemas.of(type))));
    }

    @Bean
    GlobalOpenApiCustomizer schemas() {
        return (OpenAPI api) -> {
            api.setInfo(new Info().title("Etui").version("1").description("The bench planner for wire shaped cold."));
            api.setServers(null);
            Map<String, Schema> all = new LinkedHashMap<>();
            answered.definitions().forEach((name, schema) -> all.put(name, convert(schema)));
            asked.definitions().forEach((name, schema) -> all.put(name, convert(schema)));
            api.getComponents().setSchemas(all);
        };
    }

    @SuppressWarnings("rawtypes")
    private static Schema convert(ObjectNode schema) {
        try {
            return Json31.mapper().readValue(schema.toString(), Schema.class);
        } catch (com.fasterxml.jackson.core.JsonProcessingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
