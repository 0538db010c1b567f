package org.etui.server.api;

import java.util.Locale;
import org.etui.core.check.BadInput;
import org.etui.core.kit.Kit;
import org.etui.core.measure.LengthFormat;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.server.print.KitSheet;
import org.etui.server.print.Paper;
import org.etui.server.print.Writer;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Kits for a class, out of a job: what lies in each, what is to be bought, the handout. */
@RestController
@RequestMapping("/api/jobs/{id}")
class KitController {
    private final Jobs jobs;
    private final PriceList prices;
    private final RackBook rack;
    private final Maker maker;
    private final Watch watch;

    KitController(Jobs jobs, PriceList prices, RackBook rack, Maker maker, Watch watch) {
        this.jobs = jobs;
        this.prices = prices;
        this.rack = rack;
        this.maker = maker;
        this.watch = watch;
    }

    /** The kits of a job, with so many more of each size. */
    @GetMapping("/kit")
    Kit kit(@PathVariable String id, @RequestParam(defaultValue = "0") int spares) {
        if (spares < 0 || spares > Kit.MOST_SPARES) {
            throw new BadInput("spares", spares, "must be from 0 to " + Kit.MOST_SPARES);
        }
        return watch.search(search ->
                Kit.of(jobs.job(id), jobs.one(id), spares, prices.now(), rack.now(), maker.hand(), search::goesOn));
    }

    /** What to lay out and to buy, and the handout with every step: pdf or svg. */
    @GetMapping("/kit-sheet")
    ResponseEntity<byte[]> sheet(
            @PathVariable String id,
            @RequestParam(defaultValue = "0") int spares,
            @RequestParam(defaultValue = "pdf") String format,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "mm") String units) {
        Writer.As as = PlanController.word("format", format, Writer.As.values());
        Paper on = PlanController.word("paper", paper, Paper.values());
        LengthFormat lengths = new LengthFormat(PlanController.units(units));
        Kit kit = kit(id, spares);
        Piece one = jobs.one(id);
        Plan plan = watch.plan(() -> Planner.plan(one, maker.pupils(PlanOptions.States.ALL, lengths)));
        String name = jobs.job(id).name();
        return PaperController.shown(
                KitSheet.of(name, kit, one, plan, on, lengths, as),
                as.mediaType(),
                name + ", kits." + format.toLowerCase(Locale.ROOT));
    }
}
