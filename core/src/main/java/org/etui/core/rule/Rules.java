package org.etui.core.rule;

import java.util.Comparator;
import java.util.List;
import org.etui.core.piece.Piece;

/** Every rule there is. */
public final class Rules {
    /** The list: a new rule is added here and nowhere else. */
    public static final List<Rule> ALL = List.of(
            new FineWireUnderLoad(),
            new CoatUnderHammer(),
            new HammeredLoop(),
            new HammeredCrossing(),
            new NextToBead(),
            new UsedUp(),
            new FlattenedFar(),
            new SpringWireSnaps(),
            new HoldsTooLittle(),
            new LeftSoft(),
            new TooStiff(),
            new HardToOpen(),
            new PinCatch(),
            new LightlyOnly(),
            new ThinBangle(),
            new WristNotHand(),
            new RingWire(),
            new WoundAtSize(),
            new SoftForSpirals(),
            new TurnsMeet(),
            new CurlTooTight(),
            new JoinFits(),
            new CoilOnCord(),
            new BeadsFit(),
            new PetalsOpen(),
            new BundleHigh(),
            new LinksDiffer(),
            new PairDiffers(),
            new HandleTrimmedFirst(),
            new NothingToHold(),
            new GaugeMisread(),
            new FractionMisread(),
            new BareJaws(),
            new DenseBath(),
            new PorousStone(),
            new TakesColour(),
            new Undone());

    private Rules() {}

    /** All advice on a piece, the worst first. */
    public static List<Advice> look(Bench bench) {
        return ALL.stream()
                .flatMap(rule -> rule.look(bench).stream())
                .sorted(Comparator.comparing(Advice::severity))
                .toList();
    }

    /** The same for those who read it: what holds for several alike places is said once. */
    public static List<Advice> once(Piece piece, List<Advice> advice) {
        return Alike.once(piece, advice);
    }
}
