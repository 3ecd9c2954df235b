package sectorum.browser;

/** What was sent is none of the known forms; the server says what is wrong with it. */
final class Unread extends RuntimeException {
    private static final long serialVersionUID = 1L;
}
