/** Outlines of stones from photographs: a sheet with check marks, where it lies in the picture, what lies on it. */
package org.etui.core.photo;
