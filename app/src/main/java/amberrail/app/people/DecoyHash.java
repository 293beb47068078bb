package amberrail.app.people;

/** A hash that no password fits, so that an unknown name takes as long to refuse as a wrong password. */
final class DecoyHash {
    private static volatile String hash;

    private DecoyHash() {}

    static String of(PasswordHashing encoder) {
        String made = hash;
        if (made == null) {
            made = encoder.encode("decoy");
            hash = made;
        }
        return made;
    }
}
