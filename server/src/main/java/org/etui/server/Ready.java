package org.etui.server;

import java.nio.file.Path;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Says in one line that the application is ready, and where. */
@Component
public class Ready {
    private final Environment environment;
    private final Reader reader;
    private final ApplicationEventPublisher events;

    Ready(Environment environment, Reader reader, ApplicationEventPublisher events) {
        this.environment = environment;
        this.reader = reader;
        this.events = events;
    }

    /** Every pattern was planned once: from now on work takes no longer than usual. */
    public record Warm() {}

    /** Plans every pattern once beside the rest, so that the maker's first change does not wait for class loading. */
    @EventListener(ApplicationReadyEvent.class)
    void warm() {
        Thread thread = new Thread(
                () -> {
                    Patterns.ALL.forEach(pattern -> {
                        Piece piece = reader.read(Json.MAPPER.writeValueAsBytes(pattern.usual()), Piece.class);
                        Json.MAPPER.writeValueAsBytes(Planner.plan(piece, PlanOptions.USUAL));
                    });
                    events.publishEvent(new Warm());
                },
                "warm");
        thread.setDaemon(true);
        thread.start();
    }

    @EventListener(ApplicationReadyEvent.class)
    void say() {
        String port = environment.getProperty("local.server.port");
        String data = environment.getProperty("etui.data", "");
        if (port != null && !data.isEmpty()) {
            String kind = environment.getProperty("etui.demo", Boolean.class, false) ? "demo data" : "data";
            System.out.println("Etui is ready on http://127.0.0.1:" + port + " (" + kind + " in "
                    + Path.of(data).toAbsolutePath().normalize() + ")");
        }
    }
}
