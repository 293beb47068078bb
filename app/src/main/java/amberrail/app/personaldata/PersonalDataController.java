package amberrail.app.personaldata;

import amberrail.app.people.PeopleService;
import amberrail.app.people.PersonView;
import amberrail.app.people.Role;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Costly;
import amberrail.app.web.MayBeMissing;
import amberrail.app.web.Races;
import amberrail.app.words.WordCatalogue;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is kept about a person. */
@RestController
@RequestMapping("/api/v1/people/{id}")
class PersonalDataController {
    private final PersonalData data;
    private final PersonalDataRights rights;
    private final PersonZip zip;
    private final PeopleService people;

    PersonalDataController(PersonalData data, PersonalDataRights rights, PersonZip zip, PeopleService people) {
        this.data = data;
        this.rights = rights;
        this.zip = zip;
        this.people = people;
    }

    /** How much there is of one kind, and what becomes of it when the person is erased. */
    record KeptView(
            DataKind kind,
            DataKind.Fate fate,
            int records,
            @MayBeMissing Instant first,
            @MayBeMissing Instant last) {}

    /** What was asked for, by whom, and from when on it is done. */
    record ErasureView(Erasures.Way way, String askedBy, Instant askedAt, Instant dueAt) {}

    /**
     * @param sharedSessions sessions in which others took part too
     * @param mayDownload    whether the one who asks may have all of it, not only how much there is
     */
    record PersonalDataView(
            UUID id,
            String name,
            Role role,
            List<KeptView> kept,
            int sharedSessions,
            boolean mayDownload,
            @MayBeMissing ErasureView erasure) {
        static PersonalDataView of(PersonalData.Overview one) {
            return new PersonalDataView(
                    one.person().id(),
                    one.person().name(),
                    one.person().role(),
                    one.kept().stream()
                            .map(kept -> new KeptView(
                                    kept.kind(),
                                    kept.kind().fate(),
                                    kept.records(),
                                    kept.first().orElse(null),
                                    kept.last().orElse(null)))
                            .toList(),
                    one.sharedSessions(),
                    one.mayLook(),
                    one.asked()
                            .map(asked ->
                                    new ErasureView(asked.way(), asked.askedByName(), asked.askedAt(), asked.dueAt()))
                            .orElse(null));
        }
    }

    /**
     * @param now      at once, not in two weeks
     * @param password of whoever asks
     */
    record ErasureAsked(
            @NotNull Erasures.Way way,
            boolean now,
            @NotNull @Size(max = 800) String password) {}

    @GetMapping("/data")
    PersonalDataView kept(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return PersonalDataView.of(data.of(who, id));
    }

    @Costly
    @GetMapping(path = "/data.zip", produces = "application/zip")
    ResponseEntity<byte[]> zip(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) throws IOException {
        PersonView person = rights.toLookAt(who, id);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        zip.write(who, person, new WordCatalogue(people.preferences(who).dialect()), out);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("kept-about-me.zip")
                                .build()
                                .toString())
                .body(out.toByteArray());
    }

    @PostMapping("/erasure")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody ErasureAsked body) {
        Races.again(() -> data.ask(who, id, body.way(), body.now(), body.password()));
    }

    @DeleteMapping("/erasure")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void callOff(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        data.callOff(who, id);
    }
}
