/**
 * The database: SQLite in one file, one writer that commits in groups, several readers. What the
 * tables hold is the features' business.
 */
@NullMarked
package bravium.server.data;

import org.jspecify.annotations.NullMarked;
