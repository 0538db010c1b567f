package org.etui.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.ContextConfiguration;

/** A test against the running server on a port of its own, with the hedgerow set in an empty folder; the tray is waited for. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(
        classes = EtuiServer.class,
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"etui.demo=true", "etui.patience-ms=60000"})
@ContextConfiguration(initializers = EmptyFolder.class)
public @interface ServerTest {}
