package amberrail.app.shots;

import amberrail.app.shots.RecipeAnswers.RecipesView;
import amberrail.app.shots.ShotAnswers.ShotPathView;
import amberrail.app.shots.ShotAnswers.SuccessView;
import amberrail.app.shots.ShotRequests.RecipesRequest;
import amberrail.app.shots.ShotRequests.SimulateRequest;
import amberrail.app.shots.ShotRequests.SuccessRequest;
import amberrail.app.web.ChangesNothing;
import amberrail.app.web.Costly;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Questions to the engine; anybody signed in may ask, nothing is stored. */
@RestController
@RequestMapping("/api/v1/shots")
class ShotController {
    private final ShotService shots;

    ShotController(ShotService shots) {
        this.shots = shots;
    }

    @ChangesNothing
    @PostMapping("/simulate")
    ShotPathView simulate(@Valid @RequestBody SimulateRequest request) {
        return shots.simulate(request);
    }

    @Costly
    @ChangesNothing
    @PostMapping("/success")
    SuccessView success(@Valid @RequestBody SuccessRequest request) {
        return shots.success(request);
    }

    @Costly
    @ChangesNothing
    @PostMapping("/recipes")
    RecipesView recipes(@Valid @RequestBody RecipesRequest request) {
        return shots.recipes(request);
    }
}
