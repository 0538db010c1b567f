package org.etui.core.log;

/** Wire of about one thickness, which behaves alike under the hand (engineering estimate: two or three gauges of ASTM B258 each). */
public enum Band {
    /** Under 0.5 mm. */
    FINE(0, "under 0.5 mm"),
    /** 0.5 to 0.8 mm. */
    THIN(0.5, "0.5 to 0.8 mm"),
    /** 0.8 to 1.2 mm. */
    MEDIUM(0.8, "0.8 to 1.2 mm"),
    /** 1.2 to 1.8 mm. */
    STOUT(1.2, "1.2 to 1.8 mm"),
    /** 1.8 mm and more. */
    HEAVY(1.8, "1.8 mm and more");

    private final double fromMm;
    private final String words;

    Band(double fromMm, String words) {
        this.fromMm = fromMm;
        this.words = words;
    }

    /** The band of a thickness, mm. */
    public static Band of(double thicknessMm) {
        Band band = FINE;
        for (Band each : values()) {
            band = thicknessMm >= each.fromMm ? each : band;
        }
        return band;
    }

    /** The same, to read. */
    public String words() {
        return words;
    }
}
