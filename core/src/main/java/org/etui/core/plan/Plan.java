package org.etui.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.act.Act;
import org.etui.core.check.Beside;
import org.etui.core.check.Term;
import org.etui.core.mechanics.Bearing;
import org.etui.core.mechanics.FormedBy;
import org.etui.core.mechanics.Pull;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.metal.TemperNow;
import org.etui.core.piece.HandleAt;
import org.etui.core.rule.Advice;
import org.etui.core.rule.Caution;
import org.etui.core.rule.NoHammer;
import org.etui.core.section.WireSection;
import org.etui.core.sequence.Lock;
import org.etui.core.sequence.Step;
import org.etui.core.sequence.Tool;
import org.etui.core.wire.Wire;
import org.etui.core.work.CutAllowance;
import org.etui.core.work.Mark;
import org.etui.core.work.Springing;

/**
 * Everything read off a piece. Lengths mm, masses g.
 *
 * @param strands one of each strand of the document
 * @param steps the bench card
 * @param advice the worst first
 * @param cautions what applies
 * @param totals wire for the whole piece
 * @param weakest the bend that holds least of what it should; absent where nothing has to hold
 * @param locks what cannot be put together in any order
 * @param parts what is not wire, drawn where it sits
 * @param bodies parts that are told as solids
 * @param clashes wires that want to be in one place
 * @param chains alike links that hang in each other
 */
