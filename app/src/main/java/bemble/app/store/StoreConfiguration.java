package bemble.app.store;

import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.context.annotation.Configuration;

/** Finds the mappers of this package. */
@Configuration
@MapperScan(basePackageClasses = StoreConfiguration.class, annotationClass = Mapper.class)
class StoreConfiguration {}
