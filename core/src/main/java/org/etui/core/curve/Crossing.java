package org.etui.core.curve;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A place where the line crosses or lies on itself, as seen from above.
 *
 * @param firstMm position of the earlier limb along the wire, mm
 * @param secondMm position of the later limb along the wire, mm
 * @param at where in the plane
 */
public record Crossing(double firstMm, double secondMm, Vector3D at) {}
