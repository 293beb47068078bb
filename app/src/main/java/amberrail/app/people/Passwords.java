package amberrail.app.people;

import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Stores passwords that were checked and hashed before, since both take their time, and ends what was signed in by the one before. */
@Component
class Passwords {
    private final AccountRepository accounts;
    private final OpenSignIns signIns;
    private final AccountNotices notices;

    Passwords(AccountRepository accounts, OpenSignIns signIns, AccountNotices notices) {
        this.accounts = accounts;
        this.signIns = signIns;
        this.notices = notices;
    }

    /**
     * {@link Conflict} where somebody else has set another one since.
     *
     * @param seen the account as it was when its present password was asked for
     * @param keptSessionId of the sign-in that does it; all others end
     */
    @Transactional
    public void change(AccountEntity seen, String hash, String keptSessionId) {
        AccountEntity account = accounts.hold(seen.id).orElseThrow(() -> new Missing("person"));
        if (!seen.passwordHash.equals(account.passwordHash)) {
            throw new Conflict(
                    "PASSWORD_CHANGED",
                    "This password has just been changed elsewhere. Nothing was changed here.",
                    null);
        }
        account.passwordHash = hash;
        signIns.endAllBut(keptSessionId, account.id);
        notices.tell(account.id, AccountNotice.Kind.PASSWORD_CHANGED, account.name);
    }
}
