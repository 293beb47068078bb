package amberrail.app.people;

import java.util.UUID;

/**
 * A person as others see them.
 *
 * @param canSignIn whether a password has been set
 */
public record PersonView(UUID id, String name, Role role, boolean headCoach, boolean canSignIn) {
    static PersonView of(AccountEntity account) {
        return new PersonView(account.id, account.name, account.role, account.headCoach, account.passwordHash != null);
    }
}
