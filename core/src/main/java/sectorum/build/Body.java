package sectorum.build;

import sectorum.outline.Outline;
import sectorum.plan.Stand;

/**
 * A tier as it stands.
 *
 * @param board its outline before coats: that of the board it stands on
 * @param foot its outline finished, at the foot
 * @param top at the top edge
 * @param height mm, the tallest that was read
 * @param own grams of the tier itself: cake, coats and dressings
 * @param shift of its middle from that of the tier below
 */
public record Body(String id, Outline board, Outline foot, Outline top, double height, double own, Stand.Shift shift) {}
