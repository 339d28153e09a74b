package unbo.app.guard;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.support.StandardServletMultipartResolver;
import org.springframework.web.servlet.DispatcherServlet;

/** Takes a body apart only where photographs are sent: nobody else sends parts. */
@Component(DispatcherServlet.MULTIPART_RESOLVER_BEAN_NAME)
class PictureParts extends StandardServletMultipartResolver {

  @Override
  public boolean isMultipart(HttpServletRequest request) {
    return Bounds.takesPictures(request);
  }
}
