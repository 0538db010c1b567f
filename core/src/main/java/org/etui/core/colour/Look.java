package org.etui.core.colour;

import java.util.Arrays;
import java.util.List;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;

/**
 * The names of colours in the order in which a film passes through them on copper and on silver (common practice), with the film at which each is itself.
 * The films are estimates that go with the optical constants.
 *
 * @param name the colour
 * @param filmNm film at which it is itself, nm
 */
public record Look(String name, double filmNm) {
    private static final List<Look> ON_COPPER = List.of(
            new Look("bright", 0),
            new Look("straw", 5),
            new Look("orange", 9),
            new Look("red-brown", 15),
            new Look("crimson", 20),
            new Look("purple", 25),
            new Look("blue", 35),
            new Look("grey", 50),
            new Look("dark", 80),
            new Look("black", 120));

    private static final List<Look> ON_SILVER = List.of(
            new Look("bright", 0),
            new Look("straw", 8),
            new Look("amber", 15),
            new Look("russet", 20),
            new Look("magenta-brown", 25),
            new Look("violet", 30),
            new Look("blue", 35),
            new Look("grey", 50),
            new Look("dark", 80),
            new Look("black", 120));

    /** Every colour on a metal, from bright to black. */
    public static List<Look> all(Metal metal) {
        return Tarnish.isSilver(metal) ? ON_SILVER : ON_COPPER;
    }

    /** The colour that a film is nearest to. */
    public static Look at(Metal metal, double filmNm) {
        List<Look> all = all(metal);
        int i = 0;
        while (i + 1 < all.size() && filmNm >= (all.get(i).filmNm + all.get(i + 1).filmNm) / 2) {
            i++;
        }
        return all.get(i);
    }

    /** What a stop of the document is on a metal: on silver orange is amber, red-brown russet and purple violet. */
    public static Look of(Metal metal, Colour.Stop stop) {
        if (!Tarnish.isSilver(metal)) {
            return named(ON_COPPER, org.etui.core.check.Word.of(stop));
        }
        return named(
                ON_SILVER,
                switch (stop) {
                    case ORANGE -> "amber";
                    case RED_BROWN -> "russet";
                    case PURPLE -> "violet";
                    default -> org.etui.core.check.Word.of(stop);
                });
    }

    /** Every stop of the document in the order in which the film reaches them. */
    public static List<Colour.Stop> stops() {
        return Arrays.asList(Colour.Stop.values());
    }

    private static Look named(List<Look> all, String name) {
        return all.stream().filter(l -> l.name.equals(name)).findFirst().orElseThrow();
    }
}
