package amberrail.app.web;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Serves the packed front end: hashed files are kept for a year, the page itself is always asked for again. */
@Configuration(proxyBeanMethods = false)
class FrontEnd implements WebMvcConfigurer {
    private static final String PACKED = "classpath:/META-INF/resources/";

    /** Each path that the client's router knows; any other is a plain 404. */
    private static final String[] CLIENT_ROUTES = {
        "/",
        "/sign-in",
        "/welcome",
        "/invitation/*",
        "/shared/*",
        "/today",
        "/drills",
        "/drills/*",
        "/drills/*/bench",
        "/plan",
        "/plan/*",
        "/plan/blocks/*",
        "/kit",
        "/kit/aim",
        "/kit/tables/*",
        "/kit/checks/*",
        "/table",
        "/table/*",
        "/table/*/end",
        "/review",
        "/review/*",
        "/progress",
        "/progress/*",
        "/lab",
        "/racks",
        "/racks/new",
        "/racks/*",
        "/people",
        "/people/*/data",
        "/settings"
    };

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(PACKED + "assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
        registry.addResourceHandler("/index.html", "/favicon.svg", "/sw.js", "/workbox-*.js", "/manifest.webmanifest")
                .addResourceLocations(PACKED)
                .setCacheControl(CacheControl.noCache());
    }

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String route : CLIENT_ROUTES) {
            registry.addViewController(route).setViewName("forward:/index.html");
        }
    }
}
