package amberrail.app.trail;

/** What somebody did with what is kept about another. */
enum Deed {
    SAW,
    CHANGED
}
