/** What is done each night; each feature says for itself what that is. */
@NullMarked
package bravium.server.upkeep;

import org.jspecify.annotations.NullMarked;
