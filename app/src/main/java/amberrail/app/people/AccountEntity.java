package amberrail.app.people;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;

@Entity
@DynamicUpdate
@Table(name = "account")
class AccountEntity {
    @Id
    UUID id;

    /** Two who change it at once notice each other; null until it is stored. */
    @Version
    Integer version;

    String name;
    String signInName;
    String passwordHash;

    @Enumerated(EnumType.STRING)
    Role role;

    boolean headCoach;

    @Enumerated(EnumType.STRING)
    Preferences.Dialect dialect;

    @Enumerated(EnumType.STRING)
    Preferences.LengthUnit lengthUnit;

    @Enumerated(EnumType.STRING)
    Preferences.Theme theme;

    @Enumerated(EnumType.STRING)
    Preferences.TipNotation tipNotation;

    @Enumerated(EnumType.STRING)
    Preferences.PaceNotation paceNotation;

    Instant createdAt;

    /** Since when they are in no list and cannot sign in; null for everybody who is here. */
    Instant archivedAt;

    Preferences preferences() {
        return new Preferences(dialect, lengthUnit, theme, tipNotation, paceNotation);
    }

    void setPreferences(Preferences preferences) {
        dialect = preferences.dialect();
        lengthUnit = preferences.lengthUnit();
        theme = preferences.theme();
        tipNotation = preferences.tipNotation();
        paceNotation = preferences.paceNotation();
    }

    SignedIn signedIn() {
        return new SignedIn(id, role, headCoach);
    }
}
