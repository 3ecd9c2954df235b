package sectorum.plan;

/** Who the cake is for, where it goes, what must not be in it, and anything else to remember. */
public record Brief(String client, String place, String allergies, String notes) {
    public static final Brief EMPTY = new Brief("", "", "", "");

    public Brief {
        client = Check.words("brief.client", "The client", client, 0, 120);
        place = Check.words("brief.place", "The place", place, 0, 200);
        allergies = Check.words("brief.allergies", "Allergies", allergies, 0, 500);
        notes = Check.words("brief.notes", "Notes", notes, 0, 5000);
    }
}
