-- Every recorded shot asks for its student's attempts in its session. Between the indexes by session and by student H2 chooses by its statistics,
-- which know whole hundredths only, and from a few thousand attempts on it took the student's: all that they had ever played, for every shot.
create index attempt_at_station on attempt (session_id, student_id, drill_id, station, sequence);
