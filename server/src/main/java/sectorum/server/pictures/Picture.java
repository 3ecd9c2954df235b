package sectorum.server.pictures;

/** A reference picture, without its bytes. Width and height in pixels. */
public record Picture(long id, String caption, int width, int height) {}
