package bemble.app.store;

import org.mybatis.spring.annotation.MapperScan;
import org.springframework.context.annotation.Configuration;

/** Finds the mappers of this package. */
@Configuration
@MapperScan(basePackageClasses = StoreConfiguration.class)
class StoreConfiguration {}
