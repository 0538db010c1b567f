package org.etui.server.api;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.server.ResponseStatusException;

/**
 * The front end's own pages are one page; an unknown address under /api is a problem document. Styles that the front end makes at run time
 * carry a number used once, that of their page (CSP Level 3, nonce): others are not applied.
 */
@Controller
class PageController {
    private static final int NONCE_BYTES = 16;
    private static final String NONCE_PLACE = "NONCE-OF-THIS-PAGE";

    private final SecureRandom random = new SecureRandom();
    private String page = "";

    @GetMapping({
        "/",
        "/index.html",
        "/tray/**",
        "/rack/**",
        "/bath/**",
        "/daybook/**",
        "/tools",
        "/stones",
        "/jobs/**",
        "/help/**",
        "/settings",
        "/sizes",
        "/pieces/**",
        // What somebody typed wrong: the page says that there is no such one.
        "/{typed:(?!api)[A-Za-z-]+}"
    })
    ResponseEntity<byte[]> page() throws IOException {
        byte[] once = new byte[NONCE_BYTES];
        random.nextBytes(once);
        String nonce = Base64.getEncoder().encodeToString(once);
        return ResponseEntity.ok()
                .header(Guard.POLICY, Guard.policy("'nonce-" + nonce + "'"))
                .cacheControl(CacheControl.noCache())
                .contentType(MediaType.valueOf("text/html;charset=UTF-8"))
                .body(built().replace(NONCE_PLACE, nonce).getBytes(StandardCharsets.UTF_8));
    }

    @RequestMapping("/api/**")
    void unknown() {
        throw new ResponseStatusException(HttpStatus.NOT_FOUND, "There is nothing at this address.");
    }

    private String built() throws IOException {
        if (page.isEmpty()) {
            page = new ClassPathResource("static/index.html").getContentAsString(StandardCharsets.UTF_8);
        }
        return page;
    }
}
