package org.etui.server;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** Holds a data folder for one server at a time, until the process ends. */
final class FolderLock {
    private static FileLock held;

    private FolderLock() {}

    /** A folder that another server works in. */
    static final class InUse extends Exception {
        private static final long serialVersionUID = 1L;

        InUse(Path folder) {
            super("The folder " + folder + " is in use by another Etui; close that one or give another with --data.");
        }
    }

    /**
     * Takes the folder, making it if there is none.
     *
     * @throws InUse if another server has it
     * @throws IOException if it cannot be written
     */
    static void take(Path folder) throws InUse, IOException {
        Files.createDirectories(folder);
        FileChannel channel =
                FileChannel.open(folder.resolve("etui.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            held = channel.tryLock();
        } catch (OverlappingFileLockException same) {
            held = null;
        }
        if (held == null) {
            channel.close();
            throw new InUse(folder);
        }
    }
}
