package sectorum.server.json;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Map;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import sectorum.art.Motif;
import sectorum.drawing.Drawings;
import sectorum.measure.Values;
import sectorum.plan.Plan;
import sectorum.technique.Layout;
import sectorum.tier.TierWorkup;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/** Strict both ways: an unknown field, a word for a number or a missing bracket is an error, never a guess. */
@Configuration
public class JsonForms {
    @Bean
    JsonMapperBuilderCustomizer strictForms() {
        return JsonForms::prepare;
    }

    static void prepare(JsonMapper.Builder builder) {
        // Questions a record answers (isChanged) are no part of what it is made of.
        builder.changeDefaultVisibility(usual -> usual.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
                .changeDefaultPropertyInclusion(usual -> usual.withValueInclusion(JsonInclude.Include.NON_NULL))
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER)
                .enable(StreamReadFeature.USE_FAST_DOUBLE_PARSER)
                .enable(EnumFeature.WRITE_ENUMS_TO_LOWERCASE)
                .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .addMixIn(Values.class, ValuesForm.class)
                .addMixIn(TierWorkup.Worn.class, WornForm.class)
                .addMixIn(Plan.class, PlanForm.class)
                .addModule(new SimpleModule()
                        .addSerializer(Layout.class, new LayoutForm())
                        .setDeserializerModifier(new PlanFirst()));
    }

    /** Settings are an object of their own, without a wrapper. */
    abstract static class ValuesForm {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        ValuesForm(Map<String, Object> byName) {}

        @JsonValue
        abstract Map<String, Object> byName();
    }

    /** Templates are asked for when they are printed, not sent with every edit. */
    abstract static class WornForm {
        @JsonIgnore
        abstract Drawings drawings();
    }

    /** A plan without drawings is written as it was before there were any. */
    abstract static class PlanForm {
        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        abstract List<Motif> art();
    }

    /** A plan's format and version are looked at before anything else in it. */
    private static final class PlanFirst extends ValueDeserializerModifier {
        private static final long serialVersionUID = 1L;

        @Override
        public ValueDeserializer<?> modifyDeserializer(
                DeserializationConfig config, BeanDescription.Supplier bean, ValueDeserializer<?> usual) {
            return bean.getBeanClass() == Plan.class ? new PlanDeserializer(usual) : usual;
        }
    }
}
