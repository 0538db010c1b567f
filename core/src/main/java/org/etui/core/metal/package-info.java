/**
 * Metals and tempers with their published or remembered constants. Density g/cm³, modulus GPa, stress MPa.
 */
package org.etui.core.metal;
