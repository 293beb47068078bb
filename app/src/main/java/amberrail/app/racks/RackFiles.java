package amberrail.app.racks;

import amberrail.app.people.SignedIn;
import amberrail.app.racks.RackViews.PlayedRackShot;
import amberrail.app.racks.RackViews.RackRow;
import amberrail.app.racks.RackViews.RackView;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** A student's racks as files (docs/formats/racks.md). */
@Component
public class RackFiles {
    static final String FORMAT = "amber-rail-racks";
    static final int VERSION = 1;
    private static final int MOST = 1_000;

    private final RackReader reader;
    private final ObjectMapper json;

    RackFiles(RackReader reader, ObjectMapper json) {
        this.reader = reader;
        this.json = json;
    }

    /** One shot with its id. */
    record FileShot(@NotNull UUID id, @NotNull @Valid RackShotBody shot) {}

    /** One rack with its shots. */
    record FileRack(
            @NotNull UUID id,
            @NotNull @Valid RackBody rack,
            @NotNull @Size(max = 120) List<@NotNull @Valid FileShot> shots) {}

    /** A file of racks. */
    record RackFile(
            @NotNull String format,
            int version,
            @NotNull @Size(max = MOST) List<@NotNull @Valid FileRack> racks) {}

    /** Both files with what is in them. */
    public record Written(int racks, int shots, byte[] json, String csv) {}

    public Written of(SignedIn who, UUID studentId) {
        List<RackView> views = all(who, studentId);
        try {
            int shots = views.stream().mapToInt(view -> view.shots().size()).sum();
            return new Written(views.size(), shots, json.writeValueAsBytes(file(views)), csv(views));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("these are plain values", e);
        }
    }

    RackFile file(SignedIn who, UUID studentId) {
        return file(all(who, studentId));
    }

    String csv(SignedIn who, UUID studentId) {
        return csv(all(who, studentId));
    }

    private static RackFile file(List<RackView> views) {
        List<FileRack> told = new ArrayList<>();
        for (RackView view : views) {
            told.add(new FileRack(
                    view.row().id(),
                    body(view),
                    view.shots().stream()
                            .map(shot -> new FileShot(shot.id(), shot.shot()))
                            .toList()));
        }
        return new RackFile(FORMAT, VERSION, told);
    }

    private static String csv(List<RackView> views) {
        List<RackShotCsv.Row> rows = new ArrayList<>();
        for (RackView view : views) {
            for (PlayedRackShot shot : view.shots()) {
                rows.add(new RackShotCsv.Row(view.row(), shot));
            }
        }
        return RackShotCsv.of(rows);
    }

    private static RackBody body(RackView view) {
        return new RackBody(
                view.row().studentId(),
                view.row().tableId(),
                view.rules(),
                view.layout(),
                view.row().origin(),
                view.breakDown(),
                view.breakInOff(),
                view.plan(),
                view.note(),
                view.row().startedAt());
    }

    private List<RackView> all(SignedIn who, UUID studentId) {
        List<RackView> views = new ArrayList<>();
        Optional<Instant> before = Optional.empty();
        do {
            RackViews.RackPage page = reader.list(who, studentId, before);
            for (RackRow row : page.racks()) {
                views.add(reader.view(who, row.id()));
            }
            before = Optional.ofNullable(page.next());
        } while (before.isPresent() && views.size() < MOST);
        return views;
    }
}
