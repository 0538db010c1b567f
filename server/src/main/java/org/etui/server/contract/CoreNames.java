package org.etui.server.contract;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Arrays;
import java.util.List;
import org.etui.core.check.Beside;
import org.etui.core.check.Family;
import org.etui.core.check.Word;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.AnnotatedMember;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.util.NameTransformer;

/**
 * Tells Jackson what the core's own marks say, for every record at once, in place of one mix-in a class: sealed families
 * carry their discriminator, enum constants are kebab-case words.
 */
final class CoreNames extends NopAnnotationIntrospector {
    private static final long serialVersionUID = 1L;

    @Override
    public JsonTypeInfo.Value findPolymorphicTypeInfo(MapperConfig<?> config, Annotated annotated) {
        Family family = annotated.getRawType().getAnnotation(Family.class);
        if (family == null) {
            family = Arrays.stream(annotated.getRawType().getInterfaces())
                    .map(i -> i.getAnnotation(Family.class))
                    .filter(f -> f != null)
                    .findFirst()
                    .orElse(null);
        }
        if (family == null || !(annotated instanceof AnnotatedClass)) {
            return null;
        }
        return JsonTypeInfo.Value.construct(
                JsonTypeInfo.Id.NAME, JsonTypeInfo.As.PROPERTY, family.value(), null, false, true);
    }

    @Override
    public List<NamedType> findSubtypes(MapperConfig<?> config, Annotated annotated) {
        Class<?> type = annotated.getRawType();
        if (!type.isAnnotationPresent(Family.class)) {
            return null;
        }
        return Arrays.stream(type.getPermittedSubclasses())
                .map(member -> new NamedType(member, Word.of(member)))
                .toList();
    }

    @Override
    public String findTypeName(MapperConfig<?> config, AnnotatedClass annotated) {
        Class<?> type = annotated.getRawType();
        boolean member = Arrays.stream(type.getInterfaces()).anyMatch(i -> i.isAnnotationPresent(Family.class));
        return member ? Word.of(type) : null;
    }

    @Override
    public NameTransformer findUnwrappingNameTransformer(MapperConfig<?> config, AnnotatedMember member) {
        return member.hasAnnotation(Beside.class) ? NameTransformer.NOP : null;
    }

    @Override
    public String[] findEnumValues(MapperConfig<?> config, AnnotatedClass annotated, Enum<?>[] values, String[] names) {
        if (annotated.getRawType().getName().startsWith("org.etui.")) {
            for (int i = 0; i < values.length; i++) {
                names[i] = words(values[i]);
            }
        }
        return names;
    }

    /** Gauge systems keep their capitals, as the trade writes them; all else is a kebab-case word. */
    static String words(Enum<?> constant) {
        boolean abbreviation = constant instanceof org.etui.core.measure.GaugeSystem
                && !constant.name().equals("METRIC");
        return abbreviation ? constant.name() : Word.of(constant);
    }
}
