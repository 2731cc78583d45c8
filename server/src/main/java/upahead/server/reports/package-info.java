/**
 * Answers on paper: each report is one class that declares its columns and finds its rows; the page, sorting, sums and
 * files come by themselves.
 */
@Uses({"accounts", "cards", "employment", "facts", "platform", "policies", "requests", "value"})
package upahead.server.reports;

import upahead.server.Uses;
