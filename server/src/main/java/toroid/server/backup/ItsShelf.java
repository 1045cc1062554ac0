package toroid.server.backup;

import java.nio.file.Path;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The server's own shelf of backups; without a folder where none are kept. */
@Configuration(proxyBeanMethods = false)
class ItsShelf {
    @Bean
    BackupShelf shelf(
            DataSource source,
            @Value("${toroid.backups:}") String folder,
            @Value("${spring.flyway.default-schema:public}") String schema) {
        return new BackupShelf(folder.isBlank() ? null : Path.of(folder).toAbsolutePath(), source, schema);
    }
}
