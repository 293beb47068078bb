package amberrail.app.people;

import amberrail.app.web.Races;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Random secrets of this installation, made when they are first needed and kept with the data. */
@Component
public class InstallationSecrets {
    private static final int BYTES = 32;

    private final JdbcClient sql;
    private final SecureRandom random = new SecureRandom();
    private final Map<String, byte[]> known = new ConcurrentHashMap<>();

    InstallationSecrets(JdbcClient sql) {
        this.sql = sql;
    }

    /** The 32 bytes under this name, the same for ever. */
    public byte[] named(String name) {
        return known.computeIfAbsent(name, one -> Races.again(() -> stored(one).orElseGet(() -> made(one))))
                .clone();
    }

    private Optional<byte[]> stored(String name) {
        return sql.sql("select secret from installation_secret where name = ?")
                .param(name)
                .query(String.class)
                .optional()
                .map(text -> Base64.getDecoder().decode(text));
    }

    private byte[] made(String name) {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        sql.sql("insert into installation_secret (name, secret) values (?, ?)")
                .params(name, Base64.getEncoder().encodeToString(bytes))
                .update();
        return bytes;
    }
}
