package amberrail.app.racks;

import amberrail.app.kit.PointView;
import amberrail.app.people.Access;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.racks.RackViews.PlayedRackShot;
import amberrail.app.racks.RackViews.RackPage;
import amberrail.app.racks.RackViews.RackRow;
import amberrail.app.racks.RackViews.RackView;
import amberrail.core.rack.RackGame;
import amberrail.core.rack.RackGames;
import amberrail.core.rack.RackPosition;
import amberrail.core.rack.RecordedRack;
import com.fasterxml.jackson.core.type.TypeReference;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Reads racks. */
@Component
@Transactional(readOnly = true)
class RackReader {
    private static final int PAGE = 40;

    private final RackRepository racks;
    private final RackShotRepository shots;
    private final RackService service;
    private final RackJson json;
    private final Access access;
    private final PeopleService people;

    RackReader(
            RackRepository racks,
            RackShotRepository shots,
            RackService service,
            RackJson json,
            Access access,
            PeopleService people) {
        this.people = people;
        this.racks = racks;
        this.shots = shots;
        this.service = service;
        this.json = json;
        this.access = access;
    }

    RackPage list(SignedIn who, UUID studentId, Optional<Instant> before) {
        access.requireStudent(who, studentId);
        String name = people.person(studentId).name();
        Limit most = Limit.of(PAGE + 1);
        List<RackEntity> found = before.map(
                        at -> racks.findByStudentIdAndStartedAtBeforeOrderByStartedAtDescIdDesc(studentId, at, most))
                .orElseGet(() -> racks.findByStudentIdOrderByStartedAtDescIdDesc(studentId, most));
        List<RackRow> rows =
                found.stream().limit(PAGE).map(rack -> row(rack, name)).toList();
        return new RackPage(name, rows, found.size() > PAGE ? rows.get(PAGE - 1).startedAt() : null);
    }

    private RackRow row(RackEntity rack, String studentName) {
        return new RackRow(
                rack.id,
                rack.studentId,
                studentName,
                rack.tableId,
                rack.tableName,
                rack.game,
                rack.origin,
                rack.startedAt,
                rack.endReason,
                service.layoutOf(rack).balls().size(),
                rack.potted,
                rack.points,
                rack.chance,
                rack.chanceError);
    }

    RackView view(SignedIn who, UUID id) {
        RackEntity rack = service.rack(who, id);
        List<RackShotEntity> rows = shots.findByRackIdOrderByNumberAscChangedAtAsc(id).stream()
                .filter(row -> !row.withdrawn)
                .toList();
        RecordedRack played = service.played(rack, service.counted(rows));
        List<PlayedRackShot> told = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            told.add(new PlayedRackShot(
                    rows.get(i).id,
                    json.read(rows.get(i).shot, RackShotBody.class),
                    laid(played.before().get(i))));
        }
        return new RackView(
                row(rack, people.person(rack.studentId).name()),
                RackGames.byKey(rack.game),
                service.rulesOf(rack),
                service.layoutOf(rack),
                rack.plan == null ? List.of() : json.read(rack.plan, new TypeReference<>() {}),
                rack.note,
                rack.breakDown,
                rack.breakInOff,
                told,
                laid(played.now()),
                rack.revision);
    }

    private static RackLayoutBody laid(RackPosition position) {
        RackGame game = position.game();
        List<RackLayoutBody.LaidBall> balls = new ArrayList<>();
        for (int i = 0; i < game.balls().size(); i++) {
            if (position.place(i) != null) {
                balls.add(new RackLayoutBody.LaidBall(game.balls().get(i).id(), PointView.of(position.place(i))));
            }
        }
        return new RackLayoutBody(
                game.key(), balls, position.cue().map(PointView::of).orElse(null), position.stageId());
    }
}
