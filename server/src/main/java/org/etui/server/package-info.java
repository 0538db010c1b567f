/** The application: starts on this machine only, keeps its data in one folder. */
package org.etui.server;
