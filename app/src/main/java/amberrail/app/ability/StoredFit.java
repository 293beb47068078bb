package amberrail.app.ability;

import amberrail.core.statistics.Calibration;
import amberrail.core.statistics.RaschFit;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * The stations of a skill's last whole fit, as they are kept: big-endian numbers, of the variance (symmetric) the lower triangle only.
 *
 * @param asOf when ages were counted from
 */
record StoredFit(Instant asOf, Calibration calibration) {
    private static final int FORM = 1;
    private static final int MOST_STATIONS = 20_000;

    byte[] bytes() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (DataOutputStream out = new DataOutputStream(bytes)) {
            out.writeInt(FORM);
            RaschFit.Prior belief = calibration.belief();
            for (double one : new double[] {
                belief.sdAbility(),
                belief.sdDrift(),
                belief.driftWeeks(),
                belief.sdDrill(),
                belief.sdStation(),
                belief.rho()
            }) {
                out.writeDouble(one);
            }
            out.writeInt(calibration.stations().size());
            for (RaschFit.Station station : calibration.stations()) {
                out.writeUTF(station.id());
                out.writeUTF(station.drill());
                out.writeDouble(station.predicted());
                out.writeDouble(station.slope());
            }
            double[][] variance = calibration.variance();
            out.writeInt(variance.length);
            for (int i = 0; i < variance.length; i++) {
                out.writeDouble(calibration.unknowns()[i]);
                for (int j = 0; j <= i; j++) {
                    out.writeDouble(variance[i][j]);
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException("memory could not be written", impossible);
        }
        return bytes.toByteArray();
    }

    /** @throws IOException if they are not what {@link #bytes} writes */
    static StoredFit of(Instant asOf, byte[] bytes) throws IOException {
        try (DataInputStream in = new DataInputStream(new ByteArrayInputStream(bytes))) {
            if (in.readInt() != FORM) {
                throw new IOException("another form");
            }
            RaschFit.Prior belief = new RaschFit.Prior(
                    in.readDouble(),
                    in.readDouble(),
                    in.readDouble(),
                    in.readDouble(),
                    in.readDouble(),
                    in.readDouble());
            List<RaschFit.Station> stations = new ArrayList<>();
            for (int left = size(in, MOST_STATIONS); left > 0; left--) {
                stations.add(new RaschFit.Station(in.readUTF(), in.readUTF(), in.readDouble(), in.readDouble()));
            }
            double[] unknowns = new double[size(in, 2 * MOST_STATIONS)];
            double[][] variance = new double[unknowns.length][unknowns.length];
            for (int i = 0; i < unknowns.length; i++) {
                unknowns[i] = in.readDouble();
                for (int j = 0; j <= i; j++) {
                    variance[i][j] = in.readDouble();
                    variance[j][i] = variance[i][j];
                }
            }
            return new StoredFit(asOf, new Calibration(stations, belief, unknowns, variance));
        }
    }

    private static int size(DataInputStream in, int most) throws IOException {
        int size = in.readInt();
        if (size < 0 || size > most) {
            throw new IOException("a size of " + size);
        }
        return size;
    }
}
