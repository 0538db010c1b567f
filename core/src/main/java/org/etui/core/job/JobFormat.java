package org.etui.core.job;

/** The name of the format. */
public enum JobFormat {
    /** A job document. */
    ETUI_JOB
}
