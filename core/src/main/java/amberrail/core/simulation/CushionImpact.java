package amberrail.core.simulation;

import amberrail.core.motion.Physics;

/**
 * A ball meets a nose, a jaw or a facing: it rubs on nose and cloth together until it leaves (physics/model.md, section 5, version 2; after Mathavan,
 * Jackson and Parkin 2010).
 *
 * <p>The impulse at the nose per mass, p (m/s), is what grows. The state is integrated over it by the pair of Bogacki and Shampine, orders 3 and 2;
 * both ends, of the compression and of the release, are cut inside a step by the cubic of Hermite. Spins are kept as speeds R·w, so that all five
 * are of one size. One object serves a loop's shots without making garbage; not for two threads at once.
 */
final class CushionImpact {
    /** Slower approaches lose all their normal speed (model.md, section 13). */
    private static final double INELASTIC_BELOW_METRES_PER_SECOND = 1e-4;

    /** Friction is proportional to slip below this share of the approach, and below this speed for approaches under 1 m/s. */
    private static final double SMOOTH_METRES_PER_SECOND = 0.05;

    /** Errors a little too large are let pass and only shorten the next step: a refused step would make the result jump between like hits. */
    private static final double REFUSED_ABOVE = 6;

    private static final double FIRST_STEP = 0.12;
    private static final double MOST_GROWTH = 4;
    private static final double LEAST_GROWTH = 0.2;
    private static final int MOST_STEPS = 2000;

    private static final int NORMAL = 0;
    private static final int ALONG = 1;
    private static final int SPIN_NORMAL = 2;
    private static final int SPIN_ALONG = 3;
    private static final int SPIN_UP = 4;
    /** Work done on the cushion per mass (m²/s²). */
    private static final int WORK = 5;

    private static final int VALUES = 6;

    private double[] state = new double[VALUES];
    private double[] next = new double[VALUES];
    private double[] rate = new double[VALUES];
    private double[] nextRate = new double[VALUES];
    private final double[] cutOff = new double[VALUES];

    private double slopeNormal;
    private double slopeAlong;
    private double slopeSpinNormal;
    private double slopeSpinAlong;
    private double slopeSpinUp;

    private Physics physics;
    private double sine;
    private double cosine;
    private double smoothSquared;
    /** Friction over slip where the slip is within the smoothing. */
    private double noseFrictionWithin;

    private double clothFrictionWithin;
    private double cushionFriction;
    private double slidingFriction;
    private double size;
    private double errorPerStep;
    private int evaluations;

    void begin(Physics newPhysics, Accuracy accuracy) {
        physics = newPhysics;
        errorPerStep = accuracy.cushionErrorPerStep;
        cushionFriction = newPhysics.cushionFriction();
        slidingFriction = newPhysics.slidingFriction();
    }

    /** How often the right side was worked out for the last impact. */
    int evaluations() {
        return evaluations;
    }

    /** The ball's velocity and spin after it; (nx, ny) is the unit vector from the ball into the cushion. */
    void strike(ShotWorkspace w, int ball, double nx, double ny) {
        double tx = -ny;
        double ty = nx;
        double radius = w.radius[ball];
        double approach = w.vx[ball] * nx + w.vy[ball] * ny;
        state[NORMAL] = approach;
        state[ALONG] = w.vx[ball] * tx + w.vy[ball] * ty;
        state[SPIN_NORMAL] = radius * (w.wx[ball] * nx + w.wy[ball] * ny);
        state[SPIN_ALONG] = radius * (w.wx[ball] * tx + w.wy[ball] * ty);
        state[SPIN_UP] = radius * w.wz[ball];
        state[WORK] = 0;
        evaluations = 0;
        if (approach < INELASTIC_BELOW_METRES_PER_SECOND) {
            state[NORMAL] = 0;
        } else {
            sine = w.cushionSine[ball];
            cosine = w.cushionCosine[ball];
            integrate(approach);
        }
        w.vx[ball] = state[NORMAL] * nx + state[ALONG] * tx;
        w.vy[ball] = state[NORMAL] * ny + state[ALONG] * ty;
        w.wx[ball] = (state[SPIN_NORMAL] * nx + state[SPIN_ALONG] * tx) / radius;
        w.wy[ball] = (state[SPIN_NORMAL] * ny + state[SPIN_ALONG] * ty) / radius;
        w.wz[ball] = state[SPIN_UP] / radius;
    }

