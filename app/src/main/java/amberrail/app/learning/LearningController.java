package amberrail.app.learning;

import amberrail.app.kit.KitService;
import amberrail.app.kit.KitViews.FigureView;
import amberrail.app.people.SignedIn;
import amberrail.core.kit.CheckedTable;
import amberrail.core.kit.Estimated;
import amberrail.core.kit.TableFigure;
import amberrail.core.kit.TableFigures;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What called strokes tell of a table: a proposal with its evidence, for coaches. */
@RestController
@RequestMapping("/api/v1/kit/tables/{id}/learning")
class LearningController {
    private final Learning learning;
    private final KitService kit;

    LearningController(Learning learning, KitService kit) {
        this.learning = learning;
        this.kit = kit;
    }

    /**
     * One number as play has it, as a coach would say it.
     *
     * @param differs whether what is believed lies outside its interval
     */
    record LearntRow(TableFigure number, FigureView learnt, FigureView believed, boolean differs) {}

    /** How many times what they call a student strikes. */
    record PaceRow(UUID studentId, String name, FigureView times) {}

    /**
     * What was learnt.
     *
     * @param proposes whether any number differs from what is believed
     */
    record LearningView(
            Learning.State state,
            int strokes,
            int students,
            int version,
            boolean proposes,
            List<LearntRow> numbers,
            List<PaceRow> paces) {}

    /** Which version of the table was looked at. */
    record TakeLearnt(int version) {}

    @GetMapping
    LearningView learnt(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        Learning.Standing standing = learning.of(who, id);
        KitService.ClubTable table = kit.table(id);
        Learning.Finding finding = standing.finding();
        List<LearntRow> rows =
                finding.figures().map(figures -> rows(table, figures)).orElse(List.of());
        return new LearningView(
                standing.state(),
                finding.strokes(),
                finding.paces().size(),
                table.version(),
                rows.stream().anyMatch(LearntRow::differs),
                rows,
                finding.paces().entrySet().stream()
                        .map(pace ->
                                new PaceRow(pace.getKey().id(), pace.getKey().name(), FigureView.of(pace.getValue())))
                        .toList());
    }

    /** Those of which play tells something. */
    private List<LearntRow> rows(KitService.ClubTable table, TableFigures learnt) {
        CheckedTable checked = CheckedTable.of(table.spec());
        TableFigures prior = TableFigures.preset(checked);
        TableFigures believed = kit.figures(table.id());
        return Stream.of(TableFigure.ROLLING_FRICTION, TableFigure.SLIDING_FRICTION, TableFigure.CUSHION_RESTITUTION)
                .filter(figure -> learnt.tells(figure, prior))
                .map(figure -> {
                    Estimated now = believed.of(figure);
                    return new LearntRow(
                            figure,
                            FigureView.of(learnt.asSaid(figure, checked)),
                            FigureView.of(believed.asSaid(figure, checked)),
                            !learnt.of(figure).interval().contains(now.value()));
                })
                .toList();
    }

    @PostMapping("/take")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody TakeLearnt body) {
        learning.take(who, id, body.version());
    }
}
