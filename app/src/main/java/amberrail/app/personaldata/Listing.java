package amberrail.app.personaldata;

/**
 * A question for what is kept about a person; every {@code :id} in it is their account's. Columns of others' ids are not asked for, secrets neither.
 *
 * @param name of the file that it becomes, without its ending
 * @param when the column by which first and last are told; empty where there is no time
 */
record Listing(DataKind kind, String name, String when, String sql) {}
