/**
 * Lengths, masses and how they are read, typed and rounded.
 *
 * <p>Everything inside is millimetres, grams, minutes and radians as doubles (craft 2.0). A bare double lives only
 * inside a formula and its name carries the unit or the craft's usual symbol; at the edges stand {@link
 * sectorum.measure.Length} and {@link sectorum.measure.Phrase}. Rounding happens only where a person reads or a tool is
 * set, always half up, always through {@link sectorum.measure.Rounding}. What is out of its domain is refused with
 * {@link sectorum.measure.Refused}, never turned into NaN or zero.
 *
 * <p>Rejected: a general units library (we need three length units and sixteenths, typed as cooks type them), and
 * {@code BigDecimal} (the tape is a millimetre; doubles close to 1e-9 mm).
 */
package sectorum.measure;
