package org.etui.server.contract;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import java.util.List;
import org.etui.core.check.Family;
import org.etui.core.rule.Advice;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.TypeSerializer;
import tools.jackson.databind.module.SimpleModule;

/** The one JSON mapper: records as they are, absent optionals left out, doubles in full. */
public final class Json {
    /** The mapper, shared and immutable. */
    public static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .addModule(new SimpleModule()
                    .addSerializer(double[].class, new Points())
                    .addSerializer(Advice.Patch.class, new Patches()))
            .annotationIntrospector(new Both())
            .changeDefaultPropertyInclusion(v -> v.withValueInclusion(JsonInclude.Include.NON_ABSENT))
            .changeDefaultVisibility(v -> v.withVisibility(PropertyAccessor.IS_GETTER, JsonAutoDetect.Visibility.NONE))
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .build();

    private Json() {}

    /** Points of outlines are for drawing: they are written to the hundred-thousandth of a millimetre. */
    private static final class Points extends ValueSerializer<double[]> {
        private static final double STEPS_PER_MM = 1e5;

        @Override
        public void serialize(double[] point, JsonGenerator out, SerializationContext context) {
            out.writeStartArray();
            for (double mm : point) {
                out.writeNumber(Math.rint(mm * STEPS_PER_MM) / STEPS_PER_MM + 0.0);
            }
            out.writeEndArray();
        }
    }

    /** The value of a patch is any part of a document: members of a family carry their discriminator there, too. */
    private static final class Patches extends ValueSerializer<Advice.Patch> {
        @Override
        public void serialize(Advice.Patch patch, JsonGenerator out, SerializationContext context) {
            out.writeStartObject();
            out.writeStringProperty("op", patch.op());
            out.writeStringProperty("path", patch.path());
            if (patch.value().isPresent()) {
                out.writeName("value");
                write(patch.value().get(), out, context);
            }
            out.writeEndObject();
        }

        private static void write(Object value, JsonGenerator out, SerializationContext context) {
            if (value instanceof List<?> list) {
                out.writeStartArray();
                list.forEach(each -> write(each, out, context));
                out.writeEndArray();
            } else {
                ValueSerializer<Object> plain = context.findValueSerializer(value.getClass());
                TypeSerializer type = context.findTypeSerializer(context.constructType(family(value.getClass())));
                if (type == null) {
                    plain.serialize(value, out, context);
                } else {
                    plain.serializeWithType(value, out, context, type);
                }
            }
        }

        private static Class<?> family(Class<?> type) {
            for (Class<?> known : type.getInterfaces()) {
                if (known.isAnnotationPresent(Family.class)) {
                    return known;
                }
            }
            return type;
        }
    }

    private static final class Both extends tools.jackson.databind.introspect.AnnotationIntrospectorPair {
        private static final long serialVersionUID = 1L;

        Both() {
            super(new CoreNames(), new tools.jackson.databind.introspect.JacksonAnnotationIntrospector());
        }
    }
}
