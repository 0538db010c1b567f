/**
 * The contract: JSON of the core's records, their schema, and problem documents for what does not meet it.
 */
package org.etui.server.contract;
