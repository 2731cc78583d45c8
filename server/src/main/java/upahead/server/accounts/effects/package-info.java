/** What a draft or an exception would change for everybody concerned, before it holds. */
@Uses({"accounts", "employment", "enrolment", "organisation", "periods", "platform", "policies"})
package upahead.server.accounts.effects;

import upahead.server.Uses;
