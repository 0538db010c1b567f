package org.etui.server.contract;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import java.util.ArrayList;
import java.util.List;
import org.etui.core.act.Act;
import org.etui.core.check.Family;
import org.etui.core.piece.Work;
import org.etui.core.rule.Advice;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.TypeSerializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ObjectNode;

/** The one JSON mapper: records as they are, absent optionals left out, doubles in full. */
public final class Json {
    /** The mapper, shared and immutable. */
    public static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .addModule(new SimpleModule()
                    .addSerializer(double[].class, new Points())
                    .addSerializer(Advice.Patch.class, new Patches())
                    .addSerializer(Work.class, new Works())
                    .addDeserializer(Work.class, new WorkReader()))
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

    /** Work is written flat: the fields of the act stand among its own. */
    private static final class Works extends ValueSerializer<Work> {
        @Override
        public void serialize(Work work, JsonGenerator out, SerializationContext context) {
            ObjectNode act = MAPPER.valueToTree(work.act());
            ObjectNode flat = MAPPER.createObjectNode();
            flat.set("op", act.remove("op"));
            flat.put("id", work.id()).put("strand", work.strand());
            work.elements().forEach(flat.putArray("elements")::add);
            flat.setAll(act);
            out.writeTree(flat.put("after", work.after()));
        }
    }

    /** Reads what {@link Works} writes, and refuses what is neither the act's nor work's. */
    private static final class WorkReader extends ValueDeserializer<Work> {
        @Override
        public Work deserialize(JsonParser in, DeserializationContext context) {
            ObjectNode flat = (ObjectNode) context.readTree(in);
            String id = text(flat.remove("id"), "");
            String strand = text(flat.remove("strand"), "");
            String after = text(flat.remove("after"), "forming");
            List<String> elements = new ArrayList<>();
            JsonNode named = flat.remove("elements");
            if (named != null) {
                named.forEach(e -> elements.add(e.asString()));
            }
            return new Work(id, strand, elements, after, MAPPER.treeToValue(flat, Act.class));
        }

        private static String text(JsonNode node, String usual) {
            return node == null ? usual : node.asString();
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
