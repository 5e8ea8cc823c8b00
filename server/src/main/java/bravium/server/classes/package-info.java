/**
 * Classes: their registers, what is given to them, how learners come in and what they have to do.
 * Who a learner is stands here and nowhere else; a play knows only the number of her row.
 */
@NullMarked
package bravium.server.classes;

import org.jspecify.annotations.NullMarked;
