/**
 * What the screens ask while a hand works, as a record each that knows its answer. The server and the module in the browser
 * answer by the same code, so that nobody can tell who did.
 */
package sectorum.question;
