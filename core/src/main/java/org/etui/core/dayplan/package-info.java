/** Jobs over days and bench hours: which step when, what runs by itself meanwhile, and what will be late. */
package org.etui.core.dayplan;
