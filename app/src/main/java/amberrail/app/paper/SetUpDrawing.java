package amberrail.app.paper;

import amberrail.app.drills.DemandView;
import amberrail.app.drills.ShotView;
import amberrail.app.drills.ZoneView;
import amberrail.app.kit.PointView;
import amberrail.app.kit.TableDrawing;
import amberrail.app.paper.Canvas.Ink;
import amberrail.app.paper.Canvas.Stroke;
import amberrail.core.drill.BallPlacement;
import java.io.IOException;
import java.util.List;

/** A shot's set-up on its table, to scale: cloth, cushions, pockets, markings, what is asked, and the balls. */
public final class SetUpDrawing {
    /** Wood round the cushions, as on the screen. */
    public static final double WOOD_MILLIMETRES = 88;

    private static final double SIGHT_MILLIMETRES = 14;
    private static final double LABEL_SHARE = 0.42;

    private SetUpDrawing() {}

    /** The rectangle of the drawing that is shown, by its lower left corner (mm). */
    record Frame(double leftMillimetres, double bottomMillimetres, double widthMillimetres, double heightMillimetres) {}

    /** The whole table, wood included. */
    static Frame frame(TableDrawing table) {
        double margin = table.cushionDepthMillimetres() + WOOD_MILLIMETRES;
        return new Frame(
                -margin, -margin, table.lengthMillimetres() + 2 * margin, table.widthMillimetres() + 2 * margin);
    }

    public static void draw(Canvas canvas, TableDrawing table, ShotView shot) throws IOException {
        table(canvas, table);
        for (DemandView demand : shot.demands()) {
            demand(canvas, demand);
        }
        if (shot.pot() != null) {
            PointView cue = place(shot, BallPlacement.Role.CUE);
            canvas.line(List.of(cue, shot.pot().ghostBall()), false, Stroke.dashed(Ink.BLACK, 4, 24));
            canvas.line(
                    List.of(place(shot, BallPlacement.Role.OBJECT), shot.pot().objectPathEnd()),
                    false,
                    Stroke.solid(Ink.OBJECT_BALL, 4));
            canvas.circle(
                    shot.pot().ghostBall(),
                    table.cueBallDiameterMillimetres() / 2,
                    null,
                    Stroke.dashed(Ink.BLACK, 3, 10));
        }
        for (ShotView.BallView ball : shot.balls()) {
            ball(canvas, ball);
        }
    }

    private static void table(Canvas canvas, TableDrawing table) throws IOException {
        double edge = table.cushionDepthMillimetres();
        canvas.polygon(box(table, edge + WOOD_MILLIMETRES), Ink.WOOD);
        canvas.polygon(box(table, edge), Ink.CLOTH);
        for (TableDrawing.PocketView pocket : table.pockets()) {
            canvas.circle(pocket.centre(), pocket.radiusMillimetres(), Ink.POCKET, null);
        }
        for (List<PointView> cushion : table.cushions()) {
            canvas.polygon(cushion, Ink.CUSHION);
        }
        canvas.line(table.headLine(), false, Stroke.solid(Ink.GREY, 3));
        for (PointView spot : table.spots()) {
            canvas.circle(spot, 6, Ink.GREY, null);
        }
        for (PointView s : table.sights()) {
            double x = s.xMillimetres();
            double y = s.yMillimetres();
            canvas.polygon(
                    List.of(
                            new PointView(x - SIGHT_MILLIMETRES, y),
                            new PointView(x, y + SIGHT_MILLIMETRES),
                            new PointView(x + SIGHT_MILLIMETRES, y),
                            new PointView(x, y - SIGHT_MILLIMETRES)),
                    Ink.WHITE);
        }
        if (table.drift() != null) {
            drift(canvas, table, Math.toRadians(table.drift().degrees()));
        }
    }

    /** Which way a slow ball is drawn: a small arrow in a corner of the bed, where the screen has it. */
    private static void drift(Canvas canvas, TableDrawing table, double radians) throws IOException {
        PointView middle = new PointView(0.045 * table.lengthMillimetres(), 0.8 * table.widthMillimetres());
        double dx = Math.cos(radians);
        double dy = Math.sin(radians);
        PointView tip = moved(middle, 55 * dx, 55 * dy);
        canvas.line(
                List.of(moved(middle, -55 * dx, -55 * dy), moved(middle, 20 * dx, 20 * dy)),
                false,
                Stroke.solid(Ink.BLACK, 9));
        canvas.polygon(
                List.of(
                        tip,
                        moved(tip, -42 * dx + 26 * dy, -42 * dy - 26 * dx),
                        moved(tip, -42 * dx - 26 * dy, -42 * dy + 26 * dx)),
                Ink.BLACK);
    }

    private static PointView moved(PointView from, double x, double y) {
        return new PointView(from.xMillimetres() + x, from.yMillimetres() + y);
    }

    private static void demand(Canvas canvas, DemandView demand) throws IOException {
        if (demand.zone() != null) {
            zone(canvas, demand.zone());
        }
        if (demand.line() != null) {
            canvas.line(demand.line(), false, Stroke.dashed(Ink.OBJECT_BALL, 8, 16));
        }
    }

    private static void zone(Canvas canvas, ZoneView zone) throws IOException {
        Stroke edge = Stroke.solid(Ink.AMBER, 7);
        if (zone.radiusMillimetres() == null) {
            canvas.line(zone.outline(), true, edge);
            return;
        }
        canvas.circle(zone.centre().place(), zone.radiusMillimetres(), null, edge);
        for (ZoneView.RingView ring : zone.rings()) {
            canvas.circle(zone.centre().place(), ring.radiusMillimetres(), null, Stroke.solid(Ink.AMBER, 4));
        }
    }

    private static void ball(Canvas canvas, ShotView.BallView ball) throws IOException {
        Ink ink = switch (ball.role()) {
            case CUE -> Ink.CUE_BALL;
            case OBJECT -> Ink.OBJECT_BALL;
            case NEXT -> Ink.NEXT_BALL;
            case BLOCKER -> Ink.BLOCKER;
        };
        PointView at = ball.at().place();
        canvas.circle(at, ball.diameterMillimetres() / 2, ink, Stroke.solid(Ink.BLACK, 3));
        if (ball.role() == BallPlacement.Role.CUE) {
            canvas.circle(at, 0.13 * ball.diameterMillimetres(), Ink.AMBER, null);
        } else if (ball.label().length() <= 2) {
            canvas.label(ball.label(), at, LABEL_SHARE * ball.diameterMillimetres(), Ink.WHITE);
        }
    }

    private static PointView place(ShotView shot, BallPlacement.Role role) {
        return shot.balls().stream()
                .filter(ball -> ball.role() == role)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("a shot without a ball of role " + role))
                .at()
                .place();
    }

    /** The bed's rectangle, larger by a margin on every side. */
    static List<PointView> box(TableDrawing table, double margin) {
        double right = table.lengthMillimetres() + margin;
        double top = table.widthMillimetres() + margin;
        return List.of(
                new PointView(-margin, -margin),
                new PointView(right, -margin),
                new PointView(right, top),
                new PointView(-margin, top));
    }
}
