package org.etui.core.section;

/** Which way wire that is wider than thick is bent. */
public enum Bent {
    /** Over its broad side, which lies against the tool. */
    EASY,
    /** In the plane of its broad side: the narrow edge lies against the tool, and the width is what stretches and crowds. */
    ON_EDGE
}
