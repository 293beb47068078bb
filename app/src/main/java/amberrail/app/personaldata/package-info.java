/**
 * What the club keeps about a person: shown, handed out as a file, erased or made nameless. One list of tables stands behind all of it
 * ({@link amberrail.app.personaldata.PersonalTables}); a test holds the list to the database's own references.
 */
package amberrail.app.personaldata;
