/**
 * The primitives that a strand is made of, in order along the wire. Inside diameters are as wanted after release;
 * a centre-line radius is half the inside diameter plus half the thickness in the plane of bending.
 */
package org.etui.core.element;
