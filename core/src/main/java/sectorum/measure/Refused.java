package sectorum.measure;

/** A value outside its domain. The phrase names the value, what is allowed and what to do; the field says where. */
public class Refused extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;
    private final String field;
    private final transient Phrase phrase;

    public Refused(String field, Phrase phrase) {
        super(field + ": " + phrase);
        this.field = field;
        this.phrase = phrase;
    }

    public String field() {
        return field;
    }

    public Phrase phrase() {
        return phrase;
    }
}
