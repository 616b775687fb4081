/** What ails a plant? From what is seen of it and what its record says: what is likely, what to look at next, what to do first. */
package evencistern.ailment;
