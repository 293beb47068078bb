package amberrail.app.kit;

import amberrail.core.table.BallSet;
import amberrail.core.table.BallSpec;
import amberrail.core.table.TableKind;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
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
    boolean archived;

    /** The game that it is taken for where nobody chose. */
    @Enumerated(EnumType.STRING)
    TableKind usualFor;

    static BallSetEntity of(String name, BallSet balls) {
        BallSetEntity entity = new BallSetEntity();
        entity.id = UUID.randomUUID();
        entity.name = name;
        entity.version = 1;
        entity.fill(balls);
        return entity;
    }

    void fill(BallSet balls) {
        cueBallDiameterMillimetres = balls.cueBall().diameterMillimetres();
        cueBallMassKilograms = balls.cueBall().massKilograms();
        objectBallDiameterMillimetres = balls.objectBall().diameterMillimetres();
        objectBallMassKilograms = balls.objectBall().massKilograms();
    }

    BallSet toBallSet() {
        return new BallSet(
                new BallSpec(cueBallDiameterMillimetres, cueBallMassKilograms),
                new BallSpec(objectBallDiameterMillimetres, objectBallMassKilograms));
    }
}
