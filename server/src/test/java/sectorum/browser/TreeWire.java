package sectorum.browser;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A page of maps and lists, as wire.ts is one of objects and arrays. */
final class TreeWire implements Wire {
    private final List<String> words = new ArrayList<>();
    private final Map<String, Integer> numbers = new HashMap<>();
    private final StringBuilder spelling = new StringBuilder();
    private final Deque<Optional<Object>> above = new ArrayDeque<>();
    private final Deque<Object> around = new ArrayDeque<>();
    private final Deque<String> keys = new ArrayDeque<>();
    private final Map<Object, Integer> handles = new IdentityHashMap<>();
    private final Map<Integer, Object> kept = new HashMap<>();
    private Object closed;
    private Object at;
    private Object grown;
    private String key = "";

    void lay(Object question) {
        at = question;
        above.clear();
        around.clear();
        keys.clear();
        grown = null;
    }

    Object taken() {
        return grown;
    }

    int number(String word) {
        Integer known = numbers.putIfAbsent(word, words.size());
        if (known == null) {
            words.add(word);
        }
        return known == null ? words.size() - 1 : known;
    }

    @Override
    public int kind() {
        return at == null
                ? NOTHING
                : at instanceof Number
                        ? NUMBER
                        : at instanceof String
                                ? WORD
                                : at instanceof Boolean ? FLAG : at instanceof List ? LIST : OBJECT;
    }

    @Override
    public double number() {
        return ((Number) at).doubleValue();
    }

    @Override
    public int word() {
        return number((String) at);
    }

    @Override
    public boolean flag() {
        return (Boolean) at;
    }

    private List<String> names() {
        return ((Map<?, ?>) at)
                .entrySet().stream()
                        .filter(e -> e.getValue() != null)
                        .map(e -> (String) e.getKey())
                        .toList();
    }

    @Override
    public int size() {
        return at instanceof List<?> list ? list.size() : names().size();
    }

    private void go(Object to) {
        above.push(Optional.ofNullable(at));
        at = to;
    }

    @Override
    public void field(int word) {
        go(((Map<?, ?>) at).get(words.get(word)));
    }

    @Override
    public void item(int index) {
        go(((List<?>) at).get(index));
    }

    @Override
    public int name(int index) {
        return number(names().get(index));
    }

    @Override
    public void up() {
        at = above.pop().orElse(null);
    }

    @Override
    public int handle() {
        return handles.computeIfAbsent(at, any -> handles.size() + 1);
    }

    @Override
    public int length(int word) {
        return words.get(word).length();
    }

    @Override
    public char sign(int word, int index) {
        return words.get(word).charAt(index);
    }

    @Override
    public void spell(char sign) {
        spelling.append(sign);
    }

    @Override
    public int spelt() {
        int number = number(spelling.toString());
        spelling.setLength(0);
        return number;
    }

    @SuppressWarnings("unchecked")
    private void put(Object value) {
        Object outer = around.peek();
        if (outer instanceof List) {
            ((List<Object>) outer).add(value);
        } else if (outer instanceof Map) {
            ((Map<String, Object>) outer).put(key, value);
        } else {
            grown = value;
        }
    }

    private void into(Object value) {
        put(value);
        around.push(value);
        keys.push(key);
    }

    @Override
    public void open() {
        into(new LinkedHashMap<String, Object>());
    }

    @Override
    public void openList() {
        into(new ArrayList<>());
    }

    @Override
    public void close() {
        closed = around.pop();
        key = keys.pop();
    }

    @Override
    public void keep(int number) {
        kept.put(number, closed);
    }

    @Override
    public void putAgain(int number) {
        put(kept.get(number));
    }

    @Override
    public void forget(int number) {
        kept.remove(number);
    }

    /** How many parts are kept. */
    int kept() {
        return kept.size();
    }

    @Override
    public void key(int word) {
        key = words.get(word);
    }

    @Override
    public void putNumber(double number) {
        put(number);
    }

    @Override
    public void putWord(int word) {
        put(words.get(word));
    }

    @Override
    public void putFlag(boolean flag) {
        put(flag);
    }

    @Override
    public void putNothing() {
        put(null);
    }
}
