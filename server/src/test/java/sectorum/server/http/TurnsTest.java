package sectorum.server.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.measure.Absent;
import tools.jackson.databind.json.JsonMapper;

class TurnsTest {
    private final Turns turns = new Turns(new Told(JsonMapper.shared()));
    private final ExecutorService hands = Executors.newCachedThreadPool();
    private final AtomicInteger inside = new AtomicInteger();
    private final AtomicInteger most = new AtomicInteger();
    private final CountDownLatch goOn = new CountDownLatch(1);

    @AfterEach
    void stop() {
        goOn.countDown();
        hands.shutdownNow();
    }

    /** Work that is not over before it may be. */
    private final FilterChain slow = (request, response) -> {
        most.accumulateAndGet(inside.incrementAndGet(), Math::max);
        try {
            goOn.await();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        inside.decrementAndGet();
    };

    private static HttpServletRequest request(String path, @Absent String session) {
        HttpServletRequest request = mock(HttpServletRequest.class);
        when(request.getRequestURI()).thenReturn(path);
        when(request.getDispatcherType()).thenReturn(DispatcherType.REQUEST);
        if (session != null) {
            HttpSession held = mock(HttpSession.class);
            when(held.getId()).thenReturn(session);
            when(request.getSession(false)).thenReturn(held);
        }
        return request;
    }

    private static HttpServletResponse response(AtomicInteger status) throws Exception {
        HttpServletResponse response = mock(HttpServletResponse.class);
        doAnswer(set -> {
                    status.set(set.getArgument(0));
                    return null;
                })
                .when(response)
                .setStatus(anyInt());
        when(response.getOutputStream()).thenReturn(mock(ServletOutputStream.class));
        return response;
    }

    private Future<Integer> asks(String session) {
        return hands.submit(() -> {
            AtomicInteger status = new AtomicInteger(200);
            turns.doFilter(request("/api/quicker", session), response(status), slow);
            return status.get();
        });
    }

    @ParameterizedTest
    @CsvSource({"1, 3", "2, 6", "9, 6"})
    void soManyOfEachAndSoManyOfAllAreDoneAtOnceAndAllInTheEnd(int people, int atOnce) throws Exception {
        List<Future<Integer>> all = new ArrayList<>();
        for (int i = 0; i < 18; i++) {
            all.add(asks("person " + i % people));
        }
        while (inside.get() < atOnce) {
            Thread.onSpinWait();
        }
        goOn.countDown();
        for (Future<Integer> one : all) {
            assertThat(one.get()).isEqualTo(200);
        }
        assertThat(most.get()).isEqualTo(atOnce);
    }

    @Test
    void whoComesWhenManyWaitIsToldToComeAgain() throws Exception {
        List<Future<Integer>> all = new ArrayList<>();
        int tooMany = Turns.OF_ONE + Turns.WAITING + 5;
        for (int i = 0; i < tooMany; i++) {
            all.add(asks("one"));
        }
        while (all.stream().filter(Future::isDone).count() < 1) {
            Thread.onSpinWait();
        }
        goOn.countDown();
        int sentAway = 0;
        for (Future<Integer> one : all) {
            sentAway += one.get() == 503 ? 1 : 0;
        }
        assertThat(sentAway).isBetween(1, 5);
    }

    @Test
    void whatIsQuickAndWhoIsNotSignedInPassAtOnce() throws Exception {
        AtomicInteger passed = new AtomicInteger();
        FilterChain quick = (request, response) -> passed.incrementAndGet();
        for (int i = 0; i < 50; i++) {
            turns.doFilter(request("/api/workup", "one"), response(passed), quick);
            turns.doFilter(request("/api/quicker", null), response(passed), quick);
        }
        assertThat(passed.get()).isEqualTo(100);
    }
}
