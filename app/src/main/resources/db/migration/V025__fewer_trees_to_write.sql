-- Every recorded shot writes a page of each of its indexes anew. These two save nobody a search: whoever asks for a student's results reads all of that
-- student's rows anyway, and what has changed in a session is found among the session's own attempts.
drop index station_result_to_count;
drop index attempt_changed;
