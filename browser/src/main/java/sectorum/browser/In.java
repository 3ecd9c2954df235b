package sectorum.browser;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/** Reads what the page asks: as strictly as the server reads JSON, though without its words for what is wrong. */
final class In {
    private static final double WIDEST_LONG = 9.0e18;

    /** Parts of plans that are known; a few plans' worth. */
    private static final int MOST = 2000;

    private final Wire wire;
    private final Vocabulary words;
    private final Map<Integer, Object> known = new HashMap<>();

    In(Wire wire, Vocabulary words) {
        this.wire = wire;
        this.words = words;
    }

    boolean isAbsent() {
        return wire.kind() == Wire.NOTHING;
    }

    int handle() {
        return wire.handle();
    }

    /** What was made of the very object that the reader stands at; null where none was. */
    Object known() {
        return wire.kind() == Wire.OBJECT ? known.get(wire.handle()) : null;
    }

    <T> T keep(int handle, T made) {
        if (known.size() >= MOST) {
            known.clear();
        }
        known.put(handle, made);
        return made;
    }

    /** Goes into an object; gives how many fields it has. */
    int open() {
        expect(Wire.OBJECT);
        return wire.size();
    }

    void field(int word) {
        wire.field(word);
    }

    /** Leaves a field; 1 where it was there. */
    int up() {
        int there = wire.kind() == Wire.NOTHING ? 0 : 1;
        wire.up();
        return there;
    }

    /** @param left fields that nobody asked for: unknown ones */
    void close(int left) {
        if (left != 0) {
            throw new Unread();
        }
    }

    double number() {
        expect(Wire.NUMBER);
        return wire.number();
    }

    int whole() {
        double number = number();
        if (number != (int) number) {
            throw new Unread();
        }
        return (int) number;
    }

    long longWhole() {
        double number = number();
        if (number != Math.floor(number) || Math.abs(number) > WIDEST_LONG) {
            throw new Unread();
        }
        return (long) number;
    }

    boolean flag() {
        expect(Wire.FLAG);
        return wire.flag();
    }

    Double boxedNumber() {
        return isAbsent() ? null : (Double) number();
    }

    Integer boxedWhole() {
        return isAbsent() ? null : (Integer) whole();
    }

    Long boxedLong() {
        return isAbsent() ? null : (Long) longWhole();
    }

    Boolean boxedFlag() {
        return isAbsent() ? null : (Boolean) flag();
    }

    String text() {
        if (isAbsent()) {
            return null;
        }
        expect(Wire.WORD);
        return words.word(wire.word());
    }

    <E> E constant(int[] ids, E[] constants) {
        if (isAbsent()) {
            return null;
        }
        expect(Wire.WORD);
        int word = wire.word();
        for (int i = 0; i < ids.length; i++) {
            if (ids[i] == word) {
                return constants[i];
            }
        }
        throw new Unread();
    }

    <T> List<T> list(Supplier<T> each) {
        if (isAbsent()) {
            return null;
        }
        expect(Wire.LIST);
        int size = wire.size();
        List<T> list = new ArrayList<>(size);
        for (int i = 0; i < size; i++) {
            wire.item(i);
            list.add(each.get());
            wire.up();
        }
        return list;
    }

    <T> Map<String, T> map(Supplier<T> each) {
        if (isAbsent()) {
            return null;
        }
        int size = open();
        Map<String, T> map = new LinkedHashMap<>();
        for (int i = 0; i < size; i++) {
            int name = wire.name(i);
            wire.field(name);
            map.put(words.word(name), each.get());
            wire.up();
        }
        return map;
    }

    /** A value of whatever kind, as the server's reader would make it: whole where nothing stands behind the point. */
    Object any() {
        return switch (wire.kind()) {
            case Wire.NUMBER -> plain(wire.number());
            case Wire.WORD -> text();
            case Wire.FLAG -> wire.flag();
            case Wire.LIST -> list(this::any);
            case Wire.OBJECT -> map(this::any);
            default -> null;
        };
    }

    private static Object plain(double number) {
        if (number == (int) number) {
            return (int) number;
        }
        if (number == Math.floor(number)) {
            if (Math.abs(number) > WIDEST_LONG) {
                throw new Unread();
            }
            return (long) number;
        }
        return number;
    }

    private void expect(int kind) {
        if (wire.kind() != kind) {
            throw new Unread();
        }
    }
}
