/** The maker's daybook: what of a plan can be measured, and what the facts of many days come to. */
package org.etui.core.daybook;
