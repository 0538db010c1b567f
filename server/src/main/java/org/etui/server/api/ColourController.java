package org.etui.server.api;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.check.Term;
import org.etui.core.colour.Experience;
import org.etui.core.colour.Finished;
import org.etui.core.colour.Look;
import org.etui.core.colour.Shade;
import org.etui.core.colour.Strip;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.plan.Recess;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Colour in a sulfide bath; of what is kept only the maker's own records count. */
@RestController
@RequestMapping("/api/colour")
class ColourController {
    private final Watch watch;
    private final Baths baths;

    ColourController(Watch watch, Baths baths) {
        this.watch = watch;
        this.baths = baths;
    }

    /**
     * A bath to look at over time.
     *
     * @param metal the metal
     * @param bath what is in it
     * @param untilS to here; without, to a little after black
     * @param stepS a colour every so many seconds; without, 500 in all
     */
    record StripQuestion(
            @Term("the metal") Metal metal,
            @Term("what is in the bath") Colour.Recipe bath,

            @Term(value = "to here, s; default: a little after black", from = 1, to = 86400)
            OptionalDouble untilS,

            @Term(
                    value = "a colour every so many seconds, at most 2,000 colours; default: 500 in all",
                    from = 0.01,
                    to = 3600)
            OptionalDouble stepS) {}

    /** The colours of a bath over time, fitted to what came out of the maker's own. */
    @PostMapping("/strips")
    Strip strip(@RequestBody StripQuestion question) {
        Experience own = Experience.of(baths.now(), question.metal());
        return watch.plan(() -> Strip.of(question.metal(), question.bath(), question.untilS(), question.stepS(), own));
    }

    /**
     * A metal under a film, polished back.
     *
     * @param metal the metal
     * @param filmNm the film out of the bath, where no stop is named
     * @param stopAt the stop that it is taken out at
     * @param polishBack share taken off the high places
     * @param polishWith with what
     */
    record FinishQuestion(
            @Term("the metal") Metal metal,

            @Term(value = "the film out of the bath, nm, where no stop is named", from = 0, to = Shade.THICKEST_NM)
            OptionalDouble filmNm,

            @Term("the stop that it is taken out at") Optional<Colour.Stop> stopAt,

            @Term(value = "share taken off the high places, 0 to 1", from = 0, to = 1)
            double polishBack,

            @Term("what it is polished back with") Colour.PolishWith polishWith) {}

    /** The colours of a film by how hidden a place is. */
    @PostMapping("/finishes")
    Finished finish(@RequestBody FinishQuestion question) {
        double film = question.stopAt()
                .map(stop -> Look.of(question.metal(), stop).filmNm())
                .orElseGet(() -> question.filmNm().orElse(0));
        return Finished.of(question.metal(), film, question.polishBack(), question.polishWith());
    }

    /**
     * Where a piece hides its film.
     *
     * @param strands of every strand how hidden its places are
     * @param surfaceMm2 surface of all finished wires
     * @param parts the parts of a metal that takes colour
     */
    record Places(
            @Term("of every strand how hidden its places are")
            List<Recess> strands,

            @Term("surface of all finished wires, mm²") double surfaceMm2,

            @Term("the parts of a metal that takes colour") List<PartOf> parts) {}

    /**
     * A part of metal.
     *
     * @param part its id
     * @param metal what it is of
     */
    record PartOf(
            @Term("its id") String part,
            @Term("what it is of") Metal metal) {}

    /** How hidden every place of a piece is from a polishing tool. */
    @PostMapping("/places")
    Places places(@RequestBody Piece piece) {
        return watch.plan(() -> {
            Plan plan = Planner.plan(piece, PlanOptions.USUAL);
            List<PartOf> parts = piece.parts().stream()
                    .flatMap(p -> p.metal().map(m -> new PartOf(p.id(), m)).stream())
                    .toList();
            return new Places(Recess.of(plan), plan.totals().surfaceMm2(), parts);
        });
    }
}
