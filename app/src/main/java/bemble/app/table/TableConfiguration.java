package bemble.app.table;

import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.beans.factory.config.BeanFactoryPostProcessor;
import org.springframework.beans.factory.config.ConstructorArgumentValues;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.util.ClassUtils;

/** Finds the mappers, each beside its feature. */
@Configuration
@MapperScan(
    basePackages = "bemble.app",
    annotationClass = Mapper.class,
    sqlSessionTemplateRef = "sqlSessionTemplate")
class TableConfiguration {
  /**
   * Registers the mappers by class: the scanner knows them by name, but the build needs their
   * classes.
   */
  @Bean
  static BeanFactoryPostProcessor mapperClasses() {
    return factory -> {
      for (String name : factory.getBeanDefinitionNames()) {
        BeanDefinition mapper = factory.getBeanDefinition(name);
        ConstructorArgumentValues arguments = mapper.getConstructorArgumentValues();
        if (MapperFactoryBean.class.getName().equals(mapper.getBeanClassName())
            && !arguments.getGenericArgumentValues().isEmpty()) {
          Object type = arguments.getGenericArgumentValues().get(0).getValue();
          ClassLoader classes = factory.getBeanClassLoader();
          arguments.clear();
          arguments.addIndexedArgumentValue(
              0, ClassUtils.resolveClassName(String.valueOf(type), classes));
        }
      }
    };
  }
}
