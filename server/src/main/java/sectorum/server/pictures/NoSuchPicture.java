package sectorum.server.pictures;

/** No picture of this workshop has that number, or it was taken away. */
public class NoSuchPicture extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NoSuchPicture(long id) {
        super("There is no picture " + id + " in this workshop. It may have been taken away.");
    }
}
