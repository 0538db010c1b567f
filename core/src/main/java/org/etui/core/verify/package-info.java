/**
 * What a document has to hold beyond the limits of its single fields: names that meet, measures that go together. The document
 * itself knows nothing of it.
 */
package org.etui.core.verify;
