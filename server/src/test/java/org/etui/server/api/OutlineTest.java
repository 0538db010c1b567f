package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpRequest.BodyPublishers;
import java.util.Random;
import org.etui.server.Http;
import org.etui.server.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Photographs sent in: the one that the simulated camera takes, and what is no photograph. */
@ServerTest
class OutlineTest {
    @LocalServerPort
    private int port;

    private Http http;

    @BeforeEach
    void connect() {
        http = new Http(port);
    }

    private Http.Answer sent(String query, String type, byte[] body) {
        return http.send(http.request("/api/outlines" + query)
                .header("Content-Type", type)
                .POST(BodyPublishers.ofByteArray(body))
                .build());
    }

    /** The camera's stone is a drop of 27 by 18 mm, widest 2 mm over the sheet, turned by 8 degrees; the camera leans by 9. */
    @Test
    void cameraPicture_isTraced() {
        byte[] photograph = http.get("/api/camera/photograph").body();
        JsonNode traced = sent("?girdleMm=2", "image/jpeg", photograph).json();

        assertThat(traced.get("tiltDeg").asDouble()).isCloseTo(9, within(1.5));
        assertThat(traced.get("uprightDeg").asDouble()).isCloseTo(-8, within(1.0));
        assertThat(traced.get("points")).hasSizeGreaterThan(20);
        assertThat(traced.get("picture").asString()).startsWith("data:image/jpeg;base64,");
    }

    @Test
    void whatIsNoPhotograph_isRefusedWithTheReason() {
        byte[] photograph = http.get("/api/camera/photograph").body();
        byte[] noise = new byte[5000];
        new Random(3).nextBytes(noise);
        byte[] half = java.util.Arrays.copyOf(photograph, 300);

        assertThat(sent("", "image/png", noise).status()).isEqualTo(400);
        assertThat(sent("", "image/jpeg", half).status()).isEqualTo(400);
        assertThat(sent("", "image/jpeg", new byte[0]).status()).isEqualTo(400);
        assertThat(sent("?girdleMm=11", "image/jpeg", photograph).paths()).containsExactly("girdleMm");
        assertThat(sent("", "application/json", "{}".getBytes(java.nio.charset.StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(415);
    }

    /** A picture that unpacks to more than is read is refused before it is unpacked: the size stands in a PNG's first bytes. */
    @Test
    void hugePicture_isRefusedUnread() {
        byte[] head = {
            (byte) 0x89,
            'P',
            'N',
            'G',
            13,
            10,
            26,
            10,
            0,
            0,
            0,
            13,
            'I',
            'H',
            'D',
            'R',
            0,
            1,
            0,
            0,
            0,
            1,
            0,
            0,
            8,
            2,
            0,
            0,
            0
        };
        Http.Answer answer = sent("", "image/png", java.util.Arrays.copyOf(head, 64));

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.paths()).containsExactly("photograph");
    }
}
