package sectorum.template;

/**
 * Where a template belongs; printed on every sheet.
 *
 * @param plan the plan's name
 * @param tier the tier's name
 * @param printed the day of printing, in words; it comes from outside
 */
public record Heading(String plan, String tier, String printed) {}
