package amberrail.app.tokens;

import amberrail.app.people.PeopleService;
import amberrail.app.people.SecretToken;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Makes, knows and ends tokens; of each only a hash is kept. */
@Service
class Tokens {
    static final String PREFIX = "ar_";
    private static final int MOST = 20;
    /** When it was last used is written once a minute at most. */
    private static final Duration NOTED_EVERY = Duration.ofMinutes(1);

    private final JdbcClient sql;
    private final PeopleService people;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final Cache<UUID, Boolean> notedLately = Caffeine.newBuilder()
            .maximumSize(10_000)
            .expireAfterWrite(NOTED_EVERY)
            .build();

    Tokens(JdbcClient sql, PeopleService people, Clock clock, PlatformTransactionManager transactions) {
        this.sql = sql;
        this.people = people;
        this.clock = clock;
        transaction = new TransactionTemplate(transactions);
    }

    /** @param lastUsedAt empty: never yet */
    record Token(
            UUID id, String name, TokenScope scope, Instant madeAt, Instant expiresAt, Optional<Instant> lastUsedAt) {}

    /** @param secret shown once */
    record Made(Token token, String secret) {}

    /** Whoever comes with a token, and how far it goes. */
    record Known(SignedIn who, TokenScope scope) {}

    @Transactional
    Made make(SignedIn who, String name, TokenScope scope, int days) {
        if (scope == TokenScope.METRICS && !who.headCoach()) {
            throw new NotAllowed("Only the head coach can let a program read how the server does.");
        }
        if (of(who).size() >= MOST) {
            throw new Conflict("TOO_MANY_TOKENS", "There are " + MOST + " tokens already. End one first.", null);
        }
        String secret = PREFIX + SecretToken.make();
        Instant now = now();
        Token token = new Token(
                UUID.randomUUID(), name.strip(), scope, now, now.plus(Duration.ofDays(days)), Optional.empty());
        sql.sql("insert into access_token (id, account_id, name, token_hash, scope, made_at, expires_at)"
                        + " values (?, ?, ?, ?, ?, ?, ?)")
                .params(
                        token.id(),
                        who.accountId(),
                        token.name(),
                        SecretToken.hash(secret),
                        scope.name(),
                        now.atOffset(ZoneOffset.UTC),
                        token.expiresAt().atOffset(ZoneOffset.UTC))
                .update();
        return new Made(token, secret);
    }

    List<Token> of(SignedIn who) {
        return sql.sql("select * from access_token where account_id = ? order by made_at desc")
                .param(who.accountId())
                .query(Tokens::token)
                .list();
    }

    private static Token token(ResultSet row, int number) throws SQLException {
        return new Token(
                row.getObject("id", UUID.class),
                row.getString("name"),
                TokenScope.valueOf(row.getString("scope")),
                instant(row, "made_at").orElseThrow(),
                instant(row, "expires_at").orElseThrow(),
                instant(row, "last_used_at"));
    }

    private static Optional<Instant> instant(ResultSet row, String column) throws SQLException {
        return Optional.ofNullable(row.getObject(column, OffsetDateTime.class)).map(OffsetDateTime::toInstant);
    }

    @Transactional
    void end(SignedIn who, UUID id) {
        int ended = sql.sql("delete from access_token where id = ? and account_id = ?")
                .params(id, who.accountId())
                .update();
        if (ended == 0) {
            throw new Missing("token");
        }
    }

    /** Empty for one that was never made, has ended or run out, or whose owner has left. */
    Optional<Known> known(String secret) {
        record Stored(UUID id, UUID account, TokenScope scope) {}
        Instant now = now();
        Optional<Stored> stored = sql.sql(
                        "select id, account_id, scope from access_token where token_hash = ? and expires_at > ?")
                .params(SecretToken.hash(secret), now.atOffset(ZoneOffset.UTC))
                .query((row, n) -> new Stored(
                        row.getObject(1, UUID.class),
                        row.getObject(2, UUID.class),
                        TokenScope.valueOf(row.getString(3))))
                .optional();
        stored.ifPresent(one -> noteUse(one.id(), now));
        return stored.flatMap(one -> people.actingAs(one.account()).map(who -> new Known(who, one.scope())));
    }

    private void noteUse(UUID id, Instant now) {
        if (notedLately.asMap().putIfAbsent(id, true) == null) {
            transaction.executeWithoutResult(begun -> sql.sql("update access_token set last_used_at = ? where id = ?")
                    .params(now.atOffset(ZoneOffset.UTC), id)
                    .update());
        }
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
