package org.etui.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.etui.core.element.Arc;
import org.etui.core.element.Ball;
import org.etui.core.element.Bend;
import org.etui.core.element.Coil;
import org.etui.core.element.Curl;
import org.etui.core.element.Knit;
import org.etui.core.element.Lead;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Paddle;
import org.etui.core.element.Straight;
import org.etui.core.element.Twist;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Place;
import org.etui.core.section.Flat;
import org.etui.core.section.HalfRound;
import org.etui.core.section.Round;
import org.etui.core.section.Square;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The limits that the contract states and those that constructors keep are the same: each record is tried at its edges. */
class LimitsTest {
    static Stream<Class<?>> records() {
        return Stream.of(
                Round.class,
                Square.class,
                Flat.class,
                HalfRound.class,
                Straight.class,
                Bend.class,
                Arc.class,
                Loop.class,
                Curl.class,
                Paddle.class,
                Lead.class,
                Coil.class,
                Twist.class,
                Knit.class,
                Ball.class,
                Outline.Round.class,
                Outline.Oval.class,
                Outline.Rectangle.class,
                Outline.Drop.class,
                Outline.Shard.class,
                Outline.Measured.class,
                Allowance.class,
                Place.class);
    }

    @ParameterizedTest
    @MethodSource("records")
    void valueOutsideOfTheStatedLimit_isRefusedByTheConstructorAndEchoed(Class<?> type)
            throws ReflectiveOperationException {
        RecordComponent[] components = type.getRecordComponents();
        int tried = 0;
        for (int i = 0; i < components.length; i++) {
            Term term = components[i].getAnnotation(Term.class);
            boolean counts = components[i].getType() == double.class
                    && !components[i].getName().equals("rollDeg");
            if (!counts) {
                continue;
            }
            for (double bad : outside(term)) {
                Object[] values = usual(components);
                values[i] = bad;
                assertThatThrownBy(() -> make(type, values))
                        .as("%s.%s = %s", type.getSimpleName(), components[i].getName(), bad)
                        .isInstanceOf(IllegalArgumentException.class)
                        .hasMessageContaining(String.valueOf(bad));
                tried++;
            }
        }
        assertThat(tried).isPositive();
        assertThat(make(type, usual(components))).isNotNull();
    }

    private static List<Double> outside(Term term) {
        List<Double> bad = new ArrayList<>(List.of(Double.NaN, Double.POSITIVE_INFINITY, 2e5));
        if (Double.isFinite(term.above())) {
            bad.add(term.above());
            bad.add(term.above() - 1);
        }
        if (Double.isFinite(term.from())) {
            bad.add(term.from() - 0.5);
        }
        return bad;
    }

    private static Object[] usual(RecordComponent[] components) {
        return Arrays.stream(components).map(LimitsTest::usual).toArray();
    }

    private static Object usual(RecordComponent component) {
        Class<?> type = component.getType();
        if (type == double.class) {
            Term term = component.getAnnotation(Term.class);
            return Double.isFinite(term.from()) ? term.from() : 0.5;
        }
        if (type == int.class) {
            return (int) component.getAnnotation(Term.class).from();
        }
        if (type == boolean.class) {
            return false;
        }
        if (type == Optional.class) {
            return Optional.empty();
        }
        if (type == OptionalDouble.class) {
            return OptionalDouble.empty();
        }
        if (type == OptionalInt.class) {
            return OptionalInt.empty();
        }
        return type.isEnum() ? type.getEnumConstants()[0] : "name";
    }

    private static Object make(Class<?> type, Object[] values) throws ReflectiveOperationException {
        Class<?>[] types = Arrays.stream(type.getRecordComponents())
                .map(RecordComponent::getType)
                .toArray(Class<?>[]::new);
        try {
            return type.getDeclaredConstructor(types).newInstance(values);
        } catch (InvocationTargetException thrown) {
            if (thrown.getCause() instanceof IllegalArgumentException refused) {
                throw refused;
            }
            throw thrown;
        }
    }
}
