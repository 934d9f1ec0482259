package nodyes.server.web;

import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** The built front end: the shop's script, and the back office with its addresses. */
@Configuration
class StaticFiles implements WebMvcConfigurer {
  private static final String ROOT = "classpath:/web/";

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    var anyYear = CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();
    var aWhile = CacheControl.maxAge(Duration.ofMinutes(10)).cachePublic();
    add(registry, "/assets/**", ROOT + "assets/", anyYear);
    add(registry, "/nodyes/**", ROOT + "nodyes/", aWhile);
    add(registry, "/nodyes.js", ROOT, aWhile);
    registry
        .addResourceHandler("/**")
        .addResourceLocations(ROOT)
        // its policy names the shop: an answer that it is as before would leave an old one in force
        .setCacheControl(CacheControl.noStore())
        .setUseLastModified(false)
        .resourceChain(true)
        .addResolver(new BackOfficePage());
  }

  /** The resource handler takes no empty path: the back office's bare address goes to its page. */
  @Override
  public void addViewControllers(ViewControllerRegistry registry) {
    registry.addViewController("/").setViewName("forward:/index.html");
  }

  private static void add(
      ResourceHandlerRegistry registry, String addresses, String folder, CacheControl cache) {
    registry
        .addResourceHandler(addresses)
        .addResourceLocations(folder)
        .setCacheControl(cache)
        .resourceChain(true)
        .addResolver(new EncodedResourceResolver())
        .addResolver(new PathResourceResolver());
  }

  /** Every address of the back office answers with its one page, which then shows the place. */
  private static final class BackOfficePage extends PathResourceResolver {
    @Override
    protected @Nullable Resource getResource(String path, Resource location) throws IOException {
      Resource file = path.isEmpty() ? null : super.getResource(path, location);
      if (file != null) {
        return file;
      }
      boolean isFile = path.substring(path.lastIndexOf('/') + 1).contains(".");
      var page = new ClassPathResource("web/index.html");
      boolean elsewhere =
          path.startsWith("api/") || path.startsWith("embed/") || path.startsWith("v3/") || isFile;
      return elsewhere || !page.exists() ? null : page;
    }
  }
}
