package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.etui.core.check.Word;
import org.etui.core.colour.BathLog;
import org.etui.core.colour.Clock;
import org.etui.core.colour.Experience;
import org.etui.core.colour.Growth;
import org.etui.core.colour.Look;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Dip;
import org.etui.core.piece.Piece;

/**
 * Writes the steps of darkening what goes into one bath together: clean, dip, stop, dry, polish back; touch up and seal (common practice).
 *
 * @param piece the document
 * @param in what goes in
 * @param number of the bath on the card, from 0
 * @param school what the maker was taught
 * @param log what came out of the maker's own baths
 */
record ColourSteps(Piece piece, Dip in, int number, School school, BathLog log) {
    private static final String SULFIDE = "Sulfide gives off hydrogen sulfide: open window or outdoors, no acid nearby,"
            + " gloves and glasses, no kitchen ware.";

    /** However fast it is: going in, looking, rinsing (engineering estimate). */
    private static final double LEAST_DIP_MINUTES = 3;

    /** Hotter than that the film grows while it is looked at (common practice). */
    private static final double TOO_HOT_C = 75;

    /** What boils is let cool to that before anything goes in (common practice). */
    private static final double COOLED_C = 60;

    private static final double SECONDS = 60;

    /** The steps, in order. */
    List<Draft> drafts() {
        Colour colour = in.colour();
        List<Draft> drafts = new ArrayList<>();
        drafts.add(bath("clean", "Clean " + it() + " of grease", "soft brush, soap")
                .text("Brush " + them() + " with soap and warm water, rinse, and touch " + them()
                        + " by the edges only.")
                .check("Water runs off in a film, not in beads.")
                .shows(Step.Shows.CLEANING)
                .minutes(2));
        drafts.add(darken());
        drafts.add(stop());
        drafts.add(dry());
        if (colour.polishBack() > 0) {
            drafts.add(polish());
        }
        return drafts;
    }

    /** What is in it, where that is not all. */
    private String it() {
        return in.whole() ? "it" : in.inWords(piece);
    }

    private String them() {
        return in.whole() || isOne() ? "it" : "them";
    }

    private boolean isOne() {
        return in.strands().stream().mapToInt(s -> s.count()).sum()
                        + in.parts().stream().mapToInt(p -> p.count()).sum()
                == 1;
    }

    /** How long it takes by estimate, for each metal that takes colour; the eye decides. */
    private Draft darken() {
        Colour colour = in.colour();
        List<Metal> metals = in.metals();
        List<String> times = new ArrayList<>();
        double longest = 0;
        for (Metal metal : metals) {
            Look look = Look.of(metal, colour.stopAt());
            Experience own = Experience.of(log, metal);
            double seconds =
                    Growth.of(metal, colour.recipe()).times(own.faster()).seconds(look.filmNm());
            longest = Math.max(longest, seconds);
            times.add((metals.size() > 1 ? metal.title() + " is " : "It is ") + look.name() + " after about "
                    + Clock.inWords(seconds) + ", between " + Clock.inWords(seconds / own.unsure()) + " and "
                    + Clock.inWords(seconds * own.unsure())
                    + (own.records() == 0
                            ? ""
                            : ", from " + (own.records() == 1 ? "one record" : own.records() + " records")
                                    + " of yours"));
        }
        String time = times.isEmpty() ? "" : String.join("; ", times) + ": an estimate, your eye decides.";
        return bath("dip", "Darken " + it() + " to " + Word.plain(colour.stopAt()), "sulfide bath, two dishes")
                .text(plain(colour.drops()) + (colour.bath() == Colour.Bath.LUMP ? " crumbs of " : " drops of ")
                        + Word.plain(colour.bath()) + " in " + plain(colour.volumeMl()) + " ml of water at "
                        + plain(colour.temperatureC()) + " °C"
                        + (colour.temperatureC() > TOO_HOT_C
                                ? ", or let it cool to " + plain(COOLED_C) + " °C first: too hot it races. "
                                : ". ")
                        + "Dip, look after a few seconds, rinse, dip again; each dip adds to the film that is there. "
                        + time)
                .check("It is " + Word.plain(colour.stopAt()) + " all over, in the recesses too.")
                .caution(SULFIDE)
                .shows(Step.Shows.DARKENING)
                .minutes(Math.max(LEAST_DIP_MINUTES, longest / SECONDS));
    }

    private Draft stop() {
        Colour.StopIn with = in.colour().stopIn().orElse(school.stopBath() ? Colour.StopIn.SODA : Colour.StopIn.WATER);
        return switch (with) {
            case SODA ->
                stop(
                        "Stop " + them() + " in soda water",
                        "dish, a spoon of baking soda",
                        "Lay " + them() + " into cold water with baking soda, then rinse well.",
                        1);
            case SOAP ->
                stop(
                        "Wash " + them() + " with soap",
                        "warm water, mild soap",
                        "Wash " + them() + " in warm water with a little soap, turns and folds too, then rinse well.",
                        2);
            case WATER ->
                stop(
                        "Rinse " + them() + " well",
                        "cold running water",
                        "Rinse " + them() + " under cold running water until nothing smells any more.",
                        2);
        };
    }

    private Draft stop(String title, String tool, String text, double minutes) {
        return bath("stop", title, tool)
                .text(text)
                .check("The colour stands still.")
                .shows(Step.Shows.DRYING)
                .minutes(minutes);
    }

