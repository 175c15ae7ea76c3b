package org.handdown.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.web.context.WebServerPortFileWriter;

/** Starts the web application. */
@SpringBootApplication
public class HandDown {
    public static void main(String[] args) {
        SpringApplication application = new SpringApplication(HandDown.class);
        application.addListeners(new WebServerPortFileWriter());
        application.run(args);
    }
}
