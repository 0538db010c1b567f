/**
 * What a field of the contract means, and how bad input is refused: path, value, limit. Everything public in core
 * is documented with units and range; lengths are millimetres, angles radians inside and degrees in documents.
 */
package org.etui.core.check;
