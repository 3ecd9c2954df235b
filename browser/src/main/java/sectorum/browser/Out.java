package sectorum.browser;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** Writes an answer into the page. */
final class Out {
    private final Wire wire;
    private final Vocabulary words;
    /** Parts that may be named by a number, with it; 0 until they were written. */
    private final Map<Object, Integer> parts = new IdentityHashMap<>();

    private int last;

    Out(Wire wire, Vocabulary words) {
        this.wire = wire;
        this.words = words;
    }

    /** From now on written once, until it is forgotten. */
    void mayKeep(Object part) {
        parts.putIfAbsent(part, 0);
    }

    void forget(Object part) {
        Integer number = parts.remove(part);
        if (number != null && number > 0) {
            wire.forget(number);
        }
    }

    /** Puts a part that was written before; false where it was not. */
    boolean again(Object part) {
        Integer number = parts.get(part);
        if (number == null || number == 0) {
            return false;
        }
        wire.putAgain(number);
        return true;
    }

    void keep(Object part) {
        if (parts.containsKey(part)) {
            last++;
            parts.put(part, last);
            wire.keep(last);
        }
    }

    void open() {
        wire.open();
    }

    void openList() {
        wire.openList();
    }

    void close() {
        wire.close();
    }

    void key(int word) {
        wire.key(word);
    }

    void key(String name) {
        wire.key(words.number(name));
    }

    void number(double number) {
        wire.putNumber(number);
    }

    void flag(boolean flag) {
        wire.putFlag(flag);
    }

    void word(int word) {
        wire.putWord(word);
    }

    void text(String text) {
        wire.putWord(words.number(text));
    }

    void numbers(List<Double> numbers) {
        wire.openList();
        for (double number : numbers) {
            wire.putNumber(number);
        }
        wire.close();
    }

    void numbers(double... numbers) {
        wire.openList();
        for (double number : numbers) {
            wire.putNumber(number);
        }
        wire.close();
    }

    <T> void list(List<T> list, Consumer<T> each) {
        wire.openList();
        for (T item : list) {
            value(item, each);
        }
        wire.close();
    }

    <T> void map(Map<?, T> map, Consumer<T> each) {
        wire.open();
        map.forEach((name, value) -> {
            wire.key(words.number(String.valueOf(name)));
            value(value, each);
        });
        wire.close();
    }

    private <T> void value(T value, Consumer<T> each) {
        if (value == null) {
            wire.putNothing();
        } else {
            each.accept(value);
        }
    }

    /** A value of whatever kind. @param part writes what is none of the plain kinds */
    void any(Object value, Consumer<Object> part) {
        if (value == null) {
            wire.putNothing();
        } else if (value instanceof Number number) {
            wire.putNumber(number.doubleValue());
        } else if (value instanceof Boolean flag) {
            wire.putFlag(flag);
        } else if (value instanceof Enum<?> constant) {
            text(constant.name().toLowerCase(java.util.Locale.ROOT));
        } else if (value instanceof List<?> list) {
            list(list, each -> any(each, part));
        } else if (value instanceof Map<?, ?> map) {
            map(map, each -> any(each, part));
        } else if (value instanceof String text) {
            text(text);
        } else {
            part.accept(value);
        }
    }
}
