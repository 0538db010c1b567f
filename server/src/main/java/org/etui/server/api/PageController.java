package org.etui.server.api;

import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.server.ResponseStatusException;

/** The front end's own pages are one page; an unknown address under /api is a problem document. */
@Controller
class PageController {
    @GetMapping({
        "/",
        "/tray/**",
        "/rack/**",
        "/bath/**",
        "/daybook/**",
        "/tools",
        "/jobs/**",
        "/help/**",
        "/settings",
        "/sizes",
        "/pieces/**"
    })
    String page() {
        return "forward:/index.html";
    }

    @RequestMapping("/api/**")
    void unknown() {
        throw new ResponseStatusException(HttpStatus.NOT_FOUND, "There is nothing at this address.");
    }
}
