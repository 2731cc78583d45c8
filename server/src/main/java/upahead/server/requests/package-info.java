/** Leave: asked for, decided, cancelled, or entered for somebody. */
@Uses({"accounts", "employment", "enrolment", "facts", "holidays", "organisation", "periods", "platform", "policies"})
package upahead.server.requests;

import upahead.server.Uses;
