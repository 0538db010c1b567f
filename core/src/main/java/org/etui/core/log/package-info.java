/**
 * What really happened at the bench, and what a maker's own hand is like: facts as they were measured beside what was planned, and what they teach.
 */
package org.etui.core.log;
