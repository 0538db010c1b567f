package org.etui.server.instrument;

import java.awt.image.BufferedImage;
import java.util.Optional;
import org.etui.core.element.Outline;
import org.etui.core.photo.SimulatedPhotograph;
import org.etui.core.piece.Body;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.springframework.stereotype.Component;

/** A stand-in: a drop of 27 by 18 mm with an upright edge of 2 mm, photographed by hand a little aslant. */
@Component
class SimulatedCamera implements Camera {
    private static final Body STONE = new Body.Cabochon(new Outline.Drop(27, 18, 0), 6, 2, 2, Optional.empty());
    private static final double TILT_RAD = Math.toRadians(9);

    @Override
    public String name() {
        return "simulated camera";
    }

    @Override
    public BufferedImage take() {
        return SimulatedPhotograph.of(STONE)
                .leaning(TILT_RAD, -1)
                .lying(new Vector2D(3, -2), Math.toRadians(8))
                .taken();
    }
}
