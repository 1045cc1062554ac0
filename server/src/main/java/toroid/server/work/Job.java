package toroid.server.work;

import jakarta.persistence.Entity;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import toroid.server.store.Stored;

/** Something to be made, of any kind. */
@Entity
class Job extends Stored {
    private String kind;
    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private String content;

    private int contentVersion;
    private UUID parentId;
    private String glance;

    void fill(String newKind, String newName, String newContent, int version) {
        kind = newKind;
        name = newName;
        content = newContent;
        contentVersion = version;
        glance = null;
    }

    /** Laid out for another job. */
    void under(UUID parent) {
        parentId = parent;
    }

    /** Not looked at since its content, or what it is made of, changed. */
    boolean isUnseen() {
        return glance == null;
    }

    /** The job it is laid out for; null for none. */
    UUID parentId() {
        return parentId;
    }

    String kind() {
        return kind;
    }

    String name() {
        return name;
    }

    String content() {
        return content;
    }

    int contentVersion() {
        return contentVersion;
    }
}
