package sectorum.browser;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The words that have crossed, each with its number. */
final class Vocabulary {
    private final Wire wire;
    private final List<String> words = new ArrayList<>();
    private final Map<String, Integer> numbers = new HashMap<>();

    /** @param known words that have the first numbers */
    Vocabulary(Wire wire, String... known) {
        this.wire = wire;
        for (String word : known) {
            number(word);
        }
    }

    String word(int number) {
        catchUp(number + 1);
        return words.get(number);
    }

    int number(String word) {
        Integer known = numbers.get(word);
        if (known != null) {
            return known;
        }
        for (int i = 0; i < word.length(); i++) {
            wire.spell(word.charAt(i));
        }
        int number = wire.spelt();
        catchUp(number);
        keep(word);
        return number;
    }

    /** The page makes words, too, and not all of them are asked for. */
    private void catchUp(int many) {
        while (words.size() < many) {
            int next = words.size();
            char[] signs = new char[wire.length(next)];
            for (int i = 0; i < signs.length; i++) {
                signs[i] = wire.sign(next, i);
            }
            keep(new String(signs));
        }
    }

    private void keep(String word) {
        numbers.put(word, words.size());
        words.add(word);
    }
}
