/**
 * What jobs took, and what that teaches (craft 4.5): records out of the bench's journal or typed in, rates by technique, kind,
 * material and person with how sure they are, and the few sentences that a job leaves behind. Rates are factors on the
 * plain tables: a record always keeps what the plain tables said, never what an earlier rate made of it, so that what is
 * learned does not feed on itself. Rejected: averages of minutes a piece, which forget how large the piece was.
 */
package sectorum.notebook;
