package amberrail.app.kit;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KitFiguresRepository extends JpaRepository<KitFiguresEntity, UUID> {
    List<KitFiguresEntity> findAllByThingIdOrderByVersionDesc(UUID thingId);

    Optional<KitFiguresEntity> findFirstByThingIdOrderByVersionDesc(UUID thingId);

    Optional<KitFiguresEntity> findByIdAndThingId(UUID id, UUID thingId);

    /** The latest of each thing of a sort; {@code without} a source that says nothing about the figures. */
    @Query("select f from KitFiguresEntity f where f.thing = :thing and f.version ="
            + " (select max(g.version) from KitFiguresEntity g where g.thingId = f.thingId"
            + " and (:without is null or g.source <> :without))")
    List<KitFiguresEntity> latest(KitThing thing, FigureSource without);
}
