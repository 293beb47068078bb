package amberrail.app.tokens;

import org.springframework.http.HttpMethod;

/** How far a token goes. Never: passwords, sign-ins, tokens, people, backups, or what is kept about somebody. */
enum TokenScope {
    /** Looks at what its owner may see. */
    READ(
            "This token may look at practice, and nothing else. To record, or for what is about people and accounts, use another or sign in."),
    /** And records attempts and racks for them. */
    RECORD(
            "This token may look at practice and record, and nothing else. For what is about people and accounts, sign in."),
    /** Reads how the server does, and nothing of anybody; only the head coach makes one. */
    METRICS("This token may read how the server does, and nothing else.");

    private static final String HOW_IT_DOES = "/actuator/prometheus";

    private static final String API = "/api/v1/";

    private final String sentence;

    TokenScope(String sentence) {
        this.sentence = sentence;
    }

    /** Where a token is used for more. */
    String sentence() {
        return sentence;
    }

    boolean allows(String method, String path) {
        if (this == METRICS) {
            return HttpMethod.GET.matches(method) && path.equals(HOW_IT_DOES);
        }
        if (!path.startsWith(API) || isKept(path.substring(API.length()))) {
            return false;
        }
        if (HttpMethod.GET.matches(method) || HttpMethod.HEAD.matches(method)) {
            return true;
        }
        String rest = path.substring(API.length());
        boolean writes = HttpMethod.PUT.matches(method) || HttpMethod.POST.matches(method);
        return this == RECORD
                && writes
                && (rest.equals("sessions") || rest.startsWith("sessions/") || rest.startsWith("racks/"));
    }

    /** What stays between people and their own browser. */
    private static boolean isKept(String path) {
        return path.startsWith("me/")
                || path.startsWith("people")
                || path.startsWith("backups")
                || path.startsWith("roster")
                || path.startsWith("invitations")
                || path.startsWith("sign-")
                || path.startsWith("club/")
                || path.startsWith("hand-overs")
                || path.startsWith("installation")
                || path.contains("/report-links");
    }
}
