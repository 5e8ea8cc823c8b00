/**
 * What any list is read with that somebody pasted, dropped or opened: its lines without what isn't
 * seen, the markers before them, the heads above its columns, a spreadsheet's cells. What a list is
 * a list of (questions, names, things) is not known here but by the readers that are named after
 * it.
 */
@NullMarked
package bravium.formats.lists;

import org.jspecify.annotations.NullMarked;
