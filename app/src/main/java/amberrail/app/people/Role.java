package amberrail.app.people;

/** What an account is for. */
public enum Role {
    COACH,
    STUDENT
}