    private void integrate(double approach) {
        size = Math.max(1, approach);
        double smooth = SMOOTH_METRES_PER_SECOND * size;
        smoothSquared = smooth * smooth;
        noseFrictionWithin = cushionFriction / smooth;
        clothFrictionWithin = slidingFriction / smooth;
        double restitution = physics.cushionRestitutionAt(approach);
        double kept = 1 - restitution * restitution;
        double most = Double.NaN;
        double step = FIRST_STEP * approach;
        slope(state[NORMAL], state[ALONG], state[SPIN_NORMAL], state[SPIN_ALONG], state[SPIN_UP]);
        put(rate, state[NORMAL]);
        for (int tries = 0; tries < MOST_STEPS; tries++) {
            double error = tryStep(step);
            double growth =
                    error == 0 ? MOST_GROWTH : Math.min(MOST_GROWTH, 0.9 * Math.cbrt(errorPerStep * size / error));
            if (error <= REFUSED_ABOVE * errorPerStep * size) {
                if (state[NORMAL] > 0 && next[NORMAL] <= 0) {
                    most = hermite(WORK, step, falls(NORMAL, 0, step, 0));
                }
                if (next[NORMAL] <= 0 && next[WORK] <= kept * most) {
                    double from = state[NORMAL] > 0 ? falls(NORMAL, 0, step, 0) : 0;
                    cut(step, falls(WORK, kept * most, step, from));
                    return;
                }
                swap();
            }
            step *= Math.max(LEAST_GROWTH, growth);
        }
        throw new IllegalStateException("a cushion that does not let go of a ball, approached at " + approach + " m/s");
    }

    /**
     * One step of both orders from the state, into {@link #next} with its rate; the greatest difference of the two orders (m/s). Written out value by
     * value: it is the engine's second most frequent work, and loops over arrays take twice as long.
     */
    private double tryStep(double step) {
        double half = 0.5 * step;
        double n0 = state[NORMAL];
        double t0 = state[ALONG];
        double a0 = state[SPIN_NORMAL];
        double b0 = state[SPIN_ALONG];
        double c0 = state[SPIN_UP];
        double n1 = rate[NORMAL];
        double t1 = rate[ALONG];
        double a1 = rate[SPIN_NORMAL];
        double b1 = rate[SPIN_ALONG];
        double c1 = rate[SPIN_UP];
        double inner = n0 + half * n1;
        slope(inner, t0 + half * t1, a0 + half * a1, b0 + half * b1, c0 + half * c1);
        double w2 = cosine * inner;
        double n2 = slopeNormal;
        double t2 = slopeAlong;
        double a2 = slopeSpinNormal;
        double b2 = slopeSpinAlong;
        double c2 = slopeSpinUp;
        double most = 0.75 * step;
        double later = n0 + most * n2;
        slope(later, t0 + most * t2, a0 + most * a2, b0 + most * b2, c0 + most * c2);
        double w3 = cosine * later;
        double n3 = slopeNormal;
        double t3 = slopeAlong;
        double a3 = slopeSpinNormal;
        double b3 = slopeSpinAlong;
        double c3 = slopeSpinUp;
        double ninth = step / 9;
        next[NORMAL] = n0 + ninth * (2 * n1 + 3 * n2 + 4 * n3);
        next[ALONG] = t0 + ninth * (2 * t1 + 3 * t2 + 4 * t3);
        next[SPIN_NORMAL] = a0 + ninth * (2 * a1 + 3 * a2 + 4 * a3);
        next[SPIN_ALONG] = b0 + ninth * (2 * b1 + 3 * b2 + 4 * b3);
        next[SPIN_UP] = c0 + ninth * (2 * c1 + 3 * c2 + 4 * c3);
        next[WORK] = state[WORK] + ninth * (2 * rate[WORK] + 3 * w2 + 4 * w3);
        slope(next[NORMAL], next[ALONG], next[SPIN_NORMAL], next[SPIN_ALONG], next[SPIN_UP]);
        put(nextRate, next[NORMAL]);
        double error = Math.abs(-5 * n1 + 6 * n2 + 8 * n3 - 9 * slopeNormal);
        error = greater(error, Math.abs(-5 * t1 + 6 * t2 + 8 * t3 - 9 * slopeAlong));
        error = greater(error, Math.abs(-5 * a1 + 6 * a2 + 8 * a3 - 9 * slopeSpinNormal));
        error = greater(error, Math.abs(-5 * b1 + 6 * b2 + 8 * b3 - 9 * slopeSpinAlong));
        error = greater(error, Math.abs(-5 * c1 + 6 * c2 + 8 * c3 - 9 * slopeSpinUp));
        error = greater(error, Math.abs(-5 * rate[WORK] + 6 * w2 + 8 * w3 - 9 * nextRate[WORK]) / size);
        return step / 72 * error;
    }

