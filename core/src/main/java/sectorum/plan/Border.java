package sectorum.plan;

/**
 * A strip of the side that is spoken for: a border, a ribbon, a board in front of it.
 *
 * @param zone where it is, each edge from the foot or the top
 * @param covers whether it is meant to lie on what else is there
 */
public record Border(String id, String name, ZoneSpec zone, boolean covers) {
    public Border {
        id = Check.id("borders.id", id);
        name = Check.words("borders.name", "A border's name", name, 1, 60);
        if (zone == null) {
            zone = new ZoneSpec(
                    new ZoneSpec.Height(ZoneSpec.Edge.FOOT, 0), new ZoneSpec.Height(ZoneSpec.Edge.FOOT, 15));
        }
    }
}
