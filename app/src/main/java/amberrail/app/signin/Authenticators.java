package amberrail.app.signin;

import amberrail.app.people.PeopleService;
import amberrail.app.people.PersonView;
import amberrail.app.people.SecretToken;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Conflict;
import amberrail.app.web.Refused;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Codes of an authenticator app at the sign-in, for whoever wants them. The secret has to be kept as it is, since codes are worked out from it; of
 * recovery codes only hashes are kept, and each opens the door once. Whoever has lost both asks for a new one-time link, which turns them off.
 */
@Service
@Transactional
class Authenticators {
    private static final int RECOVERY_CODES = 10;
    private static final int RECOVERY_LENGTH = 10;
    /** Without letters and digits that are taken for one another. */
    private static final String RECOVERY_LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";

    private static final SecureRandom RANDOM = new SecureRandom();

    private final JdbcClient sql;
    private final PeopleService people;
    private final Clock clock;
    private final OneTimeCodes codes = new OneTimeCodes();

    Authenticators(JdbcClient sql, PeopleService people, Clock clock) {
        this.sql = sql;
        this.people = people;
        this.clock = clock;
    }

    /** @param recoveryCodesLeft that were not used yet */
    record AuthenticatorState(boolean on, int recoveryCodesLeft) {}

    /** @param uri for the app, as a picture that it reads */
    record AuthenticatorSecret(String secret, String uri) {}

    private record Kept(String secret, boolean confirmed, long lastStep) {}

    @Transactional(readOnly = true)
    AuthenticatorState state(SignedIn who) {
        return new AuthenticatorState(
                isOn(who.accountId()),
                sql.sql("select count(*) from recovery_code where account_id = ? and used_at is null")
                        .param(who.accountId())
                        .query(Integer.class)
                        .single());
    }

    boolean isOn(UUID account) {
        return kept(account).filter(Kept::confirmed).isPresent();
    }

    private Optional<Kept> kept(UUID account) {
        return sql.sql("select secret, confirmed_at, last_step from authenticator where account_id = ?")
                .param(account)
                .query((row, n) -> new Kept(row.getString(1), row.getObject(2) != null, row.getLong(3)))
                .optional();
    }

    /** A new secret, which counts once a code of it has been typed. */
    AuthenticatorSecret begin(SignedIn who) {
        if (isOn(who.accountId())) {
            throw new Conflict("ALREADY_ON", "Codes are asked for already. Turn them off first.", null);
        }
        String secret = OneTimeCodes.newSecret();
        forget(who.accountId());
        sql.sql("insert into authenticator (account_id, secret) values (?, ?)")
                .params(who.accountId(), secret)
                .update();
        PersonView person = people.person(who.accountId());
        String label = URLEncoder.encode("Amber Rail:" + person.name(), StandardCharsets.UTF_8)
                .replace("+", "%20");
        return new AuthenticatorSecret(
                secret, "otpauth://totp/" + label + "?secret=" + secret + "&issuer=Amber%20Rail");
    }

    /** Turns codes on for whoever types one; the answer is the recovery codes, shown once. */
    List<String> confirm(SignedIn who, String code) {
        Kept kept = kept(who.accountId())
                .filter(one -> !one.confirmed())
                .orElseThrow(() -> new Conflict("NOT_BEGUN", "Begin again: there is no new secret to confirm.", null));
        OptionalLong step = codes.stepOf(kept.secret(), digits(code), Instant.now(clock), kept.lastStep());
        if (step.isEmpty()) {
            throw new Refused(
                    "code",
                    "Code: that is not what the app shows now. If it keeps being refused, look whether the phone's clock is right.");
        }
        sql.sql("update authenticator set confirmed_at = ?, last_step = ? where account_id = ?")
                .params(now(), step.getAsLong(), who.accountId())
                .update();
        List<String> recovery = new ArrayList<>();
        for (int i = 0; i < RECOVERY_CODES; i++) {
            String one = recoveryCode();
            recovery.add(one);
            sql.sql("insert into recovery_code (account_id, code_hash) values (?, ?)")
                    .params(who.accountId(), SecretToken.hash(one))
                    .update();
        }
        return recovery;
    }

    /** Whoever calls this has asked for the password, or knows the person otherwise. */
    void turnOff(UUID account) {
        forget(account);
    }

    private void forget(UUID account) {
        sql.sql("delete from recovery_code where account_id = ?").param(account).update();
        sql.sql("delete from authenticator where account_id = ?").param(account).update();
    }

    /** Uses up a code of the app or a recovery code; false where it is neither. Each is good once. */
    boolean accepts(UUID account, String typed) {
        Kept kept = kept(account).orElseThrow();
        OptionalLong step = codes.stepOf(kept.secret(), digits(typed), Instant.now(clock), kept.lastStep());
        if (step.isPresent()) {
            // Of two who come with the same code at once only one gets in.
            return sql.sql("update authenticator set last_step = ? where account_id = ? and last_step < ?")
                            .params(step.getAsLong(), account, step.getAsLong())
                            .update()
                    == 1;
        }
        return sql.sql(
                                "update recovery_code set used_at = ? where account_id = ? and code_hash = ? and used_at is null")
                        .params(now(), account, SecretToken.hash(asItWasShown(typed)))
                        .update()
                == 1;
    }

    /** Apps show the digits in two groups. */
    private static String digits(String typed) {
        return typed.replaceAll("\\s", "");
    }

    /** A recovery code is read off paper: capitals, and anything or nothing between its halves, are as good. */
    private static String asItWasShown(String typed) {
        String signs = typed.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
        return signs.length() == RECOVERY_LENGTH ? inHalves(signs) : signs;
    }

    private static String inHalves(String signs) {
        return signs.substring(0, RECOVERY_LENGTH / 2) + "-" + signs.substring(RECOVERY_LENGTH / 2);
    }

    private static String recoveryCode() {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < RECOVERY_LENGTH; i++) {
            code.append(RECOVERY_LETTERS.charAt(RANDOM.nextInt(RECOVERY_LETTERS.length())));
        }
        return inHalves(code.toString());
    }

    private OffsetDateTime now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS).atOffset(ZoneOffset.UTC);
    }
}
