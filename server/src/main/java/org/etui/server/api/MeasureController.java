package org.etui.server.api;

import java.util.List;
import org.etui.core.check.Term;
import org.etui.core.measure.PersonalMeasure;
import org.etui.core.measure.PersonalMeasures;
import org.etui.server.store.DocumentStore;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The measures that the maker has names for. */
@RestController
@RequestMapping("/api/measures")
class MeasureController extends KeptController<PersonalMeasures, MeasureController.KeptMeasures> {
    MeasureController(MeasureList kept) {
        super(kept);
    }

    /**
     * The measures as kept.
     *
     * @param version counts every change
     * @param canUndo whether there is something to undo
     * @param canRedo whether there is something to redo
     * @param measures each name once
     */
    record KeptMeasures(
            @Term("counts every change") long version,
            @Term("whether there is something to undo") boolean canUndo,
            @Term("whether there is something to redo") boolean canRedo,
            @Term("each name once") List<PersonalMeasure> measures) {}

    @Override
    KeptMeasures answer(DocumentStore.Kept standing, PersonalMeasures now) {
        return new KeptMeasures(standing.row().version(), standing.canUndo(), standing.canRedo(), now.measures());
    }
}
