package amberrail.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import amberrail.app.config.AmberRailProperties;
import amberrail.app.web.Missing;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;
import org.springframework.util.unit.DataSize;

/** A link's life by the clock; the store stands in for time that no real test can wait for. */
class OneTimeLinksTest {
    private static final Instant NOW = Instant.parse("2026-11-24T10:00:00Z");
    private static final UUID ACCOUNT = UUID.randomUUID();

    private final Map<String, InvitationEntity> stored = new HashMap<>();
    private final InvitationRepository invitations = mock(InvitationRepository.class);

    @BeforeEach
    void aStoreInMemory() {
        when(invitations.save(any())).thenAnswer(call -> {
            InvitationEntity invitation = call.getArgument(0);
            stored.put(invitation.tokenHash, invitation);
            return invitation;
        });
        when(invitations.findById(any()))
                .thenAnswer(call -> Optional.ofNullable(stored.get(call.<String>getArgument(0))));
    }

    @Test
    void aLinkWorksUntilItsLastMoment() {
        String token = at(NOW).issue(ACCOUNT);
        assertThat(at(NOW.plus(Duration.ofDays(14)).minusSeconds(1)).accountOf(token))
                .isEqualTo(ACCOUNT);
        assertThatThrownBy(() -> at(NOW.plus(Duration.ofDays(14))).accountOf(token))
                .isInstanceOf(Missing.class);
    }

    @Test
    void whatIsStoredIsNotTheLink() {
        String token = at(NOW).issue(ACCOUNT);
        assertThat(stored.keySet())
                .noneMatch(hash -> hash.contains(token))
                .allMatch(hash -> hash.matches("[0-9a-f]{64}"));
        assertThat(at(NOW).issue(ACCOUNT)).isNotEqualTo(token);
    }

    @Test
    void aNewLinkEndsTheOldOneFirst() {
        at(NOW).issue(ACCOUNT);
        InOrder order = inOrder(invitations);
        order.verify(invitations).deleteByAccountId(ACCOUNT);
        order.verify(invitations).save(any());
    }

    @Test
    void anInventedTokenFindsNobody() {
        assertThatThrownBy(() -> at(NOW).accountOf("invented")).isInstanceOf(Missing.class);
    }

    private OneTimeLinks at(Instant moment) {
        AmberRailProperties properties = new AmberRailProperties(
                Path.of("unused"),
                Duration.ofDays(14),
                DataSize.ofKilobytes(128),
                DataSize.ofMegabytes(4),
                true,
                new AmberRailProperties.BackupProperties("", ""),
                12);
        return new OneTimeLinks(invitations, properties, Clock.fixed(moment, ZoneOffset.UTC));
    }
}
