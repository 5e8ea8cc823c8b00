package bravium.server.web;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The built files carry a hash in their names and may be kept; the page itself may not. */
@Configuration(proxyBeanMethods = false)
class FrontEnd implements WebMvcConfigurer {

  private static final String PAGE = "forward:/index.html";

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
    registry
        .addResourceHandler("/index.html")
        .addResourceLocations("classpath:/static/")
        .setCacheControl(CacheControl.noCache());
  }

  @Override
  public void addViewControllers(ViewControllerRegistry registry) {
    for (String address :
        new String[] {
          "/",
          "/sign-in",
          "/activities",
          "/activities/{id}",
          "/present/{id}",
          "/play",
          "/play/{code}"
        }) {
      registry.addViewController(address).setViewName(PAGE);
    }
  }
}
