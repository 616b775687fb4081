/** The days of feeding of a whole garden, chosen together; and what becomes of it while nobody is there. */
package evencistern.server.calendar;
