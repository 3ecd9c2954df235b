/**
 * What a workshop makes by parts (craft 4.3): icings, pastes, fillings, syrup and cake, each part by mass or by a kitchen's
 * measure with its density said, and parts that are recipes themselves.
 *
 * <p>A recipe is told as it is written down; {@link sectorum.recipe.RecipeBook} scales it, in grams, to a batch or to what
 * there is of one part. What goes in is what comes out and what is lost, through recipes of recipes, to the last bit that
 * doubles hold. Rejected: rounding the parts to spoons before summing: spoons are shown beside grams, never reckoned with.
 */
package sectorum.recipe;
