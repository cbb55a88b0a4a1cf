package bemble.app.refusal;

import bemble.app.words.Sentences;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.Context;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.apache.catalina.valves.ValveBase;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;

/** Gives the refusals of the container, which come before any filter, the shape of all others. */
@Configuration
class ContainerErrors {
  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> plainErrors() {
    return factory ->
        factory.addContextCustomizers(
            (Context context) -> {
              context.getParent().getPipeline().addValve(new Headers());
              context.getParent().getPipeline().addValve(new Report());
            });
  }

  /** Sets the headers of every answer, also of those that never reach a filter. */
  private static final class Headers extends ValveBase {
    Headers() {
      super(true);
    }

    @Override
    public void invoke(Request request, Response response)
        throws IOException, jakarta.servlet.ServletException {
      SafeHeaders.write(request, response);
      getNext().invoke(request, response);
    }
  }

  /** Says in a sentence what the container would say on a page of its own. */
  private static final class Report extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, Throwable failure) {
      int status = response.getStatus();
      if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
        return;
      }
      try {
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response
            .getReporter()
            .write(
                ErrorBodies.json(
                    ErrorBodies.of(
                        HttpStatusCode.valueOf(status),
                        "no-request",
                        Sentences.of("failed.no-request"))));
        response.finishResponse();
      } catch (IOException e) {
        getContainer().getLogger().debug("Gone before the answer", e);
      }
    }
  }
}
