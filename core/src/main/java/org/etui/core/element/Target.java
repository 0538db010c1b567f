package org.etui.core.element;

/** When the sizes of an element are meant to hold. */
public enum Target {
    /** After release, before the maker's own work. */
    RELEASED,
    /** After hammering and all other work. */
    FINISHED
}
