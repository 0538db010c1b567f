/**
 * Everything read off the list of workpieces: lengths, marks, extents, states, steps. The last stretch of the road
 * document → elements → operations → workpiece → plan.
 */
package org.etui.core.plan;
