-- few of very many requests wait for an answer, and few days are asked to be cancelled
create index leave_request_by_state on leave_request (state);
create index leave_day_cancel_asked on leave_day (cancel_asked);
