package bemble.app.table;

import org.mybatis.spring.mapper.MapperScannerConfigurer;
import org.springframework.beans.factory.aot.BeanRegistrationExcludeFilter;
import org.springframework.beans.factory.support.RegisteredBean;

/**
 * Where the build has worked the beans out, the mappers are among them and not looked for again.
 */
class MappersAreKnown implements BeanRegistrationExcludeFilter {
  @Override
  public boolean isExcludedFromAotProcessing(RegisteredBean bean) {
    return MapperScannerConfigurer.class.isAssignableFrom(bean.getBeanClass());
  }
}
