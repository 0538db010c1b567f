/** A piece made many times: how often, in which sizes, until when. A job becomes one piece document, and goes the one road. */
package org.etui.core.job;
