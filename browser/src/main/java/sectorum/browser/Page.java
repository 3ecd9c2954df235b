package sectorum.browser;

import org.teavm.interop.Import;

/** The page that the module runs in. */
final class Page implements Wire {
    private static final String MODULE = "wire";

    @Override
    public int kind() {
        return kind0();
    }

    @Override
    public double number() {
        return number0();
    }

    @Override
    public int word() {
        return word0();
    }

    @Override
    public boolean flag() {
        return flag0() != 0;
    }

    @Override
    public int size() {
        return size0();
    }

    @Override
    public void field(int word) {
        field0(word);
    }

    @Override
    public void item(int index) {
        item0(index);
    }

    @Override
    public int name(int index) {
        return name0(index);
    }

    @Override
    public void up() {
        up0();
    }

    @Override
    public int handle() {
        return handle0();
    }

    @Override
    public int length(int word) {
        return length0(word);
    }

    @Override
    public char sign(int word, int index) {
        return (char) sign0(word, index);
    }

    @Override
    public void spell(char sign) {
        spell0(sign);
    }

    @Override
    public int spelt() {
        return spelt0();
    }

    @Override
    public void open() {
        open0();
    }

    @Override
    public void openList() {
        openList0();
    }

    @Override
    public void close() {
        close0();
    }

    @Override
    public void key(int word) {
        key0(word);
    }

    @Override
    public void putNumber(double number) {
        putNumber0(number);
    }

    @Override
    public void putWord(int word) {
        putWord0(word);
    }

    @Override
    public void putFlag(boolean flag) {
        putFlag0(flag ? 1 : 0);
    }

    @Override
    public void putNothing() {
        putNothing0();
    }

    @Override
    public void keep(int number) {
        keep0(number);
    }

    @Override
    public void putAgain(int number) {
        putAgain0(number);
    }

    @Override
    public void forget(int number) {
        forget0(number);
    }

    @Import(module = MODULE, name = "kind")
    private static native int kind0();

    @Import(module = MODULE, name = "number")
    private static native double number0();

    @Import(module = MODULE, name = "word")
    private static native int word0();

    @Import(module = MODULE, name = "flag")
    private static native int flag0();

    @Import(module = MODULE, name = "size")
    private static native int size0();

    @Import(module = MODULE, name = "field")
    private static native void field0(int word);

    @Import(module = MODULE, name = "item")
    private static native void item0(int index);

    @Import(module = MODULE, name = "name")
    private static native int name0(int index);

    @Import(module = MODULE, name = "up")
    private static native void up0();

    @Import(module = MODULE, name = "handle")
    private static native int handle0();

    @Import(module = MODULE, name = "length")
    private static native int length0(int word);

    @Import(module = MODULE, name = "sign")
    private static native int sign0(int word, int index);

    @Import(module = MODULE, name = "spell")
    private static native void spell0(int sign);

    @Import(module = MODULE, name = "spelt")
    private static native int spelt0();

    @Import(module = MODULE, name = "open")
    private static native void open0();

    @Import(module = MODULE, name = "openList")
    private static native void openList0();

    @Import(module = MODULE, name = "close")
    private static native void close0();

    @Import(module = MODULE, name = "key")
    private static native void key0(int word);

    @Import(module = MODULE, name = "putNumber")
    private static native void putNumber0(double number);

    @Import(module = MODULE, name = "putWord")
    private static native void putWord0(int word);

    @Import(module = MODULE, name = "putFlag")
    private static native void putFlag0(int flag);

    @Import(module = MODULE, name = "putNothing")
    private static native void putNothing0();

    @Import(module = MODULE, name = "keep")
    private static native void keep0(int number);

    @Import(module = MODULE, name = "putAgain")
    private static native void putAgain0(int number);

    @Import(module = MODULE, name = "forget")
    private static native void forget0(int number);
}
