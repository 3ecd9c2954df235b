/**
 * How core's records look as JSON, in both directions, and how that is described. Core knows nothing of it: what a
 * record cannot say itself stands in {@link sectorum.server.json.JsonForms}.
 */
package sectorum.server.json;
