package org.etui.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets in only what this machine's own pages send: Host and Origin must be local, bodies must be JSON, photographs pictures. Every answer
 * forbids scripts, frames and requests from elsewhere.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Guard extends OncePerRequestFilter {
    private static final Set<String> LOCAL = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final Set<String> WRITES = Set.of("POST", "PUT", "PATCH");
    private static final Pattern BROKEN_PERCENT = Pattern.compile("%(?![0-9A-Fa-f]{2})");
    private static final String ZIP = "application/zip";
    static final String POLICY = "Content-Security-Policy";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader(POLICY, policy(""));
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        String origin = request.getHeader("Origin");
        if (!LOCAL.contains(host(request.getHeader("Host")))) {
            refuse(response, HttpStatus.FORBIDDEN, "Host must be 127.0.0.1 or localhost.");
        } else if (origin != null && !isOwn(origin, request.getHeader("Host"))) {
            refuse(response, HttpStatus.FORBIDDEN, "Origin must be this application itself.");
        } else if (!isReadable(request.getQueryString())) {
            refuse(
                    response,
                    HttpStatus.BAD_REQUEST,
                    "The query of the address is broken: % stands before two hex digits.");
        } else if (WRITES.contains(request.getMethod()) && hasBody(request) && !isKnown(request)) {
            refuse(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "Content-Type must be "
                            + (isPhotograph(request)
                                    ? "image/jpeg or image/png."
                                    : "application/json" + (isImport(request) ? " or application/zip." : ".")));
        } else if (request.getContentLengthLong() > most(request)) {
            refuse(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    "The body was " + request.getContentLengthLong() + " bytes; it must be at most " + most(request)
                            + ".");
        } else {
            chain.doFilter(new BoundedRequest(request, most(request)), response);
        }
    }

    /** What a page may load and run: what this application serves, and styles that {@code style} names. */
    static String policy(String style) {
        return "default-src 'self'; style-src 'self' " + style + "; img-src 'self' data: blob:; "
                + "object-src 'none'; base-uri 'none'; frame-ancestors 'self'; form-action 'self'";
    }

    private static boolean isReadable(String query) {
        return query == null || !BROKEN_PERCENT.matcher(query).find();
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
    }

    /** Documents are JSON everywhere; where files are read, archives are, too. */
    private static boolean isKnown(HttpServletRequest request) {
        return isPhotograph(request)
                ? is(request, MediaType.IMAGE_JPEG_VALUE) || is(request, MediaType.IMAGE_PNG_VALUE)
                : is(request, MediaType.APPLICATION_JSON_VALUE) || isImport(request) && is(request, ZIP);
    }

    private static boolean isPhotograph(HttpServletRequest request) {
        return request.getRequestURI().equals("/api/outlines");
    }

    private static boolean isImport(HttpServletRequest request) {
        return request.getRequestURI().endsWith("/import");
    }

    private static int most(HttpServletRequest request) {
        if (isPhotograph(request)) {
            return OutlineController.MOST_BYTES;
        }
        if (request.getRequestURI().equals("/api/backup/import")) {
            return BackupFile.MOST_BYTES;
        }
        return isImport(request) && is(request, ZIP) ? Files.MOST_ARCHIVE_BYTES : RecordConverter.MOST_BYTES;
    }

    private static boolean is(HttpServletRequest request, String wanted) {
        String type = request.getContentType();
        return type != null && type.split(";", 2)[0].strip().equalsIgnoreCase(wanted);
    }

    private static String host(String header) {
        return header == null ? "" : header.replaceFirst(":\\d+$", "").toLowerCase(Locale.ROOT);
    }

    private static boolean isOwn(String origin, String host) {
        try {
            return URI.create(origin).getScheme() != null
                    && URI.create(origin).getScheme().startsWith("http")
                    && host.equalsIgnoreCase(URI.create(origin).getAuthority());
        } catch (IllegalArgumentException odd) {
            return false;
        }
    }

    private static void refuse(HttpServletResponse response, HttpStatus status, String detail) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(Problems.bytes(status, detail));
    }
}
