package org.etui.server.api;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Iterator;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.photo.Tracing;
import org.etui.server.instrument.Camera;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Outlines of stones from photographs. */
@RestController
@RequestMapping("/api")
class OutlineController {
    /** No file is read that is larger. */
    static final int MOST_BYTES = 16_000_000;

    /** No picture is unpacked that has more pixels: heap is short. */
    private static final long MOST_PIXELS = 40_000_000;

    private static final int FLAT_PX = 640;

    /** Room about the outline in the flat picture, as a share of its reach. */
    private static final double ROOM = 1.25;

    private final Camera camera;
    private final Watch watch;

    OutlineController(Camera camera, Watch watch) {
        this.camera = camera;
        this.watch = watch;
    }

    /**
     * A stone that was traced.
     *
     * @param points its outline about its middle: across and up, mm
     * @param girthMm the way round, mm
     * @param lengthMm upright as it was photographed, mm
     * @param widthMm across, mm
     * @param uprightDeg how far to turn it to the left so that its long axis stands upright, degrees
     * @param tiltDeg how far the camera leant from upright, degrees
     * @param uncertaintyMm how far the outline may be off anywhere, mm
     * @param picture the photograph laid flat, as an address that holds it
     * @param halfMm how far the picture reaches from the middle to each side, mm
     */
    record TracedStone(
            @Term("its outline about its middle: across and up, mm")
            List<List<Double>> points,

            @Term("the way round, mm") double girthMm,
            @Term("upright as it was photographed, mm") double lengthMm,
            @Term("across, mm") double widthMm,

            @Term("how far to turn it to the left so that its long axis stands upright, degrees")
            double uprightDeg,

            @Term("how far the camera leant from upright, degrees")
            double tiltDeg,

            @Term("how far the outline may be off anywhere, mm")
            double uncertaintyMm,

            @Term("the photograph laid flat, as an address that holds it")
            String picture,

            @Term("how far the picture reaches from the middle to each side, mm")
            double halfMm) {}

    /** The outline of the stone in a photograph of the stone sheet. */
    @PostMapping(
            value = "/outlines",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    TracedStone trace(@RequestParam(defaultValue = "0") double girdleMm, @RequestBody byte[] photograph) {
        if (!(girdleMm >= 0 && girdleMm <= 10)) {
            throw new BadInput("girdleMm", girdleMm, "must be from 0 to 10 mm");
        }
        BufferedImage picture = read(photograph);
        return watch.many(() -> told(Tracing.of(picture, girdleMm)));
    }

    /** What the camera sees. */
    @GetMapping(value = "/camera/photograph", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] photograph() {
        return written(camera.take());
    }

    private static TracedStone told(Tracing traced) {
        List<List<Double>> points = traced.outline().points();
        double across =
                points.stream().mapToDouble(p -> Math.abs(p.get(0))).max().orElseThrow();
        double up = points.stream().mapToDouble(p -> Math.abs(p.get(1))).max().orElseThrow();
        double half = ROOM * Math.max(across, up);
        String picture =
                "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(written(traced.flat(half, FLAT_PX)));
        return new TracedStone(
                points,
                traced.girthMm(),
                2 * up,
                2 * across,
                traced.uprightDeg(),
                traced.tiltDeg(),
                traced.uncertaintyMm(),
                picture,
                half);
    }

    private static byte[] written(BufferedImage picture) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "jpg", bytes);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return bytes.toByteArray();
    }

    /** Unpacks a picture, after its size is known. */
    private static BufferedImage read(byte[] bytes) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (readers.hasNext()) {
                ImageReader reader = readers.next();
                reader.setInput(in);
                long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
                if (pixels > MOST_PIXELS) {
                    throw new BadInput("photograph", pixels + " pixels", "must have at most " + MOST_PIXELS);
                }
                return reader.read(0);
            }
        } catch (IOException | RuntimeException broken) {
            if (broken instanceof BadInput bad) {
                throw bad;
            }
            // Said below.
        }
        throw new BadInput("photograph", bytes.length + " bytes", "must be a picture in JPEG or PNG that can be read");
    }
}
