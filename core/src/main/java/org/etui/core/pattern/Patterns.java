package org.etui.core.pattern;

import java.util.List;
import java.util.Optional;

/** Every pattern there is. */
public final class Patterns {
    /** The list: a new pattern is added here and nowhere else. */
    public static final List<Pattern> ALL = List.of(
            new HookClasp(),
            new WrappedHook(),
            new SHook(),
            new SClaspHammeredFirst(),
            new HookAndEyeBangle(),
            new DoubleScrollLink(),
            new FlatSpiral(),
            new SpiralHeadPin(),
            new ConeSpiral(),
            new PlainCoil(),
            new FigureEight(),
            new TurnedFigureEight(),
            new LinkChain(),
            new JumpRings(),
            new EarWire(),
            new SpiralHookEarWire(),
            new SpiralEarrings(),
            new WoundRing(),
            new WoundPetals(),
            new CordEnd(),
            new StoneFrame(),
            new WovenFront(),
            new SpiralCage(),
            new WrappedBead(),
            new TopDrilledDrop(),
            new GradedDrops(),
            new PaddleDrop(),
            new DimpledBlank());

    private Patterns() {}

    /** The pattern of that name. */
    public static Optional<Pattern> find(String name) {
        return ALL.stream().filter(p -> p.name().equals(name)).findFirst();
    }
}
