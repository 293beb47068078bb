package amberrail.app.racks;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.core.rack.RackPosition;
import amberrail.core.rack.RackReview;
import amberrail.core.rack.RackShot;
import amberrail.core.rack.RecordedRack;
import amberrail.core.rack.RecordedShot;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Racks of one student as the review reads them. */
@Component
@Transactional(readOnly = true)
class RackReviewReader {
    private static final int NEWEST = 200;

    private final RackRepository racks;
    private final RackShotRepository shots;
    private final RackService service;
    private final Access access;

    RackReviewReader(RackRepository racks, RackShotRepository shots, RackService service, Access access) {
        this.racks = racks;
        this.shots = shots;
        this.service = service;
        this.access = access;
    }

    /** The newest racks, of one game where one is named. */
    List<RackReview.Rack> racks(SignedIn who, UUID studentId, Optional<String> game) {
        access.requireStudent(who, studentId);
        List<RackEntity> found = racks.findByStudentIdOrderByStartedAtDescIdDesc(studentId, Limit.of(NEWEST)).stream()
                .filter(rack -> game.map(rack.game::equals).orElse(true))
                .toList();
        Map<UUID, List<RackShotEntity>> written =
                shots
                        .findByRackIdInOrderByNumberAscChangedAtAsc(
                                found.stream().map(rack -> rack.id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(row -> row.rackId));
        return found.stream()
                .map(rack -> rack(rack, written.getOrDefault(rack.id, List.of())))
                .toList();
    }

    private RackReview.Rack rack(RackEntity rack, List<RackShotEntity> rows) {
        List<RecordedShot> counted = service.counted(rows);
        return new RackReview.Rack(
                service.played(rack, counted),
                counted,
                Optional.ofNullable(rack.chance).map(chance -> new RackReview.Chance(chance, rack.chanceError)),
                rack.breakDown == null
                        ? Optional.empty()
                        : Optional.of(
                                new RackReview.PlayedBreak(rack.breakDown, Boolean.TRUE.equals(rack.breakInOff))));
    }

    /** Shots of which the stroke was planned, with how everything lay. */
    static List<RackShot> planned(List<RackReview.Rack> racks) {
        List<RackShot> planned = new ArrayList<>();
        for (RackReview.Rack rack : racks) {
            RecordedRack played = rack.played();
            for (int i = 0; i < rack.shots().size(); i++) {
                planned(played.before().get(i), rack.shots().get(i)).ifPresent(planned::add);
            }
        }
        return planned;
    }

    private static Optional<RackShot> planned(RackPosition before, RecordedShot shot) {
        if (shot.stroke().isEmpty()
                || shot.ball().isEmpty()
                || shot.pocket().isEmpty()
                || before.cue().isEmpty()
                || !shot.outcome().isPlayed()) {
            return Optional.empty();
        }
        return Optional.of(new RackShot(
                before,
                shot.ball().get(),
                shot.pocket().get(),
                shot.stroke().get(),
                shot.down().contains(shot.ball().get()),
                shot.landing()));
    }
}
