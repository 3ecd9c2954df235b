/**
 * The plan document: one cake job as immutable records, nothing computed. This is what is saved, downloaded, opened and
 * sent to be worked up; its format is described in docs/plan-format.md and has a version.
 *
 * <p>Every record refuses nonsense when it is made, with the field, the value and the range. What may be missing in a
 * document is filled here with what it means (an empty list, the usual school), so that nothing after has to ask. Tiers
 * stand foot to top. Names of divisions and dressings are unique within their tier.
 */
package sectorum.plan;
