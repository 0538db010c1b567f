/**
 * What is done to the wire, and what the wire is after it: acts of the maker, and the workpiece that they change. The document names
 * acts, the simulator does them; both are the same records.
 */
package org.etui.core.act;
