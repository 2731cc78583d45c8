/** The people somebody decides for, and one's own year, as lists of what was taken, is booked and is ahead. */
@Uses({"accounts", "employment", "holidays", "platform", "requests.leave"})
package upahead.server.requests.team;

import upahead.server.Uses;
