package java.net.http;

import java.io.FileNotFoundException;
import java.io.IOException;
import java.io.InputStream;
import java.net.Authenticator;
import java.net.CookieHandler;
import java.net.ProxySelector;
import java.net.URI;
import java.nio.ByteBuffer;
import java.nio.charset.Charset;
import java.nio.file.OpenOption;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ConcurrentMap;
import java.util.concurrent.Executor;
import java.util.function.BiPredicate;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLParameters;
import javax.net.ssl.SSLSession;

/** Sends requests by HTTP. */
public abstract class HttpClient {
    protected HttpClient() { }
    public abstract Optional<Authenticator> authenticator();
    public abstract Optional<Duration> connectTimeout();
    public abstract Optional<CookieHandler> cookieHandler();
    public abstract Optional<Executor> executor();
    public abstract HttpClient.Redirect followRedirects();
    public static HttpClient.Builder newBuilder();
    public static HttpClient newHttpClient();
    public WebSocket.Builder newWebSocketBuilder();
    public abstract Optional<ProxySelector> proxy();
    public abstract <T> HttpResponse<T> send(HttpRequest httpRequest, HttpResponse.BodyHandler<T> bodyHandler) throws IOException, InterruptedException;
    public abstract <T> CompletableFuture<HttpResponse<T>> sendAsync(HttpRequest httpRequest, HttpResponse.BodyHandler<T> bodyHandler);
    public abstract <T> CompletableFuture<HttpResponse<T>> sendAsync(HttpRequest httpRequest, HttpResponse.BodyHandler<T> bodyHandler, HttpResponse.PushPromiseHandler<T> pushPromiseHandler);
    public abstract SSLContext sslContext();
    public abstract SSLParameters sslParameters();
    public abstract HttpClient.Version version();
    public interface Builder {
        static ProxySelector NO_PROXY;
        HttpClient.Builder authenticator(Authenticator authenticator);
        HttpClient build();
        HttpClient.Builder connectTimeout(Duration duration);
        HttpClient.Builder cookieHandler(CookieHandler cookieHandler);
        HttpClient.Builder executor(Executor executor);
        HttpClient.Builder followRedirects(HttpClient.Redirect redirect);
        HttpClient.Builder priority(int number);
        HttpClient.Builder proxy(ProxySelector proxySelector);
        HttpClient.Builder sslContext(SSLContext sSLContext);
        HttpClient.Builder sslParameters(SSLParameters sSLParameters);
        HttpClient.Builder version(HttpClient.Version version);
    }
    public enum Redirect {
        NEVER, ALWAYS, NORMAL;
    }
    public enum Version {
        HTTP_1_1, HTTP_2;
    }
}

/** Headers of a message. */
public final class HttpHeaders {
    public List<String> allValues(String text);
    public Optional<String> firstValue(String text);
    public OptionalLong firstValueAsLong(String text);
    public Map<String, List<String>> map();
    public static HttpHeaders of(Map<String, List<String>> map, BiPredicate<String, String> condition);
}

/** A request. */
public abstract class HttpRequest {
    protected HttpRequest() { }
    public abstract Optional<HttpRequest.BodyPublisher> bodyPublisher();
    public abstract boolean expectContinue();
    public abstract HttpHeaders headers();
    public abstract String method();
    public static HttpRequest.Builder newBuilder();
    public static HttpRequest.Builder newBuilder(URI uRI);
    public static HttpRequest.Builder newBuilder(HttpRequest httpRequest, BiPredicate<String, String> condition);
    public abstract Optional<Duration> timeout();
    public abstract URI uri();
    public abstract Optional<HttpClient.Version> version();
    public interface BodyPublisher extends java.util.concurrent.Flow.Publisher<ByteBuffer> {
        long contentLength();
    }
    public static class BodyPublishers {
        public static HttpRequest.BodyPublisher concat(HttpRequest.BodyPublisher... items);
        public static HttpRequest.BodyPublisher fromPublisher(java.util.concurrent.Flow.Publisher<? extends ByteBuffer> publisher);
        public static HttpRequest.BodyPublisher fromPublisher(java.util.concurrent.Flow.Publisher<? extends ByteBuffer> publisher, long number);
        public static HttpRequest.BodyPublisher noBody();
        public static HttpRequest.BodyPublisher ofByteArray(byte[] items);
        public static HttpRequest.BodyPublisher ofByteArray(byte[] items, int number, int number2);
        public static HttpRequest.BodyPublisher ofByteArrays(Iterable<byte[]> items);
        public static HttpRequest.BodyPublisher ofFile(Path path) throws FileNotFoundException;
        public static HttpRequest.BodyPublisher ofInputStream(Supplier<? extends InputStream> supplier);
        public static HttpRequest.BodyPublisher ofString(String text);
        public static HttpRequest.BodyPublisher ofString(String text, Charset charset);
    }
    public interface Builder {
        HttpRequest.Builder DELETE();
        HttpRequest.Builder GET();
        HttpRequest.Builder POST(HttpRequest.BodyPublisher bodyPublisher);
        HttpRequest.Builder PUT(HttpRequest.BodyPublisher bodyPublisher);
        HttpRequest build();
        HttpRequest.Builder copy();
        HttpRequest.Builder expectContinue(boolean flag);
        HttpRequest.Builder header(String text, String text2);
        HttpRequest.Builder headers(String... items);
        HttpRequest.Builder method(String text, HttpRequest.BodyPublisher bodyPublisher);
        HttpRequest.Builder setHeader(String text, String text2);
        HttpRequest.Builder timeout(Duration duration);
        HttpRequest.Builder uri(URI uRI);
        HttpRequest.Builder version(HttpClient.Version version);
    }
}

