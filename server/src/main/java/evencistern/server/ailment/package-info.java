/** What ails a lot: what was seen of it, beside what its record says. */
package evencistern.server.ailment;
