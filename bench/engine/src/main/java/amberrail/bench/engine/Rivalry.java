package amberrail.bench.engine;

import amberrail.core.simulation.ShotRunner;

/** How much faster than the fixed-step rival the engine is when both are right to a tenth of a millimetre. */
final class Rivalry {
    private static final double WANTED_METRES = 1e-4;
    private static final double COARSEST_SECONDS = 1e-3;
    private static final double FINEST_SECONDS = 1e-9;
    private static final int ENGINE_SHOTS = 200_000;

    private Rivalry() {}

    /** The coarsest step (by halves) from which on the rival stays within a tenth of a millimetre, and what each takes. */
    record Result(double stepSeconds, double rivalSeconds, double engineSeconds) {
        double ratio() {
            return rivalSeconds / engineSeconds;
        }
    }

    static Result of(Scenes.Scene scene) {
        ShotRunner runner = scene.runner();
        double[] exact = new double[2 * scene.balls().size()];
        runner.play(scene.strike(), scene.strike().launchDegrees());
        for (int i = 0; i < scene.balls().size(); i++) {
            boolean gone = runner.result().isPotted(i);
            exact[2 * i] = gone ? Double.NaN : runner.result().xMetres(i);
            exact[2 * i + 1] = gone ? Double.NaN : runner.result().yMetres(i);
        }
        FixedStep rival = new FixedStep(Scenes.PLAN, Scenes.PHYSICS);
        double step = COARSEST_SECONDS;
        // One lucky step proves nothing: the next finer one must agree too.
        int within = 0;
        while (within < 2) {
            step /= 2;
            if (step < FINEST_SECONDS) {
                throw new IllegalStateException("the rival never agrees to 0.1 mm");
            }
            within = far(exact, rival.play(scene.balls(), scene.strike(), step)) < WANTED_METRES ? within + 1 : 0;
        }
        step *= 2;
        long begun = System.nanoTime();
        rival.play(scene.balls(), scene.strike(), step);
        double rivalSeconds = (System.nanoTime() - begun) / 1e9;
        return new Result(step, rivalSeconds, engineSeconds(scene));
    }

    private static double engineSeconds(Scenes.Scene scene) {
        ShotRunner runner = scene.runner();
        double sum = 0;
        long begun = 0;
        for (int i = 0; i < 2 * ENGINE_SHOTS; i++) {
            if (i == ENGINE_SHOTS) {
                begun = System.nanoTime();
            }
            runner.play(scene.strike(), scene.strike().launchDegrees());
            sum += runner.result().xMetres(0);
        }
        double seconds = (System.nanoTime() - begun) / 1e9 / ENGINE_SHOTS;
        if (!Double.isFinite(sum)) {
            throw new IllegalStateException("a shot ended nowhere");
        }
        return seconds;
    }

    private static double far(double[] exact, double[] got) {
        double worst = 0;
        for (int i = 0; i < exact.length; i++) {
            if (Double.isNaN(exact[i]) != Double.isNaN(got[i])) {
                return Double.POSITIVE_INFINITY;
            }
            worst = Double.isNaN(exact[i]) ? worst : Math.max(worst, Math.abs(exact[i] - got[i]));
        }
        return worst;
    }
}
