package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Supplier;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.RequestBuilder;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import upahead.server.Somebody;

/** Sends requests in the same moment, as an administrator, and looks whether only one of them held. */
final class AtOnce implements AutoCloseable {

    private final MockMvc http;
    private final ExecutorService both = Executors.newFixedThreadPool(2);

    AtOnce(MockMvc http) {
        this.http = http;
    }

    @Override
    public void close() {
        both.shutdownNow();
    }

    static void onlyOneOf(List<MockHttpServletResponse> answers) {
        assertThat(answers).allSatisfy(AtOnce::saysItInASentence);
        assertThat(answers.stream().filter(answer -> answer.getStatus() < 300)).hasSize(1);
    }

    /** Whoever comes second is told so, not that something went wrong. */
    static void saysItInASentence(MockHttpServletResponse answer) throws Exception {
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isIn(200, 201, 409, 422);
    }

    List<MockHttpServletResponse> twice(Supplier<? extends AbstractMockHttpServletRequestBuilder<?>> request)
            throws Exception {
        return both(request, request);
    }

    List<MockHttpServletResponse> both(
            Supplier<? extends AbstractMockHttpServletRequestBuilder<?>> first,
            Supplier<? extends AbstractMockHttpServletRequestBuilder<?>> second)
            throws Exception {
        CyclicBarrier start = new CyclicBarrier(2);
        Future<MockHttpServletResponse> one = both.submit(sending(first, start));
        Future<MockHttpServletResponse> other = both.submit(sending(second, start));
        return List.of(one.get(), other.get());
    }

    Callable<MockHttpServletResponse> sending(
            Supplier<? extends AbstractMockHttpServletRequestBuilder<?>> request, CyclicBarrier start) {
        return () -> {
            RequestBuilder ready =
                    request.get().with(csrf()).with(authentication(CurrentUser.authentication(Somebody.ADMINISTRATOR)));
            start.await();
            return http.perform(ready).andReturn().getResponse();
        };
    }

    static MockHttpServletRequestBuilder json(MockHttpServletRequestBuilder request, String body) {
        return request.contentType(MediaType.APPLICATION_JSON).content(body);
    }
}
