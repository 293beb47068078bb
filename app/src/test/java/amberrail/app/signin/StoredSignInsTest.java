package amberrail.app.signin;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.Role;
import amberrail.app.people.SignedIn;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.core.serializer.support.SerializingConverter;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextImpl;

class StoredSignInsTest {
    private final StoredSignIns stored = new StoredSignIns(StoredSignInsTest.class.getClassLoader());

    @Test
    void theSameBytesAreTheSamePersonInAContextOfItsOwn() {
        SignedIn iris = new SignedIn(UUID.randomUUID(), Role.COACH, true);
        SecurityContext first = read(bytes(iris));
        SecurityContext second = read(bytes(iris));

        assertThat(second.getAuthentication().getPrincipal()).isEqualTo(iris);
        assertThat(second.getAuthentication()).isSameAs(first.getAuthentication());
        assertThat(second).isNotSameAs(first);
        // What a request does to its own context is nobody else's.
        first.setAuthentication(null);
        assertThat(read(bytes(iris)).getAuthentication().getPrincipal()).isEqualTo(iris);
    }

    @Test
    void anotherPersonAndAnotherRoleAreNeverTakenForTheOneBefore() {
        UUID account = UUID.randomUUID();
        for (SignedIn who : List.of(
                new SignedIn(account, Role.COACH, true),
                new SignedIn(account, Role.COACH, false),
                new SignedIn(account, Role.STUDENT, false),
                new SignedIn(UUID.randomUUID(), Role.STUDENT, false))) {
            assertThat(read(bytes(who)).getAuthentication().getPrincipal()).isEqualTo(who);
            assertThat(read(bytes(who)).getAuthentication().getPrincipal()).isEqualTo(who);
        }
    }

    @Test
    void moreSignInsThanAreRememberedAreStillReadRight() {
        List<SignedIn> club = IntStream.range(0, 450)
                .mapToObj(n -> new SignedIn(UUID.randomUUID(), Role.STUDENT, false))
                .toList();
        for (int round = 0; round < 2; round++) {
            for (SignedIn who : club) {
                assertThat(read(bytes(who)).getAuthentication().getPrincipal()).isEqualTo(who);
            }
        }
    }

    @Test
    void whatIsNoSignInIsReadAsItIs() {
        byte[] code = Objects.requireNonNull(new SerializingConverter().convert("a code"));
        assertThat(stored.convert(code)).isEqualTo("a code");
        assertThat(stored.convert(code)).isEqualTo("a code");
        byte[] nobody = Objects.requireNonNull(new SerializingConverter().convert(new SecurityContextImpl()));
        assertThat(((SecurityContext) stored.convert(nobody)).getAuthentication())
                .isNull();
    }

    private SecurityContext read(byte[] bytes) {
        return (SecurityContext) stored.convert(bytes);
    }

    private static byte[] bytes(SignedIn who) {
        SecurityContext context =
                new SecurityContextImpl(UsernamePasswordAuthenticationToken.authenticated(who, null, List.of()));
        return Objects.requireNonNull(new SerializingConverter().convert(context));
    }
}
