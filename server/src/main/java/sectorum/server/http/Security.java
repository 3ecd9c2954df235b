package sectorum.server.http;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import java.nio.charset.StandardCharsets;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.core.Ordered;
import org.springframework.core.convert.ConversionService;
import org.springframework.core.convert.support.GenericConversionService;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.config.annotation.web.http.EnableJdbcHttpSession;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Who is let in. Pages, scripts and styles are the same for everybody and are given to whoever asks; everything under
 * {@code /api/} is decided by {@link Rights}. That no other site's page writes here is {@link Guard}'s and the cookie's to see to.
 */
@Configuration
@EnableJdbcHttpSession(cleanupCron = "0 17 * * * *")
class Security {
    static final String COOKIE = "sectorum";
    /** Set on a request that signs in, where the browser shall keep the cookie when it is closed. */
    static final String STAYS = Security.class.getName() + ".stays";

    @Bean
    SecurityFilterChain chain(HttpSecurity http, SessionPeople people, Rights rights, Told told) throws Exception {
        return http.headers(AbstractHttpConfigurer::disable)
                .csrf(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .sessionManagement(AbstractHttpConfigurer::disable)
                .securityContext(c -> c.securityContextRepository(people))
                .authorizeHttpRequests(a -> a.dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR)
                        .permitAll()
                        .requestMatchers("/api/**")
                        .access(rights)
                        .anyRequest()
                        .permitAll())
                .exceptionHandling(e -> e.authenticationEntryPoint((request, response, unknown) -> told.answer(
                                response,
                                HttpStatus.UNAUTHORIZED,
                                "unknown",
                                "Sign in first",
                                "You are not signed in here, or not any more. Sign in; what you typed is kept in this"
                                        + " browser."))
                        .accessDeniedHandler((request, response, denied) -> told.answer(
                                response,
                                HttpStatus.FORBIDDEN,
                                "not-yours",
                                "Not yours to do",
                                "This is not among what you may do in this workshop. Ask an owner; nothing was"
                                        + " changed.")))
                .build();
    }

    /** What is the same for everybody needs no session, and so asks the database nothing. */
    @Bean
    FilterRegistrationBean<Filter> sessionless() {
        FilterRegistrationBean<Filter> first = new FilterRegistrationBean<>((request, response, chain) -> {
            if (request instanceof jakarta.servlet.http.HttpServletRequest http
                    && !http.getRequestURI().startsWith("/api/")
                    && !http.getRequestURI().startsWith(LinkController.PATH)) {
                request.setAttribute(SessionRepositoryFilter.class.getName() + ".FILTERED", Boolean.TRUE);
            }
            chain.doFilter(request, response);
        });
        first.setOrder(Ordered.HIGHEST_PRECEDENCE + 10);
        return first;
    }

    /** Sessions are read and written by single statements. */
    @Bean
    TransactionOperations springSessionTransactionOperations() {
        return TransactionOperations.withoutTransaction();
    }

    /** All others are written together, as ever; named here because the one above is known by its kind. */
    @Bean
    @Primary
    TransactionTemplate together(PlatformTransactionManager manager) {
        return new TransactionTemplate(manager);
    }

    /** Sessions hold words alone. What cannot be read is nothing, and whoever has it signs in again. */
    @Bean
    ConversionService springSessionConversionService() {
        GenericConversionService words = new GenericConversionService();
        words.addConverter(Object.class, byte[].class, o -> o.toString().getBytes(StandardCharsets.UTF_8));
        words.addConverter(byte[].class, Object.class, b -> new String(b, StandardCharsets.UTF_8));
        return words;
    }

    @Bean
    @Primary
    SessionRepository<QuietSessions.Quiet> quietSessions(JdbcIndexedSessionRepository kept) {
        return new QuietSessions(kept);
    }

    @Bean
    CookieSerializer cookies() {
        DefaultCookieSerializer cookies = new DefaultCookieSerializer();
        cookies.setCookieName(COOKIE);
        cookies.setUseHttpOnlyCookie(true);
        cookies.setSameSite("Lax");
        cookies.setCookiePath("/");
        cookies.setRememberMeRequestAttribute(STAYS);
        return cookies;
    }
}
