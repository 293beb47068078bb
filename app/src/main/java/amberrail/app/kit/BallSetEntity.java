package amberrail.app.kit;

import amberrail.core.table.BallSet;
import amberrail.core.table.BallSpec;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "ball_set")
class BallSetEntity {
    @Id
    UUID id;

    String name;
    int version;
    double cueBallDiameterMillimetres;
    double cueBallMassKilograms;
    double objectBallDiameterMillimetres;
    double objectBallMassKilograms;

    static BallSetEntity of(String name, BallSet balls) {
        BallSetEntity entity = new BallSetEntity();
        entity.id = UUID.randomUUID();
        entity.name = name;
        entity.version = 1;
        entity.cueBallDiameterMillimetres = balls.cueBall().diameterMillimetres();
        entity.cueBallMassKilograms = balls.cueBall().massKilograms();
        entity.objectBallDiameterMillimetres = balls.objectBall().diameterMillimetres();
        entity.objectBallMassKilograms = balls.objectBall().massKilograms();
        return entity;
    }

    BallSet toBallSet() {
        return new BallSet(
                new BallSpec(cueBallDiameterMillimetres, cueBallMassKilograms),
                new BallSpec(objectBallDiameterMillimetres, objectBallMassKilograms));
    }
}
