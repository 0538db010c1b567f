package org.etui.server;

import java.io.IOException;
import java.nio.file.Files;
import java.util.HashMap;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** A server of its own beside the one of a test, with nothing in its folder. */
public final class EmptyBench implements AutoCloseable {
    private final ConfigurableApplicationContext context;

    /** Starts it. */
    public EmptyBench() throws IOException {
        SpringApplication application = new SpringApplication(EtuiServer.class);
        Map<String, Object> properties = new HashMap<>(EtuiServer.properties(Files.createTempDirectory("etui-test")));
        properties.put("server.port", "0");
        application.setDefaultProperties(properties);
        context = application.run("--server.port=0");
    }

    /** Asks it. */
    public Http http() {
        return new Http(Integer.parseInt(context.getEnvironment().getProperty("local.server.port")));
    }

    @Override
    public void close() {
        context.close();
    }
}
