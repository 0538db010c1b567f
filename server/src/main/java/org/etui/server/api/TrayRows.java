package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.etui.core.check.BadInput;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Drawing;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.rule.Advice;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.etui.server.store.DocumentRow;
import org.etui.server.store.TrayStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.info.BuildProperties;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * Rows of the tray. A revision never changes, so its row is worked out once, kept with it, and worked out again only by another
 * build of the model. A piece that cannot be read or planned is a row that says why; it hides no other. What cannot be worked
 * out while the asker waits comes as a row without figures and is worked out beside.
 */
@Component
class TrayRows {
    private static final Logger LOG = LoggerFactory.getLogger(TrayRows.class);
    private static final int REMEMBERED = 5000;

    private final TrayStore store;
    private final Reader reader;
    private final Watch watch;
    private final String model;
    private final Duration patience;
    private final Map<Long, Shown> byRevision = new ConcurrentHashMap<>();
    private final Map<Long, Boolean> underWay = new ConcurrentHashMap<>();
    private final ExecutorService beside = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "tray");
        thread.setDaemon(true);
        return thread;
    });

    /** @param patienceMs how long an asker waits for rows that are not worked out yet, ms */
    TrayRows(
            TrayStore store,
            Reader reader,
            Watch watch,
            ObjectProvider<BuildProperties> build,
            @Value("${etui.patience-ms:600}") long patienceMs) {
        this.patience = Duration.ofMillis(patienceMs);
        this.store = store;
        this.reader = reader;
        this.watch = watch;
        BuildProperties known = build.getIfAvailable();
        this.model = known == null ? "unbuilt" : String.valueOf(known.getTime());
    }

    /** The build of the model that these rows are by. */
    String model() {
        return model;
    }

    /** A row as it is sent for a version of its piece. */
    private record Shown(long version, byte[] json) {}

    /**
     * Rows in their order.
     *
     * @param from how many come before
     * @param most how many at most
     */
    TrayPage rows(long from, long most) {
        long until = System.nanoTime() + patience.toNanos();
        List<byte[]> rows = new ArrayList<>();
        boolean whole = true;
        for (DocumentRow piece : store.lying(from, most)) {
            Shown shown = byRevision.get(piece.head());
            if (shown == null || shown.version() != piece.version()) {
                shown = store.row(piece.head(), model)
                        .flatMap(row -> kept(piece, row))
                        .orElse(null);
            }
            if (shown == null && System.nanoTime() < until) {
                shown = workedOut(piece);
            }
            if (shown == null) {
                whole = false;
                workOutBeside(piece);
                shown = shown(piece, bare(store.document(piece.head()), Optional.empty(), true));
            }
            rows.add(shown.json());
        }
        return new TrayPage(rows, whole);
    }

    /** A kept row; made for another version of the same revision it only says so. */
    private Optional<Shown> kept(DocumentRow piece, TrayStore.Row row) {
        try {
            Shown shown = row.version() == piece.version()
                    ? new Shown(row.version(), row.document().getBytes(StandardCharsets.UTF_8))
                    : shown(piece, Json.MAPPER.readValue(row.document(), TrayPiece.class));
            return Optional.of(remembered(piece, shown));
        } catch (JacksonException damaged) {
            LOG.warn("a kept row of the tray cannot be read; it is worked out again", damaged);
            return Optional.empty();
        }
    }

    private static Shown shown(DocumentRow piece, TrayPiece row) {
        TrayPiece at = row.at(piece.id(), piece.version(), piece.changedAt());
        return new Shown(piece.version(), Json.MAPPER.writeValueAsBytes(at));
    }

    private Shown remembered(DocumentRow piece, Shown shown) {
        if (byRevision.size() >= REMEMBERED) {
            byRevision.clear();
        }
        byRevision.put(piece.head(), shown);
        return shown;
    }

    private void workOutBeside(DocumentRow piece) {
        if (underWay.putIfAbsent(piece.head(), true) == null) {
            beside.execute(() -> {
                try {
                    workedOut(piece);
                } catch (RuntimeException failed) {
                    LOG.error("a row of the tray was not kept", failed);
                } finally {
                    underWay.remove(piece.head());
                }
            });
        }
    }

    private Shown workedOut(DocumentRow piece) {
        String document = store.document(piece.head());
        TrayPiece row;
        boolean lasts = true;
        try {
            row = watch.plan(() -> make(document));
        } catch (BadInput bad) {
            row = bare(document, Optional.of(bad.getMessage()), false);
        } catch (Watch.CutOff cut) {
            row = bare(document, Optional.of(cut.getMessage()), false);
            lasts = false;
        } catch (RuntimeException | StackOverflowError damaged) {
            LOG.error("a piece on the tray cannot be planned", damaged);
            row = bare(document, Optional.of("It cannot be planned: a fault of Etui."), false);
        }
        Shown shown = shown(piece, row);
        if (lasts) {
            String json = new String(shown.json(), StandardCharsets.UTF_8);
            store.keep(piece.head(), model, new TrayStore.Row(piece.version(), json));
        }
        return remembered(piece, shown);
    }

    /** What a document calls itself, whatever else is wrong with it. */
    static String name(String document) {
        try {
            String name = Json.MAPPER.readTree(document).path("name").asString("");
            return name.isBlank() ? "A piece without a name" : name;
        } catch (JacksonException broken) {
            return "A piece that cannot be read";
        }
    }

    private static TrayPiece bare(String document, Optional<String> wrong, boolean waiting) {
        return TrayPiece.bare(name(document), tags(document), wrong, waiting);
    }

    /** The words to find it by, whatever else is wrong with it. */
    private static List<String> tags(String document) {
        try {
            return Json.MAPPER
                    .readTree(document)
                    .path("tags")
                    .valueStream()
                    .filter(JsonNode::isString)
                    .map(JsonNode::asString)
                    .toList();
        } catch (JacksonException broken) {
            return List.of();
        }
    }

    private TrayPiece make(String document) {
        Piece piece = reader.read(document.getBytes(StandardCharsets.UTF_8), Piece.class);
        Plan plan = Planner.plan(piece, PlanOptions.USUAL);
        return new TrayPiece(
                "",
                piece.name(),
                0,
                "",
                piece.purpose(),
                plan.strands().get(0).bought().wireInWords(),
                plan.strands().size(),
                plan.strands().stream().mapToInt(Plan.StrandPlan::count).sum(),
                plan.strands().stream()
                        .mapToDouble(s -> s.amount().cutLengthMm())
                        .max()
                        .orElse(0),
                plan.steps().size(),
                count(plan, Advice.Severity.STOP),
                count(plan, Advice.Severity.MIND),
                plan.totals(),
                Drawing.sketched(plan),
                plan.parts(),
                piece.tags(),
                piece.pattern(),
                Optional.empty(),
                false);
    }

    private static int count(Plan plan, Advice.Severity severity) {
        return (int)
                plan.advice().stream().filter(a -> a.severity() == severity).count();
    }
}
