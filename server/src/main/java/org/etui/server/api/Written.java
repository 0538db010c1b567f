package org.etui.server.api;

/** An answer that is written already: its JSON was kept, and is sent as it is. */
interface Written {
    /** The JSON, UTF-8. */
    byte[] json();
}
