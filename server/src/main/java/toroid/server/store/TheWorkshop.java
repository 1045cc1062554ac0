package toroid.server.store;

import java.util.UUID;
import org.hibernate.cfg.AvailableSettings;
import org.hibernate.context.spi.CurrentTenantIdentifierResolver;
import org.springframework.boot.autoconfigure.orm.jpa.HibernatePropertiesCustomizer;
import org.springframework.stereotype.Component;

/**
 * Which workshop is spoken for: every row read is of it, every row written is put in it ({@link Stored}). There is one today; who comes
 * in will say which.
 */
@Component
public class TheWorkshop implements CurrentTenantIdentifierResolver<UUID>, HibernatePropertiesCustomizer {
    /** The one there is, as the migrations made it. */
    public static final UUID ONLY = UUID.fromString("00000000-0000-4000-8000-000000000001");

    @Override
    public UUID resolveCurrentTenantIdentifier() {
        return ONLY;
    }

    @Override
    public boolean validateExistingCurrentSessions() {
        return true;
    }

    @Override
    public void customize(java.util.Map<String, Object> properties) {
        properties.put(AvailableSettings.MULTI_TENANT_IDENTIFIER_RESOLVER, this);
    }
}
