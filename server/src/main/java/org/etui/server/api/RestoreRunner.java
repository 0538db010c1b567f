package org.etui.server.api;

import java.nio.file.Path;
import org.etui.core.check.BadInput;
import org.etui.server.store.Backup;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts a backup back at the start, as the launcher asks; where it cannot be put back Etui says why and ends. */
@Component
@ConditionalOnProperty("etui.restore")
@Order(Ordered.HIGHEST_PRECEDENCE)
class RestoreRunner implements ApplicationRunner {
    private static final int REFUSED = 3;
    private final Backup backup;
    private final String file;

    RestoreRunner(Backup backup, @Value("${etui.restore}") String file) {
        this.backup = backup;
        this.file = file;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        try {
            BackupFile.read(Path.of(file), backup);
            System.out.println("Everything out of " + file + " is back.");
        } catch (Backup.Refused | BadInput refused) {
            System.err.println("The backup " + file + " is not put back: " + refused.getMessage());
            System.exit(REFUSED);
        }
    }
}
