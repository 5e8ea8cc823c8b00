package bravium.server.web;

import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/**
 * The built files carry a hash in their names and may be kept; the page itself may not. Every
 * address that is neither a file, nor the API's or the supervisors', is the front end's: it gets
 * the page.
 */
@Configuration(proxyBeanMethods = false)
class FrontEnd implements WebMvcConfigurer {

  private static final String FILES = "classpath:/static/";

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations(FILES + "assets/")
        .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
    registry
        .addResourceHandler("/**")
        .addResourceLocations(FILES)
        .setCacheControl(CacheControl.noCache())
        .resourceChain(true)
        .addResolver(new FileOrPage());
  }

  private static final class FileOrPage extends PathResourceResolver {

    @Override
    protected @Nullable Resource getResource(String path, Resource location) throws IOException {
      Resource file = path.isEmpty() ? null : super.getResource(path, location);
      if (file != null) {
        return file;
      }
      Resource page = new ClassPathResource("static/index.html");
      boolean ofTheFrontEnd =
          !path.startsWith("api/") && !path.startsWith("actuator/") && !path.contains(".");
      return ofTheFrontEnd && page.exists() ? page : null;
    }
  }
}
