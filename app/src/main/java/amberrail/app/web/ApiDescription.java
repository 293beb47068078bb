package amberrail.app.web;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Makes the description honest: every property is required unless it is marked {@link MayBeMissing}. */
@Configuration(proxyBeanMethods = false)
@SuppressWarnings({"rawtypes", "unchecked"}) // the description library hands out raw schemas
class ApiDescription {
    private static final String OPTIONAL = "x-may-be-missing";

    /** A drill goes through as its own JSON; docs/formats/drill.schema.json says what it is. */
    private static Schema<?> anyObject() {
        Schema<Object> schema = new Schema<>();
        schema.addType("object");
        schema.additionalProperties(true);
        schema.description("as in docs/formats/drill.schema.json, \"drill\"");
        return schema;
    }

    @Bean
    OpenAPI description() {
        SpringDocUtils.getConfig().replaceWithSchema(JsonNode.class, anyObject());
        return new OpenAPI()
                .info(new Info()
                        .title("Amber Rail")
                        .version("1")
                        .description("Lengths are mm from the SW corner, angles degrees, shares 0 to 1."));
    }

    @Bean
    PropertyCustomizer optionalProperties() {
        return (property, type) -> {
            if (type.getCtxAnnotations() != null) {
                for (var annotation : type.getCtxAnnotations()) {
                    if (annotation instanceof MayBeMissing) {
                        property.addExtension(OPTIONAL, true);
                    }
                }
            }
            return property;
        };
    }

    @Bean
    OpenApiCustomizer requiredProperties() {
        return api -> {
            Map<String, Schema<?>> sorted = new TreeMap<>();
            api.getComponents().getSchemas().forEach((name, schema) -> sorted.put(name, markRequired(schema)));
            sorted.put("Problem", problem());
            Map<String, Schema> raw = new TreeMap<>(sorted);
            api.getComponents().setSchemas(raw);
            api.getPaths().values().stream()
                    .flatMap(path -> path.readOperations().stream())
                    .forEach(operation -> operation.getResponses().addApiResponse("default", problemResponse()));
        };
    }

    private static Schema<?> markRequired(Schema<?> schema) {
        Map<String, Schema> properties = schema.getProperties();
        if (properties == null) {
            return schema;
        }
        Set<String> required = new HashSet<>();
        properties.forEach((name, property) -> {
            Map<String, Object> extensions = property.getExtensions();
            if (extensions == null || extensions.remove(OPTIONAL) == null) {
                required.add(name);
            }
        });
        schema.setRequired(
                required.isEmpty()
                        ? null
                        : new ArrayList<>(required.stream().sorted().toList()));
        return schema;
    }

    private static Schema<?> problem() {
        Schema<Object> schema = new Schema<>();
        schema.addType("object");
        schema.description("RFC 9457 problem details");
        for (String name : List.of("type", "title", "detail", "code", "field")) {
            schema.addProperty(name, new StringSchema());
        }
        Schema<Object> status = new Schema<>();
        status.addType("integer");
        schema.addProperty("status", status);
        schema.setRequired(List.of("detail", "status"));
        return schema;
    }

    private static ApiResponse problemResponse() {
        Schema<Object> reference = new Schema<>();
        reference.set$ref("#/components/schemas/Problem");
        return new ApiResponse()
                .description("What is wrong, as a sentence")
                .content(new Content().addMediaType("application/problem+json", new MediaType().schema(reference)));
    }
}
