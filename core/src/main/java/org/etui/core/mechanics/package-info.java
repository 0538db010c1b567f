/**
 * What the tools do to metal: flattening, later bending, springback and strength. MPa, N, mm.
 */
package org.etui.core.mechanics;
