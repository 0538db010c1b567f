/** Kits for a class: a job laid out by pupils, with what is to be bought for it. */
package org.etui.core.kit;
