package org.etui.server.print;

import java.awt.Graphics2D;

/** One page of a sheet, drawn in mm from its upper left corner. */
@FunctionalInterface
interface Page {
    void draw(Graphics2D g);
}
