package org.etui.server.api;

import org.etui.core.log.Hand;
import org.etui.core.measure.LengthFormat;
import org.etui.core.plan.PlanOptions;
import org.etui.core.sequence.School;
import org.springframework.stereotype.Component;

/** The maker as a plan knows them: tools, what they were taught, their baths and their hand. */
@Component
class Maker {
    private final Tools tools;
    private final SettingsList settings;
    private final Baths baths;
    private final LogBook log;

    Maker(Tools tools, SettingsList settings, Baths baths, LogBook log) {
        this.tools = tools;
        this.settings = settings;
        this.baths = baths;
        this.log = log;
    }

    /** What a plan for this maker takes. */
    PlanOptions options(PlanOptions.States states, LengthFormat format) {
        return options(states, format, hand());
    }

    /** The same with another hand. */
    PlanOptions options(PlanOptions.States states, LengthFormat format, Hand hand) {
        return new PlanOptions(states, format, tools.now(), settings.now().school(), baths.now(), hand);
    }

    /** What a plan for the maker's pupils takes: as the maker was taught, the tool in the right hand. */
    PlanOptions pupils(PlanOptions.States states, LengthFormat format) {
        School taught = settings.now().school();
        School right = new School(taught.spiral(), taught.polish(), taught.stopBath(), false);
        return new PlanOptions(states, format, tools.now(), right, baths.now(), hand());
    }

    /** The maker's hand as far as it is used. */
    Hand hand() {
        return log.used();
    }
}
