package amberrail.app.doctor;

/**
 * What was found of one thing.
 *
 * @param advice what to do; empty where all is well
 */
record Finding(State state, String sentence, String advice) {
    enum State {
        GOOD("good "),
        /** It works and should be seen to. */
        LOOK("look "),
        /** A server does not start with it, or not safely. */
        WRONG("WRONG");

        private final String word;

        State(String word) {
            this.word = word;
        }
    }

    static Finding good(String sentence) {
        return new Finding(State.GOOD, sentence, "");
    }

    static Finding look(String sentence, String advice) {
        return new Finding(State.LOOK, sentence, advice);
    }

    static Finding wrong(String sentence, String advice) {
        return new Finding(State.WRONG, sentence, advice);
    }

    @Override
    public String toString() {
        return state.word + "  " + sentence + (advice.isEmpty() ? "" : System.lineSeparator() + "       " + advice);
    }
}
