package upahead.server.platform.sql;

import java.util.Set;
import org.springframework.boot.sql.init.dependency.AbstractBeansOfTypeDatabaseInitializerDetector;

/** Has everybody who asks the database wait until its tables are up to date. */
final class TablesFirst extends AbstractBeansOfTypeDatabaseInitializerDetector {

    @Override
    protected Set<Class<?>> getDatabaseInitializerBeanTypes() {
        return Set.of(Upgrade.class);
    }
}
