package org.etui.core.log;

/** Wire of about one thickness, which behaves alike under the hand (engineering estimate: two or three gauges of ASTM B258 each). */
public enum Band {
    /** Under 0.5 mm. */
    FINE(0),
    /** 0.5 to 0.8 mm. */
    THIN(0.5),
    /** 0.8 to 1.2 mm. */
    MEDIUM(0.8),
    /** 1.2 to 1.8 mm. */
    STOUT(1.2),
    /** 1.8 mm and more. */
    HEAVY(1.8);

    private final double fromMm;

    Band(double fromMm) {
        this.fromMm = fromMm;
    }

    /** The band of a thickness, mm. */
    public static Band of(double thicknessMm) {
        Band band = FINE;
        for (Band each : values()) {
            band = thicknessMm >= each.fromMm ? each : band;
        }
        return band;
    }
}
