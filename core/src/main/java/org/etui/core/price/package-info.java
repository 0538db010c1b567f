/** What pieces cost and what they are sold for, exact to the cent (Joda-Money); every rounding has its name. */
package org.etui.core.price;
