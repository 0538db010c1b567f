package org.etui.server.store;

import java.time.Clock;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps photographs of what was made. */
@Service
public class PhotographStore {
    private final PhotographMapper mapper;
    private final Clock clock;

    /** @param clock tells the time of photographs */
    public PhotographStore(PhotographMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Those that stand, without their pictures, the newest first. */
    public List<PhotographRow> all() {
        return mapper.all();
    }

    /**
     * The picture of one.
     *
     * @throws DocumentStore.Unknown if there is none of that number
     */
    public byte[] picture(long number) {
        return Base64.getDecoder()
                .decode(Optional.ofNullable(mapper.picture(number))
                        .orElseThrow(() -> new DocumentStore.Unknown("photograph", Long.toString(number))));
    }

    /** Keeps one. */
    @Transactional
    public void add(String subject, byte[] picture) {
        mapper.add(
                subject,
                Base64.getEncoder().encodeToString(picture),
                clock.instant().toString());
    }

    /**
     * Takes one back, or takes that back.
     *
     * @throws DocumentStore.Unknown if there is none of that number
     */
    @Transactional
    public void takeBack(long number, boolean back) {
        if (mapper.takeBack(number, back) == 0) {
            throw new DocumentStore.Unknown("photograph", Long.toString(number));
        }
    }
}
