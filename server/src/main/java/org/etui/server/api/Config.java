package org.etui.server.api;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import org.apache.catalina.core.StandardHost;
import org.etui.server.contract.Reader;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;

/** Wires the web layer: one JSON converter for everything of ours, an injected clock, what browsers may keep. */
@Configuration(proxyBeanMethods = false)
class Config implements WebMvcConfigurer {
    private static final String STATIC = "classpath:/static/";
    private final Reader reader;

    Config(Reader reader) {
        this.reader = reader;
    }

    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder builder) {
        builder.configureMessageConvertersList(
                converters -> converters.addAll(0, List.of(new RecordConverter(reader))));
    }

    /** What carries a hash in its name never changes; the page that names it is asked for every time. */
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(STATIC + "assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
                .resourceChain(true)
                .addResolver(smallest());
        registry.addResourceHandler("/**").addResourceLocations(STATIC).setCacheControl(CacheControl.noCache());
    }

    /** Who takes Brotli gets what was compressed once at the build; others what the server compresses. */
    private static EncodedResourceResolver smallest() {
        EncodedResourceResolver resolver = new EncodedResourceResolver();
        resolver.setContentCodings(List.of("br"));
        return resolver;
    }

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> brokenRequests() {
        return factory -> factory.addContextCustomizers(
                context -> ((StandardHost) context.getParent()).setErrorReportValveClass(ProblemValve.class.getName()));
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
