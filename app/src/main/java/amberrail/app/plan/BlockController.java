package amberrail.app.plan;

import amberrail.app.people.SignedIn;
import amberrail.app.web.ChangesNothing;
import amberrail.app.web.Costly;
import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.Skill;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Blocks of three or four weeks. */
@RestController
@RequestMapping("/api/v1")
class BlockController {
    private final BlockService blocks;

    BlockController(BlockService blocks) {
        this.blocks = blocks;
    }

    /**
     * A block to keep.
     *
     * @param minutes    of a session in its usual weeks
     * @param focus      skills that count more; none: as in the goals
     * @param newShot    a drill for a few minutes every time; left out: none
     * @param revision   that was changed; 0 for a new one
     */
    record BlockBody(
            @NotNull UUID studentId,
            @NotBlank @Size(max = 80) String title,
            @NotNull LocalDate beginsOn,
            @Min(3) @Max(4) int weeks,
            @NotEmpty @Size(max = 7) List<@NotNull DayOfWeek> weekdays,
            @Min(10) @Max(600) int minutes,
            @NotNull @Size(max = 7) List<@NotNull Skill> focus,
            @MayBeMissing @Size(max = 60) String newShot,
            @Min(0) @Max(30) int newMinutes,
            boolean mixed,
            @MayBeMissing UUID tableId,
            int revision) {
        BlockService.Wanted wanted() {
            Set<Skill> focused = EnumSet.noneOf(Skill.class);
            focused.addAll(focus);
            return new BlockService.Wanted(
                    studentId,
                    title,
                    beginsOn,
                    weeks,
                    EnumSet.copyOf(weekdays),
                    minutes,
                    focused,
                    Optional.ofNullable(newShot).filter(id -> newMinutes > 0),
                    newMinutes,
                    mixed,
                    Optional.ofNullable(tableId));
        }
    }

    /** Which week to plan for everybody: those that begin in the seven days from then. */
    record WeekOfAll(@NotNull LocalDate from) {}

    /** How many students got their week. */
    record WeekMade(int blocks) {}

    @GetMapping("/blocks")
    List<BlockView> list(@AuthenticationPrincipal SignedIn who, @RequestParam Optional<UUID> studentId) {
        return blocks.list(who, studentId);
    }

    @GetMapping("/blocks/{id}")
    BlockView block(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "UTC") ZoneId zone) {
        return blocks.find(who, id, zone);
    }

    /** What the weeks of a block would be; nothing is kept. */
    @ChangesNothing
    @PostMapping("/block-previews")
    BlockView preview(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody BlockBody body) {
        return blocks.preview(who, body.wanted());
    }

    @PostMapping("/blocks")
    @ResponseStatus(HttpStatus.CREATED)
    BlockView create(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody BlockBody body) {
        return blocks.create(who, body.wanted());
    }

    /** Refused (409) if somebody else has changed it since. */
    @PutMapping("/blocks/{id}")
    BlockView change(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @Valid @RequestBody BlockBody body,
            @RequestParam(defaultValue = "UTC") ZoneId zone) {
        return blocks.change(who, id, body.revision(), body.wanted(), zone);
    }

    @PostMapping("/blocks/{id}/archive")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        blocks.archive(who, id);
    }

    /** Makes the plans of one of its weeks; refused (409) where it has some. */
    @Costly
    @PostMapping("/blocks/{id}/weeks/{week}")
    BlockView planWeek(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @PathVariable int week,
            @RequestParam(defaultValue = "UTC") ZoneId zone) {
        return blocks.planWeek(who, id, week, zone);
    }

    /** The same for everybody whom this coach sees, where it is still to be done. */
    @Costly
    @PostMapping("/plan-weeks")
    WeekMade planWeekOfAll(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody WeekOfAll body) {
        return new WeekMade(blocks.planWeekOfAll(who, body.from()));
    }
}
