package bravium.bench;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.SpringBootConfiguration;
import org.springframework.boot.autoconfigure.ImportAutoConfiguration;
import org.springframework.boot.http.converter.autoconfigure.HttpMessageConvertersAutoConfiguration;
import org.springframework.boot.jackson.autoconfigure.JacksonAutoConfiguration;
import org.springframework.boot.tomcat.autoconfigure.servlet.TomcatServletWebServerAutoConfiguration;
import org.springframework.boot.webmvc.autoconfigure.DispatcherServletAutoConfiguration;
import org.springframework.boot.webmvc.autoconfigure.WebMvcAutoConfiguration;
import org.springframework.boot.webmvc.autoconfigure.error.ErrorMvcAutoConfiguration;

/** A bare Spring Boot server: a web server and nothing else, for comparing the start with. */
@SpringBootConfiguration
@ImportAutoConfiguration({
  JacksonAutoConfiguration.class,
  HttpMessageConvertersAutoConfiguration.class,
  TomcatServletWebServerAutoConfiguration.class,
  DispatcherServletAutoConfiguration.class,
  WebMvcAutoConfiguration.class,
  ErrorMvcAutoConfiguration.class
})
public class BareServer {

  /** Starts it. */
  public static void main(String[] arguments) {
    SpringApplication.run(BareServer.class, arguments);
  }
}
