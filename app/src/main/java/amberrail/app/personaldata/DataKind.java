package amberrail.app.personaldata;

/** What is kept about a person, in the order in which it is told. */
enum DataKind {
    ACCOUNT(Fate.GOES),
    COACHES(Fate.GOES),
    SIGN_INS(Fate.GOES),
    NOTICES(Fate.GOES),
    SESSIONS(Fate.OTHERS_STAY),
    ATTEMPTS(Fate.GOES),
    REVISIONS(Fate.GOES),
    RESULTS(Fate.GOES),
    RACKS(Fate.GOES),
    PLANS(Fate.OTHERS_STAY),
    BLOCKS(Fate.GOES),
    GOALS(Fate.GOES),
    CALENDAR(Fate.OTHERS_STAY),
    ROUTINE(Fate.GOES),
    OBSERVATION_WORDS(Fate.GOES),
    TEMPLATE(Fate.GOES),
    CUES(Fate.LOSES_NAME),
    DRILLS(Fate.HANDED_ON),
    SHELF(Fate.GOES),
    CONSENTS(Fate.GOES),
    HAND_OVERS(Fate.GOES),
    SHARE_LINKS(Fate.GOES),
    TOKENS(Fate.GOES),
    TRAIL(Fate.GOES),
    WRITTEN_FOR_OTHERS(Fate.LOSES_NAME);

    /** What becomes of it when the person is erased. */
    enum Fate {
        GOES,
        /** What is theirs goes; what others have of it stays theirs. */
        OTHERS_STAY,
        /** It stays, and nobody can tell whose it was. */
        LOSES_NAME,
        /** It becomes the head coach's. */
        HANDED_ON
    }

    private final Fate fate;

    DataKind(Fate fate) {
        this.fate = fate;
    }

    Fate fate() {
        return fate;
    }
}
