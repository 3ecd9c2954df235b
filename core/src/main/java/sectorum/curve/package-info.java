/**
 * Curves that hang between two marks: circular arc, catenary, parabola (craft 3A), and the boards on the shelf that
 * draw an arc. A curve is given by its width c along the side and its drop d; x runs from 0 to c, z is 0 at the ends and
 * −d in the middle.
 */
package sectorum.curve;
