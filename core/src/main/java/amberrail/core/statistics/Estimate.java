package amberrail.core.statistics;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/** A figure, or the reason why there is none yet. */
public sealed interface Estimate<T> {

    static <T> Estimate<T> known(T value) {
        return new Known<>(value);
    }

    static <T> Estimate<T> notYet(Reason reason) {
        return new NotYet<>(reason);
    }

    /** The figure if there is one. */
    Optional<T> value();

    /** The reason if there is no figure. */
    Optional<Reason> reason();

    /** The figure turned into another; a missing one keeps its reason. */
    <S> Estimate<S> map(Function<? super T, ? extends S> change);

    record Known<T>(T held) implements Estimate<T> {
        public Known {
            Objects.requireNonNull(held);
        }

        @Override
        public Optional<T> value() {
            return Optional.of(held);
        }

        @Override
        public Optional<Reason> reason() {
            return Optional.empty();
        }

        @Override
        public <S> Estimate<S> map(Function<? super T, ? extends S> change) {
            return new Known<>(change.apply(held));
        }
    }

    record NotYet<T>(Reason why) implements Estimate<T> {
        public NotYet {
            Objects.requireNonNull(why);
        }

        @Override
        public Optional<T> value() {
            return Optional.empty();
        }

        @Override
        public Optional<Reason> reason() {
            return Optional.of(why);
        }

        @Override
        public <S> Estimate<S> map(Function<? super T, ? extends S> change) {
            return new NotYet<>(why);
        }
    }
}
