/** Who a teacher is: sign-in and sign-out. Learners have no account; see {@code sittings}. */
@NullMarked
package bravium.server.accounts;

import org.jspecify.annotations.NullMarked;
