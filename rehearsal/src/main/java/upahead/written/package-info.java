/**
 * The terms of a policy as they are written in JSON: in case files, in the database and over HTTP, all in the one way of
 * the calculation contract, "The case file". What is null is left out.
 */
package upahead.written;
