package bravium.server.media;

import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.http.server.ServletServerHttpResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/**
 * A part of a file that lies beyond its end is answered with 416 and nothing else (RFC 9110,
 * 15.5.17): Spring says 416 and sends the whole file with it.
 */
@ControllerAdvice
class BeyondTheEnd implements ResponseBodyAdvice<Object> {

  @Override
  public boolean supports(
      MethodParameter method, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public @Nullable Object beforeBodyWrite(
      @Nullable Object body,
      MethodParameter method,
      MediaType type,
      Class<? extends HttpMessageConverter<?>> converter,
      ServerHttpRequest request,
      ServerHttpResponse response) {
    boolean beyond =
        body instanceof Resource
            && response instanceof ServletServerHttpResponse servlet
            && servlet.getServletResponse().getStatus()
                == HttpStatus.REQUESTED_RANGE_NOT_SATISFIABLE.value();
    return beyond ? new ByteArrayResource(new byte[0]) : body;
  }
}
