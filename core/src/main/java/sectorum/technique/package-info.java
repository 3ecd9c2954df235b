/**
 * Ways of decorating, one small file each behind {@link sectorum.technique.Technique}; {@link
 * sectorum.technique.Catalogue} lists them.
 *
 * <p>A technique is given a {@link sectorum.technique.DressingContext} (side, division, zone) and its settings, and gives what
 * follows as {@link sectorum.technique.Dressed}. A layout is shapes and placements: each distinct outline once, then
 * where it goes, because twenty thousand discs must not carry twenty thousand outlines. Settings are described by
 * fields, so that no screen, no document format and no other package is touched when a technique comes in.
 */
package sectorum.technique;
