package org.etui.core.metal;

import org.etui.core.check.Check;

/** Steel music wire, ASTM A228. */
public final class MusicWire {
    private MusicWire() {}

    /**
     * Tensile strength, 2211·d^−0.145 MPa (Shigley, Mechanical Engineering Design, table of spring wire constants); d from
     * 0.10 to 6.5 mm.
     *
     * @throws IllegalArgumentException outside that range
     */
    public static double tensileMpa(double diameterMm) {
        Check.within("diameterMm", diameterMm, 0.1, 6.5);
        return 2211 * Math.pow(diameterMm, -0.145);
    }
}
