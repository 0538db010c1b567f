package org.etui.server.api;

import java.util.List;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.etui.server.store.ProgressStore;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where bench cards stand, so that they are picked up after a reload or a dead battery. The last to write is right. */
@RestController
@RequestMapping("/api/progress")
class ProgressController {
    private final ProgressStore store;
    private final Reader reader;

    ProgressController(ProgressStore store, Reader reader) {
        this.store = store;
        this.reader = reader;
    }

    /**
     * Where a card stands.
     *
     * @param step index of the step that is open
     * @param title its title, by which it is found again where the piece was changed meanwhile
     * @param timers what goes on by itself
     */
    record Progress(
            @Term(value = "index of the step that is open", from = 0, to = 100000)
            int step,

            @Term(
                    value = "its title, by which it is found again where the piece was changed meanwhile",
                    to = 400,
                    or = "\"\"")
            String title,

            @Term(value = "what goes on by itself", to = 50, or = "[]")
            List<Timer> timers) {}

    /**
     * Something that goes on by itself.
     *
     * @param title what it is
     * @param endsAtMs when it is over, ms since 1970
     * @param step index of its step
     */
    record Timer(
            @Term(value = "what it is", to = 400) String title,

            @Term(value = "when it is over, ms since 1970", from = 0, to = 1e14)
            double endsAtMs,

            @Term(value = "index of its step", from = 0, to = 100000)
            int step) {}

    /** Where the card of a piece or a job stands; at its beginning where it was never opened. */
    @GetMapping("/{subject}")
    Progress read(@PathVariable String subject) {
        return store.read(named(subject))
                .map(text -> reader.read(text.getBytes(java.nio.charset.StandardCharsets.UTF_8), Progress.class))
                .orElse(new Progress(0, "", List.of()));
    }

    /** Keeps where it stands. */
    @PutMapping("/{subject}")
    Progress write(@PathVariable String subject, @RequestBody Progress progress) {
        store.write(named(subject), Json.MAPPER.writeValueAsString(progress));
        return progress;
    }

    private static String named(String subject) {
        if (!subject.matches("[0-9A-Za-z-]{1,60}")) {
            throw new BadInput("subject", subject, "must be the name of a piece or a job in the store");
        }
        return subject;
    }
}
