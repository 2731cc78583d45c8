/** Single sign-on by OpenID Connect: who somebody is to the provider, and who that is here. */
@Uses({"platform.access", "platform.audit", "platform.problems"})
package upahead.server.platform.access.provider;

import upahead.server.Uses;
