package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import org.etui.core.daybook.Daybook;
import org.etui.core.log.Habit;
import org.etui.core.log.Hand;
import org.etui.core.log.LogEntry;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.etui.server.store.LogRow;
import org.etui.server.store.LogStore;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What really happened, read once, and the hand that it tells of. */
@Component
class LogBook {
    private final LogStore store;
    private final Reader reader;
    private final SettingsList settings;
    private final TreeMap<Long, Daybook.Page> pages = new TreeMap<>();
    private final TreeMap<Long, Daybook.Page> takenBack = new TreeMap<>();
    private long last;
    private Hand hand = Hand.GENERAL;

    LogBook(LogStore store, Reader reader, SettingsList settings) {
        this.store = store;
        this.reader = reader;
        this.settings = settings;
    }

    /** Reads what is there as soon as Etui is ready: years of facts take a second or two, which nobody has to wait for. */
    @EventListener(ApplicationReadyEvent.class)
    void readAhead() {
        Thread ahead = new Thread(this::known, "log");
        ahead.setDaemon(true);
        ahead.start();
    }

    /** Every fact that stands, in order. */
    synchronized List<Daybook.Page> pages() {
        read();
        return List.copyOf(pages.values());
    }

    private void read() {
        List<LogRow> more = store.after(last);
        if (!more.isEmpty()) {
            for (LogRow row : more) {
                LogEntry kept = reader.read(row.document().getBytes(StandardCharsets.UTF_8), LogEntry.class);
                (row.takenBack() ? takenBack : pages)
                        .put(
                                row.number(),
                                new Daybook.Page(row.number(), kept.subject(), kept.name(), kept.day(), kept.fact()));
                last = row.number();
            }
            learn();
        }
    }

    private void learn() {
        hand = Hand.of(pages.values().stream().map(Daybook.Page::fact).toList());
    }

    /** Writes facts down. */
    synchronized void add(List<LogEntry> facts) {
        store.add(facts.stream().map(Json.MAPPER::writeValueAsString).toList());
    }

    /** Takes a fact back, or takes that back. */
    synchronized void takeBack(long number, boolean back) {
        read();
        store.takeBack(number, back);
        Daybook.Page page = (back ? pages : takenBack).remove(number);
        if (page != null) {
            (back ? takenBack : pages).put(number, page);
            learn();
        }
    }

    /** All that the facts say of the maker's hand. */
    synchronized Hand known() {
        read();
        return hand;
    }

    /** The same as far as it is used: what the maker has said, and lengths, since only wires whose policy is learnt are cut by them. */
    Hand used() {
        Set<Habit> habits = EnumSet.of(Habit.ALLOWANCE);
        habits.addAll(settings.now().learnt());
        return known().using(habits);
    }
}
