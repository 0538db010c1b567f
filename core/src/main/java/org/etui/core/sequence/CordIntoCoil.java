package org.etui.core.sequence;

import java.util.List;
import java.util.stream.Stream;
import org.etui.core.piece.Join;
import org.etui.core.piece.Joined;
import org.etui.core.piece.PartKind;

/**
 * A cord is laid along the leg that turns are wound over; else it goes into the coil that was wound for it, when the wire is finished, and the last turn is pressed into it; through an eye it is threaded
 * (common practice).
 */
final class CordIntoCoil implements Precedence {
    @Override
    public void apply(Course course) {
        List<Joined> joins = course.joins();
        List<Strung.Row> strung = Strung.all(course);
        for (int i = 0; i < joins.size(); i++) {
            Joined join = joins.get(i);
            if ((isCord(join.a()) || isCord(join.b())) && !Strung.strings(strung, join)) {
                if (join.how().filter(Join.How.WOUND_OVER::equals).isPresent()) {
                    lay(course, join, i);
                } else {
                    put(course, join, i);
                }
            }
        }
    }

    private static boolean isCord(Joined.Thing thing) {
        return thing.part().filter(p -> p.kind() == PartKind.CORD).isPresent();
    }

    /** Laid along the leg before the turns are wound over both; leg and cord are trimmed when all is wound. */
    private static void lay(Course course, Joined join, int index) {
        Joined.Thing cord = isCord(join.a()) ? join.a() : join.b();
        Joined.Thing into = cord == join.a() ? join.b() : join.a();
        String name = cord.inWords(course.piece());
        Draft turns = course.forms(into.address()).orElse(null);
        if (turns == null) {
            return;
        }
        List<Draft> own = course.stepsOf(into.strand().orElseThrow().id());
        Draft lay = course.add(
                Draft.whole("lay " + index, "Lay the " + name + " along the leg", "fingers, flat-nose pliers")
                        .kind(Step.Kind.PUT_IN)
                        .about(List.of(cord.address(), into.address()))
                        .shows(Step.Shows.JOINING)
                        .text("Slip on now what cannot be slipped on later. Lay the end of the " + name
                                + " along the leg, up to the loop, and hold both flat in the pliers.")
                        .check("The " + name + " lies beside the leg, and not under the loop.")
                        .advice("joins." + index)
                        .minutes(1));
        int at = own.indexOf(turns);
        if (at > 0) {
            lay.after(own.get(at - 1));
        }
        turns.after(lay)
                .text(turns.text + " Begin beside the loop and wind over leg and " + name
                        + ", away from it; pull every turn tight.")
                .check("The turns touch, and the " + name + " does not pull out.");
        Draft press = course.add(Draft.whole("press " + index, "Press the last turn in", "chain-nose pliers")
                .kind(Step.Kind.CLOSE)
                .about(List.of(into.address(), cord.address()))
                .shows(Step.Shows.JOINING)
                .text("Press the end of the last turn into the " + name + ", a little all round.")
                .check("Pull: the " + name + " does not come out.")
                .minutes(0.5)
                .after(own.get(own.size() - 1)));
        course.add(Draft.whole("trim-cord " + index, "Trim the leg and the " + name, "flush cutters, sharp scissors")
                .kind(Step.Kind.TRIM)
                .about(List.of(into.address(), cord.address()))
                .shows(Step.Shows.JOINING)
                .text("Nip off what stands out of the leg beyond the last turn and press it flat; cut the end of the "
                        + name + " that shows beside the loop.")
                .check("Nothing sharp stands out at either end of the coil.")
                .caution(StrandSteps.EYES)
                .minutes(1)
                .after(press));
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
