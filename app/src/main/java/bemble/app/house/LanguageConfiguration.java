package bemble.app.house;

import bemble.app.words.Sentences;
import java.text.MessageFormat;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.context.MessageSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.support.AbstractMessageSource;
import org.springframework.web.servlet.LocaleResolver;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.i18n.CookieLocaleResolver;
import org.springframework.web.servlet.i18n.LocaleChangeInterceptor;

/**
 * The language of a request: the one that this browser asked for last with {@code ?lang}, else that
 * of the class.
 */
@Configuration
class LanguageConfiguration implements WebMvcConfigurer {
  @Bean
  LocaleResolver localeResolver(Classes classes) {
    CookieLocaleResolver resolver = new CookieLocaleResolver("bemble-language");
    resolver.setDefaultLocaleFunction(request -> Locale.forLanguageTag(classes.language()));
    resolver.setRejectInvalidCookies(false);
    resolver.setCookieHttpOnly(true);
    resolver.setCookieSameSite("Strict");
    return resolver;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    LocaleChangeInterceptor change = new LocaleChangeInterceptor();
    change.setParamName("lang");
    change.setIgnoreInvalidLocale(true);
    registry.addInterceptor(change);
  }

  /** The sentences with which a request is refused whose fields are not valid. */
  @Bean
  MessageSource messageSource() {
    return new AbstractMessageSource() {
      @Override
      protected @Nullable MessageFormat resolveCode(String code, Locale locale) {
        return code.startsWith("valid.")
            ? new MessageFormat(Sentences.of(code).replace("'", "''"), locale)
            : null;
      }
    };
  }
}
