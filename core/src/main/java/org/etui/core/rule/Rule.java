package org.etui.core.rule;

import java.util.List;

/** Looks at one thing and may give advice on it. */
public interface Rule {
    /** Names under which it gives advice. */
    List<String> names();

    /**
     * Advice on a piece, empty if all is well.
     *
     * @param bench the piece, its strands as worked, and the tools owned
     */
    List<Advice> look(Bench bench);
}
