-- What a list shows is kept in today's terms: a refusal was a sentence and is codes and values, copies of a form were called pieces. What
-- was kept is worked out anew, at the back.
update job set glance = null;
update run set glance = null;
