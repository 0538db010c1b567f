/**
 * Operations, the workpiece they act on, and the simulator that folds the one over the other, keeping every state.
 */
package org.etui.core.work;
