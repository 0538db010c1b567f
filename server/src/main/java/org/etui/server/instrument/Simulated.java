package org.etui.server.instrument;

import java.util.Random;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Stand-ins: each reads near what is measured, scattered as handmade pieces, hands and baths are, in steps of its display. */
@Configuration
class Simulated {
    /** Hundredths of a millimetre; pieces scatter by 2 % (engineering estimates, as below). */
    @Bean
    Instrument calliper() {
        return new Scattered(Instrument.Kind.CALLIPER, 0.02, 0, 0.01);
    }

    /** Hundredths of a gram; wire as bought by 1 %. */
    @Bean
    Instrument scale() {
        return new Scattered(Instrument.Kind.SCALE, 0.01, 0, 0.01);
    }

    /** Tenths of a degree; a dish of warm water by 1.5 °C. */
    @Bean
    Instrument thermometer() {
        return new Scattered(Instrument.Kind.THERMOMETER, 0, 1.5, 0.1);
    }

    private static final class Scattered implements Instrument {
        private final Kind kind;
        private final double share;
        private final double by;
        private final double step;
        private final Random random = new Random(7);

        Scattered(Kind kind, double share, double by, double step) {
            this.kind = kind;
            this.share = share;
            this.by = by;
            this.step = step;
        }

        @Override
        public Kind kind() {
            return kind;
        }

        @Override
        public String name() {
            return "simulated " + kind.name().toLowerCase(java.util.Locale.ROOT);
        }

        @Override
        public synchronized double read(double about) {
            double off = random.nextGaussian() * (share * about + by);
            long steps = Math.max(1, Math.round((about + off) / step));
            return Math.round(steps * step * 100) / 100.0;
        }
    }
}
