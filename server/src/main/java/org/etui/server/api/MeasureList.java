package org.etui.server.api;

import org.etui.core.measure.PersonalMeasures;
import org.etui.server.contract.Reader;
import org.etui.server.store.BenchStore;
import org.springframework.stereotype.Component;

/** The maker's own measures as kept; none until the first is named. */
@Component
class MeasureList extends Kept<PersonalMeasures> {
    MeasureList(BenchStore store, Reader reader) {
        super(store, reader, "measures", PersonalMeasures.class, PersonalMeasures.NONE, PersonalMeasures::require);
    }
}
