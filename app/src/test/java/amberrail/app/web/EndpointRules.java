package amberrail.app.web;

import amberrail.app.testing.AppTest;

/** What is said of an endpoint: a body that it takes, and what it answers to whom. */
abstract class EndpointRules extends AppTest {
    static final int OK = 200;
    static final int CREATED = 201;
    static final int ACCEPTED = 202;
    static final int NO_CONTENT = 204;
    static final int SIGNED_OUT = 401;
    static final int FORBIDDEN = 403;
    static final int NOT_FOUND = 404;
    static final int BAD_REQUEST = 400;
    static final int CONFLICT = 409;

    /** One endpoint and the statuses for head coach (who coaches the student), the student, other coach, other student. */
    record Rule(String method, String path, Object body, int head, int self, int otherCoach, int otherStudent) {}

    /** What is the head coach's own; for anybody else it is not there. */
    static Rule ownersOnly(String method, String path, Object body, int status) {
        return new Rule(method, path, body, status, NOT_FOUND, NOT_FOUND, NOT_FOUND);
    }

    static Rule coaches(String method, String path, Object body, int status) {
        return new Rule(method, path, body, status, FORBIDDEN, status, FORBIDDEN);
    }

    static Rule everybody(String method, String path, Object body) {
        return new Rule(method, path, body, OK, OK, OK, OK);
    }
}
