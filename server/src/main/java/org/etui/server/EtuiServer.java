package org.etui.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.Map;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.DefaultApplicationArguments;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application on 127.0.0.1 with its data in one folder. */
@SpringBootApplication(proxyBeanMethods = false)
@MapperScan("org.etui.server.store")
public class EtuiServer {
    /** SQLite as the store wants it: written through to disk before a save is acknowledged. */
    private static final String PRAGMAS =
            "?journal_mode=WAL&foreign_keys=on&busy_timeout=5000&synchronous=FULL&transaction_mode=IMMEDIATE";

    private static final String USUAL_PORT = "8417";
    private static final int FOLDER_IN_USE = 3;
    private static final int WRONG_CALL = 2;

    /** Starts; options are {@code --etui.data=DIR}, {@code --server.port=N}, {@code --etui.demo}, {@code --etui.fresh}. */
    public static void main(String[] args) {
        DefaultApplicationArguments options = new DefaultApplicationArguments(args);
        Path data = Path.of(
                options.containsOption("etui.data")
                        ? options.getOptionValues("etui.data").get(0)
                        : ".etui/pieces");
        if (options.containsOption("server.address")) {
            fail(
                    WRONG_CALL,
                    "Etui answers on 127.0.0.1 only; another address needs a passphrase, which is not built yet.");
        }
        try {
            DataFile.requirePort(
                    options.containsOption("server.port")
                            ? String.join("", options.getOptionValues("server.port"))
                            : USUAL_PORT);
            FolderLock.take(data);
            DataFile.keepToOneself(data);
            if (options.containsOption("etui.fresh")) {
                if (!options.containsOption("etui.demo")) {
                    fail(WRONG_CALL, "--fresh empties demo data only.");
                }
                empty(data);
            }
            new DataFile(data, Clock.systemUTC()).check();
        } catch (FolderLock.InUse | DataFile.Unusable unusable) {
            fail(FOLDER_IN_USE, unusable.getMessage());
        } catch (IOException unusable) {
            fail(FOLDER_IN_USE, "The folder " + data + " cannot be used: " + unusable.getMessage());
        }
        SpringApplication application = new SpringApplication(EtuiServer.class);
        application.setDefaultProperties(properties(data));
        application.run(args);
    }

    /** Properties that follow from the data folder. */
    public static Map<String, Object> properties(Path data) {
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("spring.datasource.url", "jdbc:sqlite:" + data.resolve(DataFile.NAME) + PRAGMAS);
        properties.put("spring.datasource.hikari.maximum-pool-size", "4");
        properties.put("etui.data", data.toString());
        return properties;
    }

    private static void empty(Path data) throws IOException {
        for (String name : new String[] {"etui.db", "etui.db-wal", "etui.db-shm"}) {
            Files.deleteIfExists(data.resolve(name));
        }
    }

    private static void fail(int status, String message) {
        System.err.println(message);
        System.exit(status);
    }
}
