/**
 * Wire as it is bought: metal, temper, finish and section.
 */
package org.etui.core.wire;
