/** Employments and what changes in them on dates. */
package upahead.core.people;
