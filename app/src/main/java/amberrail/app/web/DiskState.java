package amberrail.app.web;

/** Whether there is still room for what people record; told by whoever watches the disk. */
public interface DiskState {
    boolean isAlmostFull();
}
