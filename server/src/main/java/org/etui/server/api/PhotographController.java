package org.etui.server.api;

import java.time.Duration;
import java.util.Base64;
import java.util.List;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.server.store.PhotographRow;
import org.etui.server.store.PhotographStore;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Photographs of what was made, kept with its log. */
@RestController
@RequestMapping("/api/photographs")
class PhotographController {
    private static final int JPEG = 0xFFD8FF;
    private static final int MOST_LETTERS = 900_000;

    private final PhotographStore store;

    PhotographController(PhotographStore store) {
        this.store = store;
    }

    /**
     * A photograph.
     *
     * @param number counts every photograph
     * @param subject what it shows: a piece or a job
     * @param day when it was kept
     */
    record Photograph(
            @Term("counts every photograph") long number,
            @Term("what it shows: a piece or a job") String subject,
            @Term("when it was kept, ISO 8601") String day) {}

    /**
     * A photograph to be kept.
     *
     * @param jpeg the picture in base64
     */
    record NewPhotograph(
            @Term(value = "the picture, JPEG in base64", from = 4, to = MOST_LETTERS)
            String jpeg) {}

    /** All of them, the newest first. */
    @GetMapping
    List<Photograph> all() {
        return store.all().stream().map(PhotographController::photograph).toList();
    }

    private static Photograph photograph(PhotographRow row) {
        return new Photograph(
                row.number(),
                row.subject(),
                row.createdAt().substring(0, Math.min(10, row.createdAt().length())));
    }

    /** The picture of one; it never changes. */
    @GetMapping("/{number}/picture")
    ResponseEntity<byte[]> picture(@PathVariable long number) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                .body(store.picture(number));
    }

    /** Keeps one of a piece or a job. */
    @PostMapping("/{subject}")
    List<Photograph> add(@PathVariable String subject, @RequestBody NewPhotograph photograph) {
        if (!subject.matches("[0-9A-Za-z-]{1,60}")) {
            throw new BadInput("subject", subject, "must be the name of a piece or a job in the store");
        }
        store.add(subject, decoded(photograph.jpeg()));
        return all();
    }

    private static byte[] decoded(String base64) {
        try {
            byte[] picture = Base64.getDecoder().decode(base64);
            if (picture.length > 3
                    && ((picture[0] & 0xFF) << 16 | (picture[1] & 0xFF) << 8 | picture[2] & 0xFF) == JPEG) {
                return picture;
            }
        } catch (IllegalArgumentException broken) {
            // said below, as what is no picture
        }
        throw new BadInput("jpeg", "no picture", "must be a JPEG in base64");
    }

    /** Takes one back. */
    @DeleteMapping("/{number}")
    List<Photograph> takeBack(@PathVariable long number) {
        store.takeBack(number, true);
        return all();
    }

    /** Takes it back that one was taken back. */
    @PostMapping("/{number}/keep")
    List<Photograph> keep(@PathVariable long number) {
        store.takeBack(number, false);
        return all();
    }
}
