package sectorum.server.http;

import java.beans.PropertyEditorSupport;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;

/** Numbers in addresses are decimal: {@code 0x1} is no plan, {@code 1d} no mass. */
@ControllerAdvice
class StrictNumbers {
    private static final Pattern WHOLE = Pattern.compile("-?[0-9]{1,18}");
    private static final Pattern DECIMAL = Pattern.compile("-?[0-9]{1,15}(\\.[0-9]{1,15})?([eE]-?[0-9]{1,3})?");

    @InitBinder
    void decimal(WebDataBinder binder) {
        // Editors, not converters: where a converter refuses, the usual editor would be tried after all.
        binder.registerCustomEditor(long.class, new Strict(WHOLE, Long::valueOf));
        binder.registerCustomEditor(Long.class, new Strict(WHOLE, Long::valueOf));
        binder.registerCustomEditor(int.class, new Strict(WHOLE, Integer::valueOf));
        binder.registerCustomEditor(Integer.class, new Strict(WHOLE, Integer::valueOf));
        binder.registerCustomEditor(double.class, new Strict(DECIMAL, Double::valueOf));
        binder.registerCustomEditor(Double.class, new Strict(DECIMAL, Double::valueOf));
    }

    private static final class Strict extends PropertyEditorSupport {
        private final Pattern form;
        private final Function<String, Object> read;

        Strict(Pattern form, Function<String, Object> read) {
            this.form = form;
            this.read = read;
        }

        @Override
        public void setAsText(String text) {
            if (!form.matcher(text).matches()) {
                throw new IllegalArgumentException("No decimal number");
            }
            setValue(read.apply(text));
        }
    }
}
