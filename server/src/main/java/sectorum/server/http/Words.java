package sectorum.server.http;

import java.util.Locale;
import org.springframework.boot.convert.ApplicationConversionService;
import org.springframework.context.annotation.Configuration;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import sectorum.measure.LengthUnit;

/** Words in addresses are written as they are in documents: small. */
@Configuration
class Words implements WebMvcConfigurer {
    @Override
    public void addFormatters(FormatterRegistry registry) {
        ApplicationConversionService.addApplicationConverters(registry);
        registry.addConverter(
                String.class, LengthUnit.class, word -> LengthUnit.valueOf(word.toUpperCase(Locale.ROOT)));
    }
}
