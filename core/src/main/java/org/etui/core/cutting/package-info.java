/**
 * What is cut from which stock: cutting stock with bars of several lengths (P C Gilmore, R E Gomory, A linear programming approach to
 * the cutting-stock problem, Operations Research 9, 1961). Linear programmes are solved by ojAlgo, which nothing else knows.
 */
package org.etui.core.cutting;
