package org.etui.server.contract;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.act.Act;
import org.etui.core.check.Check;
import org.etui.core.check.Family;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.check.Word;
import org.etui.core.element.Element;
import org.etui.core.element.Outline;
import org.etui.core.piece.Body;
import org.etui.core.tool.ToolKind;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What there is to work with, told to the screen: every kind of element and act with its measures, their units, limits and usual
 * figures, and every kind of tool. All of it is read off the records, so that a new kind or field shows by itself.
 *
 * @param elements kinds of element, in the order of the format
 * @param work kinds of work
 * @param tools kinds of tool
 * @param bodies what a part can be as a solid
 * @param outlines what a stone can look like from the front
 */
public record Kinds(
        @Term("kinds of element, in the order of the format")
        List<KindRow> elements,

        @Term("kinds of work") List<KindRow> work,
        @Term("kinds of tool") List<ToolRow> tools,
        @Term("what a part can be as a solid") List<KindRow> bodies,
        @Term("what a stone can look like from the front") List<KindRow> outlines) {

    /**
     * A kind of element, work, body or outline.
     *
     * @param kind its word in the document
     * @param words what it is called on screen
     * @param fields its measures and choices, the one that matters most first
     * @param offered whether it can be added by itself
     * @param usual a new one: every field that it needs; what follows the wire's thickness is left out
     */
    public record KindRow(
            @Term("its word in the document") String kind,
            @Term("what it is called on screen") String words,
            @Term("its measures and choices") List<Field> fields,
            @Term("whether it can be added by itself") boolean offered,

            @Term("a new one: every field that it needs; what follows the wire's thickness is left out")
            JsonNode usual) {}

    /**
     * A measure or choice.
     *
     * @param name in the document; one that lies deeper has a full stop, such as core.cordMm
     * @param title its short name
     * @param unit mm, thickness (mm, finer), turns, degrees, count, share, min; empty for a choice
     * @param from the least allowed
     * @param to the greatest allowed
     * @param usual what it is when it is new
     * @param usualShare the same as a share of the wire's thickness
     * @param choices words to choose from; none for a figure
     */
    public record Field(
            @Term("name in the document; one that lies deeper has a full stop, such as core.cordMm")
            String name,

            @Term("its short name") String title,

            @Term("mm, thickness (mm, finer), turns, degrees, count, share, min; empty for a choice")
            String unit,

            @Term("the least allowed") OptionalDouble from,
            @Term("the greatest allowed") OptionalDouble to,
            @Term("what it is when it is new") OptionalDouble usual,

            @Term("the same as a share of the wire's thickness")
            OptionalDouble usualShare,

            @Term("words to choose from; none for a figure") List<String> choices) {}

    /**
     * A kind of tool.
     *
     * @param kind its word in the document
     * @param words what it is called on screen
     * @param round whether wire is laid round it
     */
    public record ToolRow(
            @Term("its word in the document") String kind,
            @Term("what it is called on screen") String words,
            @Term("whether wire is laid round it") boolean round) {}

    /** All that there is. */
    public static final Kinds ALL = new Kinds(
            rows(Element.class),
            rows(Act.class),
            Arrays.stream(ToolKind.values())
                    .map(t -> new ToolRow(Word.of(t), t.inWords(), t.isRound()))
                    .toList(),
            rows(Body.class),
            rows(Outline.class));

    private static List<KindRow> rows(Class<?> family) {
        String discriminator = family.getAnnotation(Family.class).value();
        return Arrays.stream(family.getPermittedSubclasses())
                .map(member -> row(member, discriminator))
                .toList();
    }

    private static KindRow row(Class<?> member, String discriminator) {
        Titled titled = member.getAnnotation(Titled.class);
        Check.that(titled != null, "not titled: " + member);
        List<Field> fields = new ArrayList<>();
        Set<Field> first = new HashSet<>();
        ObjectNode usual = Json.MAPPER.createObjectNode().put(discriminator, Word.of(member));
        for (RecordComponent component : member.getRecordComponents()) {
            Term term = component.getAnnotation(Term.class);
            int at =
                    term.first() ? (int) fields.stream().filter(first::contains).count() : fields.size();
            List<Field> own = fields(component, term, "");
            fields.addAll(at, own);
            first.addAll(term.first() ? own : List.of());
            usual(term).ifPresent(value -> usual.set(component.getName(), whole(component, value)));
        }
        return new KindRow(Word.of(member), titled.value(), List.copyOf(fields), titled.offered(), usual);
    }

    /** With the defaults of what it holds. */
    private static JsonNode whole(RecordComponent component, JsonNode value) {
        if (value.isObject()) {
            new Defaults(Schemas.document(component.getType())).fill(value);
        }
        return value;
    }

    private static Optional<JsonNode> usual(Term term) {
        String text = term.usual().isEmpty() ? term.or() : term.usual();
        return text.isEmpty() ? Optional.empty() : Optional.of(Json.MAPPER.readTree(text));
    }

    private static List<Field> fields(RecordComponent component, Term term, String before) {
        Class<?> type = component.getType();
        String name = before + component.getName();
        if (type.isRecord()) {
            return Arrays.stream(type.getRecordComponents())
                    .flatMap(c -> fields(c, c.getAnnotation(Term.class), name + ".").stream())
                    .toList();
        }
        if (type.isSealed()) {
            return Arrays.stream(type.getPermittedSubclasses())
                    .flatMap(m -> Arrays.stream(m.getRecordComponents()))
                    .flatMap(c -> fields(c, c.getAnnotation(Term.class), name + ".").stream())
                    .collect(Collectors.toMap(Field::name, f -> f, (one, other) -> one, LinkedHashMap::new))
                    .values()
                    .stream()
                    .toList();
        }
        if (term.offered().length > 0) {
            return List.of(choice(name, List.of(term.offered())));
        }
        return term.title().isEmpty() ? List.of() : List.of(figure(name, term));
    }

    private static Field choice(String name, List<String> words) {
        OptionalDouble none = OptionalDouble.empty();
        return new Field(name, "", "", none, none, none, none, words);
    }

    private static Field figure(String name, Term term) {
        OptionalDouble usual = usual(term)
                .filter(JsonNode::isNumber)
                .map(n -> OptionalDouble.of(n.asDouble()))
                .orElse(OptionalDouble.empty());
        return new Field(
                name,
                term.title(),
                unit(name, term),
                OptionalDouble.of(Double.isFinite(term.from()) ? term.from() : -Check.GREATEST),
                OptionalDouble.of(Double.isFinite(term.to()) ? term.to() : Check.GREATEST),
                usual,
                term.usualShare() > 0 ? OptionalDouble.of(term.usualShare()) : OptionalDouble.empty(),
                List.of());
    }

    private static String unit(String name, Term term) {
        if (!term.unit().isEmpty()) {
            return term.unit();
        }
        return name.endsWith("Deg") ? "degrees" : "mm";
    }
}