    private Draft dry() {
        String check = "No water is left between turns.";
        return switch (in.colour().dry()) {
            case CLOTH ->
                bath("dry", "Dry " + them() + " with a cloth", "soft cloth")
                        .text("Pat " + them() + " dry; blow the water out from between the turns.")
                        .check(check)
                        .shows(Step.Shows.DRYING)
                        .minutes(2);
            case AIR ->
                bath("dry", "Let " + them() + " dry", "cloth")
                        .text("Shake the water off and let " + them() + " lie on a cloth in the air.")
                        .check(check)
                        .handsOff()
                        .shows(Step.Shows.DRYING)
                        .minutes(30);
            case WARM_AIR ->
                bath("dry", "Dry " + them() + " in warm air", "cloth, warm air")
                        .text("Pat " + them() + " dry, blow warm air on both sides, then let " + them()
                                + " lie until cool.")
                        .check(check)
                        .caution("Hot air heats the metal: it burns fingers.")
                        .handsOff()
                        .shows(Step.Shows.DRYING)
                        .minutes(10);
        };
    }

    /** Woven, wrapped and twisted work is rubbed one way, whatever was taught: to and fro catches in it. */
    private Draft polish() {
        Colour colour = in.colour();
        boolean woven = in.strands().stream()
                .flatMap(s -> s.elements().stream())
                .anyMatch(e -> e.handling().woven());
        String way = woven
                ? "in one direction only, along the turns, the work lying on the block: to and fro catches in wrapped work"
                : school.polish() == School.Polish.ONE_DIRECTION
                        ? "in one direction only, the work lying on the block"
                        : "to and fro";
        String title = "Polish " + it() + " back";
        String share = "until about " + Math.round(100 * colour.polishBack()) + " % of the film is off the high places";
        if (colour.polishWith() == Colour.PolishWith.TUMBLER) {
            return finish("polish", title + " in the tumbler", "tumbler, shot")
                    .text("Tumble " + them() + " " + share + "; look every 10 min. Leave it in the recesses.")
                    .check("High places are bright, recesses dark.")
                    .caution("Nothing with a stone in it goes into the tumbler.")
                    .handsOff()
                    .shows(Step.Shows.POLISHING)
                    .minutes(30);
        }
        return finish("polish", title, Word.plain(colour.polishWith()))
                .text("Rub " + way + ", " + share + ". Leave it in the recesses.")
                .check("High places are bright, recesses dark, no scratches across.")
                .caution("Do not breathe the dust.")
                .shows(Step.Shows.POLISHING)
                .minutes(4);
    }

    /**
     * Bringing back what later work has bared.
     *
     * @param bared the steps that cut it or rubbed it
     * @param beside whether something that is shy of the bath lies in it by then
     */
    Draft touchUp(List<Draft> bared, boolean beside) {
        boolean cut = bared.stream().anyMatch(d -> d.kind == Step.Kind.TRIM);
        boolean rubbed = bared.stream().anyMatch(d -> d.kind != Step.Kind.TRIM);
        String where = Stream.of(cut ? "the cut ends" : "", rubbed ? "where the tools have rubbed the film" : "")
                .filter(w -> !w.isEmpty())
                .collect(Collectors.joining(" and "));
        return finish("touch-up", cut ? "Darken the cut ends" : "Touch up the film", "fine brush, a drop of the bath")
                .text("What was worked after the bath is bare: " + where
                        + ". Dab it with a brush barely wet from the bath"
                        + (beside ? ", never near stone, bead or cord" : "")
                        + "; wipe it with a damp cloth when it has the colour of the rest, and dry it.")
                .check("No bright cut shows against the film.")
                .caution(SULFIDE)
                .shows(Step.Shows.DARKENING)
                .minutes(Math.max(2, bared.size()));
    }

    /**
     * Sealing, which is last of all.
     *
     * @param what the names of what is sealed; empty for all of it
     * @param beside whether something that the sealer would dull lies in it by then
     */
    static Draft seal(Colour.Seal with, String what, boolean beside) {
        return Draft.whole(
                        "seal " + Word.of(with),
                        "Seal " + (what.isEmpty() ? "it" : what) + " with " + Word.plain(with),
                        beside ? "fine brush" : "cloth or brush")
                .kind(Step.Kind.FINISH)
                .text("A thin coat on all the metal; wipe off what is too much."
                        + (beside ? " Keep it off stone, bead and cord." : ""))
                .check("No streaks and no sticky places.")
                .caution("Open window, no flame.")
                .shows(Step.Shows.SEALING)
                .minutes(3);
    }

    private Draft bath(String key, String title, String tool) {
        return whole(key, title, tool).kind(Step.Kind.BATH);
    }

    private Draft finish(String key, String title, String tool) {
        return whole(key, title, tool).kind(Step.Kind.FINISH);
    }

    /** Speaks of what is in it, where that is not all. */
    private Draft whole(String key, String title, String tool) {
        Draft draft = Draft.whole(key + " " + number, title, tool);
        return in.whole()
                ? draft
                : draft.about(Stream.concat(
                                in.strands().stream()
                                        .flatMap(s -> s.elements().stream().map(e -> s.id() + "." + e.id())),
                                in.parts().stream().map(p -> p.id()))
                        .toList());
    }

    private static String plain(double number) {
        return FormingWords.plain(number);
    }
}
