package amberrail.app.web;

import org.springframework.web.filter.OncePerRequestFilter;

/** Is passed by a request whose body was awaited, too: that one comes as a second dispatch ({@link BodyArrivalFilter}), which Spring's own would let by. */
public abstract class EveryDispatchFilter extends OncePerRequestFilter {
    @Override
    protected final boolean shouldNotFilterAsyncDispatch() {
        return false;
    }
}
