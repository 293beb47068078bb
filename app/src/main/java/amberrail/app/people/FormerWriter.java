package amberrail.app.people;

import java.util.UUID;

/** The account that stands for everybody who was erased, where others' records name who wrote them. Nobody signs in as it and no list shows it. */
public final class FormerWriter {
    public static final UUID ID = new UUID(0x4000L, 0x8000_0000_0000_0000L);
    public static final String NAME = "Somebody who left";

    private FormerWriter() {}
}
