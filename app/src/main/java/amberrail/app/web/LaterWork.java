package amberrail.app.web;

/** What a start leaves for a little later: its bean is made, and this done, on one thread behind the first answers. */
public interface LaterWork {
    void afterTheStart();
}
