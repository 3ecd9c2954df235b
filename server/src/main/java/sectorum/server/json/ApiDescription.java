package sectorum.server.json;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import sectorum.measure.Absent;
import sectorum.measure.Values;
import sectorum.technique.Layout;
import sectorum.tier.TierWorkup;

/** The API's description as it truly is: records' components required unless {@link Absent}, enums in small letters. */
@Configuration
class ApiDescription {
    @Bean
    OpenAPI about() {
        return new OpenAPI().info(new Info().title("Sectorum").version("1"));
    }

    @Bean
    ModelConverter records() {
        return new Records();
    }

    private static final class Records implements ModelConverter {
        @Override
        public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            JavaType java = Json.mapper().constructType(type.getType());
            Class<?> raw = java == null ? Object.class : java.getRawClass();
            if (raw == Values.class) {
                return new ObjectSchema().additionalProperties(new Schema<>());
            }
            if (raw.isEnum()) {
                List<String> names = new ArrayList<>();
                for (Object constant : raw.getEnumConstants()) {
                    names.add(((Enum<?>) constant).name().toLowerCase(Locale.ROOT));
                }
                return new StringSchema()._enum(names);
            }
            Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            if (schema != null && raw.isRecord()) {
                Schema<?> model = schema.get$ref() == null
                        ? schema
                        : context.getDefinedModels()
                                .get(schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1));
                if (model != null && model.getProperties() != null) {
                    describe(raw, model);
                }
            }
            return schema;
        }

        private static void describe(Class<?> raw, Schema<?> model) {
            if (raw == TierWorkup.Worn.class) {
                model.getProperties().remove("drawings");
            }
            if (raw == Layout.class) {
                model.getProperties()
                        .put(
                                "placements",
                                new ArraySchema()
                                        .items(new NumberSchema())
                                        .description(
                                                "six numbers each: shape, s (mm), z (mm), turn (rad), size, colour; lying on a"
                                                        + " level surface: shape, x, y (mm), angle (rad), size,"
                                                        + " colour"));
                model.getProperties()
                        .put(
                                "inPlane",
                                new BooleanSchema().description("whether it lies in the plane of a level surface"));
                model.getProperties()
                        .put(
                                "standing",
                                new ArraySchema()
                                        .items(new NumberSchema())
                                        .description(
                                                "two numbers each: lift (mm), lean (rad); none where all lie flat"));
            }
            List<String> required = new ArrayList<>();
            List<String> components = new ArrayList<>();
            for (RecordComponent component : raw.getRecordComponents()) {
                components.add(component.getName());
                boolean there = model.getProperties().containsKey(component.getName());
                if (there && !component.isAnnotationPresent(Absent.class)) {
                    required.add(component.getName());
                }
            }
            if (raw == Layout.class) {
                components.add("standing");
                required.add("standing");
            }
            model.getProperties().keySet().retainAll(components);
            model.setRequired(required);
        }
    }
}
