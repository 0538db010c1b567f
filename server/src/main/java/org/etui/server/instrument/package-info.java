/** Instruments at the bench behind interfaces; here simulated stand-ins. */
package org.etui.server.instrument;
