package sectorum.server.plans;

/** No plan of this workshop has that number, or it was deleted. */
public class NoSuchPlan extends RuntimeException {
    private static final long serialVersionUID = 1L;

    NoSuchPlan(long id) {
        super("There is no plan " + id + " in this workshop. It may have been deleted: look in Orders.");
    }
}
