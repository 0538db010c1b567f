package org.etui.core.element;

/**
 * A measure that repeats.
 *
 * @param label what it is
 * @param mm how long
 * @param onlyBetweenWires whether it repeats from wire to wire only, not along the element
 */
public record Spacing(String label, double mm, boolean onlyBetweenWires) {}
