package upahead.server.platform.hooks;

import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Tells one address one thing: signed, within a time, and without going anywhere else it may point to. */
@Component
class HookCall {

    private static final int OK_FROM = 200;
    private static final int OK_BELOW = 300;
    private static final int REDIRECTS_BELOW = 400;
    private static final String SIGNED_WITH = "HmacSHA256";

    private final OutsideAddress addresses;
    private final Duration patience;

    HookCall(OutsideAddress addresses, @Value("${upahead.webhooks.patience:10s}") Duration patience) {
        this.addresses = addresses;
        this.patience = patience;
    }

    /** Made with the first message: it reads every certificate the machine trusts. */
    private static final class Client {

        static final HttpClient HTTP = HttpClient.newBuilder()
                .followRedirects(HttpClient.Redirect.NEVER)
                .connectTimeout(Duration.ofSeconds(5))
                .build();
    }

    /**
     * Sends a message.
     *
     * @return why it was not taken, empty where it was
     */
    String send(HookMessage message) {
        try {
            String now = String.valueOf(Instant.now().getEpochSecond());
            HttpRequest request = HttpRequest.newBuilder(addresses.read(message.address()))
                    .timeout(patience)
                    .header("Content-Type", "application/json")
                    .header("User-Agent", "Up-Ahead")
                    .header("X-Up-Ahead-Event", message.event())
                    .header("X-Up-Ahead-Message", message.mark())
                    .header("X-Up-Ahead-Time", now)
                    .header("X-Up-Ahead-Signature", "sha256=" + signature(message.secret(), now, message.body()))
                    .POST(HttpRequest.BodyPublishers.ofString(message.body()))
                    .build();
            return whyNot(answer(request));
        } catch (OutsideAddress.Inside inside) {
            return inside.getMessage();
        } catch (TimeoutException late) {
            return "It did not answer within " + patience.toSeconds() + " seconds.";
        } catch (ExecutionException failed) {
            return "It could not be reached: " + failed.getCause().getClass().getSimpleName() + ".";
        } catch (InterruptedException ending) {
            Thread.currentThread().interrupt();
            return "The program ended meanwhile.";
        }
    }

    /** An answer of which not even the end comes in time is none. */
    private int answer(HttpRequest request) throws TimeoutException, ExecutionException, InterruptedException {
        CompletableFuture<HttpResponse<Void>> answer =
                Client.HTTP.sendAsync(request, HttpResponse.BodyHandlers.discarding());
        try {
            return answer.get(patience.toMillis(), TimeUnit.MILLISECONDS).statusCode();
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof HttpTimeoutException) {
                throw new TimeoutException();
            }
            throw failed;
        } finally {
            answer.cancel(true);
        }
    }

    private static String whyNot(int status) {
        if (status >= OK_FROM && status < OK_BELOW) {
            return "";
        }
        return status >= OK_BELOW && status < REDIRECTS_BELOW
                ? "It points elsewhere (" + status + "), and that is not followed."
                : "It answered " + status + ".";
    }

    /** What whoever knows the secret can check: of the time, a dot and the body. */
    static String signature(String secret, String time, String body) {
        try {
            Mac mac = Mac.getInstance(SIGNED_WITH);
            mac.init(new SecretKeySpec(secret.getBytes(StandardCharsets.UTF_8), SIGNED_WITH));
            return HexFormat.of().formatHex(mac.doFinal((time + "." + body).getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException("every Java has " + SIGNED_WITH, impossible);
        }
    }
}
