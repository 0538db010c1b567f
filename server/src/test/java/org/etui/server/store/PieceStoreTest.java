package org.etui.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The store's rules, its SQL stood in for. */
class PieceStoreTest {
    private static final String NOW = "2026-03-01T10:00:00Z";
    private final DocumentMapper mapper = mock(DocumentMapper.class);
    private final PieceStore store = new PieceStore(mapper, Clock.fixed(Instant.parse(NOW), ZoneOffset.UTC));

    @BeforeEach
    void onePieceAtItsSecondRevision() {
        when(mapper.document("piece", "hop")).thenReturn(Optional.of(new DocumentRow("hop", 2, 11, false, NOW)));
        when(mapper.revision(11)).thenReturn(new RevisionRow(11, 10, "second"));
        when(mapper.revision(10)).thenReturn(new RevisionRow(10, 0, "first"));
        when(mapper.newestChild(anyLong())).thenReturn(Optional.empty());
        when(mapper.moveHead(any(), anyLong(), anyLong(), any())).thenReturn(1);
        when(mapper.lastRevision()).thenReturn(12L);
    }

    @Test
    void change_isANewRevisionOfTheOneThatStands_atTheClocksTime() {
        store.replace("hop", 2, "third");

        verify(mapper).insertRevision("hop", 11L, "third", NOW);
        verify(mapper).moveHead("hop", 2, 12, NOW);
    }

    @Test
    void staleChange_writesNothing() {
        assertThatThrownBy(() -> store.replace("hop", 1, "third"))
                .isInstanceOfSatisfying(PieceStore.Stale.class, stale -> {
                    assertThat(stale.standing().document()).isEqualTo("second");
                    assertThat(stale.getMessage()).contains("version 1", "version 2");
                });
        verify(mapper, never()).insertRevision(any(), any(), any(), any());
    }

    @Test
    void changeOvertakenBetweenReadAndWrite_isStaleToo() {
        when(mapper.moveHead(any(), anyLong(), anyLong(), any())).thenReturn(0);

        assertThatThrownBy(() -> store.replace("hop", 2, "third")).isInstanceOf(PieceStore.Stale.class);
    }

    @Test
    void undo_movesToTheParent_andStopsAtTheFirst() {
        store.undo("hop", Optional.empty());
        verify(mapper).moveHead("hop", 2, 10, NOW);

        when(mapper.document("piece", "hop")).thenReturn(Optional.of(new DocumentRow("hop", 3, 10, false, NOW)));
        assertThat(store.undo("hop", Optional.of(3L)).canUndo()).isFalse();
        verify(mapper, never()).moveHead("hop", 3, 0, NOW);
        assertThatThrownBy(() -> store.undo("hop", Optional.of(2L))).isInstanceOf(PieceStore.Stale.class);
    }

    @Test
    void redo_movesToTheNewestChild_orStays() {
        assertThat(store.redo("hop", Optional.empty()).canRedo()).isFalse();
        verify(mapper, never()).moveHead(any(), anyLong(), anyLong(), any());

        when(mapper.newestChild(11)).thenReturn(Optional.of(17L));
        store.redo("hop", Optional.of(2L));
        verify(mapper).moveHead("hop", 2, 17, NOW);
    }

    @Test
    void pieceInTheBin_isUnknown() {
        when(mapper.document("piece", "hop")).thenReturn(Optional.of(new DocumentRow("hop", 2, 11, true, NOW)));

        assertThatThrownBy(() -> store.read("hop"))
                .isInstanceOf(PieceStore.Unknown.class)
                .hasMessageContaining("hop");
        assertThatThrownBy(() -> store.read("none")).isInstanceOf(PieceStore.Unknown.class);
    }
}
