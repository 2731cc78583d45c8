/** Reads case files, runs them through the core and prints what comes out. */
package upahead.rehearsal;
