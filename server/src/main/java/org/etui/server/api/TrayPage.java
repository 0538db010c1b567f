package org.etui.server.api;

import java.io.ByteArrayOutputStream;
import java.util.AbstractList;
import java.util.List;
import org.etui.server.contract.Json;

/** Rows of the tray as they were written; two thousand of them are sent without being made anew. */
final class TrayPage extends AbstractList<TrayPiece> implements Written {
    private final List<byte[]> rows;
    private final boolean whole;

    /**
     * A page.
     *
     * @param rows each row as JSON
     * @param whole whether none of them is still being worked out
     */
    TrayPage(List<byte[]> rows, boolean whole) {
        this.rows = List.copyOf(rows);
        this.whole = whole;
    }

    boolean isWhole() {
        return whole;
    }

    @Override
    public byte[] json() {
        ByteArrayOutputStream out = new ByteArrayOutputStream(
                2 + rows.size() + rows.stream().mapToInt(r -> r.length).sum());
        out.write('[');
        for (int i = 0; i < rows.size(); i++) {
            if (i > 0) {
                out.write(',');
            }
            out.writeBytes(rows.get(i));
        }
        out.write(']');
        return out.toByteArray();
    }

    @Override
    public TrayPiece get(int index) {
        return Json.MAPPER.readValue(rows.get(index), TrayPiece.class);
    }

    @Override
    public int size() {
        return rows.size();
    }
}
