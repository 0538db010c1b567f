package org.etui.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.MapPropertySource;

/** Gives a test's server a data folder of its own. */
class EmptyFolder implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    @Override
    public void initialize(ConfigurableApplicationContext context) {
        try {
            context.getEnvironment()
                    .getPropertySources()
                    .addFirst(new MapPropertySource(
                            "folder", EtuiServer.properties(Files.createTempDirectory("etui-test"))));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
