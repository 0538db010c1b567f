/**
 * Advice and cautions: small rules, each looking at one thing, listed in one place.
 */
package org.etui.core.rule;
