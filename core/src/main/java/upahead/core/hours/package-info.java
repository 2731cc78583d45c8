/** Hours worked, recorded or expected, and the days they fall on. */
package upahead.core.hours;
