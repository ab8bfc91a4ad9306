package ulnaawl.server.http;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the web application; an address inside it leads to its one page. */
@Configuration
@RequiredArgsConstructor
class WebPages implements WebMvcConfigurer {

  private static final Duration FOR_GOOD = Duration.ofDays(365);

  private final KnownParameters parameters;
  private final KeptAnswers answers;

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(parameters).addPathPatterns("/api/**");
    registry.addInterceptor(answers).addPathPatterns("/api/**");
  }

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    // The name of what the pages are made of changes with what is in it: a browser keeps it for
    // good.
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(FOR_GOOD).cachePublic().immutable())
        .resourceChain(false)
        .addResolver(packed())
        .addResolver(new PathResourceResolver());
    // No address is remembered: every one leads to the one page, and strangers choose them.
    registry
        .addResourceHandler("/**")
        .addResourceLocations("classpath:/static/")
        .setCacheControl(CacheControl.noCache())
        .resourceChain(false)
        .addResolver(packed())
        .addResolver(new OnePage());
  }

  /** What the build has packed beside each file. */
  private static EncodedResourceResolver packed() {
    EncodedResourceResolver packed = new EncodedResourceResolver();
    packed.setContentCodings(List.of("br", "gzip"));
    return packed;
  }

  private static final class OnePage extends PathResourceResolver {
    @Override
    protected @Nullable Resource getResource(String path, Resource location) throws IOException {
      Resource asked = super.getResource(path, location);
      if (asked != null) {
        return asked;
      }
      boolean inside = !path.startsWith("api/") && !path.contains(".");
      return inside ? new ClassPathResource("/static/index.html") : null;
    }
  }
}
