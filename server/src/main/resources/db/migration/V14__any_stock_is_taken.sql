-- An operation takes anything from the shelf, not only wire: what a list shows of it is called otherwise and is worked out anew, at the
-- back.
update job set glance = null;
update run set glance = null;
