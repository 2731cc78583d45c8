/** How time is earned: each earning method is one file that turns rules into postings. */
package upahead.core.earning;
