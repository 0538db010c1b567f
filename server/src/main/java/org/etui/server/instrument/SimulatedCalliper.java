package org.etui.server.instrument;

import java.util.Random;
import org.springframework.stereotype.Component;

/** A stand-in: reads near what is measured, scattered as handmade pieces are, in hundredths of a millimetre. */
@Component
class SimulatedCalliper implements Calliper {
    private static final double SHARE = 0.02;
    private static final double LEAST_MM = 0.01;
    private final Random random = new Random(7);

    @Override
    public String name() {
        return "simulated calliper";
    }

    @Override
    public synchronized double readMm(double aboutMm) {
        double off = random.nextGaussian() * SHARE * aboutMm;
        return Math.max(LEAST_MM, Math.round((aboutMm + off) * 100) / 100.0);
    }
}