    /** Of two numbers; {@code Math.max} takes pains over NaN and signs of zero. */
    private static double greater(double one, double other) {
        return one > other ? one : other;
    }

    private void put(double[] rates, double normal) {
        rates[NORMAL] = slopeNormal;
        rates[ALONG] = slopeAlong;
        rates[SPIN_NORMAL] = slopeSpinNormal;
        rates[SPIN_ALONG] = slopeSpinAlong;
        rates[SPIN_UP] = slopeSpinUp;
        rates[WORK] = cosine * normal;
    }

    /** The right side of model.md, section 5, per unit of p, with R·w for w. */
    private void slope(double normal, double along, double spinNormal, double spinAlong, double spinUp) {
        evaluations++;
        double noseAlong = along + spinUp * cosine - spinNormal * sine;
        double noseUp = -normal * sine - spinAlong;
        double noseSquared = noseAlong * noseAlong + noseUp * noseUp;
        double noseFriction =
                noseSquared > smoothSquared ? cushionFriction / Math.sqrt(noseSquared) : noseFrictionWithin;
        double q1 = noseFriction * noseAlong;
        double q2 = noseFriction * noseUp;
        double pressed = sine + q2 * cosine;
        double reaction = pressed > 0 ? pressed : 0;
        double clothNormal = normal - spinAlong;
        double clothAlong = along + spinNormal;
        double clothSquared = clothNormal * clothNormal + clothAlong * clothAlong;
        double clothFriction = reaction
                * (clothSquared > smoothSquared ? slidingFriction / Math.sqrt(clothSquared) : clothFrictionWithin);
        double gN = clothFriction * clothNormal;
        double gT = clothFriction * clothAlong;
        slopeNormal = -cosine + q2 * sine - gN;
        slopeAlong = -q1 - gT;
        slopeSpinNormal = 2.5 * (q1 * sine - gT);
        slopeSpinAlong = 2.5 * (q2 + gN);
        slopeSpinUp = -2.5 * q1 * cosine;
    }

    private double hermite(int value, double step, double share) {
        double rest = 1 - share;
        return rest * rest * ((1 + 2 * share) * state[value] + share * step * rate[value])
                + share * share * ((3 - 2 * share) * next[value] - rest * step * nextRate[value]);
    }

    /** The share of the step, from {@code low} on, at which a value that falls comes down to a level, by bisection and false position. */
    private double falls(int value, double level, double step, double low) {
        double from = low;
        double to = 1;
        double above = hermite(value, step, from) - level;
        double below = next[value] - level;
        for (int i = 0; i < 60 && to - from > 1e-12 && above > 0 && below < 0; i++) {
            double share = i % 3 == 2 ? 0.5 * (from + to) : from + (to - from) * above / (above - below);
            double there = hermite(value, step, share) - level;
            if (there > 0) {
                from = share;
                above = there;
            } else {
                to = share;
                below = there;
            }
        }
        return above <= 0 ? from : to;
    }

    private void cut(double step, double share) {
        for (int i = 0; i < VALUES; i++) {
            cutOff[i] = hermite(i, step, share);
        }
        System.arraycopy(cutOff, 0, state, 0, VALUES);
    }

    private void swap() {
        double[] kept = state;
        state = next;
        next = kept;
        kept = rate;
        rate = nextRate;
        nextRate = kept;
    }
}