/** An answer. */
public interface HttpResponse<T> {
    T body();
    HttpHeaders headers();
    Optional<HttpResponse<T>> previousResponse();
    HttpRequest request();
    Optional<SSLSession> sslSession();
    int statusCode();
    URI uri();
    HttpClient.Version version();
    public interface BodyHandler<T> {
        HttpResponse.BodySubscriber<T> apply(HttpResponse.ResponseInfo responseInfo);
    }
    public static class BodyHandlers {
        public static <T> HttpResponse.BodyHandler<T> buffering(HttpResponse.BodyHandler<T> bodyHandler, int number);
        public static HttpResponse.BodyHandler<Void> discarding();
        public static HttpResponse.BodyHandler<Void> fromLineSubscriber(java.util.concurrent.Flow.Subscriber<? super String> subscriber);
        public static <S extends java.util.concurrent.Flow.Subscriber<? super String>, T> HttpResponse.BodyHandler<T> fromLineSubscriber(S value, Function<? super S, ? extends T> function, String text);
        public static HttpResponse.BodyHandler<Void> fromSubscriber(java.util.concurrent.Flow.Subscriber<? super List<ByteBuffer>> subscriber);
        public static <S extends java.util.concurrent.Flow.Subscriber<? super List<ByteBuffer>>, T> HttpResponse.BodyHandler<T> fromSubscriber(S value, Function<? super S, ? extends T> function);
        public static HttpResponse.BodyHandler<byte[]> ofByteArray();
        public static HttpResponse.BodyHandler<Void> ofByteArrayConsumer(Consumer<Optional<byte[]>> action);
        public static HttpResponse.BodyHandler<Path> ofFile(Path path);
        public static HttpResponse.BodyHandler<Path> ofFile(Path path, OpenOption... items);
        public static HttpResponse.BodyHandler<Path> ofFileDownload(Path path, OpenOption... items);
        public static HttpResponse.BodyHandler<InputStream> ofInputStream();
        public static HttpResponse.BodyHandler<Stream<String>> ofLines();
        public static HttpResponse.BodyHandler<java.util.concurrent.Flow.Publisher<List<ByteBuffer>>> ofPublisher();
        public static HttpResponse.BodyHandler<String> ofString();
        public static HttpResponse.BodyHandler<String> ofString(Charset charset);
        public static <U> HttpResponse.BodyHandler<U> replacing(U value);
    }
    public interface BodySubscriber<T> extends java.util.concurrent.Flow.Subscriber<List<ByteBuffer>> {
        CompletionStage<T> getBody();
    }
    public static class BodySubscribers {
        public static <T> HttpResponse.BodySubscriber<T> buffering(HttpResponse.BodySubscriber<T> bodySubscriber, int number);
        public static HttpResponse.BodySubscriber<Void> discarding();
        public static HttpResponse.BodySubscriber<Void> fromLineSubscriber(java.util.concurrent.Flow.Subscriber<? super String> subscriber);
        public static <S extends java.util.concurrent.Flow.Subscriber<? super String>, T> HttpResponse.BodySubscriber<T> fromLineSubscriber(S value, Function<? super S, ? extends T> function, Charset charset, String text);
        public static HttpResponse.BodySubscriber<Void> fromSubscriber(java.util.concurrent.Flow.Subscriber<? super List<ByteBuffer>> subscriber);
        public static <S extends java.util.concurrent.Flow.Subscriber<? super List<ByteBuffer>>, T> HttpResponse.BodySubscriber<T> fromSubscriber(S value, Function<? super S, ? extends T> function);
        public static <T, U> HttpResponse.BodySubscriber<U> mapping(HttpResponse.BodySubscriber<T> bodySubscriber, Function<? super T, ? extends U> function);
        public static HttpResponse.BodySubscriber<byte[]> ofByteArray();
        public static HttpResponse.BodySubscriber<Void> ofByteArrayConsumer(Consumer<Optional<byte[]>> action);
        public static HttpResponse.BodySubscriber<Path> ofFile(Path path);
        public static HttpResponse.BodySubscriber<Path> ofFile(Path path, OpenOption... items);
        public static HttpResponse.BodySubscriber<InputStream> ofInputStream();
        public static HttpResponse.BodySubscriber<Stream<String>> ofLines(Charset charset);
        public static HttpResponse.BodySubscriber<java.util.concurrent.Flow.Publisher<List<ByteBuffer>>> ofPublisher();
        public static HttpResponse.BodySubscriber<String> ofString(Charset charset);
        public static <U> HttpResponse.BodySubscriber<U> replacing(U value);
    }
    public interface PushPromiseHandler<T> {
        void applyPushPromise(HttpRequest httpRequest, HttpRequest httpRequest2, Function<HttpResponse.BodyHandler<T>, CompletableFuture<HttpResponse<T>>> function);
        static <T> HttpResponse.PushPromiseHandler<T> of(Function<HttpRequest, HttpResponse.BodyHandler<T>> function, ConcurrentMap<HttpRequest, CompletableFuture<HttpResponse<T>>> concurrentMap) { }
    }
    public interface ResponseInfo {
        HttpHeaders headers();
        int statusCode();
        HttpClient.Version version();
    }
}
