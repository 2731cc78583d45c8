/** What happened to one person under one policy: the input of the computation. */
package upahead.core.facts;
