package org.etui.server.api;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;

/** A request whose body ends with an error where it is larger than allowed, whatever length it announced, or none. */
final class BoundedRequest extends HttpServletRequestWrapper {
    private final long most;

    /** @param most what the body may hold, bytes */
    BoundedRequest(HttpServletRequest request, long most) {
        super(request);
        this.most = most;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new Bounded(super.getInputStream());
    }

    private final class Bounded extends ServletInputStream {
        private final ServletInputStream body;
        private long read;

        Bounded(ServletInputStream body) {
            this.body = body;
        }

        @Override
        public int read() throws IOException {
            int next = body.read();
            count(next < 0 ? 0 : 1);
            return next;
        }

        @Override
        public int read(byte[] into, int offset, int length) throws IOException {
            int next = body.read(into, offset, length);
            count(Math.max(0, next));
            return next;
        }

        private void count(int bytes) {
            read += bytes;
            if (read > most) {
                throw new RecordConverter.TooLarge(most);
            }
        }

        @Override
        public boolean isFinished() {
            return body.isFinished();
        }

        @Override
        public boolean isReady() {
            return body.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            body.setReadListener(listener);
        }
    }
}
