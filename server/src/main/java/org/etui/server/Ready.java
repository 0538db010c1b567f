package org.etui.server;

import java.nio.file.Path;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Says in one line that the application is ready, and where. */
@Component
class Ready {
    private final Environment environment;

    Ready(Environment environment) {
        this.environment = environment;
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
