package gladtile.server.support;

import java.io.IOException;
import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Gives out the built front end. Addresses of screens, which name no file, all get its one page. */
@Configuration
class WebFiles implements WebMvcConfigurer {
    private final String folder;

    WebFiles(GladProperties properties) {
        folder = properties.web().toAbsolutePath().toUri().toString();
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        String root = folder.endsWith("/") ? folder : folder + "/";
        // Their names hold a hash of what is in them, so they may be kept for ever.
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(root + "assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver())
                .addResolver(new PathResourceResolver());
        registry.addResourceHandler("/library/**")
                .addResourceLocations(root + "library/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePublic())
                .resourceChain(true)
                .addResolver(new PictureResolver());
        registry.addResourceHandler("/**")
                .addResourceLocations(root)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(false)
                .addResolver(new ScreenResolver());
    }

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/").setViewName("forward:/index.html");
    }

    /** Pictures only: the list of their words, which teachers search, tells what a picture on a page is called. */
    private static final class PictureResolver extends PathResourceResolver {
        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            return path.endsWith(".json") ? null : super.getResource(path, location);
        }
    }

    private static final class ScreenResolver extends PathResourceResolver {
        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            Resource file = super.getResource(path, location);
            boolean screen = file == null && !path.startsWith("api/") && !path.contains(".");
            return screen ? super.getResource("index.html", location) : file;
        }
    }
}
