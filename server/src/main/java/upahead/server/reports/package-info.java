/**
 * Answers on paper: each report is one class that declares its columns and finds its rows; the page, sorting and files come
 * by themselves.
 */
@Uses({"accounts", "employment", "facts", "platform", "policies"})
package upahead.server.reports;

import upahead.server.Uses;
