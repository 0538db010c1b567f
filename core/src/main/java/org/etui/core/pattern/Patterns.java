package org.etui.core.pattern;

import java.util.List;
import java.util.Optional;

/** Every pattern there is. */
public final class Patterns {
    /**
     * Patterns that are used alike.
     *
     * @param use what for
     * @param patterns the patterns
     */
    private record Group(Use use, List<Pattern> patterns) {}

    /** The list: a new pattern is added here and nowhere else. */
    private static final List<Group> GROUPS = List.of(
            new Group(
                    Use.CLOSURES,
                    List.of(new HookClasp(), new WrappedHook(), new SHook(), new SClaspHammeredFirst(), new CordEnd())),
            new Group(Use.BANGLES, List.of(new HookAndEyeBangle(), new PressedBangle())),
            new Group(
                    Use.LINKS,
                    List.of(
                            new DoubleScrollLink(),
                            new FigureEight(),
                            new TurnedFigureEight(),
                            new LinkChain(),
                            new BowLink(),
                            new ReverseSpiralLink(),
                            new JigRepeat())),
            new Group(
                    Use.SPIRALS,
                    List.of(
                            new FlatSpiral(),
                            new SpiralHeadPin(),
                            new ConeSpiral(),
                            new PlainCoil(),
                            new WoundPetals())),
            new Group(Use.EAR_WIRES, List.of(new EarWire(), new SpiralHookEarWire(), new SpiralEarrings())),
            new Group(Use.RINGS, List.of(new WoundRing(), new PendantRing())),
            new Group(
                    Use.STONES,
                    List.of(
                            new StoneFrame(),
                            new WovenFront(),
                            new SpiralCage(),
                            new WrappedBead(),
                            new TopDrilledDrop(),
                            new CappedPoint())),
            new Group(
                    Use.DROPS,
                    List.of(
                            new GradedDrops(),
                            new ChimeHanger(),
                            new PaddleDrop(),
                            new BeadDrop(),
                            new DoubleLeggedTop())),
            new Group(Use.SHEET, List.of(new DimpledBlank(), new PinStem())),
            new Group(Use.FILLERS, List.of(new JumpRings(), new JumpRingSet(), new KnittedTube())));

    /** All of them, in the order that they are shown in. */
    public static final List<Pattern> ALL =
            GROUPS.stream().flatMap(g -> g.patterns().stream()).toList();

    private Patterns() {}

    /** The pattern of that name. */
    public static Optional<Pattern> find(String name) {
        return ALL.stream().filter(p -> p.name().equals(name)).findFirst();
    }

    /** What a pattern is used for. */
    public static Use use(Pattern pattern) {
        return GROUPS.stream()
                .filter(g -> g.patterns().contains(pattern))
                .findFirst()
                .orElseThrow()
                .use();
    }
}
