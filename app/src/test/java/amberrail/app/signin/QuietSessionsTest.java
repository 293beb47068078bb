package amberrail.app.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.MapSession;

/** A use within the minute is not written; everything else is. */
class QuietSessionsTest {
    private static final Instant WRITTEN = Instant.parse("2026-11-26T10:00:00Z");

    @SuppressWarnings("unchecked")
    private final FindByIndexNameSessionRepository<MapSession> stored = mock(FindByIndexNameSessionRepository.class);

    private final QuietSessions<MapSession> sessions = new QuietSessions<>(stored);
    private final MapSession session = new MapSession();

    @BeforeEach
    void aSessionUsedAtTen() {
        session.setLastAccessedTime(WRITTEN);
        when(stored.findById(session.getId())).thenReturn(session);
    }

    @Test
    void anotherUseWithinTheMinuteIsNotWritten() {
        var found = sessions.findById(session.getId());
        found.setLastAccessedTime(WRITTEN.plusSeconds(59));
        sessions.save(found);
        verify(stored, never()).save(any());
        assertThat(session.getLastAccessedTime()).isEqualTo(WRITTEN);
    }

    @Test
    void aUseAfterAMinuteIs() {
        var found = sessions.findById(session.getId());
        found.setLastAccessedTime(WRITTEN.plusSeconds(60));
        sessions.save(found);
        verify(stored).save(session);
        assertThat(session.getLastAccessedTime()).isEqualTo(WRITTEN.plusSeconds(60));
    }

    @Test
    void whatSomebodySignedInAsIsWrittenAtOnce() {
        var found = sessions.findById(session.getId());
        found.setAttribute("who", "iris");
        sessions.save(found);
        verify(stored).save(session);
        assertThat(session.<String>getAttribute("who")).isEqualTo("iris");
    }

    @Test
    void aRequestReadsItOnceAndTheNextOneAnew() {
        sessions.beginRequest();
        var found = sessions.findById(session.getId());
        sessions.save(found);
        assertThat(sessions.findById(session.getId())).isSameAs(found);
        verify(stored, times(1)).findById(session.getId());
        sessions.endRequest();
        when(stored.findById(session.getId())).thenReturn(null);
        sessions.beginRequest();
        assertThat(sessions.findById(session.getId()))
                .as("signed out elsewhere meanwhile")
                .isNull();
        sessions.endRequest();
    }

    @Test
    void whoSignsOutIsNotRememberedForTheRestOfTheRequest() {
        sessions.beginRequest();
        sessions.findById(session.getId());
        sessions.deleteById(session.getId());
        when(stored.findById(session.getId())).thenReturn(null);
        assertThat(sessions.findById(session.getId())).isNull();
        sessions.endRequest();
    }

    @Test
    void aNewSessionIsWrittenAndAnUnknownOneIsNone() {
        when(stored.createSession()).thenReturn(new MapSession());
        sessions.save(sessions.createSession());
        verify(stored).save(any());
        assertThat(sessions.findById("nobody")).isNull();
    }
}
