package evencistern.server.page;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the page. Every address of a view leads to the one page; addresses of the interface never do. */
@Configuration
class PageSetup implements WebMvcConfigurer {

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache())
                .resourceChain(false)
                .addResolver(new PathResourceResolver() {
                    @Override
                    protected @org.jspecify.annotations.Nullable Resource getResource(String path, Resource location)
                            throws java.io.IOException {
                        Resource asked = super.getResource(path, location);
                        boolean view = !path.startsWith("api/") && !path.contains(".");
                        return asked != null || !view ? asked : new ClassPathResource("static/index.html");
                    }
                });
    }
}
