package org.etui.server.api;

import java.time.Clock;
import java.util.List;
import org.etui.server.contract.Reader;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Wires the web layer: one JSON converter for everything of ours, an injected clock. */
@Configuration(proxyBeanMethods = false)
class Config implements WebMvcConfigurer {
    private final Reader reader;

    Config(Reader reader) {
        this.reader = reader;
    }

    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder builder) {
        builder.configureMessageConvertersList(
                converters -> converters.addAll(0, List.of(new RecordConverter(reader))));
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
