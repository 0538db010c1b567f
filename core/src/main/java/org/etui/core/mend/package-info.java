/**
 * What can be done about work that is made already: two of a pair that differ, a hook that was measured and fails.
 */
package org.etui.core.mend;
