/** Policies and their versions: the rules, without the people. */
package upahead.core.policy;
