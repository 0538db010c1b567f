package org.etui.server.api;

import java.io.IOException;
import java.lang.reflect.Type;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.springframework.core.GenericTypeResolver;
import org.springframework.core.ResolvableType;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.AbstractGenericHttpMessageConverter;
import tools.jackson.databind.JsonNode;

/** Reads records of the contract through their schema and writes them as they are; bodies over 1 MB are refused. */
class RecordConverter extends AbstractGenericHttpMessageConverter<Object> {
    static final int MOST_BYTES = 1_000_000;
    private final Reader reader;

    RecordConverter(Reader reader) {
        super(MediaType.APPLICATION_JSON, new MediaType("application", "*+json"));
        this.reader = reader;
    }

    /** A body that is too large. */
    static final class TooLarge extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final long most;

        TooLarge(long most) {
            super("larger than " + most + " bytes");
            this.most = most;
        }

        /** What is allowed, bytes. */
        long most() {
            return most;
        }
    }

    @Override
    protected boolean supports(Class<?> type) {
        return type.isRecord() || JsonNode.class.isAssignableFrom(type) || java.util.List.class.isAssignableFrom(type);
    }

    @Override
    public Object read(Type type, Class<?> context, HttpInputMessage message) throws IOException {
        return readInternal(
                ResolvableType.forType(GenericTypeResolver.resolveType(type, context))
                        .toClass(),
                message);
    }

    @Override
    protected Object readInternal(Class<?> type, HttpInputMessage message) throws IOException {
        byte[] body = message.getBody().readNBytes(MOST_BYTES + 1);
        if (body.length > MOST_BYTES) {
            throw new TooLarge(MOST_BYTES);
        }
        return JsonNode.class.isAssignableFrom(type) ? reader.tree(body) : reader.read(body, type);
    }

    @Override
    protected void writeInternal(Object value, Type type, HttpOutputMessage message) throws IOException {
        message.getBody()
                .write(value instanceof Written written ? written.json() : Json.MAPPER.writeValueAsBytes(value));
    }
}
