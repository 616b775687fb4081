/** What is to be done, as a calendar program takes it? */
package evencistern.server.exchange.ics;
