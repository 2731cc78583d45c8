/**
 * The whole company in one file: a zip of CSV tables and a JSON description, written by the running program and taken in
 * by one that starts on an empty folder. Knows tables only by what the database says of them, so it never lags behind.
 */
@Uses({"platform"})
package upahead.server.company;

import upahead.server.Uses;
