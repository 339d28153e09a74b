package unbo.app.guard;

import org.apache.catalina.core.StandardHost;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** What the server itself refuses; its other bounds are in {@code application.yml}. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class ServerBounds implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addContextCustomizers(
        context ->
            ((StandardHost) context.getParent())
                .setErrorReportValveClass(UnreadRequest.class.getName()));
    factory.addEngineValves(new ArrivingBytes());
    factory.addConnectorCustomizers(
        connector -> connector.setProperty("maxParameterCount", String.valueOf(Bounds.FIELDS + 1)));
  }
}
