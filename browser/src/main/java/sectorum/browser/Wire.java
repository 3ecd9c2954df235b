package sectorum.browser;

/**
 * What the page does for the module. Reading stands at one value, goes into it and up again; writing puts one value after the
 * other. Words cross once and have a number from then on, the same on both sides.
 */
interface Wire {
    int NOTHING = 0;
    int NUMBER = 1;
    int WORD = 2;
    int FLAG = 3;
    int LIST = 4;
    int OBJECT = 5;

    /** What the value is that the reader stands at. */
    int kind();

    double number();

    int word();

    boolean flag();

    /** How many items a list has, how many fields with a value an object. */
    int size();

    /** Goes to a field of this name; what is not there is {@link #NOTHING}. */
    void field(int word);

    void item(int index);

    /** The name of one of the object's fields. */
    int name(int index);

    void up();

    /** A number for the object that the reader stands at, the same whenever that very object comes. */
    int handle();

    int length(int word);

    char sign(int word, int index);

    /** Makes a word: all its signs, then its end, which gives its number. */
    void spell(char sign);

    int spelt();

    void open();

    void openList();

    void close();

    void key(int word);

    void putNumber(double number);

    void putWord(int word);

    void putFlag(boolean flag);

    void putNothing();

    /** Keeps what was closed last under a number. */
    void keep(int number);

    /** Puts what was kept. */
    void putAgain(int number);

    void forget(int number);
}
