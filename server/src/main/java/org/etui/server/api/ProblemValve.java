package org.etui.server.api;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** Answers what the web server itself refuses, such as an address that is none, with a problem document, too. */
public final class ProblemValve extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, Throwable thrown) {
        if (response.getStatus() < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        HttpStatus status = HttpStatus.valueOf(response.getStatus());
        try {
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getOutputStream().write(Problems.bytes(status, words(status)));
            response.finishResponse();
        } catch (IOException | IllegalStateException gone) {
            container.getLogger().debug("nobody to tell", gone);
        }
    }

    private static String words(HttpStatus status) {
        return status.is4xxClientError()
                ? "The request is none that can be read: its address, headers or body are broken."
                : "Something went wrong here; nothing was changed.";
    }
}
