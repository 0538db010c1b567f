package org.etui.server.instrument;

import java.awt.image.BufferedImage;

/** What photographs a stone on its sheet. */
public interface Camera {
    /** What it is called on screen. */
    String name();

    /** Takes a picture. */
    BufferedImage take();
}
