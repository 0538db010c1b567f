package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import org.etui.core.pattern.Patterns;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.etui.server.store.DocumentRow;
import org.etui.server.store.TrayStore;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.BuildProperties;

/** When rows are worked out, taken from the store, or left for later; the store stood in for. */
class TrayRowsTest {
    private static final String DOCUMENT = Json.MAPPER.writeValueAsString(
            Patterns.find("s-hook").orElseThrow().usual().withName("Hop"));
    private static final DocumentRow PIECE = new DocumentRow("hop", 3, 11, false, "2026-03-01T10:00:00Z");
    private final TrayStore store = mock(TrayStore.class);

    @BeforeEach
    void onePiece() {
        when(store.lying(anyLong(), anyLong())).thenReturn(List.of(PIECE));
        when(store.row(anyLong(), anyString())).thenReturn(Optional.empty());
        when(store.document(11)).thenReturn(DOCUMENT);
    }

    private TrayRows rows(long patienceMs) {
        @SuppressWarnings("unchecked")
        ObjectProvider<BuildProperties> unbuilt = mock(ObjectProvider.class);
        return new TrayRows(store, new Reader(), new Watch(60_000), unbuilt, patienceMs);
    }

    @Test
    void newRevision_isWorkedOutOnce_andKeptWithItsVersion() {
        TrayRows rows = rows(60_000);
        TrayPiece first = rows.rows(0, 9).get(0);
        TrayPiece again = rows.rows(0, 9).get(0);

        assertThat(first.name()).isEqualTo("Hop");
        assertThat(first.version()).isEqualTo(3);
        assertThat(first.drawing()).isNotEmpty();
        assertThat(again.cutMm()).isEqualTo(first.cutMm());
        verify(store).keep(eq(11L), eq("unbuilt"), any());
        verify(store).document(11);
    }

    @Test
    void keptRow_isSentAsItIs_underAnotherVersionWithThat() {
        TrayPiece kept =
                TrayPiece.bare("As kept", List.of(), Optional.empty(), false).at("hop", 3, "then");
        when(store.row(11, "unbuilt"))
                .thenReturn(Optional.of(new TrayStore.Row(3, Json.MAPPER.writeValueAsString(kept))));
        assertThat(rows(60_000).rows(0, 9).get(0).changedAt()).isEqualTo("then");

        when(store.row(11, "unbuilt"))
                .thenReturn(Optional.of(new TrayStore.Row(2, Json.MAPPER.writeValueAsString(kept))));
        TrayPiece undone = rows(60_000).rows(0, 9).get(0);
        assertThat(undone.name()).isEqualTo("As kept");
        assertThat(undone.version()).isEqualTo(3);
        assertThat(undone.changedAt()).isEqualTo(PIECE.changedAt());
        verify(store, never()).document(anyLong());
    }

    @Test
    void whatTheAskerDoesNotWaitFor_comesBare_andIsWorkedOutBeside() {
        TrayRows rows = rows(0);
        TrayPage page = rows.rows(0, 9);

        assertThat(page.isWhole()).isFalse();
        assertThat(page.get(0).waiting()).isTrue();
        assertThat(page.get(0).name()).isEqualTo("Hop");
        verify(store, timeout(20_000)).keep(eq(11L), eq("unbuilt"), any());
        TrayPage later = rows.rows(0, 9);
        while (!later.isWhole()) {
            later = rows.rows(0, 9);
        }
        assertThat(later.get(0).drawing()).isNotEmpty();
    }
}
