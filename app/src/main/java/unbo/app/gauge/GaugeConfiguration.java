package unbo.app.gauge;

import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Lets the hub keep its lines awake. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
class GaugeConfiguration {}
