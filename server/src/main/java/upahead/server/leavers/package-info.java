/**
 * What becomes of the names of those who left: a set time after the last day, or by hand, whatever says who somebody was
 * is removed, and figures, closed runs and their proof stay.
 */
@Uses({"company", "employment", "periods", "platform"})
package upahead.server.leavers;

import upahead.server.Uses;
