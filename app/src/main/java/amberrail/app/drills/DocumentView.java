package amberrail.app.drills;

import com.fasterxml.jackson.databind.JsonNode;

/**
 * A drill in its own words, as the bench edits it.
 *
 * @param drill    as in docs/formats/drill.schema.json, "drill"
 * @param revision to send with the next change
 * @param played   whether this version was played: then a change makes a new one
 */
record DocumentView(JsonNode drill, DrillFromLibrary.Origin origin, int version, int revision, boolean played) {}
