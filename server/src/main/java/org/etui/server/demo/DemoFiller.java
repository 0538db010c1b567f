package org.etui.server.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.etui.core.piece.Piece;
import org.etui.core.stock.Entry;
import org.etui.server.contract.Json;
import org.etui.server.store.BenchStore;
import org.etui.server.store.JobStore;
import org.etui.server.store.LogStore;
import org.etui.server.store.PieceStore;
import org.etui.server.store.RackStore;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Fills an empty folder with the hedgerow set, once. */
@Component
@ConditionalOnProperty(name = "etui.demo", havingValue = "true")
class DemoFiller implements ApplicationRunner {
    private final PieceStore pieces;
    private final JobStore jobs;
    private final BenchStore kept;
    private final RackStore rack;
    private final LogStore log;
    private final Clock clock;

    DemoFiller(PieceStore pieces, JobStore jobs, BenchStore kept, RackStore rack, LogStore log, Clock clock) {
        this.pieces = pieces;
        this.jobs = jobs;
        this.kept = kept;
        this.rack = rack;
        this.log = log;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!pieces.isEmpty()) {
            return;
        }
        Map<String, String> ids = new HashMap<>();
        for (Piece piece : Hedgerow.pieces()) {
            ids.put(
                    piece.name(),
                    pieces.create(Json.MAPPER.writeValueAsString(piece)).row().id());
        }
        Hedgerow.jobs(ids, LocalDate.now(clock)).forEach(job -> jobs.create(Json.MAPPER.writeValueAsString(job)));
        kept.create("stones", Json.MAPPER.writeValueAsString(Hedgerow.stones(ids)));
        List<Entry> entries = Hedgerow.rack();
        for (int i = 0; i < entries.size(); i++) {
            rack.add(i, Json.MAPPER.writeValueAsString(entries.get(i)));
        }
        log.add(Hedgerow.log(ids, LocalDate.now(clock)).stream()
                .map(Json.MAPPER::writeValueAsString)
                .toList());
        kept.create("measures", Json.MAPPER.writeValueAsString(Hedgerow.MEASURES));
    }
}
