package org.etui.core.sequence;

import java.util.List;
import java.util.stream.Stream;
import org.etui.core.piece.Join;
import org.etui.core.piece.Joined;
import org.etui.core.piece.PartKind;

/**
 * A cord goes into the coil that was wound for it, when the wire is finished, and the last turn is pressed into it; through an eye it is threaded
 * (common practice).
 */
final class CordIntoCoil implements Precedence {
    @Override
    public void apply(Course course) {
        List<Joined> joins = Joined.all(course.piece());
        for (int i = 0; i < joins.size(); i++) {
            Joined join = joins.get(i);
            if (isCord(join.a()) || isCord(join.b())) {
                put(course, join, i);
            }
        }
    }

    private static boolean isCord(Joined.Thing thing) {
        return thing.part().filter(p -> p.kind() == PartKind.CORD).isPresent();
    }

    private static void put(Course course, Joined join, int index) {
        Joined.Thing cord = isCord(join.a()) ? join.a() : join.b();
        Joined.Thing into = cord == join.a() ? join.b() : join.a();
        boolean pushed = join.how().filter(Join.How.PUSHED_THROUGH::equals).isPresent();
        String name = cord.inWords(course.piece());
        String where = into.inWords(course.piece());
        Draft put = course.add(Draft.whole(
                        "put-in " + cord.address() + " " + index,
                        (pushed ? "Push the " + name + " into the " : "Thread the " + name + " through the ") + where,
                        "fingers")
                .kind(pushed ? Step.Kind.PUT_IN : Step.Kind.THREAD)
                .about(List.of(cord.address(), into.address()))
                .shows(Step.Shows.JOINING)
                .text(
                        pushed
                                ? "Twist the " + name + " in with the turns until its end shows."
                                : "Lead the end through and draw it to its length.")
                .check(pushed ? "The end shows at the far side." : "It runs freely.")
                .advice("joins." + index)
                .minutes(1));
        Stream.of(into)
                .flatMap(t -> t.strand().stream())
                .flatMap(s -> course.last(s.id()).stream())
                .forEach(put::after);
        if (pushed) {
            course.add(Draft.whole("press " + index, "Press the last turn of the " + where, "chain-nose pliers")
                    .kind(Step.Kind.CLOSE)
                    .about(List.of(into.address(), cord.address()))
                    .shows(Step.Shows.JOINING)
                    .text("Press the last turn into the " + name + ", a little all round.")
                    .check("Pull: the " + name + " does not come out.")
                    .minutes(0.5)
                    .after(put));
        }
    }
}
