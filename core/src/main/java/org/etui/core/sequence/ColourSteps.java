package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.check.Word;
import org.etui.core.colour.Clock;
import org.etui.core.colour.Growth;
import org.etui.core.colour.Look;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Piece;
import org.etui.core.work.StrandWork;

/** Writes the steps of darkening, where the document asks for it: clean, dip, stop, dry, polish back, seal (common practice). */
final class ColourSteps {
    private static final String SULFIDE = "Sulfide gives off hydrogen sulfide: open window or outdoors, no acid nearby,"
            + " gloves and glasses, no kitchen ware.";

    /** However fast it is: going in, looking, rinsing (engineering estimate). */
    private static final double LEAST_DIP_MINUTES = 3;

    private static final double SECONDS = 60;

    private ColourSteps() {}

    /** The steps; none where nothing is darkened. */
    static List<Draft> of(Piece piece, List<StrandWork> strands, School school) {
        List<Draft> drafts = new ArrayList<>();
        boolean takes = strands.stream().anyMatch(s -> s.strand().wire().metal().sulfide() != Metal.Sulfide.NONE);
        if (piece.colour().isEmpty() || !takes) {
            return drafts;
        }
        Colour colour = piece.colour().get();
        drafts.add(bath("clean", "Clean it of grease", "soft brush, soap")
                .text("Brush it with soap and warm water, rinse, and touch it by the edges only.")
                .check("Water runs off in a film, not in beads.")
                .shows(Step.Shows.CLEANING)
                .minutes(2));
        drafts.add(dip(strands, colour));
        drafts.add(stop(school));
        drafts.add(bath("dry", "Let it dry", "cloth, warm air")
                .text("Pat it dry and let it lie in warm air.")
                .check("No water is left between turns.")
                .caution("Hot air heats the metal: it burns fingers.")
                .handsOff()
                .shows(Step.Shows.DRYING)
                .minutes(10));
        if (colour.polishBack() > 0) {
            drafts.add(polish(strands, colour, school));
        }
        if (colour.seal() != Colour.Seal.NONE) {
            drafts.add(finish("seal", "Seal it with " + Word.plain(colour.seal()), "cloth or brush")
                    .text("A thin coat all over; wipe off what is too much.")
                    .check("No streaks and no sticky places.")
                    .caution("Open window, no flame.")
                    .shows(Step.Shows.SEALING)
                    .minutes(3));
        }
        return drafts;
    }

    /** How long it takes by estimate, for each metal that takes colour; the eye decides. */
    private static Draft dip(List<StrandWork> strands, Colour colour) {
        List<Metal> metals = strands.stream()
                .map(s -> s.strand().wire().metal())
                .filter(m -> m.sulfide() != Metal.Sulfide.NONE)
                .distinct()
                .toList();
        List<String> times = new ArrayList<>();
        double longest = 0;
        for (Metal metal : metals) {
            Look look = Look.of(metal, colour.stopAt());
            double seconds = Growth.of(metal, colour.recipe()).seconds(look.filmNm());
            longest = Math.max(longest, seconds);
            times.add((metals.size() > 1 ? metal.title() + " is " : "It is ") + look.name() + " after about "
                    + Clock.inWords(seconds) + ", between " + Clock.inWords(seconds / Growth.UNSURE) + " and "
                    + Clock.inWords(seconds * Growth.UNSURE));
        }
        return bath("dip", "Darken it to " + Word.plain(colour.stopAt()), "sulfide bath, two dishes")
                .text(plain(colour.drops()) + (colour.bath() == Colour.Bath.LUMP ? " crumbs of " : " drops of ")
                        + Word.plain(colour.bath()) + " in " + plain(colour.volumeMl()) + " ml of water at "
                        + plain(colour.temperatureC()) + " °C. Dip, look after a few seconds, rinse, dip again. "
                        + String.join("; ", times) + ": an estimate, your eye decides.")
                .check("It is " + Word.plain(colour.stopAt()) + " all over, in the recesses too.")
                .caution(SULFIDE)
                .shows(Step.Shows.DARKENING)
                .minutes(Math.max(LEAST_DIP_MINUTES, longest / SECONDS));
    }

    private static Draft stop(School school) {
        return school.stopBath()
                ? bath("stop", "Stop it in soda water", "dish, a spoon of baking soda")
                        .text("Lay it into cold water with baking soda, then rinse it well.")
                        .check("The colour stands still.")
                        .shows(Step.Shows.DRYING)
                        .minutes(1)
                : bath("stop", "Rinse it well", "cold running water")
                        .text("Rinse it under cold running water until nothing smells any more.")
                        .check("The colour stands still.")
                        .shows(Step.Shows.DRYING)
                        .minutes(2);
    }

    /** Woven, wrapped and twisted work is rubbed one way, whatever was taught: to and fro catches in it. */
    private static Draft polish(List<StrandWork> strands, Colour colour, School school) {
        boolean woven = strands.stream()
                .flatMap(s -> s.strand().elements().stream())
                .anyMatch(e -> e.handling().woven());
        String way = woven
                ? "in one direction only, along the turns: to and fro catches in wrapped work"
                : school.polish() == School.Polish.ONE_DIRECTION ? "in one direction only" : "to and fro";
        if (colour.polishWith() == Colour.PolishWith.TUMBLER) {
            return finish("polish", "Polish it back in the tumbler", "tumbler, shot")
                    .text("Tumble it until about " + Math.round(100 * colour.polishBack())
                            + " % of the film is off the high places; look every 10 min. Leave it in the recesses.")
                    .check("High places are bright, recesses dark.")
                    .caution("Nothing with a stone in it goes into the tumbler.")
                    .handsOff()
                    .shows(Step.Shows.POLISHING)
                    .minutes(30);
        }
        return finish("polish", "Polish it back", Word.plain(colour.polishWith()))
                .text("Rub " + way + ", until about " + Math.round(100 * colour.polishBack())
                        + " % of the film is off the high places. Leave it in the recesses.")
                .check("High places are bright, recesses dark, no scratches across.")
                .caution("Do not breathe the dust.")
                .shows(Step.Shows.POLISHING)
                .minutes(4);
    }

    private static Draft bath(String key, String title, String tool) {
        return Draft.whole(key, title, tool).kind(Step.Kind.BATH);
    }

    private static Draft finish(String key, String title, String tool) {
        return Draft.whole(key, title, tool).kind(Step.Kind.FINISH);
    }

    private static String plain(double number) {
        return FormingWords.plain(number);
    }
}