public record Plan(
        @Term("one of each strand of the document") List<StrandPlan> strands,
        @Term("the bench card") List<Step> steps,
        @Term("advice, the worst first") List<Advice> advice,
        @Term("cautions that apply") List<Caution> cautions,
        @Term("wire and time for the whole piece") Totals totals,

        @Term("the bend that holds least of what it should; absent where nothing has to hold")
        Optional<Weakest> weakest,

        @Term("what cannot be put together in any order") List<Lock> locks,

        @Term("what is not wire, drawn where it sits") List<PartDrawn> parts,
        @Term("parts that are told as solids") List<BodyPlan> bodies,

        @Term(
                "wires of different strands that want to be in one place, looked for where strands lie in one another; the deepest first")
        List<Clash> clashes,

        @Term("alike links that hang in each other") List<ChainPlan> chains) {

    /**
     * The bend that holds least of what it should.
     *
     * @param strand id of its strand
     * @param element id of the element
     * @param holdsN what it holds
     * @param shouldN what it should
     */
    public record Weakest(
            @Term("id of its strand") String strand,
            @Term("id of the element") String element,
            @Term("what it holds, N") double holdsN,
            @Term("what it should, N") double shouldN) {}

    /**
     * A strand; figures are for one wire.
     *
     * @param id name of the strand
     * @param title name to read
     * @param count how many wires
     * @param pair whether they are matched in pairs
     * @param bought the wire as bought
     * @param amount how much wire it takes
     * @param drawn how the finished form lies
     * @param elements what it is made of, in order along the wire
     * @param weakest id of the element that holds least of what it should; absent where none has to hold
     * @param mostWorked id of the element that has least left before it may crack
     * @param marks on the straight wire, in the order of the work
     * @param operations what is done to it, in order: the state of the same index is the wire afterwards
     * @param states as asked for
     */
    public record StrandPlan(
            @Term("name of the strand") String id,
            @Term("name to read") String title,
            @Term("how many wires") int count,
            @Term("whether they are matched in pairs") Pair pair,
            @Beside Bought bought,
            @Beside Amount amount,
            @Beside Drawn drawn,
            @Term("elements in order along the wire") List<ElementPlan> elements,

            @Term("id of the element that holds least of what it should; absent where none has to hold")
            Optional<String> weakest,

            @Term("id of the element that has least left before it may crack")
            String mostWorked,

            @Term("marks on the straight wire, in the order of the work")
            List<Mark> marks,

            @Term("what is done to it, in order: the state of the same index is the wire afterwards")
            List<OperationPlan> operations,

            @Term("states as asked for") List<StatePlan> states) {}

    /**
     * The wire as bought.
     *
     * @param wire what it is made of
     * @param wireInWords the wire in words
     * @param gaugesInWords the nearest gauges in three systems; empty for wire that is not round
     * @param boughtStrain strain that drawing left in it before purchase
     * @param amberStrain strain added since purchase from which to mind, an estimate
     * @param redStrain strain added since purchase at which it may crack, an estimate
     */
    public record Bought(
            @Term("what it is made of") Wire wire,
            @Term("the wire in words") String wireInWords,

            @Term(
                    "the nearest gauge in each of three systems, ~ where it is off by more than 2 %; empty for wire that is not round")
            String gaugesInWords,

            @Term("strain that drawing left in it before purchase")
            double boughtStrain,

            @Term("strain added since purchase from which to mind, an estimate")
            double amberStrain,

            @Term("strain added since purchase at which it may crack, an estimate")
            double redStrain) {}

    /**
     * How much wire it takes.
     *
     * @param netLengthMm wire in the elements before any work
     * @param cutLengthMm the squared strand, rounded up
     * @param stretch what is cut beyond the net length
     * @param handleAt where the handle is
     * @param massG mass of the finished wire
     * @param surfaceMm2 surface of the finished wire
     * @param tape what lies along the straight wire, from its beginning to its end
     */
    public record Amount(
            @Term("wire in the elements before any work, mm")
            double netLengthMm,

            @Term("the squared strand: net, handle, tail and filing, rounded up, mm")
            double cutLengthMm,

            @Term("what is cut beyond the net length") CutAllowance stretch,
            @Term("where the handle is") HandleAt handleAt,
            @Term("mass of the finished wire, g") double massG,
            @Term("surface of the finished wire, mm²") double surfaceMm2,

            @Term("what lies along the straight wire, from its beginning to its end")
            List<OnTape> tape) {}

    /**
     * A part of the straight wire as it is cut.
     *
     * @param element id of the element; absent for a handle and for spare wire
     * @param label name to read
     * @param fromMm where it begins from the beginning of the cut wire
     * @param toMm where it ends
     */
    public record OnTape(
            @Term("id of the element; absent for a handle and for spare wire")
            Optional<String> element,

            @Term("name to read") String label,

            @Term("where it begins from the beginning of the cut wire, mm")
            double fromMm,

            @Term("where it ends, mm") double toMm) {}

    /**
     * How the finished form lies.
     *
     * @param finished extents of the finished form
     * @param outline centre line of the finished form
     * @param second centre line of the second of a pair, beside the first; absent where wires are not paired
     * @param crossings where it lies over itself
     * @param noHammer where no hammer may go
     * @param carried what it is wound round and moves with; absent where it lies by itself
     */
    public record Drawn(
            @Term("extents of the finished form") Extent finished,

            @Term("centre line of the finished form: x, y, z, s, mm")
            List<double[]> outline,

            @Term("centre line of the second of a pair, beside the first: x, y, z, s, mm")
            Optional<List<double[]>> second,

            @Term("where it lies over itself") List<Over> crossings,
            @Term("where no hammer may go") List<NoHammer.Zone> noHammer,

            @Term("what it is wound round and moves with; absent where it lies by itself")
            Optional<Carried> carried) {}

    /**
     * A place where other wires lie together.
     *
     * @param round strand.element of each of them
     * @param at where on the first of them, as a share of its length
     */
    public record Carried(
            @Term("strand.element of each that lies there") List<String> round,

            @Term("where on the first of them, as a share of its length")
            double at) {}

    /**
     * Something done to a strand.
     *
     * @param index from 1; 0 is the straight cut wire
     * @param words in words
     * @param kind what it is
     * @param id id of the element that is formed, or of the work; empty for a trim
     * @param elements ids of the elements that it touches
     * @param leaves how it leaves the surface
     */
    public record OperationPlan(
            @Term("from 1; 0 is the straight cut wire") int index,
            @Term("in words") String words,
            @Term("what it is") OperationKind kind,

            @Term("id of the element that is formed, or of the work; empty for a trim")
            String id,

            @Term("ids of the elements that it touches") List<String> elements,
            @Term("how it leaves the surface") Act.Leaves leaves) {}

    /** What an operation is. */
    public enum OperationKind {
        /** An element is formed. */
        FORM,
        /** Work of the document. */
        WORK,
        /** Handle or spare go. */
        TRIM
    }

    /** Whether wires are matched in pairs. */
    public enum Pair {
        /** Each for itself. */
        NONE,
        /** Two alike. */
        ALIKE,
        /** The second is the mirror image of the first. */
        MIRRORED
    }

    /**
     * Extents of a form as a calliper reads them.
     *
     * @param widthMm the long way
     * @param heightMm across
     * @param depthMm out of the plane
     */
    public record Extent(
            @Term("the long way, mm") double widthMm,
            @Term("across, mm") double heightMm,
            @Term("out of the plane, mm") double depthMm) {}

    /**
     * An element of a strand.
     *
     * @param id name
     * @param label name to read
     * @param kind what it is
     * @param along where it lies along the wire
     * @param formed how it is formed and what comes of it
     * @param worked what the work made of the metal
     * @param strength what it holds
     * @param springing how it springs
     */
    public record ElementPlan(
            @Term("name of the element") String id,
            @Term("name to read") String label,
            @Term("kind of element") String kind,
            @Beside Along along,
            @Beside Formed formed,
            @Beside Worked worked,
            @Beside Strength strength,
            @Beside Springing springing) {}

    /**
     * Where it lies along the wire.
     *
     * @param lengthMm wire in it before any work
     * @param fromMm where it begins along the wire
     * @param toMm where it ends
     */
    public record Along(
            @Term("wire in it before any work, mm") double lengthMm,
            @Term("where it begins along the wire, mm") double fromMm,
            @Term("where it ends along the wire, mm") double toMm) {}

    /**
     * How it is formed and what comes of it.
     *
     * @param tool what it is formed on; absent for what is not bent
     * @param finished sizes after all work; absent for what is not round
     * @param mandrelRuleMm what “π × mandrel” would say; absent for what is not round
     * @param equivalentWireMm wire of the same volume as a bought ball; absent for all else
     * @param centre middle of the arc in the drawing: x, y, z
     * @param toolMomentNmm greatest moment that forming takes; 0 for what is not bent
     * @param formedBy what that moment takes
     */
    public record Formed(
            @Term("what it is formed on") Optional<Tool> tool,
            @Term("sizes after all work") Optional<Sizes> finished,
            @Term("what “π × mandrel” would say, mm") OptionalDouble mandrelRuleMm,

            @Term("wire of the same volume as a bought ball, mm")
            OptionalDouble equivalentWireMm,

            @Term("middle of the arc in the drawing: x, y, z, mm")
            Optional<double[]> centre,

            @Term("greatest moment that forming takes, N·mm; 0 for what is not bent")
            double toolMomentNmm,

            @Term("what that moment takes") FormedBy formedBy) {}

    /**
     * What the work made of the metal.
     *
     * @param strain plastic strain added since purchase, mean over the section, where it is greatest
     * @param strainLeft what the metal still stands there before it may crack, an estimate
     * @param hardnessHv Vickers hardness there
     * @param temperNow the nearest temper there
     */
    public record Worked(
            @Term("plastic strain added since purchase, mean over the section, where it is greatest")
            double strain,

            @Term("what the metal still stands there before it may crack, an estimate")
            double strainLeft,

            @Term("Vickers hardness there") double hardnessHv,
            @Term("the nearest temper there") TemperNow temperNow) {}

    /**
     * What it holds.
     *
     * @param startsToGiveN load that leaves the first trace of a set; absent where nothing pulls it open
     * @param startsFromN the least at which it starts to give, of soft metal of that name
     * @param startsToN the most
     * @param holdN load that leaves 0.2 mm of opening, or at which a closed eye slips or breaks
     * @param holdFromN the least that it holds, of soft metal of that name
     * @param holdToN the most
     * @param fails what gives first
     * @param sidewaysN what it holds across its plane, an estimate; absent where it is closed
     * @param squeezeN squeeze that begins to shut it for good, 5 mm beyond the bow; absent where it is closed
     * @param opensMmPerN how far it opens for a newton while elastic
     * @param wantsN load that the purpose wants, an estimate; absent where it carries none
     * @param squeezed whether the load that is wanted is a squeeze, as of an ear wire
     * @param opensLeft how many times it can be opened and closed again, an estimate; absent where it does not open
     * @param pull how it lies under the load that is wanted, and after; absent where none is
     */
    public record Strength(
            @Term("load that leaves the first trace of a set, N; absent where nothing pulls it open")
            OptionalDouble startsToGiveN,

            @Term("the least at which it starts to give, of soft metal of that name, N")
            OptionalDouble startsFromN,

            @Term("the most, of hard metal of that name, N") OptionalDouble startsToN,

            @Term("load that leaves 0.2 mm of opening, or at which a closed eye slips or breaks, N")
            OptionalDouble holdN,

            @Term("the least that it holds, of soft metal of that name, N")
            OptionalDouble holdFromN,

            @Term("the most, of hard metal of that name, N") OptionalDouble holdToN,

            @Term("what gives first; absent where nothing pulls at it")
            Optional<Bearing.Fails> fails,

            @Term("what it holds when it is pulled across its plane, N, an estimate; absent where it is closed")
            OptionalDouble sidewaysN,

            @Term("squeeze that begins to shut it for good, 5 mm beyond the bow, N; absent where it is closed")
            OptionalDouble squeezeN,

            @Term("how far it opens for a newton while elastic, mm")
            OptionalDouble opensMmPerN,

            @Term("load that the purpose wants, N, an estimate; absent where it carries none")
            OptionalDouble wantsN,

            @Term("whether the load that is wanted is a squeeze, as of an ear wire")
            boolean squeezed,

            @Term("how many times it can be opened and closed again, an estimate; absent where it does not open")
            OptionalDouble opensLeft,

            @Term("how it lies under the load that is wanted, and after; absent where none is")
            Optional<Pull> pull) {
        /** What is compared with the load that is wanted: the squeeze, where that is one, else what it holds. */
        public OptionalDouble standsN() {
            return squeezed ? squeezeN : holdN;
        }
    }

    /**
     * Sizes of something round.
     *
     * @param insideMm inside diameter; absent where the wire closes it
     * @param outsideMm outside diameter as a calliper reads it
     * @param turns how many turns
     */
    public record Sizes(
            @Term("inside diameter, mm; absent where the wire closes it")
            OptionalDouble insideMm,

            @Term("outside diameter as a calliper reads it, mm")
            double outsideMm,

            @Term("how many turns") double turns) {}

    /**
     * A place where the wire lies over itself.
     *
     * @param underMm position of the lower limb along the wire
     * @param overMm position of the upper limb
     * @param fromMm where the upper limb begins to cover the lower one
     * @param toMm where it ends
     */
    public record Over(
            @Term("position of the lower limb along the wire, mm")
            double underMm,

            @Term("position of the upper limb, mm") double overMm,

            @Term("where the upper limb begins to cover the lower one, mm")
            double fromMm,

            @Term("where the upper limb ends to cover the lower one, mm")
            double toMm) {}

    /**
     * The wire after an operation.
     *
     * @param index 0 for the straight cut wire
     * @param operation in words
     * @param lengthMm length of metal
     * @param outline centre line: x, y, z, s
     * @param stations one to each point of the outline
     */
    public record StatePlan(
            @Term("0 for the straight cut wire") int index,
            @Term("the operation in words") String operation,
            @Term("length of metal, mm") double lengthMm,
            @Term("centre line: x, y, z, s, mm") List<double[]> outline,
            @Term("one to each point of the outline") List<StationPlan> stations) {}

    /**
     * The wire at a place.
     *
     * @param sMm position along the wire
     * @param strain plastic strain added since purchase, mean over the section
     * @param hardnessHv Vickers hardness, mean over the section
     * @param widthMm as a calliper reads it
     * @param thicknessMm as a calliper reads it
     * @param drawnMm width in the plane of the drawing
     */
    public record StationPlan(
            @Term("position along the wire, mm") double sMm,

            @Term("plastic strain added since purchase, mean over the section")
            double strain,

            @Term("Vickers hardness, mean over the section") double hardnessHv,

            @Term("width as a calliper reads it, mm") double widthMm,
            @Term("thickness as a calliper reads it, mm") double thicknessMm,
            @Term("width in the plane of the drawing, mm") double drawnMm) {
        /** Less is within what wire is drawn to. */
        private static final double FLATTENED = 0.97;

        /** Whether a thickness is that of wire that was flattened. */
        public static boolean isFlattened(double thicknessMm, double boughtMm) {
            return thicknessMm < FLATTENED * boughtMm;
        }
    }

    /**
     * Alike links that hang in each other: every next one is the one before moved along the chain by the pitch and turned about where it hangs.
     *
     * @param strand id of the strand
     * @param links how many
     * @param pitchMm from one link to the same place of the next
     * @param lengthMm the whole chain, pulled straight
     * @param from where a link hangs in the one before it: x, y, z
     * @param along which way the chain goes: x, y, z, a unit vector
     * @param about what each link is turned about against the one before: x, y, z, a unit vector
     * @param turnDeg how far each link is turned about that
     */
    public record ChainPlan(
            @Term("id of the strand") String strand,
            @Term("how many links") int links,

            @Term("from one link to the same place of the next, mm")
            double pitchMm,

            @Term("the whole chain, pulled straight, mm") double lengthMm,

            @Term("where a link hangs in the one before it: x, y, z, mm")
            double[] from,

            @Term("which way the chain goes: x, y, z, a unit vector")
            double[] along,

            @Term("what each link is turned about against the one before: x, y, z, a unit vector")
            double[] about,

            @Term("how far each link is turned about that, degrees")
            double turnDeg) {}

    /**
     * Wire for the whole piece.
     *
     * @param wire one row for every kind of wire
     * @param massG mass of the finished piece with its parts, as far as these are told as solids
     * @param handsOnMinutes how long hands are needed, an estimate
     * @param restMinutes how long the breaks between are
     * @param surfaceMm2 surface of the finished wires
     */
    public record Totals(
            @Term("one row for every kind of wire") List<WireTotal> wire,

            @Term("mass of the finished piece with its parts, as far as these are told as solids, g")
            double massG,

            @Term("how long hands are needed, minutes, an estimate")
            double handsOnMinutes,

            @Term("how long the breaks between are, minutes")
            double restMinutes,

            @Term("surface of the finished wires, mm²") double surfaceMm2) {}

    /**
     * Wire of one kind.
     *
     * @param metal the metal
     * @param section its section
     * @param temper its temper
     * @param lengthMm cut length of all wires
     * @param massG mass of that length
     */
    public record WireTotal(
            @Term("the metal") Metal metal,
            @Term("its section") WireSection section,
            @Term("its temper") Temper temper,
            @Term("cut length of all wires, mm") double lengthMm,
            @Term("mass of that length, g") double massG) {}
}
