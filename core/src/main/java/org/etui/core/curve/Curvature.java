package org.etui.core.curve;

/**
 * A part of a piece that may be taken as of one curvature.
 *
 * @param toShare where it ends, as a share of the length of the piece, up to 1
 * @param perMm its curvature, 1/mm, never negative
 */
public record Curvature(double toShare, double perMm) {}
