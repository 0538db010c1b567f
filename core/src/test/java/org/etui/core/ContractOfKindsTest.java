package org.etui.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.io.StringWriter;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.lang.reflect.Type;
import java.lang.reflect.TypeVariable;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.SimpleJavaFileObject;
import javax.tools.ToolProvider;
import org.etui.core.act.Act;
import org.etui.core.element.Element;
import org.etui.core.element.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * A kind that lacks something does not compile: of every method of the contract that is left out the compiler says so. And no code
 * asks what kind it has before it.
 */
class ContractOfKindsTest {
    /** What is left of questions after kinds, in rules that speak of one kind only. */
    private static final int MOST_QUESTIONS = 15;

    private static final Path MAIN = Path.of("src/main/java");

    static Stream<Class<?>> contracts() {
        return Stream.of(Kind.class, Kind.Visitor.class, Act.Visitor.class);
    }

    @ParameterizedTest
    @MethodSource("contracts")
    void kindThatLacksAMethod_doesNotCompile(Class<?> contract) {
        List<Method> methods = Arrays.stream(contract.getMethods())
                .filter(m -> Modifier.isAbstract(m.getModifiers()))
                .sorted(Comparator.comparing(Method::getName))
                .toList();

        assertThat(methods).hasSizeGreaterThan(10);
        assertThat(Arrays.stream(contract.getMethods()).filter(Method::isDefault))
                .isEmpty();
        assertThat(compiles(contract, methods)).as("whole").isTrue();
        for (Method left : methods) {
            List<Method> others = methods.stream().filter(m -> m != left).toList();
            assertThat(compiles(contract, others))
                    .as("without " + left.getName())
                    .isFalse();
        }
    }

    /** Acts are records nested in their sealed family: the same is seen of the family's abstract methods. */
    @Test
    void everyMethodOfAnAct_isAbstract_butItsWord_andWhatFollowsFromIt() {
        List<String> defaults = Arrays.stream(Act.class.getMethods())
                .filter(Method::isDefault)
                .map(Method::getName)
                .toList();

        assertThat(defaults).containsExactlyInAnyOrder("op", "operation");
        assertThat(Arrays.stream(Act.class.getMethods()).filter(m -> Modifier.isAbstract(m.getModifiers())))
                .hasSizeGreaterThanOrEqualTo(3);
    }

    private static boolean compiles(Class<?> contract, List<Method> methods) {
        String generic = contract.getTypeParameters().length > 0 ? "<Object>" : "";
        String source = "final class Trial implements " + contract.getCanonicalName() + generic + " {\n"
                + methods.stream().map(ContractOfKindsTest::empty).collect(Collectors.joining("\n")) + "\n}\n";
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        JavaFileObject file = new SimpleJavaFileObject(URI.create("string:///Trial.java"), JavaFileObject.Kind.SOURCE) {
            @Override
            public CharSequence getCharContent(boolean ignoreErrors) {
                return source;
            }
        };
        List<String> options = List.of("-proc:none", "-d", System.getProperty("java.io.tmpdir"), "-cp", classPath());
        return compiler.getTask(new StringWriter(), null, null, options, null, List.of(file))
                .call();
    }

    private static String classPath() {
        return System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"))
                .replace("\n", File.pathSeparator);
    }

    /** A method that does nothing and gives nothing. */
    private static String empty(Method method) {
        String parameters = IntStream.range(0, method.getParameterCount())
                .mapToObj(i -> written(method.getGenericParameterTypes()[i]) + " p" + i)
                .collect(Collectors.joining(", "));
        String own = Arrays.stream(method.getTypeParameters())
                .map(TypeVariable::getName)
                .collect(Collectors.joining(", "));
        Class<?> returned = method.getReturnType();
        String value = returned == boolean.class ? "false" : returned == double.class ? "0" : "null";
        boolean ofClass = method.getGenericReturnType() instanceof TypeVariable<?> && own.isEmpty();
        return "public " + (own.isEmpty() ? "" : "<" + own + "> ")
                + (ofClass ? "Object" : written(method.getGenericReturnType())) + " " + method.getName() + "("
                + parameters + ") { return " + value + "; }";
    }

    private static String written(Type type) {
        return type.getTypeName().replace('$', '.');
    }

    /** Counted in the text, so that no other way round is taken for it: words, constants and classes of kinds do not decide either. */
    @Test
    void codeDoesNotAskForKinds() throws IOException {
        String kinds = Arrays.stream(Element.class.getPermittedSubclasses())
                .map(Class::getSimpleName)
                .collect(Collectors.joining("|"));
        Pattern asks = Pattern.compile("instanceof\\s+(" + kinds + "|Act\\.\\w+|Operation\\.\\w+)\\b" + "|\\b(" + kinds
                + ")\\.class::isInstance|\\.kind\\(\\)\\.equals\\(|\\.op\\(\\)\\.equals\\(");
        int count = 0;
        try (Stream<Path> files = Files.walk(MAIN)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                // Curves have the names of some kinds, and are none.
                if (!file.toString().contains("/curve/")) {
                    Matcher found = asks.matcher(Files.readString(file));
                    while (found.find()) {
                        count++;
                    }
                }
            }
        }
        assertThat(count).isLessThanOrEqualTo(MOST_QUESTIONS);
    }

    @Test
    void kindsAreThoseOfTheFormat() {
        assertThat(Arrays.stream(Element.class.getPermittedSubclasses()).map(org.etui.core.check.Word::of))
                .containsExactly(
                        "straight",
                        "bend",
                        "arc",
                        "loop",
                        "curl",
                        "spiral",
                        "coil",
                        "wrap",
                        "girth",
                        "across",
                        "reach",
                        "paddle",
                        "twist",
                        "knit",
                        "ball",
                        "lead");
        assertThat(Arrays.stream(Act.class.getPermittedSubclasses()).map(org.etui.core.check.Word::of))
                .containsExactly(
                        "flatten",
                        "planish",
                        "texture",
                        "jaws",
                        "mallet",
                        "flex",
                        "tumble",
                        "reclose",
                        "straighten",
                        "open-close",
                        "trim",
                        "pierce",
                        "dimple",
                        "press",
                        "round-mandrel",
                        "bring-to-size",
                        "close",
                        "polish",
                        "cut-apart");
    }

    /** Kinds are asked, not looked at: few places tell them apart by their class. */
    @Test
    void instanceofOnKinds_staysRare() throws IOException {
        Set<String> elements = names(Element.class);
        Set<String> acts = names(Act.class);
        Pattern test = Pattern.compile("instanceof (?:final )?(Act\\.)?(\\w+)");
        List<String> found = new ArrayList<>();
        for (String folder : List.of("src/main", "../server/src/main")) {
            try (Stream<Path> files = Files.walk(Path.of(folder))) {
                for (Path file :
                        files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    String text = Files.readString(file);
                    Matcher matcher = test.matcher(text);
                    while (matcher.find()) {
                        String name = matcher.group(2);
                        boolean act = matcher.group(1) != null && acts.contains(name);
                        boolean imported = text.contains("import org.etui.core.element." + name + ";")
                                || text.contains("package org.etui.core.element;");
                        if (act || matcher.group(1) == null && imported && elements.contains(name)) {
                            found.add(file.getFileName() + ": " + matcher.group());
                        }
                    }
                }
            }
        }

        assertThat(found).hasSizeLessThanOrEqualTo(15).isNotEmpty();
    }

    private static Set<String> names(Class<?> family) {
        return Arrays.stream(family.getPermittedSubclasses())
                .map(Class::getSimpleName)
                .collect(Collectors.toSet());
    }
}
