package amberrail.app.lab;

import amberrail.app.kit.KitService;
import amberrail.app.people.SignedIn;
import org.springframework.stereotype.Component;

/** The kit that a question of the lab is asked of. */
@Component
class LabKits {
    private final KitService kit;

    LabKits(KitService kit) {
        this.kit = kit;
    }

    LabKit of(SignedIn who, LabAsk ask) {
        LabKit chosen =
                ask.tableId().map(id -> LabKit.of(kit.table(id).spec())).orElseGet(() -> LabKit.usual(ask.kind()));
        return ask.cueId()
                .map(id -> kit.cue(who, id).figures())
                .map(cue -> chosen.withCue(
                        cue.tipDiameterMillimetres(),
                        cue.endMassRatio().value(),
                        cue.elevationDegrees().value()))
                .orElse(chosen);
    }
}
