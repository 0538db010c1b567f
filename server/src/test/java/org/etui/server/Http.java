package org.etui.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.etui.server.contract.Json;
import tools.jackson.databind.JsonNode;

/** Asks a running server. */
public final class Http {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private final String base;

    /** @param port where the server listens */
    public Http(int port) {
        base = "http://127.0.0.1:" + port;
    }

    /** An answer: status, body and the body as JSON. */
    public record Answer(int status, byte[] body, HttpResponse<byte[]> response) {
        /** The body as JSON. */
        public JsonNode json() {
            return Json.MAPPER.readTree(body);
        }

        /** The violations' paths, one a line. */
        public java.util.List<String> paths() {
            java.util.List<String> paths = new java.util.ArrayList<>();
            json().path("violations").forEach(v -> paths.add(v.get("path").asString()));
            return paths;
        }
    }

    /** A GET. */
    public Answer get(String path) {
        return send(request(path).GET().build());
    }

    /** A POST of JSON. */
    public Answer post(String path, String json) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(json))
                .build());
    }

    /** A PUT of JSON with If-Match. */
    public Answer put(String path, long version, String json) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .header("If-Match", "\"" + version + "\"")
                .PUT(HttpRequest.BodyPublishers.ofString(json))
                .build());
    }

    /** A request to be finished. */
    public HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(base + path));
    }

    /** Sends a request. */
    public Answer send(HttpRequest request) {
        try {
            HttpResponse<byte[]> response = CLIENT.send(request, HttpResponse.BodyHandlers.ofByteArray());
            return new Answer(response.statusCode(), response.body(), response);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }
}
